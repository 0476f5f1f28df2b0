import type { Day } from '../climate/days';
import { containerSums, plantedMass } from '../containers';
import { LIFT_KG } from '../containers/cautions';
import type { Season } from '../growth/grown';
import { grow } from '../growth/season';
import { flowerLostTo } from '../growth/thirst';
import { factsOf } from '../plants/facts';
import type { Facts } from '../plants/traits';
import { plantName, type Plant } from '../plants/schema';
import { ballsL, resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { clamp, sum } from '../units/number';
import { balanceOf, NEVER, type Watered } from './balance';
import { exposureOf, sunShare, sunShareOn } from './stand';

/**
 * Days in dry mix at 25°C before a plant of a class is dead. Working figures: a petunia is limp on the first
 * and past help on the third; a succulent waits weeks.
 */
const BEARS_DAYS: Record<Plant['water'], number> = { thirsty: 3, moderate: 5, dry: 18 };
/** What is woody, or lives for years, bears more. Working figure. */
const TOUGHER = 1.6;
const TOUGH: readonly Facts['life'][] = ['shrub', 'hardy perennial'];

/** What dies of one wilt has so much less time. Working figure. */
const FRAIL = 0.5;

const bears = (plant: Plant): number =>
  BEARS_DAYS[plant.water] *
  (factsOf(plant).wilt === 'dies' ? FRAIL : 1) *
  (TOUGH.includes(factsOf(plant).life) || plant.habit === 'fan' ? TOUGHER : 1);
const AT_C = 25;
/** A cool day counts less, a hot one more, within these. Working figures. */
const HEAT: readonly [number, number] = [0.4, 1.8];

/** A shady corner: hours of direct sun, and out of the wind on the ground. */
const SHADE_HOURS = 1;
/** How often a neighbour looks in: the least frequent visits that keep it alive, in days. */
const VISITS = [3, 2, 1] as const;
/** A tray under it holds this share of the mix’s volume. Working figure: a deep saucer. */
const TRAY_SHARE = 0.2;
/** A drip is set to an ordinary day’s use and a quarter over. Working figure. */
const DRIP_SPARE = 1.25;

/** A plant that would die while nobody is there. */
export interface Dying {
  id: string;
  name: string;
  on: string;
}

/**
 * A plant that lives and loses its flower to thirst: for so many weeks it has hardly any, and is whole after
 * so many.
 */
export interface Fading {
  id: string;
  name: string;
  bareWeeks: number;
  wholeWeeks: number;
}

/** One way to bring a container through, who dies all the same, and who loses flower. */
export interface SavingWay {
  how: 'shade' | 'neighbour' | 'tray' | 'drip';
  /** What it takes: days between, or litres. */
  amount: number;
  dying: Dying[];
  fading: Fading[];
}

/** What comes of leaving a container for some days. */
export interface LeftAlone {
  /** The first day on which it lacks water; null where it lasts. */
  dryOn: string | null;
  dying: Dying[];
  /** Who lives, and pays in flower. */
  fading: Fading[];
  /** What would help, the easiest first: each with who would still die. Empty where nothing is lost. */
  savings: SavingWay[];
}

/** What the days cost: when it goes dry, who dies, who loses flower. */
type Cost = Pick<LeftAlone, 'dryOn' | 'dying' | 'fading'>;

/** A day short of this share of the water asked for is a dry one: leaves hang by noon. Working figure. */
const WILTS = 0.4;

/** How often a container went from moist to dry. */
const dryingsIn = (shares: readonly number[]): number =>
  shares.filter((s, i) => s >= WILTS && (shares[i - 1] ?? 0) < WILTS).length;

/** What days without anybody cost. Each plant once, in the order they go. */
function costOf(planting: Planting, days: readonly Day[], watered: Watered): Cost {
  const season = grow(planting);
  const balance = balanceOf(planting, days, watered, season);
  const doses: number[] = [];
  const short = balance.map(({ lackedL, usedL }) => (lackedL + usedL > 0 ? lackedL / (lackedL + usedL) : 0));
  short.forEach((share, i) => {
    const heat = clamp((days[i]?.highC ?? AT_C) / AT_C, ...HEAT);
    doses.push((doses.at(-1) ?? 0) + share * heat);
  });
  const here = (from: string | null, until: string | null, on: string) =>
    (from === null || from <= on) && (until === null || until > on);
  const dying = resolve(planting).flatMap((p): Dying[] => {
    const i = doses.findIndex((d) => d >= bears(p.plant));
    const on = days[i]?.date;
    return on && here(p.from, p.until, on) ? [{ id: p.id, name: plantName(p.plant), on }] : [];
  });
  const dead = new Set(dying.map((d) => d.id));
  const times = dryingsIn(short);
  const flowers = season.weeks[weekOf(planting, days[0]?.date ?? planting.startDate, season)]?.plants ?? [];
  const fading = resolve(planting).flatMap((p, i): Fading[] => {
    const lost = flowerLostTo(p.plant, times);
    const shows = (flowers[i]?.bloom ?? 0) >= IN_FLOWER;
    if (!lost || lost.bare === 0 || !shows || dead.has(p.id)) return [];
    return [{ id: p.id, name: plantName(p.plant), bareWeeks: lost.bare, wholeWeeks: lost.whole }];
  });
  return {
    dryOn: balance.find((d) => d.lackedL > 0)?.date ?? null,
    dying: dying.sort((a, b) => a.on.localeCompare(b.on)),
    fading: fading.sort((a, b) => b.wholeWeeks - a.wholeWeeks),
  };
}

/** With less flower than this a plant has none to lose. Working figure. */
const IN_FLOWER = 0.1;

const weekOf = ({ startDate }: Planting, date: string, { weeks }: Season): number =>
  Math.max(0, Math.min(weeks.length - 1, Math.floor(daysBetween(startDate, date) / 7)));

/** What a container drinks in a sheltered, shady corner on the ground, of what it drinks in its place. */
function shadedShare(planting: Planting, date: string): number {
  const corner = {
    container: { ...planting.container, mount: 'ground' as const },
    spot: { ...planting.spot, wind: 'sheltered' as const },
  };
  const there = sunShare(SHADE_HOURS) * exposureOf(corner);
  return Math.min(1, there / (sunShareOn(planting, date) * exposureOf(planting)));
}

const nothingLost = ({ dying, fading }: Cost): boolean => dying.length + fading.length === 0;
const lostIn = ({ dying, fading }: Cost) => ({ dying, fading });

/** What can be tried for a container. */
function helpsFor(
  planting: Planting,
  days: readonly Day[],
): { how: SavingWay['how']; amount: number; watered: Watered }[] {
  const { container } = planting;
  const tray = containerSums(container).fillL * TRAY_SHARE;
  const soakedKg = plantedMass(container, ballsL(planting.placements), 'soaked').totalKg;
  const use = sum(balanceOf(planting, days).map((d) => d.usedL)) / Math.max(1, days.length);
  const visits = (every: number) => new Set(days.filter((_, i) => i > 0 && i % every === 0).map((d) => d.date));
  const enough = VISITS.find((every) => nothingLost(costOf(planting, days, { by: visits(every) }))) ?? 1;
  const drip = use * DRIP_SPARE;
  return [
    ...((container.mount === 'ground' || container.mount === 'hook') && soakedKg <= LIFT_KG
      ? [{ how: 'shade' as const, amount: 0, watered: { by: NEVER, use: shadedShare(planting, days[0]?.date ?? '') } }]
      : []),
    ...(container.mount === 'ground'
      ? [{ how: 'tray' as const, amount: tray, watered: { by: NEVER, trayL: tray } }]
      : []),
    { how: 'neighbour', amount: enough, watered: { by: visits(enough) } },
    { how: 'drip', amount: drip, watered: { by: NEVER, dripL: drip } },
  ];
}

/**
 * What comes of leaving a container over some days, filled on the morning of the first: who dies and when, and what
 * would have saved them, each reckoned. `dripL` is what a timer gives already. Throws UnknownPlantError.
 */
export function awayOver(planting: Planting, days: readonly Day[], dripL = 0): LeftAlone {
  const left = costOf(planting, days, { by: NEVER, dripL });
  const savings = nothingLost(left)
    ? []
    : helpsFor(planting, days)
        .map(({ how, amount, watered }) => ({
          how,
          amount,
          ...lostIn(costOf(planting, days, { dripL, ...watered })),
        }))
        .filter((s) => s.dying.length < left.dying.length || s.fading.length < left.fading.length);
  return { ...left, savings };
}

import type { Day } from '../climate/days';
import { containerSums, plantedMass } from '../containers';
import { LIFT_KG } from '../containers/cautions';
import { grow } from '../growth/season';
import { factsOf } from '../plants/facts';
import type { Facts } from '../plants/traits';
import { plantName, type Plant } from '../plants/schema';
import { ballsL, resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { clamp, sum } from '../units/number';
import { balanceOf, NEVER, type Watered } from './balance';
import { exposureOf, sunShare, sunShareOn } from './stand';

/** Days in dry mix at 25 °C before a plant of a class is dead. Working figures: a petunia is limp on the first and past help on the third; a succulent waits weeks. */
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
/** How often a neighbour looks in: the seldomest that brings it through, in days. */
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

/** One way to bring a container through, and who dies all the same. */
export interface Saving {
  how: 'shade' | 'neighbour' | 'tray' | 'drip';
  /** What it takes: days between, or litres. */
  amount: number;
  dying: Dying[];
}

/** What comes of leaving a container for some days. */
export interface Away {
  /** The first day on which it lacks water; null where it lasts. */
  dryOn: string | null;
  dying: Dying[];
  /** What would help, the easiest first: each with who would still die. Empty where nobody does. */
  savings: Saving[];
}

/** Who dies of how dry the days are. Each plant once, in the order they go. */
function dyingIn(planting: Planting, days: readonly Day[], watered: Watered): { dryOn: string | null; dying: Dying[] } {
  const season = grow(planting);
  const balance = balanceOf(planting, days, watered, season);
  const doses: number[] = [];
  balance.forEach(({ lackedL, usedL }, i) => {
    const share = lackedL + usedL > 0 ? lackedL / (lackedL + usedL) : 0;
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
  return {
    dryOn: balance.find((d) => d.lackedL > 0)?.date ?? null,
    dying: dying.sort((a, b) => a.on.localeCompare(b.on)),
  };
}

/** What a container drinks in a sheltered, shady corner on the ground, of what it drinks in its place. */
function shadedShare(planting: Planting, date: string): number {
  const corner = {
    container: { ...planting.container, mount: 'ground' as const },
    spot: { ...planting.spot, wind: 'sheltered' as const },
  };
  const there = sunShare(SHADE_HOURS) * exposureOf(corner);
  return Math.min(1, there / (sunShareOn(planting, date) * exposureOf(planting)));
}

/** What can be tried for a container. */
function helpsFor(
  planting: Planting,
  days: readonly Day[],
): { how: Saving['how']; amount: number; watered: Watered }[] {
  const { container } = planting;
  const tray = containerSums(container).fillL * TRAY_SHARE;
  const soakedKg = plantedMass(container, ballsL(planting.placements), 'soaked').totalKg;
  const use = sum(balanceOf(planting, days).map((d) => d.usedL)) / Math.max(1, days.length);
  const visits = (every: number) => new Set(days.filter((_, i) => i > 0 && i % every === 0).map((d) => d.date));
  const enough = VISITS.find((every) => dyingIn(planting, days, { by: visits(every) }).dying.length === 0) ?? 1;
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
export function awayOver(planting: Planting, days: readonly Day[], dripL = 0): Away {
  const left = dyingIn(planting, days, { by: NEVER, dripL });
  const savings =
    left.dying.length === 0
      ? []
      : helpsFor(planting, days)
          .map(({ how, amount, watered }) => ({
            how,
            amount,
            dying: dyingIn(planting, days, { dripL, ...watered }).dying,
          }))
          .filter((s) => s.dying.length < left.dying.length);
  return { ...left, savings };
}

import type { Day } from '../climate/days';
import { containerSums } from '../containers';
import { MATERIALS } from '../containers/materials';
import { shapeOf } from '../containers/shapes';
import { rimOf } from '../containers/outline';
import type { Season } from '../growth/grown';
import { mixOf } from '../materials/mixes';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { factsOf } from '../plants/facts';
import { type Drinking, drinkingIn } from './canopy';
import { referenceMm } from './evaporation';

/** Bare damp mix gives off so much, against grass. Working figure. */
const SOIL = 0.35;
/** What wind and hanging free do. Working figures. */
const EXPOSURE = { sheltered: 0.8, open: 1, windy: 1.2 } as const;
const HANGS = 1.5;
/** Where nobody said where the spot lies: middle latitudes. Working figure. */
const LATITUDE = 50;
const L_PER_MM_M2 = 1;
const MM2_PER_M2 = 1e6;

/** Water that mix gives up to roots, litres a litre. Usual range for peat-free, bark and coir mixes 0.25–0.30; gritty a fifth. */
const USABLE = { ordinary: 0.28, acid: 0.28, gritty: 0.21 } as const;
/** What is held back before it is watered again: half gone for what drinks, four fifths for what lives dry. Practice. */
const GONE = { thirsty: 0.5, dry: 0.8 } as const;
/** Of the leaf over a container, so much sheds rain beside it. Working figure: a dense crown sheds a third and more. */
const SHED = 0.4;
/** Rain that reaches under half a roof, and under a whole one. */
const REACHES = { open: 1, part: 0.5, none: 0 } as const;

export const latitudeOf = ({ spot }: Pick<Planting, 'spot'>): number =>
  spot.light.kind === 'clock' ? spot.light.latitude : LATITUDE;

/** What hangs or stands raised in the air all round dries faster. */
function exposureOf({ spot, container }: Pick<Planting, 'spot' | 'container'>): number {
  const hangs = container.mount === 'hook' || shapeOf(container.shape).backless ? HANGS : 1;
  return EXPOSURE[spot.wind] * hangs;
}

/** The opening of a container, m². */
const rimM2 = ({ container }: Pick<Planting, 'container'>): number => {
  const { wide, deep } = rimOf(container.shape);
  const round = shapeOf(container.shape).family === 'box' ? 1 : Math.PI / 4;
  return (wide * deep * round) / MM2_PER_M2;
};

/** Litres a container uses on a day: evaporation on its leaf and on the mix between, by class, exposure and wall. */
export function usedL(planting: Planting, drinking: Drinking, day: Day): number {
  const et = referenceMm(latitudeOf(planting), day.date, day.highC, day.lowC);
  const bare = Math.max(0, rimM2(planting) - drinking.areaM2);
  const wall = MATERIALS[planting.container.material].wallFactor;
  return et * (drinking.areaM2 * drinking.factor + bare * SOIL) * exposureOf(planting) * wall * L_PER_MM_M2;
}

/** Litres of a day’s rain that reach the mix; leaves shed part of it. */
export function rainL(planting: Planting, drinking: Drinking, { rainMm }: Day): number {
  const rim = rimM2(planting);
  const covered = Math.min(1, drinking.areaM2 / rim);
  return rainMm * rim * REACHES[planting.spot.rain] * (1 - SHED * covered) * L_PER_MM_M2;
}

/** What a container holds for its roots, and how much of it may go before it is watered again, litres. */
export function storeOf(planting: Planting): { usableL: number; spendL: number } {
  const usableL = containerSums(planting.container).fillL * USABLE[mixOf(planting)] + planting.container.reservoirL;
  return { usableL, spendL: usableL * goneOf(planting) };
}

/** What dries between waterings is not drowned with the thirsty: only where all of it lives dry is more let go. */
function goneOf(planting: Planting): number {
  const kinds = resolve(planting).map((p) => p.plant);
  const dry = kinds.length > 0 && kinds.every((p) => p.water === 'dry' || factsOf(p).rhythm === 'dries out');
  return dry ? GONE.dry : GONE.thirsty;
}

/** The leaf on a day, from the season of the planting. */
export function drinkingOn(planting: Planting, season: Season, date: string): Drinking {
  const week = Math.floor(daysBetween(planting.startDate, date) / 7);
  return drinkingIn(season, week < 0 ? undefined : season.weeks[Math.min(week, season.weeks.length - 1)]);
}

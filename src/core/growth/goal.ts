import { meanC } from '../climate';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { StartSize } from '../plants/starts';
import type { Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { monthPosition } from '../units/date';
import { keptBy, keptIn } from '../units/keep';
import { lerp, mean } from '../units/number';
import { lasts, sizeInLeaf, stalks, type Size } from './bench';
import { bindsIn } from './bound';
import { roomShareOf } from './room';
import { sunShareOf } from './sun-share';
import { warmthShare } from './warmth';

/** What a plant is heading for here: its size, mm, and the share of full flower it will carry. */
export interface Goal extends Size {
  flower: number;
  /** What measures have taught of its pace here. */
  paceBy: number;
  /** Whether its roots fill the mix in time. */
  binds: boolean;
}

/**
 * How far up the range on its record a plant ends in a container. Fitted to a summer’s growth, and for what
 * lasts to the share of its grown size that a summer brings.
 */
const UP_THE_RANGE = {
  aSummer: { height: 0.64, spread: 0.7, trail: 0.7 },
  lasting: { height: 0.56, spread: 0.69, trail: 0.76 },
} as const;
/**
 * What flowers on stalks over its leaf reaches its height in the first summer. Fitted to lavender, meadow
 * sage and coneflower.
 */
const STALKS = 1.1;
/**
 * A summer that never warms it stops a child of heat short, by this share of its size. Fitted to canna and
 * caladium at 19/11 and 22/13.
 */
const STOPPED_SHORT = 0.35;
/** The months that make a summer’s size, from the day it is set out. */
const SUMMER_MONTHS = [0.5, 1.5, 2.5, 3.5] as const;

/** Where nothing was measured. */
const AS_FORECAST = { heightBy: 1, spreadBy: 1, paceBy: 1 } as const;

/** The size a plant is heading for here, given all that share its soil with it. */
export function goalOf(p: Placed, together: readonly Placed[], planting: Planting): Goal {
  const { plant } = p;
  const from = p.from ?? planting.startDate;
  const sun = sunShareOf(plant, sunReading(planting.spot, from).hours);
  const room = roomShareOf(p, together, planting.container);
  const warm = warmEnough(p, planting, from);
  const { heightBy, spreadBy, paceBy } = planting.learned.find((l) => l.plant === plant.id) ?? AS_FORECAST;
  const up = UP_THE_RANGE[lasts(plant) ? 'lasting' : 'aSummer'];
  const tall = lerp(...plant.heightMm, up.height) * (stalks(plant) ? STALKS : 1) * sun.high * room.high * warm;
  const wide = sun.wide * room.wide * warm * spreadBy;
  return {
    heightMm: Math.min(plant.heightMm[1], tall) * heightBy,
    spreadMm: lerp(...plant.spreadMm, up.spread) * wide,
    trailMm: lerp(...plant.trailMm, up.trail) * wide,
    flower: sun.flower * room.flower,
    paceBy,
    binds: lasts(plant) && bindsIn(plant, room.share),
  };
}

/** What the warmth of its summer leaves of the size of a summer plant, 0–1. */
function warmEnough({ plant }: Placed, { spot }: Planting, from: string): number {
  if (lasts(plant) || plant.season !== 'warm') return 1;
  const at = monthPosition(from);
  const warmth = mean(SUMMER_MONTHS.map((month) => warmthShare(plant, meanC(spot, at + month))));
  return 1 - STOPPED_SHORT * (1 - warmth);
}

/**
 * Of what a lasting plant still lacks it makes a share each summer: this by a power of the summers it takes
 * to its size, and no more than most of it. Fitted: a heuchera from 9 cm lacks a fifth in autumn, a conifer
 * two thirds.
 */
const A_SUMMER = 1.15;
const BY_SUMMERS = 0.62;
const AT_MOST = 0.82;
const SLOW = 0.74;
const YEAR_WEEKS = 52;

/**
 * The size it can make by the end of the summer it is in: all of it for what is full grown in one. `weeks`
 * since it was set out.
 */
export const goalBy = ({ plant, start }: Placed, goal: Goal, weeks: number): Goal =>
  lasts(plant)
    ? keptIn(summersTo(goal), Math.floor(weeks / YEAR_WEEKS), () =>
        afterSummers(plant, start, goal, 1 + Math.floor(weeks / YEAR_WEEKS)),
      )
    : goal;

const summersTo = keptBy((_: Goal) => new Map<number, Goal>());

function afterSummers(plant: Plant, start: StartSize, goal: Goal, summers: number): Goal {
  const { seasons, pace } = factsOf(plant);
  const gain = Math.min(AT_MOST, A_SUMMER * seasons ** -BY_SUMMERS * (pace === 'slow' ? SLOW : 1));
  const lacks = (1 - gain) ** summers;
  const young = sizeInLeaf(plant, start);
  const by = (end: number, bought: number) => end - Math.max(0, end - bought) * lacks;
  return {
    heightMm: by(goal.heightMm, young.heightMm),
    spreadMm: by(goal.spreadMm, young.spreadMm),
    trailMm: by(goal.trailMm, young.trailMm),
    flower: goal.flower,
    paceBy: goal.paceBy,
    binds: goal.binds,
  };
}

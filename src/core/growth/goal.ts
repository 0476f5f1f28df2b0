import { containerSums } from '../containers';
import { factsOf } from '../plants/facts';
import { STARTS } from '../plants/starts';
import type { Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { monthly } from '../units/date';
import { clamp, lerp, sum } from '../units/number';
import type { Grown } from './grown';
import { lightFit, WANTED_L } from './model';

/** The size a plant is heading for, mm. */
export interface Goal {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
}

/** Roots with less than this share of the room they want get no smaller for it. Working figure. */
const LEAST_ROOM = 0.4;
/** A record's range ends at what is ordinary: most plants in a pot stay this far up it. Working figure. */
const UP_THE_RANGE = 0.85;
/** What light and room leave of the range at their worst. Working figure. */
const LEAST_OF_RANGE = 0.15;
/** In poor light or crowded soil a plant falls short even of its least: to this share at the worst. Working figure. */
const POOREST = 0.6;
/** Poor is under half the light it wants, or under 0.7 of the room. Working figures. */
const LIGHT_COUNTS = 2;
const ROOM_COUNTS = 1.4;
/** A start's foliage is at least this share of its root ball's width. Working figure. */
const BALL_SHARE = 0.9;
/** A start trails less than it is tall: this share of what its size would have. Working figure. */
const START_TRAIL = 0.35;
/** What of its flowers a plant carries out of the nursery. Working figure. */
const START_BLOOM = 0.4;

/** Where nothing was measured. */
const AS_FORECAST = { heightBy: 1, spreadBy: 1 } as const;

/** The size a plant is heading for here, given all that share its soil with it. */
export function goalOf(p: Placed, together: readonly Placed[], planting: Planting): Goal {
  const fit = lightFit(p.plant.sunHours, sunReading(planting.spot, p.from ?? planting.startDate).hours);
  const wanted = sum(together.map((o) => WANTED_L[o.plant.vigour as 1]));
  // What likes its roots tight makes its size in less.
  const least = factsOf(p.plant).tight === 'likes it' ? 1 : LEAST_ROOM;
  const room = clamp(containerSums(planting.container).fillL / wanted, least, 1);
  const within = LEAST_OF_RANGE + (1 - LEAST_OF_RANGE) * fit * room;
  const poor = POOREST + (1 - POOREST) * Math.min(1, fit * LIGHT_COUNTS) * Math.min(1, room * ROOM_COUNTS);
  const at = ([low, high]: [number, number]) => lerp(low, high, within * UP_THE_RANGE) * poor;
  const learned = planting.learned.find((l) => l.plant === p.plant.id);
  const { heightBy, spreadBy } = learned ?? AS_FORECAST;
  return {
    heightMm: at(p.plant.heightMm) * heightBy,
    spreadMm: at(p.plant.spreadMm) * spreadBy,
    trailMm: at(p.plant.trailMm) * spreadBy,
  };
}

/** In weeks as cold as this hardly anything grows: what is sold then is sold grown, °C. Working figure. */
const COLD_C = 15;
/** What is bought for the cold months is so far grown. Practice: 80–100 % of its size. */
const FINISHED = 0.85;

/** Whether a plant is bought at its size: for the cold months, or at any time where it hardly grows. */
function finished({ plant }: Placed, meanC: number): boolean {
  return meanC < COLD_C && (plant.season === 'cool' || plant.season === 'year-round') && plant.edible === 'no';
}

/** A plant on the day it is set out. `at` is the month position by which its bloom is read. */
export function newlyPlanted(p: Placed, goal: Goal, { at, meanC }: { at: number; meanC: number }): Grown {
  const { ballMm, inLeaf } = STARTS[p.start];
  const { display } = factsOf(p.plant);
  const grown = inLeaf && finished(p, meanC) ? FINISHED : STARTS[p.start].grown;
  return {
    heightMm: goal.heightMm * grown,
    spreadMm: Math.min(goal.spreadMm, Math.max(goal.spreadMm * grown, ballMm * BALL_SHARE)),
    trailMm: goal.trailMm * grown * START_TRAIL,
    bloom: monthly(p.plant.bloom, at) * (grown === FINISHED ? 1 : START_BLOOM),
    after: display ? monthly(display.months, at) : 0,
    light: 1,
    alive: true,
    gone: null,
    goneWeeks: 0,
  };
}

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
  const fit = Math.sqrt(lightFit(p.plant.sunHours, sunReading(planting.spot, p.from ?? planting.startDate).hours));
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

/** In weeks as cold as this cool-season bedding is sold in flower, °C. Working figure. */
const COLD_C = 16;
/** What is sold for the cold months in a 9 cm pot is so far grown, in full flower; smaller by its ball in a cell. Working figures. */
const IN_FLOWER = 0.55;

/** A young plant that lasts is so many times as wide as its root ball, and at most this share of what it is heading for. Working figures: shrubs, ferns, hostas and grasses as they stand on a bench in May. */
const TO_BALL = 1.7;
/** Sword leaves and palm fronds reach further over their ball. Working figure. */
const SWORDS_TO_BALL = 2.2;
const MOST_YOUNG = 0.75;
/** On the bench nothing stands taller than so many times its root ball: spikes and climbers are sold short. What lasts has been longer in its pot. Working figures. */
const TALLEST = { aSummer: 2.3, lasting: 3.2 } as const;
/** Of what a lasting plant still lacks it makes a share each summer: this over the summers it takes to its size, less where it is slow. Working figures: a slow shrub gains a tenth, a heuchera is three quarters grown by autumn. */
const A_SUMMER = 1.4;
const AT_MOST = 0.6;
const SLOW = 0.6;
const YEAR_WEEKS = 52;

/** Whether it takes more than one summer to its size. */
const lasts = ({ plant }: Placed): boolean => factsOf(plant).seasons > 1;

/** The share of the size it is heading for that a lasting plant has when it is bought. */
function youngShare({ plant, start }: Placed, goal: Goal): number {
  const toBall = plant.habit === 'fan' ? SWORDS_TO_BALL : TO_BALL;
  return Math.min(MOST_YOUNG, (STARTS[start].ballMm * toBall) / Math.max(1, goal.spreadMm));
}

/** The size it can make by the end of the summer it is in: all of it for what is full grown in one. `weeks` since it was set out. */
export function goalBy(p: Placed, goal: Goal, weeks: number): Goal {
  if (!lasts(p)) return goal;
  const young = youngShare(p, goal);
  const summers = 1 + Math.floor(weeks / YEAR_WEEKS);
  const { seasons, pace } = factsOf(p.plant);
  const gain = Math.min(AT_MOST, (A_SUMMER / seasons) * (pace === 'slow' ? SLOW : 1));
  const share = 1 - (1 - young) * (1 - gain) ** summers;
  return {
    heightMm: goal.heightMm * share,
    spreadMm: goal.spreadMm * share,
    trailMm: goal.trailMm * share,
  };
}

/** What is sold for the cold months bears nights as cold as this; lobelia and nemesia do not. °C, working figure. */
const BEARS_C = -4;

/** Whether a plant is sold in flower for the cold months. */
const forCold = ({ plant }: Placed, meanC: number): boolean =>
  meanC < COLD_C &&
  plant.coldestNightC <= BEARS_C &&
  (plant.season === 'cool' || plant.season === 'year-round') &&
  plant.group !== 'herb';

/** The share of the size it is heading for that a plant has when it is set out. */
function startShare(p: Placed, goal: Goal, meanC: number): number {
  const { grown, inLeaf, ballMm } = STARTS[p.start];
  if (!inLeaf) return grown;
  if (lasts(p)) return youngShare(p, goal);
  return forCold(p, meanC) ? Math.max(IN_FLOWER * Math.sqrt(Math.min(1, ballMm / STARTS.p9.ballMm)), grown) : grown;
}

/** A plant on the day it is set out. `at` is the month position by which its bloom is read. */
export function newlyPlanted(p: Placed, goal: Goal, { at, meanC }: { at: number; meanC: number }): Grown {
  const { ballMm, inLeaf } = STARTS[p.start];
  const { display } = factsOf(p.plant);
  const share = startShare(p, goal, meanC);
  return {
    heightMm: Math.min(goal.heightMm * share, ballMm * TALLEST[lasts(p) ? 'lasting' : 'aSummer']),
    spreadMm: Math.min(goal.spreadMm, Math.max(goal.spreadMm * share, ballMm * BALL_SHARE)),
    trailMm: goal.trailMm * share * START_TRAIL,
    bloom: monthly(p.plant.bloom, at) * (inLeaf && forCold(p, meanC) ? 1 : START_BLOOM),
    after: display ? monthly(display.months, at) : 0,
    light: 1,
    alive: true,
    gone: null,
    goneWeeks: 0,
  };
}

import { meanC as ordinaryC } from '../climate';
import { comesAgain } from '../plants/cutting';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { flowerInHeat } from '../plants/heat';
import { STARTS } from '../plants/starts';
import { dayOf, type Deed } from '../plantings/deeds';
import type { Placed } from '../plantings/resolve';
import type { Spot } from '../spots/schema';
import { sunInMonth } from '../spots/light';
import { addDays, monthly } from '../units/date';
import { keptBy } from '../units/keep';
import { clamp } from '../units/number';
import type { CalendarWeek } from './calendar';
import { EFFECTS } from './deeds';
import { type Goal, goalBy, newlyPlanted } from './goal';
import type { Gone, Grown, Life, PlantState, Tended } from './grown';
import { type Leaning, lightLeft } from './light';
import { BASE_C, daylight, PACE, RATE_PER_DD, SETTLING_IN, SMOTHERED_BELOW } from './model';
import { asleep } from '../plants/sleep';

/** What does not change from week to week: who stands there, where each is heading, when each comes and goes. */
export interface Bed {
  spot: Spot;
  placed: readonly Leaning[];
  goals: readonly Goal[];
  lives: readonly Life[];
  /** Degrees, south negative. */
  latitude: number;
  /** Months of bloom are written for the north; half a year on they hold for the south. */
  turnedMonths: 0 | 6;
}

/** A bed at the end of a week. */
export interface State {
  plants: readonly PlantState[];
  /** Light left to each by its neighbours; canopies close slowly, so it is reckoned every other week. */
  left: readonly number[];
}

/** Tender below this: the first frost kills it. °C, working figure. */
const TENDER_OVER_C = -2;
/** Nothing grows near the night it just bears: its warmth counts from so far above it. °C, working figure. */
const ABOVE_NIGHT_C = 1;
/** A double fleece keeps off this much frost. °C, working figure from what fleece is sold to do. */
const FLEECE_TO_C = -4;
/** Frost-free indoors is about this warm. °C, working figure. */
const INDOORS_C = 12;
/** What of its flower a plant carries in the week it is planted, and how much more each week as it settles. Working figures. */
const SETTLED_AT_FIRST = 0.4;
const SETTLING = 0.15;
/** A slow plant is later into flower from a small start. Working figures. */
const LATER = { slow: 1.5, ordinary: 1, fast: 0.9 } as const;
/** What cold nights leave of the flower. Working figure. */
const IN_CHILL = 0.5;
/** What of the flower is there in the weeks after pinching: back in two to three. Practice. */
const AFTER_PINCH = [0.1, 0.35, 0.7] as const;

/** Kept from setting seed, what asks for it flowers for about a month more, at this share of its fullest. Practice; the share is a working figure. */
const AGAIN_WEEKS = 5;
const AGAIN = 0.75;

/** What a week without water in the heat leaves of a plant's flower in the weeks after it, and of its size, by how it drinks. Working figures. */
const AFTER_DRY = { dry: [0.85, 1], moderate: [0.25, 0.5, 0.8], thirsty: [0, 0.15, 0.4, 0.7] } as const;
const DRIED = { dry: 1, moderate: 0.85, thirsty: 0.6 } as const;
/** A second week of it, and what is not made for it is dead; what dies of one wilt is dead in the first. Working figure. */
const BEARS_DRY_WEEKS = 1;

/** What hunger leaves of pace and flower at the worst, weeks until it is at the worst, and weeks that a liquid feed lasts. Practice for the last; the others are working figures. */
const HUNGRY = { light: 0.9, medium: 0.65, hungry: 0.45 } as const;
const HUNGER_WEEKS = 4;
const FEED_LASTS_WEEKS = 2;

const UNTENDED: Tended = {
  shelter: null,
  sincePinch: null,
  sinceDeadhead: null,
  sinceDry: null,
  sinceFeed: null,
  bushier: 1,
  regrows: 1,
};

const absent = (gone: Gone): Grown => ({
  heightMm: 0,
  spreadMm: 0,
  trailMm: 0,
  bloom: 0,
  after: 0,
  light: 1,
  alive: false,
  gone,
  goneWeeks: 0,
});

/** A bed before its first week. */
export const bare = (bed: Bed): State => ({
  plants: bed.placed.map(() => ({ grown: absent('to come'), tended: UNTENDED })),
  left: [],
});

/** One week further: who comes and goes, what is done, and how all grow. Changes nothing it is given. */
export function step(bed: Bed, was: State, week: CalendarWeek, deeds: readonly Deed[]): State {
  const planted = was.plants.map((p, i) => comesOrGoes(bed, p, i, week));
  const left =
    week.week % 2 === 0
      ? lightLeft(
          bed.placed,
          planted.map((p) => p.grown),
          sunInMonth(bed.spot, Math.round(week.at)).hours,
        )
      : was.left;
  const now = doneIn(week, deeds);
  const plants = planted.map((p, i) => {
    if (now.length === 0) return grownOn(bed, p, i, week, left[i] ?? 1);
    const placed = bed.placed[i] as Placed;
    const mine = now.filter((d) => (d.to === null ? asksFor(placed.plant, d.what) : d.to === placed.id));
    const done = p.grown.alive ? mine.reduce((s, d) => EFFECTS[d.what](s, d, placed.plant), p) : p;
    return grownOn(bed, done, i, week, left[i] ?? 1);
  });
  return { plants, left };
}

/** What is done in a week. */
function doneIn({ date }: CalendarWeek, deeds: readonly Deed[]): readonly Deed[] {
  if (deeds.length === 0) return deeds;
  const next = addDays(date, 7);
  return deeds.filter((d) => dayOf(d) >= date && dayOf(d) < next);
}

/** Whether a deed done to the whole container is done to this plant: scissors pass by what does not branch or come again. */
function asksFor(plant: Plant, what: Deed['what']): boolean {
  if (what === 'pinch') return plant.pinch === 'helps';
  return what !== 'cut-back' || comesAgain(factsOf(plant));
}

function comesOrGoes(bed: Bed, p: PlantState, i: number, week: CalendarWeek): PlantState {
  const life = bed.lives[i] as Life;
  if (week.week === life.from) {
    const grown = newlyPlanted(bed.placed[i] as Placed, bed.goals[i] as Goal, {
      at: week.at + bed.turnedMonths,
      meanC: ordinaryC(bed.spot, week.at),
    });
    return { grown, tended: UNTENDED };
  }
  if (life.until !== null && week.week >= life.until && p.grown.gone !== 'lifted')
    return { ...p, grown: absent('lifted') };
  return p;
}

/** What of a plant's growth is the same every week. */
const waysOf = keptBy((plant: Plant) => {
  const facts = factsOf(plant);
  return {
    facts,
    tender: plant.coldestNightC > TENDER_OVER_C,
    baseC: Math.max(BASE_C[plant.season], plant.coldestNightC + ABOVE_NIGHT_C),
    rate: RATE_PER_DD[plant.vigour as 1] * PACE[facts.pace],
    later: LATER[facts.pace],
  };
});

function grownOn(bed: Bed, { grown: was, tended }: PlantState, i: number, f: CalendarWeek, light: number): PlantState {
  const { plant, start } = bed.placed[i] as Placed;
  const goal = bed.goals[i] as Goal;
  const { facts, tender, baseC, rate, later: laterBy } = waysOf(plant);
  const at = f.at + bed.turnedMonths;
  if (was.gone === 'asleep' && !asleep(facts, at) && !(tender && f.frosty))
    return { grown: newlyPlanted(bed.placed[i] as Placed, goal, { at, meanC: ordinaryC(bed.spot, f.at) }), tended };
  if (!was.alive) return { grown: { ...was, bloom: 0, goneWeeks: was.goneWeeks + 1 }, tended };
  if (asleep(facts, at))
    return { grown: { ...was, bloom: 0, after: 0, alive: false, gone: 'asleep', goneWeeks: 0 }, tended };
  if (f.frosty && tender && !safe(tended.shelter, f.nightC)) {
    const gone = sprouts(plant, bed.spot.coldestWinterC) ? 'asleep' : 'frost';
    return { grown: { ...was, bloom: 0, after: 0, alive: false, gone, goneWeeks: 0 }, tended };
  }
  const indoors = tended.shelter === 'indoors';
  const dries = f.dry === true && !indoors;
  const bears = facts.wilt === 'dies' ? -1 : BEARS_DRY_WEEKS;
  if (dries && plant.water !== 'dry' && (bears < 0 || (tended.sinceDry !== null && tended.sinceDry <= bears)))
    return { grown: { ...was, bloom: 0, after: 0, alive: false, gone: 'dry', goneWeeks: 0 }, tended };
  const sinceDry = dries ? 0 : tended.sinceDry;
  const wilted = sinceDry === null ? 1 : (AFTER_DRY[plant.water][sinceDry] ?? 1);
  const dried = dries ? DRIED[plant.water] : 1;
  const fed = fedShare(plant, tended, f);
  const age = f.week - (bed.lives[i] as Life).from;
  const end = goalBy(bed.placed[i] as Placed, goal, age);
  const meanC = indoors ? Math.max(INDOORS_C, f.meanC) : f.meanC;
  const degreeDays = Math.max(0, meanC - baseC) * 7;
  const pace = (SETTLING_IN[age] ?? 1) * daylight(bed.latitude, at) * Math.sqrt(light) * fed;
  const decay = Math.exp(-rate * degreeDays * pace);
  const late = STARTS[start].toFlowerWeeks * laterBy;
  const settled = clamp(SETTLED_AT_FIRST + (age - late) * SETTLING, 0, 1);
  const heat = flowerInHeat(facts.heat, f.highC);
  const chill = f.nightC < plant.coldestNightC && !indoors ? IN_CHILL : 1;
  const pinched = tended.sincePinch === null ? 1 : (AFTER_PINCH[tended.sincePinch] ?? 1);
  // A full pot flowers on its outside; only what is truly smothered stops.
  const shade = light < SMOTHERED_BELOW ? light / SMOTHERED_BELOW : 1;
  return {
    grown: {
      heightMm: dried * logistic(was.heightMm, end.heightMm * tended.regrows, decay),
      spreadMm: dried * logistic(was.spreadMm, end.spreadMm * tended.bushier * tended.regrows, decay),
      trailMm: dried * logistic(was.trailMm, end.trailMm * tended.regrows, decay),
      bloom: inBloom(plant, tended, at) * settled * heat * chill * pinched * shade * wilted * fed,
      after: facts.display ? monthly(facts.display.months, at) : 0,
      light,
      alive: true,
      gone: null,
      goneWeeks: 0,
    },
    tended:
      tended === UNTENDED && sinceDry === null
        ? UNTENDED
        : {
            ...tended,
            sincePinch: later(tended.sincePinch),
            sinceDeadhead: later(tended.sinceDeadhead),
            sinceDry: later(sinceDry),
            sinceFeed: later(tended.sinceFeed),
          },
  };
}

/** What hunger leaves of its pace and its flower. */
function fedShare({ feed }: Plant, { sinceFeed }: Tended, { hungryWeeks = 0 }: CalendarWeek): number {
  const since = sinceFeed === null ? hungryWeeks : Math.min(hungryWeeks, Math.max(0, sinceFeed - FEED_LASTS_WEEKS));
  return 1 - (1 - HUNGRY[feed]) * Math.min(1, since / HUNGER_WEEKS);
}

/** A week later. */
const later = (weeks: number | null): number | null => (weeks === null ? null : weeks + 1);

/** Share of full flower by the month, and by whether its spent flowers were taken off. */
function inBloom(plant: Plant, { sinceDeadhead }: Tended, at: number): number {
  const now = monthly(plant.bloom, at);
  if (plant.deadhead !== 'needed' || sinceDeadhead === null || sinceDeadhead >= AGAIN_WEEKS) return now;
  return Math.max(now, monthly(plant.bloom, at - 1) * AGAIN);
}

/** What dies to the ground and lives on under it comes again in spring where the winter leaves it alive. */
const sprouts = (plant: Plant, winterC: number): boolean => {
  const { winterLook, life } = factsOf(plant);
  return winterLook === 'gone' && life !== 'annual' && plant.coldestWinterC <= winterC;
};

const safe = (shelter: Tended['shelter'], nightC: number): boolean =>
  shelter === 'indoors' || (shelter === 'fleece' && nightC > FLEECE_TO_C);

/** However small it is, a plant grows as one of this share of its goal would. Working figure. */
const SPARK = 0.02;

/** One step of a logistic toward `end`; `decay` is e^(−rate). Never past the end, nor down from over it. */
const logistic = (now: number, end: number, decay: number): number =>
  end <= 0 ? 0 : end / (1 + (end / Math.max(now, end * SPARK) - 1) * decay);

import { comesAgain, LEFT_AFTER } from '../plants/cutting';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { asleep } from '../plants/sleep';
import { dayOf, type Deed } from '../plantings/deeds';
import type { Placed } from '../plantings/resolve';
import type { Spot } from '../spots/schema';
import { addDays } from '../units/date';
import { wakingCrown, onTheDay, type Size, sizeInLeaf, stalks } from './bench';
import { boundBy } from './bound';
import type { CalendarWeek } from './calendar';
import { EFFECTS } from './deeds';
import { floweringOf } from './flowering';
import { type Goal, goalBy } from './goal';
import type { Gone, Grown, Life, PlantState, Tended } from './grown';
import { fadingTo } from './fading';
import { flowerFed, paceFed } from './hunger';
import { inMonths } from './in-months';
import { type NearWall, lightLeft } from './light';
import { byWidth, paceOf, SETTLED_WEEKS } from './pace';
import { runningUp } from './seeding';
import { flowerInShade, paceInShade, STARVES, STARVES_WEEKS } from './shaded';
import { skyOf } from './sky';
import { type Thirst, thirstInWeek } from './thirst';
import { warmthShare } from './warmth';

/** What does not change from week to week: who stands there, where each is heading, when each comes and goes. */
export interface Bed {
  spot: Spot;
  placed: readonly NearWall[];
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
/** A double fleece keeps off this much frost. °C, working figure from what fleece is sold to do. */
const FLEECE_TO_C = -4;
/** Frost-free indoors is about this warm. °C, working figure. */
const INDOORS_C = 12;
/** What cold nights leave of the flower. Working figure. */
const IN_CHILL = 0.5;

/** A plant that nothing was done to yet. */
export const UNTENDED: Tended = {
  shelter: null,
  sincePinch: null,
  sinceCut: null,
  sinceDeadhead: null,
  sinceDry: null,
  timesDry: 0,
  sinceFeed: null,
  rootedWeeks: 0,
  pottedWeeks: 0,
  darkWeeks: 0,
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
  const sky = skyOf(bed.spot, week.at);
  const left =
    week.week % 2 === 0
      ? lightLeft(
          bed.placed,
          planted.map((p) => p.grown),
          sky,
        )
      : was.left;
  const now = doneIn(week, deeds);
  const plants = planted.map((p, i) => {
    if (now.length === 0) return grownOn(bed, p, i, week, left[i] ?? 1, sky.hours);
    const placed = bed.placed[i] as Placed;
    const mine = now.filter((d) => (d.to === null ? asksFor(placed.plant, d.what) : d.to === placed.id));
    const done = p.grown.alive ? mine.reduce((s, d) => EFFECTS[d.what](s, d, placed.plant), p) : p;
    return grownOn(bed, done, i, week, left[i] ?? 1, sky.hours);
  });
  return { plants, left };
}

/** What is done in a week. */
function doneIn({ date }: CalendarWeek, deeds: readonly Deed[]): readonly Deed[] {
  if (deeds.length === 0) return deeds;
  const next = addDays(date, 7);
  return deeds.filter((d) => dayOf(d) >= date && dayOf(d) < next);
}

/**
 * Whether a deed done to the whole container is done to this plant: scissors pass by what does not branch or
 * come again.
 */
function asksFor(plant: Plant, what: Deed['what']): boolean {
  if (what === 'pinch') return plant.pinch === 'helps';
  return what !== 'cut-back' || comesAgain(factsOf(plant));
}

/** A plant of a size that has just come: it is alive, and has neither flower nor fruit yet. */
const fresh = (size: Size): Grown => ({ ...absent('to come'), ...size, alive: true, gone: null });

function comesOrGoes(bed: Bed, p: PlantState, i: number, week: CalendarWeek): PlantState {
  const life = bed.lives[i] as Life;
  if (week.week === life.from) {
    const { plant, start } = bed.placed[i] as Placed;
    return { grown: fresh(onTheDay(plant, start, week.at + bed.turnedMonths)), tended: UNTENDED };
  }
  if (life.until !== null && week.week >= life.until && p.grown.gone !== 'lifted')
    return { ...p, grown: absent('lifted') };
  return p;
}

/** A plant whose top has died, of what; it keeps the size it had. */
const died = (was: Grown, gone: Gone): Grown => ({ ...was, bloom: 0, after: 0, alive: false, gone, goneWeeks: 0 });

/** What takes a plant's top in a week, if anything does. */
function taken(bed: Bed, { grown, tended }: PlantState, i: number, week: CalendarWeek): Gone | null {
  const { plant } = bed.placed[i] as Placed;
  if (asleep(factsOf(plant), week.at + bed.turnedMonths)) return 'asleep';
  if (week.frosty && plant.coldestNightC > TENDER_OVER_C && !safe(tended.shelter, week.nightC))
    return sprouts(plant, bed.spot.coldestWinterC) ? 'asleep' : 'frost';
  if (grown.alive && tended.darkWeeks >= STARVES_WEEKS && plant.sunHours[0] >= SUN_KIND_H) return 'dark';
  return null;
}

/** What bears no less sun than this starves in the dark, where a shade plant only thins. Hours, working figure. */
const SUN_KIND_H = 3;

function grownOn(bed: Bed, state: PlantState, i: number, f: CalendarWeek, light: number, sunHours: number): PlantState {
  const { grown: was, tended } = state;
  const { plant, start } = bed.placed[i] as Placed;
  const facts = factsOf(plant);
  const at = f.at + bed.turnedMonths;
  const gone = taken(bed, state, i, f);
  if (was.gone === 'asleep' && gone === null)
    return {
      grown: fresh(wakingCrown(sizeInLeaf(plant, start))),
      tended: { ...tended, rootedWeeks: SETTLED_WEEKS, darkWeeks: 0 },
    };
  // What sleeps is in its pot all the same.
  if (!was.alive)
    return {
      grown: { ...was, bloom: 0, goneWeeks: was.goneWeeks + 1 },
      tended: { ...tended, pottedWeeks: tended.pottedWeeks + 1 },
    };
  if (gone !== null) return { grown: died(was, gone), tended };
  const indoors = tended.shelter === 'indoors';
  const thirst = thirstInWeek(plant, tended, f.dry === true && !indoors);
  if (thirst.dies) return { grown: died(was, 'dry'), tended };
  const age = f.week - (bed.lives[i] as Life).from;
  const goal = bed.goals[i] as Goal;
  const end = goalBy(bed.placed[i] as Placed, goal, age);
  const meanC = indoors ? Math.max(INDOORS_C, f.meanC) : f.meanC;
  const fed = flowerFed(plant, tended, f);
  const meets = { at, latitude: bed.latitude, meanC, highC: f.highC, sunHours };
  const own = paceOf(
    plant,
    { start, grown: shareOf(was.spreadMm, end.spreadMm), rootedWeeks: tended.rootedWeeks },
    meets,
  );
  // On the day it is as it was bought.
  const bound = boundBy(end.binds, tended.pottedWeeks);
  const pace = age === 0 ? 0 : own * end.paceBy * bound.pace * paceInShade(light) * paceFed(fed);
  const faster = byWidth(plant);
  const left = thirst.size * (age === 0 ? 1 : fadingTo(plant, at));
  const heightMm =
    left *
    logistic(
      was.heightMm,
      runningUp(plant, end.heightMm * tended.regrows * standing(plant, tended), at, age),
      pace * faster.height,
    );
  const spreadMm = left * logistic(was.spreadMm, end.spreadMm * tended.bushier * tended.regrows, pace);
  const trailMm = left * logistic(was.trailMm, end.trailMm * tended.regrows, pace * faster.trail);
  const flower = floweringOf(plant, {
    at,
    grown: shareOf(spreadMm, end.spreadMm),
    ofAge: shareOf(spreadMm, goal.spreadMm),
    meanC,
    highC: f.highC,
    age,
    rootedWeeks: tended.rootedWeeks,
    sinceCut: tended.sinceCut,
    sincePinch: tended.sincePinch,
    unpicked: f.unpicked === true && tended.sinceDeadhead === null,
  });
  const chill = f.nightC < plant.coldestNightC && !indoors ? IN_CHILL : 1;
  return {
    grown: {
      heightMm,
      spreadMm,
      trailMm,
      bloom: flower * end.flower * flowerInShade(light) * chill * thirst.flower * fed * bound.flower,
      after: facts.display ? inMonths(facts.display.months, at) : 0,
      light,
      alive: true,
      gone: null,
      goneWeeks: 0,
    },
    tended: aWeekOn(tended, thirst, age === 0 ? 0 : warmthShare(plant, meanC), light),
  };
}

/**
 * Stalks that were clipped when they had faded do not rise again before the next spring: weeks of it.
 * Practice: lavender in August.
 */
const NEXT_SPRING_WEEKS = 30;

/** Share of its height that it is heading for after its stalks were clipped. */
const standing = (plant: Plant, { sinceCut }: Tended): number =>
  sinceCut !== null && sinceCut < NEXT_SPRING_WEEKS && stalks(plant) && factsOf(plant).cutBack === 'in leaf only'
    ? LEFT_AFTER['in leaf only']
    : 1;

/** How much of a size there is of what it is heading for. */
const shareOf = (mm: number, endMm: number): number => (endMm > 0 ? mm / endMm : 1);

/** What is kept of a plant, a week later: `warm` is the share of full warmth its roots had. */
const aWeekOn = (tended: Tended, { sinceDry, timesDry }: Thirst, warm: number, light: number): Tended => ({
  shelter: tended.shelter,
  sincePinch: later(tended.sincePinch),
  sinceCut: later(tended.sinceCut),
  sinceDeadhead: later(tended.sinceDeadhead),
  sinceDry: later(sinceDry),
  timesDry,
  sinceFeed: later(tended.sinceFeed),
  rootedWeeks: tended.rootedWeeks + warm,
  pottedWeeks: tended.pottedWeeks + 1,
  darkWeeks: light < STARVES ? tended.darkWeeks + 1 : 0,
  bushier: tended.bushier,
  regrows: tended.regrows,
});

/** A week later. */
const later = (weeks: number | null): number | null => (weeks === null ? null : weeks + 1);

/** What dies to the ground and lives on under it comes again in spring where the winter leaves it alive. */
const sprouts = (plant: Plant, winterC: number): boolean => {
  const { winterLook, life } = factsOf(plant);
  return winterLook === 'gone' && life !== 'annual' && plant.coldestWinterC <= winterC;
};

const safe = (shelter: Tended['shelter'], nightC: number): boolean =>
  shelter === 'indoors' || (shelter === 'fleece' && nightC > FLEECE_TO_C);

/** However small it is, a plant grows as one of this share of its goal would. Working figure. */
const SPARK = 0.01;

/** One step of a logistic toward `end`, mm, its rate `pace`. Never past the end, nor down from over it. */
const logistic = (now: number, end: number, pace: number): number =>
  end <= 0 ? 0 : now >= end || pace === 0 ? now : end / (1 + (end / Math.max(now, end * SPARK) - 1) * Math.exp(-pace));

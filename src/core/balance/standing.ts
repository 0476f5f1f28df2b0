import { isSouthern } from '../climate/hemisphere';
import type { Grown, Season } from '../growth/grown';
import { allGrown, grow, type Growing, spanOf } from '../growth/season';
import type { NearWall } from '../growth/light';
import { sinceSeeding } from '../growth/seeding';
import { judgedWeeks } from '../growth/span';
import { seedingOf } from '../plants/seeding';
import { resolve, type Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { daysBetween, monthPosition } from '../units/date';
import { once } from '../units/keep';
import { clamp } from '../units/number';
import { type Course, courseOf } from './course';
import { seenFrom, type Seen } from './seen';

/** A placement with its plant, its size in a week and what is seen of it. */
export interface StandingPlant extends NearWall {
  grown: Grown;
  seen: Seen;
}

/** A week that is looked at, and everyone in it. */
export interface Moment {
  week: number;
  /** What it counts for. */
  weight: number;
  /** In the order of the placements; those that are not there too. */
  plants: readonly StandingPlant[];
}

/** What every check reads: the planting, its season, and everyone in the weeks that are judged. */
export interface Standing {
  planting: Planting;
  /** Everyone in it before anything is grown, in the order of the placements. */
  placed: readonly Placed[];
  /** How many weeks its season has. */
  span: number;
  season: Season;
  /** Everyone as they are in a week of it, in the order of the placements; no further week is grown for it. */
  in: (week: number) => readonly Grown[];
  /** The week two thirds through. */
  week: number;
  /** Two thirds through, in the order of the placements; those that are not there too. */
  plants: readonly StandingPlant[];
  /** Planting day, when it has filled, and two thirds through. */
  moments: readonly [Moment, Moment, Moment];
  /** How many weeks it is judged over. */
  weeks: number;
  /** Flower and colour week by week. */
  course: Course;
}

/** Planting day, week six and two thirds through, one to three to two. Practice: not one peak week. */
const WEIGHTS = [1, 3, 2] as const;
const FILLED_WEEK = 6;
const LATE = 2 / 3;

/** For one day, that day. Working figures. */
const FOR_A_DAY = [0, 1, 4] as const;

/** The week of the day it is to be at its best, or null where none is named within its season. */
function bestWeek({ brief, startDate }: Planting, weeks: number): number | null {
  if (brief.bestOn === null) return null;
  const week = Math.floor(daysBetween(startDate, brief.bestOn) / 7);
  return week >= 1 && week < weeks ? week : null;
}

/**
 * The weeks a planting is looked at in, of so many: the last of them the one it is to be at its best in,
 * where one is named.
 */
function momentWeeks(weeks: number, best: number | null): [number, number, number] {
  const late = best ?? Math.max(1, Math.round((weeks - 1) * LATE));
  return [0, Math.min(FILLED_WEEK, Math.max(1, Math.round(weeks * 0.45)), late), late];
}

/** All of it at once, and kept. */
const wholeSeason = (planting: Planting): Growing => allGrown(grow(planting));

/** One stand, made in their thousands while searching: each field set by name is several times as quick as a copy. */
class Standee implements StandingPlant {
  readonly id: string;
  readonly plant: StandingPlant['plant'];
  readonly start: StandingPlant['start'];
  readonly role: StandingPlant['role'];
  readonly xMm: number;
  readonly yMm: number;
  readonly nx: number;
  readonly ny: number;
  readonly wallMm: number;
  readonly locked: StandingPlant['locked'];
  readonly part: StandingPlant['part'];
  readonly from: StandingPlant['from'];
  readonly until: StandingPlant['until'];
  readonly grown: Grown;
  readonly #seen: () => readonly Seen[];
  readonly #at: number;

  constructor(p: NearWall, grown: Grown, at: number, seen: () => readonly Seen[]) {
    this.id = p.id;
    this.plant = p.plant;
    this.start = p.start;
    this.role = p.role;
    this.xMm = p.xMm;
    this.yMm = p.yMm;
    this.nx = p.nx;
    this.ny = p.ny;
    this.wallMm = p.wallMm;
    this.locked = p.locked;
    this.part = p.part;
    this.from = p.from;
    this.until = p.until;
    this.grown = grown;
    this.#at = at;
    this.#seen = seen;
  }

  get seen(): Seen {
    return this.#seen()[this.#at] as Seen;
  }
}

/** Everyone on a day; salad that has run up is judged by its leaf: it is pulled then, and more is sown in its place. */
function pulled(planting: Planting, placed: readonly NearWall[], grown: readonly Grown[], date: string): Grown[] {
  const at = monthPosition(date) + (isSouthern(planting.spot) ? 6 : 0);
  return grown.map((g, i) => {
    const p = placed[i] as NearWall;
    const since = sinceSeeding(p.plant, at, daysBetween(p.from ?? planting.startDate, date) / 7);
    return (since ?? 0) > 0 ? { ...g, heightMm: Math.min(g.heightMm, p.plant.heightMm[1]) } : g;
  });
}

function stands(planting: Planting, { placed, span, week }: Growing, asked: number): StandingPlant[] {
  if (span === 0) throw new Error('A season without weeks cannot be judged.');
  const { plants: grown, date } = week(clamp(asked, 0, span - 1));
  const plants = placed.some((p) => seedingOf(p.plant)) ? pulled(planting, placed, grown, date) : grown;
  const seen = once(() => seenFrom(planting, placed, plants));
  return placed.map((p, i) => new Standee(p, plants[i] as Grown, i, seen));
}

/**
 * A planting with all that is judged of it. What has to be grown for it is grown when it is asked for, so that what is
 * told by who stands there is told at once; `given` is its season where that is known, else `begin` grows it. Throws
 * UnknownPlantError, and when the season has no weeks.
 */
export function standingOf(planting: Planting, given?: Season, begin = wholeSeason): Standing {
  const growth = once(() => (given ? allGrown(given) : begin(planting)));
  const weeks = once(() => Math.min(judgedWeeks(planting), growth().span));
  const moments = once((): Standing['moments'] => {
    const best = bestWeek(planting, weeks());
    const looked = momentWeeks(weeks(), best);
    const moment = (i: 0 | 1 | 2): Moment => {
      const plants = once(() => stands(planting, growth(), looked[i]));
      return {
        week: looked[i],
        weight: (best === null ? WEIGHTS : FOR_A_DAY)[i],
        get plants() {
          return plants();
        },
      };
    };
    return [moment(0), moment(1), moment(2)];
  });
  const span = once(() => given?.weeks.length ?? spanOf(planting));
  const course = once(() => courseOf(growth().season(), weeks(), moments()));
  return {
    planting,
    placed: resolve(planting),
    get span() {
      return span();
    },
    get season() {
      return growth().season();
    },
    in: (week) => growth().week(week).plants,
    get week() {
      return moments()[2].week;
    },
    get plants() {
      return moments()[2].plants;
    },
    get moments() {
      return moments();
    },
    get weeks() {
      return weeks();
    },
    get course() {
      return course();
    },
  };
}

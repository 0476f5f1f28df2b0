import type { KnownDay } from '../climate/days';
import type { Season } from '../growth/grown';
import type { FeedId } from '../materials/feeds';
import type { Deed } from '../plantings/deeds';
import type { Planting } from '../plantings/schema';
import type { Found } from '../water/ahead';

/** A day on which a container is to stand elsewhere, and what is said of it. */
export interface Shifted {
  on: string;
  text: string;
}

/** What is known beside the plan: all of it may be left out. */
export interface Around {
  /** Weather from some way back to some way ahead; none where nobody asked for it. */
  weather: readonly KnownDay[];
  /** How wet it was found, and what a drip gives it each morning, litres. */
  found: readonly Found[];
  dripL: number;
  /** How it is fed. */
  feed: FeedId;
  /** What the group asks in which it stands. */
  moves: readonly Shifted[];
}

/** What a job is looked for in: the turn of the planting that stands, and its season. */
export interface Asked extends Around {
  planting: Planting;
  season: Season;
  /** The planting with all its turns. */
  whole: Planting;
  /** ISO date. */
  today: string;
  /** The last day that is asked about. */
  until: string;
}

/** What a planting keeps of a job that is done. */
export type Does = Pick<Deed, 'what' | 'to' | 'leave'>;

/** What is lost where a job is not done in time: plants, their flower or growth, or their looks. */
export const MATTERS = ['dies', 'suffers', 'looks'] as const;
export type Matters = (typeof MATTERS)[number];

/** A day on which something is due, and what it says of this container alone: “pinch petunia”. */
export interface Due {
  on: string;
  text: string;
  /** The last day on which it still does what it is for, ISO; by its kind where it is left out. */
  until?: string;
  /** How it is done to these plants, where that is more than its kind says. */
  how?: string;
  /** What is to be done about it, where that is another thing. */
  does?: string;
  /**
   * What is kept once it is done: deeds that the season knows, or water from the can. Nothing where it is
   * done elsewhere.
   */
  done?: readonly Does[] | 'watered';
  /** Done so many days before or after its day it is this job; within three weeks where nothing is said. */
  within?: number;
  /** Litres for one container, and how often on the day. */
  litres?: number;
  times?: number;
  /** The coldest night it is for, °C. */
  nightC?: number;
  /** The lowest it is to be kept at, °C. */
  keptAtC?: number;
  /** What tells it from others of its kind, whatever its day: by what it says where this is left out. */
  key?: string;
}

/** One kind of job: when it is due, and how it is said on the bench. */
export interface JobKind {
  of: (asked: Asked) => Due[];
  says: (due: Due) => string;
  /** What is lost where it is not done in time. */
  matters: Matters;
  /** For so many days from its day on it still does what it is for. Working figures, after growers' dates. */
  withinDays: number;
  /** Why it is done, and how: two sentences. */
  why: string;
  /** It comes of the season, and lies in the rill as a stone; `bad` is something to act on. */
  stone?: 'plain' | 'bad';
  /** It waits however late it is. */
  waits?: boolean;
  /** It is asked for as long as anything stands there, its season over or not. */
  untilCleared?: boolean;
  /** It comes again and again: of what is ahead the first is told, and when it was done last is its own affair. */
  again?: boolean;
}

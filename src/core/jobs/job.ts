import type { Season } from '../growth/grown';
import type { Planting } from '../plantings/schema';

/** What a job is looked for in. */
export interface Asked {
  planting: Planting;
  season: Season;
  /** ISO date. */
  today: string;
}

/** A day on which something is due, and what it says of this container alone: “pinch petunia”. */
export interface Due {
  on: string;
  text: string;
  /** What is to be done about it, where that is another thing. */
  does?: string;
}

/** One kind of job: when it is due, and how it is said on the bench. */
export interface JobKind {
  of: (asked: Asked) => Due[];
  says: (due: Due) => string;
  /** Why it is done, and how: two sentences. */
  why: string;
  /** It comes of the season, and lies in the rill as a stone; `bad` is something to act on. */
  stone?: 'plain' | 'bad';
  /** It waits however late it is. */
  waits?: boolean;
}

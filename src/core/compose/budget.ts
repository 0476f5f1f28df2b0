/** What a search may spend, counted in plantings grown and judged. Working figures: under a second in the worker. */
export interface Budget {
  /** Casts grown in full for each lead. */
  perLead: number;
  /** Leads looked at. */
  leads: number;
  /** Patterns tried for the same kinds in a round of climbing. */
  recasts: number;
  /** Spent on each of those offered that have something to watch. */
  mending: number;
  /** No climb goes on after so many. */
  effort: number;
  /** Looked through further down the list where there is no choice yet. */
  further: number;
  /** For changing two plants at once. */
  sweep: number;
  /** And among so many of the most promising for each part. */
  among: number;
}

const PER_LEAD = 3;
const GROWN_IN_ALL = 10;
const EFFORT = 170;
const MENDING = 90;
const LOOK_FURTHER = 240;
/** In a library of so few plants every two of them can be tried. */
export const SMALL = 30;
const EVERY_WAY = 4000;
/** In a larger one every two of so many. */
export const BY_TWO = 65;
const AMONG = 16;
/**
 * Judging costs with about this power of the number of plants over a usual eight: long boxes get fewer tries
 * for the same time.
 */
const USUAL_PLANTS = 8;
const COST_POWER = 1.7;
/** In a small pot so much more is tried than in a usual one. */
const MOST_SHARE = 2.5;

/** The budget for so many plants on offer, patterns of so many plants, and so many that can lead. */
export function budgetFor(offered: number, plants: number, leads: number): Budget {
  const small = offered <= SMALL;
  const share = Math.min(MOST_SHARE, (USUAL_PLANTS / Math.max(1, plants)) ** COST_POWER);
  const effort = EFFORT * share;
  return {
    // Where few plants can lead, more of each lead's casts are grown, so that there is still a choice.
    perLead: Math.max(PER_LEAD, Math.ceil(GROWN_IN_ALL / Math.max(1, leads))),
    leads: 7,
    recasts: 8,
    effort,
    mending: Math.ceil(MENDING * Math.min(1, share)),
    further: effort + LOOK_FURTHER,
    sweep: small ? EVERY_WAY : BY_TWO,
    among: small ? Infinity : AMONG,
  };
}

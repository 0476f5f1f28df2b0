/** What a search may spend, counted in plantings grown and judged. Working figures: under a second in the worker. */
export interface Budget {
  /** Casts grown in full for each lead. */
  perLead: number;
  /** Leads looked at. */
  leads: number;
  /** How many are bettered, and how many of those from every direction. */
  improved: number;
  sought: number;
  /** Rounds of climbing, and patterns tried for the same kinds in each. */
  rounds: number;
  recasts: number;
  /** Spent on each of those offered that have something to watch. */
  mending: number;
  /** No further climb is begun after so many. */
  effort: number;
  /** Looked through further down the list where there is no choice yet. */
  further: number;
  /** Tried of the ways to fill the plainest patterns, and of two kinds changed at once; 0 for never. */
  sweep: number;
  leap: number;
}

const PER_LEAD = 3;
const GROWN_IN_ALL = 10;
const EFFORT = 380;
const MENDING = 130;
const LOOK_FURTHER = 240;
/** In a library of so few plants more of what there is can be tried. */
export const SMALL = 30;
const EFFORT_SMALL = 700;
const EFFORT_SWEEP = 420;
const EFFORT_LEAP = 250;
/** Judging costs with about this power of the number of plants over a usual eight: long boxes get fewer tries for the same time. */
const USUAL_PLANTS = 8;
const COST_POWER = 1.7;

/** The budget for so many plants on offer, patterns of so many plants, and so many that can lead. */
export function budgetFor(offered: number, plants: number, leads: number): Budget {
  const small = offered <= SMALL;
  const share = Math.min(1, (USUAL_PLANTS / Math.max(1, plants)) ** COST_POWER);
  const effort = (small ? EFFORT_SMALL : EFFORT) * share;
  return {
    // Where few plants can lead, more of each lead's casts are grown, so that there is still a choice.
    perLead: Math.max(PER_LEAD, Math.ceil(GROWN_IN_ALL / Math.max(1, leads))),
    leads: 7,
    improved: small ? 2 : 1,
    sought: small ? 4 : 2,
    rounds: small ? 4 : 2,
    recasts: small ? 30 : 8,
    effort,
    mending: small ? MENDING * 3 : Math.ceil(MENDING * share),
    further: effort + LOOK_FURTHER,
    sweep: small ? EFFORT_SWEEP : 0,
    leap: small ? EFFORT_LEAP : 0,
  };
}

import type { NearWall } from './light';

/**
 * Why a plant is not there: not planted yet, killed by frost, drought or the dark under its neighbours,
 * lifted, or died down until its next season.
 */
export type Gone = 'to come' | 'frost' | 'dry' | 'dark' | 'lifted' | 'asleep';

/** A plant in one week. Lengths in mm; height is above the soil, trail below the rim. */
export interface Grown {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
  /** Share of full flower, 0–1. */
  bloom: number;
  /** Share of its fullest show of berries, fruit or seed heads, 0–1. */
  after: number;
  /** Share of the light it needs that its neighbours leave it, 0–1. */
  light: number;
  alive: boolean;
  /** Null while it lives. */
  gone: Gone | null;
  /** Weeks since it died or was lifted; 0 while it lives. */
  goneWeeks: number;
}

/** What is kept of a plant from week to week beside its size. */
export interface Tended {
  shelter: 'fleece' | 'indoors' | null;
  /** Weeks since its tips were last taken off; null when they never were. */
  sincePinch: number | null;
  /** Weeks since it was last cut back; null when it never was. */
  sinceCut: number | null;
  /** Weeks since its spent flowers were last taken off; null when they never were. */
  sinceDeadhead: number | null;
  /** Weeks since it went dry; null when it never did. */
  sinceDry: number | null;
  /** How often it went dry. */
  timesDry: number;
  /** Weeks since it was last fed by hand; null when it never was. */
  sinceFeed: number | null;
  /** Weeks of full warmth since it was set out: how far its roots are. */
  rootedWeeks: number;
  /** Weeks since it was potted: its roots fill the mix in time. */
  pottedWeeks: number;
  /** Weeks running in the dark under its neighbours. */
  darkWeeks: number;
  /** How much broader it is heading for than it would have been: side shoots. */
  bushier: number;
  /** The share of its size it is still heading for: under 1 where it was cut back and does not come again. */
  regrows: number;
}

export interface PlantState {
  grown: Grown;
  tended: Tended;
}

export interface Week {
  week: number;
  date: string;
  meanC: number;
  plants: Grown[];
}

/** The weeks in which a placement stands there: from one, up to but not including another. */
export interface Life {
  from: number;
  until: number | null;
}

export interface Season {
  placed: NearWall[];
  /** In the order of `placed`. */
  lives: Life[];
  weeks: Week[];
  /** The judged week: when bloom and canopy are near their most. */
  peak: number;
  /** Week number of the first frost in the season reckoned, or null. */
  frostWeek: number | null;
}

import type { Measure } from '../balance/assess';
import type { Plant } from '../plants/schema';
import type { Role } from '../plants/traits';
import type { Placement } from '../plantings/schema';
import type { Pattern } from './patterns';
import type { ThemeId } from './themes';

/** A kind for each part of a pattern. */
export type Cast = Record<string, Plant>;

/** Plants by role, most promising first. */
export type Ranked = Record<Role, { plant: Plant; value: number }[]>;

/**
 * Whether one species may stand here in several colours: never, twice where many hues are asked for, or
 * nothing else.
 */
export type Kin = 'never' | 'twice' | 'only';

/** A pattern with kinds in its parts, not grown yet. */
export interface Candidate {
  /** Plants by role as they were ranked for the hue this was cast in. */
  ranked: Ranked;
  pattern: Pattern;
  cast: Cast;
  /** With the smallest starts; left out, small starts are tried only when the budget asks. */
  small?: boolean;
  guess: number;
  kin: Kin;
  /** What it is about; null for one more of what others are about. */
  theme: ThemeId | null;
}

/** Whether a plant may join others: no plant twice, and of its own species as many as may be. */
export function mayJoin(kin: Kin, others: readonly (Plant | undefined)[], plant: Plant): boolean {
  const there = others.filter((o) => o !== undefined);
  const own = there.filter((o) => o.botanical === plant.botanical);
  if (own.some((o) => o.id === plant.id)) return false;
  return kin === 'only' ? own.length === there.length : own.length < (kin === 'twice' ? 2 : 1);
}

const leading = ({ cast }: Pick<Candidate, 'cast'>): Plant | undefined => cast.T ?? cast.F0;
/** The plant a cast is built round, and its species. */
export const leadOf = (c: Pick<Candidate, 'cast'>): string => leading(c)?.id ?? '';
export const leadSpeciesOf = (c: Pick<Candidate, 'cast'>): string => leading(c)?.botanical ?? '';

/** A planting found, with what it was made of: all that choosing among them needs. */
export interface Idea extends Pick<Candidate, 'pattern' | 'cast' | 'theme'> {
  placements: Placement[];
  measured: Measure;
}

/** A candidate grown, placed and judged. */
export interface Judged extends Candidate, Idea {}

/** What is asked of a candidate: to be worth more than so much, and to be such as may be offered. */
export interface AskedOfCandidate {
  over: number;
  clean: boolean;
}

/** Grows and judges candidates, and keeps what it has judged. Null for what does not fit, and what is not as asked. */
export interface Judge {
  (c: Candidate, asked?: AskedOfCandidate): Judged | null;
  /** Whether these plants, with any others, cannot come to what is asked. */
  hopeless: (plants: readonly Plant[], asked: AskedOfCandidate) => boolean;
  /** What it came to so far, counted in plantings measured whole. */
  spent: () => number;
}

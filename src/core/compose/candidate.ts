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

/** A pattern with kinds in its parts, not grown yet. */
export interface Candidate {
  /** Plants by role as they were ranked for the hue this was cast in. */
  ranked: Ranked;
  pattern: Pattern;
  cast: Cast;
  /** With the smallest starts; left out, small starts are tried only when the budget asks. */
  small?: boolean;
  guess: number;
  /** Made of cousins: one species in several colours. */
  kin: boolean;
  /** What it is about; null for one more of what others are about. */
  theme: ThemeId | null;
}

/** Whether a plant may join others: no species twice, or none but their own where all are to be cousins. */
export const mayJoin = (kin: boolean, others: readonly (Plant | undefined)[], plant: Plant): boolean =>
  others.every(
    (o) => !o || (kin ? o.botanical === plant.botanical && o.id !== plant.id : o.botanical !== plant.botanical),
  );

/** The plant a cast is built round. */
export const leadOf = (c: Candidate): string => (c.cast.T ?? c.cast.F0)?.id ?? '';

/** A candidate grown, placed and judged. */
export interface Judged extends Candidate {
  placements: Placement[];
  measured: Measure;
}

/** Grows and judges candidates, and keeps what it has judged. */
export interface Judge {
  (c: Candidate): Judged | null;
  /** How many different plantings it has judged. */
  tried: () => number;
}

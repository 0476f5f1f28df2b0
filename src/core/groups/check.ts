import type { Severity } from '../balance/severity';
import type { Stand } from './schema';
import type { Scene } from './scene';

/** A change of where one stands, by its id. */
export type Shift = Pick<Stand, 'id'> & Partial<Stand>;

/** A way to better it: moves of some containers. */
export interface Move {
  label: string;
  stands: readonly Shift[];
}

/** What one check finds in a scene. */
export interface Judged {
  severity: Severity;
  measured: number;
  band: readonly [number, number];
  scale: readonly [number, number];
  /** The figure as it is read out. */
  figure: string;
  message: string;
  /** Ids of the stands it is about. */
  culprits: string[];
  moves: Move[];
}

/** One thing a group is judged by. A check that does not apply finds nothing. */
export interface GroupCheck {
  name: string;
  rule: string;
  source: string;
  of: (scene: Scene) => Judged | null;
}

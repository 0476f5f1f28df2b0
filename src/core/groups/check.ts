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

/** A way to better it that changes what a container is, or what grows in it. */
export type Change =
  | { kind: 'repaint'; label: string; /** Containers, by their planting. */ of: readonly string[]; colour: string }
  | { kind: 'recast'; label: string; of: string; /** The plant it is to share. */ plant: string };

/** What one check finds in a scene. */
export interface GroupJudged {
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
  changes?: Change[];
}

/** One thing a group is judged by. A check that does not apply finds nothing. */
export interface GroupCheck {
  name: string;
  rule: string;
  source: string;
  of: (scene: Scene) => GroupJudged | null;
}

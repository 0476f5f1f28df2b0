import type { LeafFacts, Role } from '../traits';
import type { Outline } from './outlines';

/** The canopy's ways of drawing a plant. */
export type Drawing =
  | 'fan'
  | 'fountain'
  | 'wand'
  | 'cane'
  | 'bush'
  | 'mound'
  | 'cloud'
  | 'frond'
  | 'rosette'
  | 'cascade'
  | 'trail'
  | 'stalk'
  | 'climber';

/** How a plant holds itself, and all that follows from it. Lengths in mm. */
export interface HabitKind {
  label: string;
  /**
   * What a plant of this habit is ordinarily like in a container. Working figures: the middle of the shipped
   * records.
   */
  typical: {
    heightMm: [number, number];
    spreadMm: [number, number];
    trailMm: [number, number];
    roles: Role[];
    leaf: LeafFacts;
  };
  /** Least and greatest height over spread it grows to. Working figures: what plants so described look like. */
  ratio: readonly [number, number];
  /** Leaf area over ground area of a full canopy. Working figure by how open it is. */
  leafAreaIndex: number;
  /** Share of its outline that hides what is behind it. Working figure: a plant held against the light. */
  solid: number;
  outline: Outline;
  drawing: Drawing;
}

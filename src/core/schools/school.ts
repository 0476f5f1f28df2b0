import { isLong, rowsIn } from '../containers/counts';
import type { Form } from '../containers/form';
import type { Shape } from '../containers/schema';
import { shapeOf } from '../containers/shapes';
import type { RowLay } from './lays/rows';
import type { Lay, Slot } from './lays/slot';

export type Band = [low: number, high: number];

/** How far the tallest stands over the rim, and by what that is counted: the container’s depth, its width, or mm. */
export interface TallReach {
  of: 'depth' | 'width' | 'mm';
  band: Band;
}

/** How the layers of a planting step down, and where that stops being bearable. */
export interface LayerSteps {
  /** The thriller over the middle of the fillers, or the spread of heights over the tallest. */
  kind: 'thriller' | 'level';
  band: Band;
  outer: Band;
}

/** What a school asks otherwise than most do; what it does not say is as the container's form has it. */
export interface Asks {
  /** Neighbours are meant to differ. Left out, yes. */
  contrast?: boolean;
  /** Kinds are meant to come again. Left out, yes. */
  repeat?: boolean;
  /** All are close cousins on purpose. */
  kin?: boolean;
  /** The lead is chosen for its leaf. */
  leafLeads?: boolean;
  /** Share of the seen rim with something over it. */
  rim?: Band;
  /** Most soil that may show from week six. */
  soil?: number;
  /** Least colour, flower and coloured leaf, of all that is seen. */
  colour?: number;
  /** Least flower, and where it is fine. */
  flower?: Band;
  /** Its counts over those of a mixed pot. */
  counts?: Band;
}

/** A way of arranging a container: its targets, its words, and how it lays out each kind of room. */
export interface School {
  label: string;
  /** One sentence, for whoever chooses. */
  about: string;
  /** Where its lead stands, as the middle of a sentence. */
  leads: string;
  /** The tallest above the rim, by container form. */
  height: Record<Form, TallReach>;
  /** Null where layers are not asked to step down. */
  steps: LayerSteps | null;
  /** One plant stands over the rest. */
  star: boolean;
  /** Something is meant to hang over the rim. */
  hangs: boolean;
  /** Left and right are meant to weigh the same. */
  balanced: boolean;
  /** Height a filler aims at, over that of the tallest. Working figure. */
  fillerShare: number;
  /** What is asked otherwise than of most. */
  asks?: Asks;
  /** Ways of filling a shape, each a slot for every plant. */
  lays: (shape: Shape, lay: Lay) => Slot[][];
}

interface Ways {
  /** In a long container. */
  rows: (lay: RowLay) => Slot[][];
  /** Flat against a wall, open at the back. Left out, as in the round. */
  wall?: (lay: Lay) => Slot[];
  /** In the round, turned by so much. */
  ring: (lay: Lay, turn: number) => Slot[];
  /** The ring looks different when it is turned. */
  turns?: boolean;
}

/** Fewer plants than this look the same however they are turned. */
const TURNED_FROM = 4;

/** A square is planted on its corners or its sides; other shapes are indifferent to more than half a step. */
const turnsFor = (shape: Shape, around: number): number[] =>
  shape.kind === 'square' ? [Math.PI / 4, 0] : [0, Math.PI / around];

/**
 * A school's ways put to a shape: rows in what is long, the wall's where there is no back, else a ring in
 * each of its turns.
 */
export function laysBy({ rows, wall, ring, turns = true }: Ways): School['lays'] {
  return (shape, lay) => {
    if (isLong(shape)) return rows({ ...lay, deep: rowsIn(shape) > 2 });
    if (wall && shapeOf(shape).backless) return [wall(lay)];
    const by = !turns || lay.n < TURNED_FROM ? [0] : turnsFor(shape, lay.n - 1);
    return by.map((turn) => ring(lay, turn));
  };
}

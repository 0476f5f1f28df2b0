/**
 * What a canopy is built of. Every kind is modelled one unit long: base at the origin, tip at +Y, width across X, face
 * toward +Z, and a unit of droop or cup in −Z, so that an instance's matrix gives length, width and droop.
 */
export const KINDS = [
  'ovate',
  'heart',
  'lobed',
  'round',
  'palmate',
  'strap',
  'blade',
  'needle',
  'feather',
  'frond',
  'spoon',
  'barrel',
  'trumpet',
  'face',
  'daisy',
  'floret',
  'bell',
  'spikelet',
  'plume',
  'bud',
  'stem',
] as const;
export type Kind = (typeof KINDS)[number];

/** Instances of one kind. Matrices are column-major 4 × 4, mm; x right, y up from the rim, z toward the viewer. */
export interface Batch {
  kind: Kind;
  count: number;
  matrices: Float32Array;
  /** Linear-light RGB of the body and of the edge, vein or throat. */
  colourA: Float32Array;
  colourB: Float32Array;
  /** 1 where the second colour follows the veins, 0 where it follows the edge. */
  veined: Float32Array;
  /** Index of the placement each belongs to. */
  owner: Uint16Array;
}

export interface Canopy {
  batches: Batch[];
  /** Share of its pieces that is here, a fair sample of each kind; 1 for all. */
  share: number;
  /** Extent above and below the rim and to either side, mm. */
  top: number;
  bottom: number;
  reach: number;
}

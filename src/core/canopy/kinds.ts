/**
 * What a canopy is built of. Every kind is modelled one unit long: base at the origin, tip at +Y, width across X, face
 * toward +Z, and a unit of droop or cup in −Z, so that an instance's matrix gives length, width and droop. Open flowers
 * lie round their middle and look toward +Z.
 */
export const LEAF_KINDS = [
  // Along a midrib.
  'ovate',
  'toothed',
  'scalloped',
  'paddle',
  'strap',
  'spoon',
  'blade',
  'needle',
  // With veins from the stalk.
  'heart',
  'ear',
  'ribbed',
  'lobed',
  'ivy',
  'ruffled',
  'zonal',
  'cornered',
  'round',
  'cupped',
  'palmate',
  'pleated',
  // Many on one stem.
  'feather',
  'pinnate',
  'frond',
  'shoot',
  'coins',
  'needles',
  'scales',
  'barrel',
] as const;
export type LeafKind = (typeof LEAF_KINDS)[number];

/** Flowers that look outward from their middle. */
export const OPEN_KINDS = [
  'trumpet',
  'face',
  'flat',
  'wax',
  'pansy',
  'lip',
  'sage',
  'fan',
  'mask',
  'dragon',
  'fringed',
  'daisy',
  'floret',
  'knot',
  'geranium',
  'pompon',
  'dahlia',
  'rose',
  'floppy',
  'lily',
  'daffodil',
] as const;
export type OpenKind = (typeof OPEN_KINDS)[number];

/** Flowers that hang, and those that stand at the end of a stalk. */
export const HUNG_KINDS = ['fuchsia', 'bell', 'flare'] as const;
export type HungKind = (typeof HUNG_KINDS)[number];
export const STANDING_KINDS = ['foxtail', 'plume', 'goblet', 'swept'] as const;
export type StandingKind = (typeof STANDING_KINDS)[number];

const FLOWER_KINDS = [...OPEN_KINDS, ...HUNG_KINDS, ...STANDING_KINDS, 'spikelet', 'bud', 'berry'] as const;

export const KINDS = [...LEAF_KINDS, ...FLOWER_KINDS, 'stem', 'lump'] as const;
export type Kind = (typeof KINDS)[number];

const OPENED: ReadonlySet<Kind> = new Set(OPEN_KINDS);
/** Whether it looks outward from its middle. */
export const isOpen = (kind: Kind): boolean => OPENED.has(kind);

const FLOWERS: ReadonlySet<Kind> = new Set(FLOWER_KINDS);
/** Whether it is flower or fruit, and not leaf or stem. */
export const isFlower = (kind: Kind): boolean => FLOWERS.has(kind);

/** Instances of one kind. Matrices are column-major 4 × 4, mm; x right, y up from the rim, z toward the viewer. */
export interface Instances {
  kind: Kind;
  count: number;
  matrices: Float32Array;
  /** Linear-light RGB of the body and of the edge, vein or throat. */
  colourA: Float32Array;
  colourB: Float32Array;
  /**
   * Of the veins, where those of a piece are of another colour than its edge; empty where no piece of the
   * kind has such.
   */
  colourC: Float32Array;
  /** What the second colour follows: 0 the edge, 1 the veins, 2 both, 3 the edge while the veins are of the third. */
  veined: Float32Array;
  /** How it takes the light: 1 shines, 0 is matt, −1 is felted. */
  gloss: Float32Array;
  /** Index of the placement each belongs to. */
  owner: Uint16Array;
}

export interface Canopy {
  batches: Instances[];
  /** Share of its pieces that is here, a fair sample of each kind; 1 for all. */
  share: number;
  /** Extent above and below the rim and to either side, mm. */
  top: number;
  bottom: number;
  reach: number;
}

import { genusOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { LeafForm } from '../plants/traits';
import { keptBy } from '../units/keep';
import type { LeafKind } from './kinds';
import { between, type Sprig } from './sprig';
import type { Rgb } from './piece';
import { blend, leafTints } from './tints';
import type { Vec } from './vector';

/**
 * How a plant’s leaves are drawn: as what, how long a piece is, how wide beside that, and how much of its box
 * is leaf.
 */
export interface LeafLook {
  kind: LeafKind;
  lengthMm: number;
  aspect: number;
  filled: number;
  /** Kept close by shears: a ball of it is a ball. */
  clipped?: boolean;
}

/** Leaves of a form, where the genus says nothing. Widths are over length. Working figures by eye. */
const BY_FORM: Record<LeafForm, { kind: LeafKind; aspect: number }> = {
  strap: { kind: 'strap', aspect: 0.075 },
  grass: { kind: 'blade', aspect: 0.02 },
  needle: { kind: 'needle', aspect: 0.13 },
  feather: { kind: 'feather', aspect: 0.62 },
  ovate: { kind: 'ovate', aspect: 0.56 },
  heart: { kind: 'heart', aspect: 0.96 },
  lobed: { kind: 'lobed', aspect: 1 },
  round: { kind: 'round', aspect: 1.02 },
  rosette: { kind: 'spoon', aspect: 0.46 },
  palmate: { kind: 'palmate', aspect: 1.05 },
};

/**
 * Leaves by genus, for the forms they are told as; a shoot is so many leaves long, a whole leaf so many of
 * the leaflets it is told by. What gardeners know a plant by without its flower.
 */
const BY_GENUS: Record<
  string,
  Partial<Record<LeafForm, { kind: LeafKind; aspect: number; shoot?: number; whole?: number }>>
> = {
  // Clipped, or as close as clipped: short shoots.
  Buxus: { ovate: { kind: 'shoot', aspect: 0.85, shoot: 2.3 } },
  Ilex: { ovate: { kind: 'shoot', aspect: 0.8, shoot: 2.4 } },
  Coleus: { ovate: { kind: 'scalloped', aspect: 0.68 } },
  Plectranthus: { ovate: { kind: 'scalloped', aspect: 0.8 } },
  Pelargonium: { round: { kind: 'zonal', aspect: 1.08 }, lobed: { kind: 'cornered', aspect: 1.1 } },
  Heuchera: { lobed: { kind: 'ruffled', aspect: 1.06 } },
  Heucherella: { lobed: { kind: 'ruffled', aspect: 1.02 } },
  Tiarella: { lobed: { kind: 'ruffled', aspect: 1 } },
  Hedera: { lobed: { kind: 'ivy', aspect: 1.04 } },
  Hosta: { heart: { kind: 'ribbed', aspect: 0.74 } },
  Caladium: { heart: { kind: 'ear', aspect: 0.78 } },
  Colocasia: { heart: { kind: 'ear', aspect: 0.78 } },
  Alocasia: { heart: { kind: 'ear', aspect: 0.62 } },
  Brassica: { rosette: { kind: 'ruffled', aspect: 0.92 }, strap: { kind: 'paddle', aspect: 0.24 } },
  Canna: { ovate: { kind: 'paddle', aspect: 0.56 } },
  Musa: { ovate: { kind: 'paddle', aspect: 0.34 } },
  Ensete: { ovate: { kind: 'paddle', aspect: 0.34 } },
  Hedychium: { ovate: { kind: 'paddle', aspect: 0.22 } },
  Begonia: { round: { kind: 'cupped', aspect: 1 }, ovate: { kind: 'toothed', aspect: 0.6 } },
  Fuchsia: { ovate: { kind: 'toothed', aspect: 0.5 } },
  Salvia: { ovate: { kind: 'toothed', aspect: 0.44 } },
  Verbena: { ovate: { kind: 'toothed', aspect: 0.46 } },
  Lantana: { ovate: { kind: 'toothed', aspect: 0.62 } },
  Dahlia: { ovate: { kind: 'pinnate', aspect: 0.8, whole: 2 }, feather: { kind: 'pinnate', aspect: 0.8, whole: 1.5 } },
  Impatiens: { ovate: { kind: 'toothed', aspect: 0.5 } },
  Hydrangea: { ovate: { kind: 'toothed', aspect: 0.62 } },
  Chrysanthemum: { ovate: { kind: 'lobed', aspect: 0.8 }, lobed: { kind: 'lobed', aspect: 0.8 } },
  Primula: { ovate: { kind: 'scalloped', aspect: 0.46 } },
  Mentha: { ovate: { kind: 'toothed', aspect: 0.5 } },
  Melissa: { ovate: { kind: 'toothed', aspect: 0.66 } },
  Scaevola: { ovate: { kind: 'toothed', aspect: 0.42 } },
  Rosa: { ovate: { kind: 'pinnate', aspect: 0.74, whole: 1.9 }, feather: { kind: 'pinnate', aspect: 0.74 } },
  Thuja: { needle: { kind: 'scales', aspect: 0.6 } },
  Chamaecyparis: { needle: { kind: 'scales', aspect: 0.6 } },
  Tagetes: { feather: { kind: 'feather', aspect: 0.5 } },
  Abutilon: { lobed: { kind: 'lobed', aspect: 0.9 } },
  Solanum: { ovate: { kind: 'lobed', aspect: 0.7 } },
  Viola: { ovate: { kind: 'toothed', aspect: 0.56 } },
  Spathiphyllum: { ovate: { kind: 'ovate', aspect: 0.36 } },
  Lonicera: { ovate: { kind: 'ovate', aspect: 0.62 } },
  Pericallis: { heart: { kind: 'zonal', aspect: 1.05 } },
  Gerbera: { lobed: { kind: 'toothed', aspect: 0.36 } },
  Chamaerops: { palmate: { kind: 'pleated', aspect: 1.05 } },
  Trachycarpus: { palmate: { kind: 'pleated', aspect: 1.05 } },
  Nephrolepis: { feather: { kind: 'frond', aspect: 0.2 } },
};

/** A leaf of a shoot, beside the shoot's length, and how wide it is beside its own: as they are painted on it. */
export const LEAF_OF_SHOOT: Partial<Record<LeafKind, { long: number; wide: number }>> = {
  shoot: { long: 0.27, wide: 0.55 },
  coins: { long: 0.32, wide: 0.94 },
  needles: { long: 0.26, wide: 0.15 },
};

/** Leaves shorter than this are drawn as shoots that carry many, so wide beside their length. mm, working figures. */
const SMALL: Partial<Record<LeafKind, { under: number; kind: LeafKind; aspect: number }>> = {
  ovate: { under: 31, kind: 'shoot', aspect: 0.7 },
  toothed: { under: 24, kind: 'shoot', aspect: 0.7 },
  round: { under: 30, kind: 'coins', aspect: 0.72 },
  needle: { under: 60, kind: 'needles', aspect: 0.62 },
};
/**
 * A shoot is drawn no shorter than this, mm, whatever its leaves: a pot of thyme must still be drawn at once.
 * Working figure.
 */
const SHORTEST_SHOOT = 42;
/**
 * Shorter than this a strap is a lance and a grass blade a pink’s leaf: broader for their length. mm, working
 * figure.
 */
const SHORT_MM = 140;
/** Share of their box that leaves and shoots fill. By the outlines they are drawn with. */
const FILLED = { leaf: 0.62, shoot: 0.38, cut: 0.34, clipped: 0.26 };

/** Leaves cut to the rib. */
const CUT: ReadonlySet<LeafKind> = new Set(['feather', 'pinnate']);

function aspectOf({ leaf }: Plant, usual: number): number {
  if (leaf.form === 'ovate' && leaf.size === 'fine' && leaf.lengthMm >= 31) return Math.min(usual, 0.34);
  if (leaf.lengthMm < SHORT_MM && leaf.form === 'strap') return 0.2;
  if (leaf.lengthMm < SHORT_MM && leaf.form === 'grass') return 0.07;
  return usual;
}

/** How the leaves of a plant are drawn. Kept by the record. */
export const leafLook: (p: Plant) => LeafLook = keptBy((p: Plant): LeafLook => {
  const { form, lengthMm } = p.leaf;
  const genus = BY_GENUS[genusOf(p.botanical)]?.[form];
  const own = genus ?? BY_FORM[form];
  if (genus?.shoot)
    return {
      kind: genus.kind,
      lengthMm: lengthMm * genus.shoot,
      aspect: genus.aspect,
      filled: FILLED.clipped,
      clipped: true,
    };
  const small = SMALL[own.kind];
  if (small && lengthMm < small.under)
    return {
      kind: small.kind,
      lengthMm: Math.max(SHORTEST_SHOOT, lengthMm / (LEAF_OF_SHOOT[small.kind]?.long ?? 1)),
      aspect: small.aspect,
      filled: FILLED.shoot,
    };
  return {
    kind: own.kind,
    lengthMm: lengthMm * (genus?.whole ?? 1),
    aspect: genus?.aspect ?? aspectOf(p, own.aspect),
    filled: CUT.has(own.kind) ? FILLED.cut : FILLED.leaf,
  };
});

/** Outside of one ordinary piece of leaf, mm². */
export const leafAreaMm2 = (p: Plant): number => {
  const { lengthMm, aspect, filled } = leafLook(p);
  return lengthMm ** 2 * aspect * filled;
};

const GLOSS = { glossy: 1, matte: 0, felted: -1, waxy: 0.35 } as const;
/** How leaves of a plant take the light. */
export const glossOf = (p: Plant): number => GLOSS[p.leaf.surface];

/** The oldest leaves go this way before they fall; at the end of summer so much further. By eye. */
const OLD: Rgb = [0.42, 0.3, 0.06];
const TIRED = 0.9;

/**
 * A leaf, or a shoot of small ones, at a place. `size` scales its ordinary length; an old one has gone a
 * little yellow.
 */
export function leafAt(s: Sprig, at: Vec, along: Vec, face: Vec, size = 1, old = 0): void {
  if (s.season.bare) return;
  const yellow = Math.min(1, old + (old > 0 ? s.season.tired * TIRED : 0));
  const look = leafLook(s.plant);
  const length = look.lengthMm * size * between(s, 0.78, 1.12);
  const width = length * look.aspect * between(s, 0.92, 1.06);
  const { a, b, c, seconds } = leafTints(s);
  s.put({
    kind: look.kind,
    at,
    along,
    face,
    length,
    width,
    droop: Math.min(width, length * 0.7) * between(s, 0.4, 0.95),
    a: yellow > 0 ? blend(a, OLD, yellow * 0.6) : a,
    b,
    ...(c && { c }),
    seconds,
    owner: s.owner,
    gloss: glossOf(s.plant),
  });
}

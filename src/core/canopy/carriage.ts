import { genusOf } from '../plants/facts';
import { GENERA } from '../plants/genera';
import type { Habit } from '../plants/habits';
import type { Plant } from '../plants/schema';
import type { LeafForm } from '../plants/traits';
import { keptBy } from '../units/keep';

/**
 * How a plant whose leaves all spring from the soil holds them. Angles in radians over level. Working figures by eye,
 * after the plants as they stand in a pot.
 */
export interface Crown {
  /** Stalk of a leaf over its blade; 0 where the blade begins at the soil and lies in a rose. */
  stalk: number;
  /** How steeply the blades of the youngest leaves point, and those of the oldest: under 0 they hang. */
  young: number;
  old: number;
  /** How far the outermost leaves stand under the middle ones, as a share of the height. */
  dome: number;
  /** Leaves reach so much of its height where it is in flower. */
  leafy: number;
  /** Flowers on one stalk from the soil: one, a few up its top, or many in a loose spire. */
  flowers: number;
  /** Leaf over the ground it covers. */
  layers: number;
  /** So much of its height is one thick stem of rolled leaf stalks, from which its leaves part. */
  trunk: number;
}

const crown = (stalk: number, young: number, old: number, more: Partial<Crown> = {}): Crown => ({
  stalk,
  young,
  old,
  dome: 0.42,
  leafy: 0.75,
  flowers: 1,
  layers: 2.1,
  trunk: 0,
  ...more,
});

/** Hostas and their like: broad blades on stalks, overlapping in a bowl wider than it is high. */
const BOWL = crown(0.9, 0.25, -0.62, { flowers: 6, leafy: 0.86 });
/** Coral bells: scalloped leaves on wiry stalks, tiny bells in loose spires over them. */
const CORAL = crown(1, 0.35, -0.5, { flowers: 9, leafy: 0.62, dome: 0.5 });
/** Elephant’s ears: few leaves on long stalks, that hang by the place where the stalk joins. */
const EARS = crown(1.5, -0.5, -0.9, { dome: 0.36, leafy: 0.95, layers: 1.1 });
/** Leaves that stand about the middle and lean out below: Chinese evergreens. */
const STANDING = crown(0.7, 1.25, 0.1, { dome: 0.7, leafy: 0.85, layers: 2.4 });
/** Leaves in a rose on the soil: primroses, daisies, lettuces. */
const ROSE = crown(0, 1.15, 0.12, { leafy: 0.62, layers: 1.9 });
/** Daisies of the Cape: narrow leaves, each flower on a stalk over them. */
const CAPE = crown(0, 1.2, 0.2, { leafy: 0.66, layers: 2.3 });
/** Leaves cut as parsley’s on stalks from a tuber, each flower on a stalk. */
const CUT = crown(0.8, 0.7, -0.1, { leafy: 0.6, layers: 2.4 });

/** Few broad leaves from one thick stem, the young upright, the old arching over: bananas. */
const PLANTAIN = crown(0.5, 1.3, -0.15, { dome: 0.34, leafy: 1, layers: 0.6, trunk: 0.38 });
/** Fans on long stiff stalks, that stand in the middle and spread below: palms. */
const FANS = crown(1, 1.25, -0.2, { dome: 0.78, leafy: 1, layers: 1.7 });

/** By genus, for leaves of so many forms; a genus not named here holds its leaves on stems. */
const CROWNS: Record<string, Partial<Record<LeafForm, Crown>>> = {
  Hosta: { heart: BOWL },
  Brunnera: { heart: crown(0.9, 0.2, -0.45, { leafy: 0.7, flowers: 5 }) },
  Bergenia: { round: crown(0.4, 1.05, -0.2, { dome: 0.62, leafy: 0.62, flowers: 5 }) },
  Heuchera: { lobed: CORAL },
  Tiarella: { lobed: CORAL },
  Saxifraga: { palmate: CORAL },
  Cyclamen: { heart: crown(1, 0.35, -0.35, { dome: 0.55, leafy: 0.58, layers: 1.9 }) },
  Begonia: { heart: crown(0.9, 0, -0.6, { leafy: 0.92, flowers: 3 }) },
  Helleborus: { palmate: crown(1.3, 0.3, -0.4, { leafy: 0.72, flowers: 3, layers: 2.6 }) },
  Eranthis: { palmate: CUT },
  Anemone: { feather: CUT },
  Ranunculus: { feather: CUT },
  Petroselinum: { feather: crown(1.2, 0.9, 0.1, { leafy: 1 }), lobed: crown(1.2, 0.9, 0.1, { leafy: 1 }) },
  Caladium: { heart: EARS },
  Colocasia: { heart: EARS },
  Alocasia: { heart: EARS },
  Zantedeschia: { heart: crown(1.3, 0.75, -0.1, { leafy: 0.85 }) },
  Strelitzia: { ovate: crown(1.6, 1.2, 0.5, { leafy: 0.95, layers: 1.4 }) },
  Spathiphyllum: { ovate: crown(0.9, 0.7, -0.3, { leafy: 0.78 }) },
  Goeppertia: { ovate: crown(0.9, 0.6, -0.2) },
  Aglaonema: { ovate: STANDING },
  Musa: { ovate: PLANTAIN },
  Ensete: { ovate: PLANTAIN },
  Chamaerops: { palmate: FANS },
  Trachycarpus: { palmate: FANS },
  Beta: { ovate: crown(1.2, 1.35, 0.75, { dome: 0.55, leafy: 1, layers: 1.5 }) },
  Spinacia: { ovate: crown(0.5, 1, 0.2, { leafy: 1 }) },
  Eruca: { lobed: crown(0.5, 1, 0.2, { leafy: 1 }) },
  Lactuca: { lobed: crown(0, 1.2, 0.3, { leafy: 1, layers: 3 }) },
  Raphanus: { ovate: crown(0.3, 1.1, 0.3, { leafy: 1 }) },
  Primula: { ovate: ROSE, rosette: crown(0, 1.15, 0.12, { leafy: 0.55, flowers: 1 }) },
  Bellis: { ovate: ROSE },
  Gerbera: { lobed: crown(0.25, 0.9, 0, { leafy: 0.55 }) },
  Gazania: { strap: CAPE },
  Arctotis: { lobed: CAPE },
  Tropaeolum: { round: crown(1.2, 0.5, -0.3, { dome: 0.55, leafy: 0.92 }) },
  Pulmonaria: { ovate: crown(0.3, 0.7, -0.2, { leafy: 0.75, flowers: 4 }) },
  Stachys: { ovate: crown(0.1, 0.9, 0, { leafy: 0.8, flowers: 5 }) },
};

/**
 * Broad leaves with veins from their stalk, so long or longer, of a low plant are borne from the soil where
 * its genus is not known. mm, working figure.
 */
const BROAD_MM = 50;
const BROAD: ReadonlySet<LeafForm> = new Set(['heart', 'lobed', 'palmate']);

/** What trails, climbs or arches as a grass bears its leaves on stems whatever its genus. */
const UPRIGHT: ReadonlySet<Habit> = new Set<Habit>(['mound', 'stalk', 'cane', 'bush', 'fan']);

/**
 * How a plant holds its leaves where all spring from the soil; null where they are borne on stems. Kept by
 * the record.
 */
export const crownOf: (p: Plant) => Crown | null = keptBy((p: Plant): Crown | null => {
  if (!UPRIGHT.has(p.habit)) return null;
  const genus = CROWNS[genusOf(p.botanical)];
  if (genus) return genus[p.leaf.form] ?? null;
  const broad = p.habit === 'mound' && BROAD.has(p.leaf.form) && p.leaf.lengthMm >= BROAD_MM;
  return broad && !(genusOf(p.botanical) in GENERA) ? BOWL : null;
});

/**
 * Gauras, by both of their names: flowers strung along thin whips over a leafy foot. Other evening primroses
 * are not so.
 */
const WHIPPED: ReadonlySet<string> = new Set(['Oenothera lindheimeri', 'Gaura lindheimeri']);
/** Whether its flowers are strung along whips. */
export const isWhipped = (p: Plant): boolean => WHIPPED.has(p.botanical);

/** Whether it was trained to a round head on a clear stem, as its record says in its variety. */
export const isStandard = ({ variety }: Plant): boolean => /\bstandard\b/i.test(variety);

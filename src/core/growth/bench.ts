import { factsOf } from '../plants/facts';
import type { Habit } from '../plants/habits';
import type { Plant } from '../plants/schema';
import { asleep } from '../plants/sleep';
import { STARTS, type StartSize } from '../plants/starts';
import { among } from '../plants/ways/lists';
import { keptBy } from '../units/keep';
import { clamp01, lerp, middleOf } from '../units/number';

/** The size of a plant, mm: above the soil, across, and below the rim. */
export interface Size {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
}

/**
 * What stands on a bench in a 9 cm pot, mm, of a plant that grows 250 mm tall and 320 mm wide; a larger kind is sold
 * larger, by a power. Fitted to what nurseries send out; they differ by an eighth. Size on the day comes from the kind
 * and its pot, never from the weather of the place; crowns and bedding for the cold months are sold by the season.
 */
const IN_A_9_CM_POT = {
  aSummer: { heightMm: 103, byHeight: 0.51, spreadMm: 108, bySpread: 0.31 },
  lasting: { heightMm: 111, byHeight: 0.59, spreadMm: 128, bySpread: 0.63 },
} as const;
const ORDINARY = { heightMm: 250, spreadMm: 320 } as const;
/** A larger ball carries a larger plant, by this power of its width. Fitted. */
const BY_BALL = { aSummer: 0.72, lasting: 0.88 } as const;
/** Nothing is sold nearer to its grown size than this. Working figure. */
const MOST = 0.85;
/** Nor taller than so many times its root ball, canes and all. Working figure. */
const TALLEST = 4.2;
/** Its leaf is nearly as wide as its root ball at the least. Working figure. */
const LEAF_TO_BALL = 0.9;
/** What starts from a seed, a bulb or a tuber has hardly begun. Working figure. */
const BEGUN = 0.02;
/**
 * Below the rim hangs so much out of a 9 cm pot of a stem that runs, mm, and this share of what it will of
 * what only leans out, or has yet to run. Fitted.
 */
const HANGS = { runsMm: 54, leans: 0.026 } as const;

/**
 * What is sold taller than its pot would carry: swords, upright evergreens, the leaf of the tropics, climbers
 * on their canes. Fitted, each to a handful of kinds.
 */
const TALL: Partial<Record<Habit, number>> = { fan: 1.4 };
const upright = among('Taxus, Chamaecyparis, Cryptomeria, Juniperus, Thuja, Picea, Pinus, Laurus');
const UPRIGHT = 1.17;
/** Primroses fill the cell they are sold in. Fitted. */
const full = among('Primula');
const FULL = 1.45;
const leafy = among(
  `Caladium, Alocasia, Codiaeum, Epipremnum, Nephrolepis, Monstera, Dypsis, Acalypha, Aglaonema, Neoregelia,
  Chlorophytum, Musa, Ensete`,
);
const LEAFY = 1.3;
const ON_CANES = 1.7;
const CANES_WIDE = 1.3;
const SOWN_CLIMBER = 0.85;
/** Fruiting crops are sold wide for their pot. Fitted. */
const fruiting = among('Solanum, Cucumis, Cucurbita, Phaseolus, Capsicum, Pisum');
const CROP = 1.34;

/** Sold as good as grown, whatever the pot. Practice: heather in bud, cabbages and chrysanthemums for autumn. */
const soldGrown = among('Calluna, Erica, Brassica oleracea, Chrysanthemum');
const GROWN = 0.81;

/**
 * From September to mid-May cool-season bedding is sold in flower and a little further on; by month positions
 * of the north. Practice and fitted.
 */
const COLD_MONTHS = { from: 7.6, until: 4.2 } as const;
const IN_FLOWER = 1.07;
/** What is sold for the cold months bears nights as cold as this; lobelia and nemesia do not. °C, working figure. */
const BEARS_C = -4;

/**
 * What dies down is a crown with hardly a shoot while it sleeps; dry grass is cut down in early spring.
 * Shares, fitted; before mid-April; grasses of warm summers are in full leaf by mid-June only.
 */
const CROWN = 0.2;
const CUT_DOWN = 0.35;
const CROWN_WIDE = 1.6;
const LEAFS_AT = 2.7;
const IN_LEAF_AT = 5;

const late = among('Miscanthus, Panicum, Imperata');

const JUNE = 5;

/** What takes more than one summer to its size. */
export const lasts = (plant: Plant): boolean => factsOf(plant).seasons > 1;

/** What lasts and flowers on stalks that stand over its leaf. */
export const stalks = (plant: Plant): boolean => plant.habit === 'wand' && lasts(plant);

/** What is grown to be eaten, from seed to harvest in a summer. */
export const isCrop = (plant: Plant): boolean =>
  plant.group !== 'bulb' && factsOf(plant).seasons === 1 && factsOf(plant).worlds[0] === 'kitchen';

/** Crops grown for their fruit: the fastest of all. */
export const isFruitCrop = (plant: Plant): boolean => fruiting(plant) && isCrop(plant);

const monthOf = (at: number): number => ((at % 12) + 12) % 12;

/** Whether bedding is sold in flower for the cold months, set out at such a month position. */
const forCold = (plant: Plant, at: number): boolean =>
  (monthOf(at) >= COLD_MONTHS.from || monthOf(at) < COLD_MONTHS.until) &&
  plant.coldestNightC <= BEARS_C &&
  plant.season === 'cool' &&
  !lasts(plant);

/** By how much taller, and wider, than its pot says. */
function sold(plant: Plant): { tall: number; wide: number } {
  const { pace, life } = factsOf(plant);
  if (plant.habit === 'climber')
    return life === 'annual' ? { tall: SOWN_CLIMBER, wide: 1 } : { tall: ON_CANES, wide: CANES_WIDE };
  if (upright(plant)) return { tall: UPRIGHT, wide: 1 };
  if (leafy(plant)) return { tall: LEAFY, wide: LEAFY };
  if (full(plant)) return { tall: FULL, wide: FULL };
  return { tall: pace === 'slow' ? 1 : (TALL[plant.habit] ?? 1), wide: isFruitCrop(plant) ? CROP : 1 };
}

/** A kind as it stands in a 9 cm pot, and what is the same of it in every pot. */
const kindOf = keptBy((plant: Plant) => {
  const [h, s, t] = [plant.heightMm, plant.spreadMm, plant.trailMm].map(middleOf) as [number, number, number];
  const life = lasts(plant) ? 'lasting' : 'aSummer';
  const young = IN_A_9_CM_POT[life];
  const { tall, wide } = sold(plant);
  return {
    h,
    s,
    byBall: BY_BALL[life],
    grown: soldGrown(plant) && plant.group !== 'herb',
    heightMm: young.heightMm * (h / ORDINARY.heightMm) ** young.byHeight * tall,
    spreadMm: young.spreadMm * (s / ORDINARY.spreadMm) ** young.bySpread * wide,
    trailMm: plant.habit === 'trail' && factsOf(plant).pace !== 'fast' ? Math.min(t, HANGS.runsMm) : t * HANGS.leans,
  };
});

/** A plant in leaf on the bench, at a month position as it is read in the north; in June where nobody says. */
export function sizeInLeaf(plant: Plant, start: StartSize, at = JUNE): Size {
  const { ballMm, is } = STARTS[start];
  const { h, s, byBall, grown, heightMm, spreadMm, trailMm } = kindOf(plant);
  if (is !== 'plant') return { heightMm: h * BEGUN, spreadMm: s * BEGUN, trailMm: 0 };
  const by = (ballMm / STARTS.p9.ballMm) ** byBall;
  if (grown) {
    const share = GROWN * Math.min(1, by);
    return { heightMm: Math.min(TALLEST * ballMm, h * share), spreadMm: s * share, trailMm: 0 };
  }
  const further = by * (forCold(plant, at) ? IN_FLOWER : 1);
  return {
    heightMm: Math.min(MOST * h, TALLEST * ballMm, heightMm * further),
    spreadMm: Math.min(MOST * s, Math.max(ballMm * LEAF_TO_BALL, spreadMm * further)),
    trailMm: trailMm * by,
  };
}

/**
 * A plant on the day it is set out, `at` a month position as it is read in the north: in leaf, or a crown out
 * of season.
 */
export function onTheDay(plant: Plant, start: StartSize, at: number): Size {
  const size = sizeInLeaf(plant, start, at);
  const facts = factsOf(plant);
  if (asleep(facts, at)) return wakingCrown(size);
  return facts.winterLook === 'stands dry' ? shrunk(size, regrownBy(plant, monthOf(at))) : size;
}

/** How far a grass that was cut down has grown again by a month position. */
function regrownBy(plant: Plant, month: number): number {
  if (month < LEAFS_AT) return CUT_DOWN;
  return late(plant) ? lerp(CUT_DOWN, 1, clamp01((month - LEAFS_AT) / (IN_LEAF_AT - LEAFS_AT))) : 1;
}

/** What wakes from its sleep: a crown with its first shoots. */
export const wakingCrown = (size: Size): Size => shrunk(size, CROWN);

const shrunk = ({ heightMm, spreadMm }: Size, to: number): Size => ({
  heightMm: heightMm * to,
  spreadMm: spreadMm * Math.min(1, to * CROWN_WIDE),
  trailMm: 0,
});

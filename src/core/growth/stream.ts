import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { type Plant, plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import { maxBy, sum } from '../units/number';
import type { Season } from './grown';

/** One kind's bloom by week: the band it makes in the rill. */
export interface BloomBand {
  name: string;
  /** The colour it is remembered by. */
  hex: string;
  ids: string[];
  /** What makes it: flower, or coloured leaf where that is the show. */
  of: 'flower' | 'leaf';
  /** How much of it is seen in each week, dm² of outline. */
  width: number[];
}

/** A kind with less flower than this makes no band. Working figure. */
const FLOWERS = 0.1;
/** Trails are narrower than what stands. Working figure. */
const TRAIL_SEEN = 0.7;
/** Flower is seen twice as wide as its share: the eye goes to it. Working figure. */
const FLOWER_TELLS = 2;
const MM2_PER_DM2 = 1e4;

/** A leaf so much of which is coloured is a show of its own, and tells this much of its outline. Working figures. */
const COLOURED_LEAF = 0.25;
const LEAF_TELLS = 0.5;

const LEAF_PARTS: readonly string[] = ['leaf', 'edge', 'vein'];

/** The strongest colour of a leaf that is not plain green, and how much of the leaf it is. */
function leafShow(plant: Plant): { hex: string; share: number } | null {
  const coloured = plant.colours.filter((c) => LEAF_PARTS.includes(c.part) && family(lch(c.hex)) !== 'green');
  const share = sum(coloured.map((c) => c.share));
  const most = maxBy(coloured, (c) => c.share);
  return most && share >= COLOURED_LEAF ? { hex: most.hex, share } : null;
}

/** What a kind's band is made of: its flower, else its coloured leaf; no share where it shows neither. */
function showOf(plant: Plant): Pick<BloomBand, 'hex' | 'of'> & { share: number } {
  if (plant.flower.show > FLOWERS)
    return { of: 'flower', hex: signature(plant), share: plant.flower.show * FLOWER_TELLS };
  const leaf = leafShow(plant);
  return { of: 'leaf', hex: leaf?.hex ?? signature(plant), share: (leaf?.share ?? 0) * LEAF_TELLS };
}

/** What each kind shows by week, and the leaf that carries it, dm² of outline seen from one side. */
export function bloomBands(season: Season): { bands: BloomBand[]; leaf: number[] } {
  const kinds = new Map<string, BloomBand>();
  const leaf = season.weeks.map(() => 0);
  season.placed.forEach(({ id, plant }, i) => {
    const { of, hex, share } = showOf(plant);
    const empty = (): BloomBand => ({ name: plantName(plant), hex, of, ids: [], width: season.weeks.map(() => 0) });
    const band = kinds.get(plant.id) ?? empty();
    band.ids.push(id);
    season.weeks.forEach((w, k) => {
      const g = w.plants[i];
      if (!g?.alive) return;
      const area = (g.spreadMm * (g.heightMm + g.trailMm * TRAIL_SEEN)) / MM2_PER_DM2;
      leaf[k] = (leaf[k] ?? 0) + area;
      band.width[k] = (band.width[k] ?? 0) + area * share * (of === 'flower' ? g.bloom : 1);
    });
    if (share > 0) kinds.set(plant.id, band);
  });
  return { bands: [...kinds.values()], leaf };
}

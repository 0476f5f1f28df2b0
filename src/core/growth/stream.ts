import { plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import type { Season } from './grown';

/** One kind's bloom by week: the band it makes in the rill. */
export interface BloomBand {
  name: string;
  /** The colour it is remembered by. */
  hex: string;
  ids: string[];
  /** Flower seen in each week, dm² of outline. */
  width: number[];
}

/** A kind with less flower than this makes no band. Working figure. */
const FLOWERS = 0.1;
/** Trails are narrower than what stands. Working figure. */
const TRAIL_SEEN = 0.7;
/** Flower is seen twice as wide as its share: the eye goes to it. Working figure. */
const FLOWER_TELLS = 2;
const MM2_PER_DM2 = 1e4;

/** Bloom of each kind by week, and the leaf that carries it, dm² of outline seen from one side. */
export function bloomBands(season: Season): { bands: BloomBand[]; leaf: number[] } {
  const kinds = new Map<string, BloomBand>();
  const leaf = season.weeks.map(() => 0);
  season.placed.forEach(({ id, plant }, i) => {
    const empty = (): BloomBand => ({
      name: plantName(plant),
      hex: signature(plant),
      ids: [],
      width: season.weeks.map(() => 0),
    });
    const band = kinds.get(plant.id) ?? empty();
    band.ids.push(id);
    season.weeks.forEach((w, k) => {
      const g = w.plants[i];
      if (!g?.alive) return;
      const area = (g.spreadMm * (g.heightMm + g.trailMm * TRAIL_SEEN)) / MM2_PER_DM2;
      leaf[k] = (leaf[k] ?? 0) + area;
      if (plant.flower.show > FLOWERS)
        band.width[k] = (band.width[k] ?? 0) + area * plant.flower.show * g.bloom * FLOWER_TELLS;
    });
    if (plant.flower.show > FLOWERS) kinds.set(plant.id, band);
  });
  return { bands: [...kinds.values()], leaf };
}

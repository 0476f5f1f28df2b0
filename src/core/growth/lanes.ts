import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { factsOf } from '../plants/facts';
import { type Plant, plantName } from '../plants/schema';
import { signature } from '../plants/signature';
import { mean } from '../units/number';
import type { Season } from './grown';

/** What a kind shows in a week: its flower, its coloured leaf, what comes after the flower, plain green, or nothing. */
export interface LaneCell {
  what: 'flower' | 'leaf' | 'after' | 'green' | 'gone';
  hex: string;
  /** How much of its fullest, 0–1. */
  share: number;
}

/** One kind's season, a cell a week. */
export interface Lane {
  id: string;
  name: string;
  ids: string[];
  cells: LaneCell[];
}

/** Less flower than this is not what is looked at. Working figure. */
const IN_FLOWER = 0.15;
/** Over coloured leaf a flower that shows less is not what is looked at. Working figure. */
const SHOWS = 0.1;
const GREEN = '#7f9f73';

/** The colour of its leaf where that is a show of its own. */
const leafOf = (p: Plant): string | null =>
  p.colours.find((c) => c.part === 'leaf' && family(lch(c.hex)) !== 'green')?.hex ??
  p.colours.find((c) => c.part === 'edge')?.hex ??
  null;

/** What each kind shows week by week. */
export function lanesOf(season: Season): Lane[] {
  const kinds = new Map<string, number[]>();
  season.placed.forEach((p, i) => kinds.set(p.plant.id, [...(kinds.get(p.plant.id) ?? []), i]));
  return [...kinds.entries()].flatMap(([id, all]) => {
    const plant = season.placed[all[0] ?? 0]?.plant;
    if (!plant) return [];
    const flower = signature(plant);
    const leaf = leafOf(plant);
    const cells = season.weeks.map(({ plants }): LaneCell => {
      const alive = all.flatMap((i) => (plants[i]?.alive ? [plants[i]] : []));
      if (alive.length === 0) return { what: 'gone', hex: GREEN, share: 0 };
      const bloom = plant.flower.form === 'none' ? 0 : mean(alive.map((g) => g.bloom));
      const after = mean(alive.map((g) => g.after));
      // A heuchera's sprays are not what is looked at, nor a hosta's bells.
      if (bloom >= IN_FLOWER && (leaf === null || plant.flower.show >= SHOWS))
        return { what: 'flower', hex: flower, share: bloom };
      if (after >= IN_FLOWER) return { what: 'after', hex: factsOf(plant).display?.hex ?? flower, share: after };
      return leaf ? { what: 'leaf', hex: leaf, share: 1 } : { what: 'green', hex: GREEN, share: 0.4 };
    });
    return [{ id, name: plantName(plant), ids: all.flatMap((i) => season.placed[i]?.id ?? []), cells }];
  });
}

import type { Season, Week } from '../growth/grown';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';

/** Cells in which leaf is looked for from above, mm. Working figure: a hundredth of a pot. */
const CELL_MM = 20;
const MM2_PER_M2 = 1e6;
/** What hangs adds this share of its length times its width to the leaf that drinks. Working figure: some of it lies in the shade of the rest; set so that a full basket is watered as often as practice says. */
const HANGING = 0.65;

/** How much a plant of each class drinks, against grass. Working figures within WUCOLS classes: low, moderate, high. */
const CLASS: Record<Plant['water'], number> = { dry: 0.35, moderate: 0.7, thirsty: 1 };

/** What stores water in its leaf and dries out between waterings drinks less still. Working figure: very low in the same classes. */
const STORES = 0.12;

const drinks = (plant: Plant): number =>
  plant.water === 'dry' && factsOf(plant).rhythm === 'dries out' ? STORES : CLASS[plant.water];

/** Leaf of a container as it drinks: its area seen from above with what hangs over, m², and how thirsty it is in the mean. */
export interface Drinking {
  areaM2: number;
  factor: number;
}

const kept = new WeakMap<Week, Drinking>();

/** The leaf in a week: the ground its crowns cover together, the tallest counting where they overlap, and what hangs. Kept by the week. */
export function drinkingIn(season: Season, week: Week | undefined): Drinking {
  const known = week && kept.get(week);
  if (known) return known;
  const made = leafIn(season, week);
  if (week) kept.set(week, made);
  return made;
}

function leafIn({ placed }: Season, week: Week | undefined): Drinking {
  const cells = new Map<string, { height: number; factor: number }>();
  let [hanging, thirst] = [0, 0];
  placed.forEach((p, i) => {
    const g = week?.plants[i];
    if (!g?.alive) return;
    const factor = drinks(p.plant);
    const r = g.spreadMm / 2;
    for (let x = p.xMm - r; x <= p.xMm + r; x += CELL_MM)
      for (let y = p.yMm - r; y <= p.yMm + r; y += CELL_MM) {
        if (Math.hypot(x - p.xMm, y - p.yMm) > r) continue;
        const key = `${Math.round(x / CELL_MM)},${Math.round(y / CELL_MM)}`;
        const known = cells.get(key);
        if (!known || known.height < g.heightMm) cells.set(key, { height: g.heightMm, factor });
      }
    hanging += (g.trailMm * g.spreadMm * HANGING) / MM2_PER_M2;
    thirst += (g.trailMm * g.spreadMm * HANGING * factor) / MM2_PER_M2;
  });
  const each = (CELL_MM * CELL_MM) / MM2_PER_M2;
  const areaM2 = cells.size * each + hanging;
  const drunk = [...cells.values()].reduce((s, c) => s + c.factor * each, 0) + thirst;
  return { areaM2, factor: areaM2 > 0 ? drunk / areaM2 : 0 };
}

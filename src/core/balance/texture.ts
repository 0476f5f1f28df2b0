import { groundOf, sharedEdges } from '../layout/neighbours';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { check } from './check';
import { contrast } from './leaf-contrast';
import { bandQuality, bySeverity } from './severity';
import type { Stand } from './standing';

/** Too alike below, too busy above. Few kinds can differ in everything and still be read; five or more cannot. Working figures. */
const BAND: Band = [0.38, 0.72];
const FEW_KINDS: Band = [0.38, 0.88];
const MANY = 5;
/** With as many kinds as this and no form repeated, nothing holds it together. Working figures. */
const BUSY_FROM = 6;
const BUSY_COSTS = 0.7;

/** Contrast between neighbours, weighted by the edge they share on the plan. */
export const texture = check({
  name: 'Texture',
  weight: 9,
  at: 'plants',
  ends: ['too alike', 'too busy'],
  of: ({ planting, plants }) => {
    if (plants.length < 2) return [];
    let total = 0;
    let dullest: { value: number; pair: Stand[] } = { value: 2, pair: [] };
    for (const { i, j, share } of sharedEdges(plants, groundOf(planting.container))) {
      const [a, b] = [plants[i], plants[j]];
      if (!a || !b) continue;
      const c = contrast(a.plant, b.plant);
      total += c * share;
      if (c - share < dullest.value) dullest = { value: c - share, pair: [a, b] };
    }
    const forms = new Map<string, number>();
    for (const p of new Set(plants.map((q) => q.plant))) forms.set(p.leaf.form, (forms.get(p.leaf.form) ?? 0) + 1);
    const kinds = new Set(plants.map((p) => p.plant.id)).size;
    const busy = kinds >= BUSY_FROM && [...forms.values()].every((n) => n === 1);
    const band = kinds < MANY ? FEW_KINDS : BAND;
    const low = total < band[0];
    const [one, other] = dullest.pair.map((p) => plantName(p.plant));
    return [
      {
        severity: busy ? 'watch' : bySeverity(total, band, [-1, 2]),
        measured: total,
        band,
        unit: 'contrast',
        scale: [0, 1],
        culprits: low ? dullest.pair.map((p) => p.id) : [],
        says: busy || total > band[1] ? 'busy' : low ? 'low' : 'good',
        facts: { forms: forms.size, kinds, plant: one ?? '', other: other ?? '' },
        rule: 'Leaf size, form, surface and flower form of neighbours, by shared edge',
        source: 'practice, look at the leaf before the flower; band is a working figure',
        quality: bandQuality(total, band) * (busy ? BUSY_COSTS : 1),
      },
    ];
  },
  words: {
    good: (f) => `${f.num('forms')} leaf forms among ${f.num('kinds')} kinds, well set against each other.`,
    low: (f) => `Too alike: ${f.text('plant')} and ${f.text('other')} stand side by side with much the same leaf.`,
    busy: () => 'Too busy: neighbours differ in everything, so the eye has nowhere to rest.',
  },
  figure: ({ measured }) => measured.toFixed(2),
  ideas: ['swap', 'take one of many out'],
});

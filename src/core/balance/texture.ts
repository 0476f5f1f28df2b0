import { groundOf, sharedEdges } from '../layout/neighbours';
import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { plantName, type LeafForm, type Plant } from '../plants/schema';
import { clamp01 } from '../units/number';
import { bandQuality, bySeverity, type Reading } from './finding';
import type { Context } from './context';
import { seenArea } from './seen';

/** Leaf forms that read alike from two steps away. */
const KIN: Record<LeafForm, string> = {
  strap: 'blade',
  grass: 'blade',
  needle: 'thread',
  feather: 'thread',
  ovate: 'plain',
  heart: 'plain',
  round: 'plain',
  lobed: 'cut',
  palmate: 'cut',
  rosette: 'rosette',
};
const SIZE = { fine: 0, medium: 0.5, bold: 1 } as const;

/**
 * How much two plants differ to the eye, 0 alike to 1. Leaf size counts most, then leaf form, leaf surface, flower
 * form. Weights are a working figure: leaf before flower, as practice has it.
 */
export function contrast(a: Plant, b: Plant): number {
  if (a.id === b.id) return 0;
  const size = Math.abs(SIZE[a.leaf.size] - SIZE[b.leaf.size]);
  const form = a.leaf.form === b.leaf.form ? 0 : KIN[a.leaf.form] === KIN[b.leaf.form] ? 0.4 : 1;
  const surface = a.leaf.surface === b.leaf.surface ? 0 : 1;
  const flower = a.flower.form === b.flower.form ? 0 : a.flower.form === 'none' || b.flower.form === 'none' ? 0.7 : 1;
  return 0.32 * size + 0.32 * form + 0.16 * surface + 0.2 * flower;
}

/** Too alike below, too busy above. Few kinds can differ in everything and still be read; five or more cannot. Working figures. */
const BAND: [number, number] = [0.38, 0.72];
const FEW_KINDS: [number, number] = [0.38, 0.88];

/** Contrast between neighbours, weighted by the edge they share on the plan. */
export function texture({ planting, placed }: Context): Reading[] {
  if (placed.length < 2) return [];
  const edges = sharedEdges(placed, groundOf(planting.container));
  let total = 0;
  let dullest = { value: 2, pair: [] as string[], names: ['', ''] };
  for (const { i, j, share } of edges) {
    const [a, b] = [placed[i], placed[j]];
    if (!a || !b) continue;
    const c = contrast(a.plant, b.plant);
    total += c * share;
    if (c - share < dullest.value)
      dullest = { value: c - share, pair: [a.id, b.id], names: [plantName(a.plant), plantName(b.plant)] };
  }
  const forms = new Map<string, number>();
  for (const p of new Set(placed.map((q) => q.plant))) forms.set(p.leaf.form, (forms.get(p.leaf.form) ?? 0) + 1);
  const kinds = new Set(placed.map((p) => p.plant.id)).size;
  const busy = kinds >= 6 && [...forms.values()].every((n) => n === 1);
  const band = kinds < 5 ? FEW_KINDS : BAND;
  const low = total < band[0];
  return [
    {
      check: 'texture',
      severity: busy ? 'watch' : bySeverity(total, band, [-1, 2]),
      measured: total,
      band,
      unit: 'contrast',
      scale: [0, 1],
      culprits: low ? dullest.pair : [],
      says: busy || total > band[1] ? 'texture.busy' : low ? 'texture.low' : 'texture.good',
      facts: { forms: forms.size, kinds, plant: dullest.names[0] ?? '', other: dullest.names[1] ?? '' },
      rule: 'Leaf size, form, surface and flower form of neighbours, by shared edge',
      source: 'practice, look at the leaf before the flower; band is a working figure',
      quality: bandQuality(total, band) * (busy ? 0.7 : 1),
    },
  ];
}

/** A leaf nobody would remember: middling, plain in outline, mid-green, not shining or felted with silver. */
function isPlain(p: Plant): boolean {
  const leaf = p.colours.find((c) => c.part === 'leaf');
  if (!leaf) return false;
  const edged = p.colours.some((c) => c.part === 'edge' && c.share > 0.15);
  return p.leaf.size === 'medium' && KIN[p.leaf.form] === 'plain' && family(lch(leaf.hex)) === 'green' && !edged;
}

/** Share of the seen canopy whose leaves are all middling, green and plain: over 60 % has no shape once flowers pass. */
export function plainness({ placed, seen }: Context): Reading[] {
  const areas = placed.map((p, i) => ({ p, a: seen[i] ? seenArea(seen[i]) : 0 }));
  const all = areas.reduce((s, x) => s + x.a, 0);
  if (all <= 0) return [];
  const plain = areas.filter((x) => isPlain(x.p.plant));
  const share = clamp01(plain.reduce((s, x) => s + x.a, 0) / all);
  return [
    {
      check: 'plainness',
      severity: share > 0.6 ? 'watch' : 'good',
      measured: share,
      band: [0, 0.6],
      unit: 'of what is seen',
      scale: [0, 1],
      culprits: share > 0.6 ? plain.map((x) => x.p.id) : [],
      says: share > 0.6 ? 'plain.high' : 'plain.good',
      facts: { share },
      rule: 'No more than 60 % in medium, mid-green, plain leaves',
      source: 'practice, shapeless after a fortnight',
      quality: 1 - Math.max(0, share - 0.3),
    },
  ];
}

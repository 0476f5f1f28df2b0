import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import type { Plant } from '../plants/schema';
import type { LeafForm } from '../plants/traits';

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
/** Kin differ a little; a flower differs less from none than from another form. Working figures. */
const KIN_DIFFER = 0.4;
const NONE_DIFFERS = 0.7;
/** Leaf before flower, as practice has it. Working figures. */
const WEIGHT = { size: 0.32, form: 0.32, surface: 0.16, flower: 0.2 } as const;

/** How much two plants differ to the eye, 0 alike to 1. Leaf size counts most, then leaf form, leaf surface, flower form. */
export function contrast(a: Plant, b: Plant): number {
  if (a.id === b.id) return 0;
  const size = Math.abs(SIZE[a.leaf.size] - SIZE[b.leaf.size]);
  const form = a.leaf.form === b.leaf.form ? 0 : KIN[a.leaf.form] === KIN[b.leaf.form] ? KIN_DIFFER : 1;
  const surface = a.leaf.surface === b.leaf.surface ? 0 : 1;
  const bare = a.flower.form === 'none' || b.flower.form === 'none';
  const flower = a.flower.form === b.flower.form ? 0 : bare ? NONE_DIFFERS : 1;
  return WEIGHT.size * size + WEIGHT.form * form + WEIGHT.surface * surface + WEIGHT.flower * flower;
}

/** An edge this much of the leaf is seen. Working figure. */
const EDGE_SEEN = 0.15;

/** A leaf nobody would remember: middling, plain in outline, mid-green, not shining or felted with silver. */
export function isPlain(p: Plant): boolean {
  const leaf = p.colours.find((c) => c.part === 'leaf');
  if (!leaf) return false;
  const edged = p.colours.some((c) => c.part === 'edge' && c.share > EDGE_SEEN);
  return p.leaf.size === 'medium' && KIN[p.leaf.form] === 'plain' && family(lch(leaf.hex)) === 'green' && !edged;
}

import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { signature } from '../plants/signature';
import { keptBy } from '../units/keep';
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

/**
 * How much two plants differ to the eye, 0 alike to 1. Leaf size counts most, then leaf form, leaf surface,
 * flower form.
 */
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

/** What two plants may differ in to the eye. */
export type Contrast = 'leaf size' | 'leaf form' | 'leaf surface' | 'flower form' | 'flower size' | 'light and dark';

/**
 * Flowers this many times larger differ in size; leaves or flowers this far apart in lightness are light and
 * dark. Working figures.
 */
const FLOWER_LARGER = 2.2;
const LEAF_LARGER = 2.5;
const LIGHTER = 0.25;
/** A plant that shows less flower is known by its leaf. */
const FLOWERS = 0.12;

const lightness = keptBy((p: Plant) => lch(signature(p)).l);

/** What two plants differ in strongly. */
export function differ(a: Plant, b: Plant): Set<Contrast> {
  const out = new Set<Contrast>();
  const times = (x: number, y: number) => Math.max(x, y) / Math.max(1, Math.min(x, y));
  if (a.leaf.size !== b.leaf.size && times(a.leaf.lengthMm, b.leaf.lengthMm) >= LEAF_LARGER) out.add('leaf size');
  if (KIN[a.leaf.form] !== KIN[b.leaf.form]) out.add('leaf form');
  if (a.leaf.surface !== b.leaf.surface) out.add('leaf surface');
  const [fa, fb] = [a.flower.show >= FLOWERS, b.flower.show >= FLOWERS];
  if (fa !== fb || (fa && fb && a.flower.form !== b.flower.form)) out.add('flower form');
  if (fa && fb && times(a.flower.sizeMm, b.flower.sizeMm) >= FLOWER_LARGER) out.add('flower size');
  if (Math.abs(lightness(a) - lightness(b)) >= LIGHTER) out.add('light and dark');
  return out;
}

/** What differs strongly between some two of several kinds. */
export function contrastsOf(kinds: readonly Plant[]): Set<Contrast> {
  const out = new Set<Contrast>();
  kinds.forEach((a, i) => kinds.slice(i + 1).forEach((b) => differ(a, b).forEach((c) => out.add(c))));
  return out;
}

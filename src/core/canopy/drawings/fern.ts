import { genusOf } from '../../plants/facts';
import { clamp, lerp } from '../../units/number';
import { flowerAt } from '../flowers';
import type { Kind } from '../kinds';
import { glossOf } from '../leaves';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { leafTints } from '../tints';
import { add, toward, UP, unit } from '../vector';
import { stalksOf } from './spires';

/** How a fern's blade is: its width over its length, and how much of the frond below it is bare stalk. By eye. */
interface Blade {
  kind: Kind;
  wide: number;
  bare: number;
  /** Fronds beside an ordinary fern’s. */
  many?: number;
}

/** A feather palm: few fronds, each on a long stalk. */
const PALM: Blade = { kind: 'frond', wide: 0.42, bare: 0.42, many: 0.42 };
const ORDINARY: Blade = { kind: 'frond', wide: 0.34, bare: 0.3 };
/** Fronds by genus: a sword fern's are narrow and leafy to the foot, a wood fern's broad on a stalk. */
const BLADES: Record<string, Blade> = {
  Nephrolepis: { kind: 'frond', wide: 0.27, bare: 0.14 },
  Dryopteris: { kind: 'frond', wide: 0.44, bare: 0.3 },
  Polystichum: { kind: 'frond', wide: 0.3, bare: 0.24 },
  Athyrium: { kind: 'frond', wide: 0.44, bare: 0.3 },
  Dicksonia: { kind: 'frond', wide: 0.4, bare: 0.3 },
  Dypsis: PALM,
  Phoenix: PALM,
  // What has a fern's leaf and is none.
  Astilbe: { kind: 'feather', wide: 0.72, bare: 0.5 },
};

/** A frond turns so far to one side or the other: of some one sees the blade, of others the edge. By eye. */
const ROLL = 0.8;

const bladeOf = ({ plant }: Sprig): Blade =>
  plant.leaf.form === 'needle'
    ? { kind: 'needles', wide: 0.4, bare: 0.3 }
    : (BLADES[genusOf(plant.botanical)] ?? ORDINARY);

/** Fronds from a crown: the youngest stand, the others rise on their stalk and arch over to hang by the tip. */
export function fern(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const blade = bladeOf(s);
  const needled = blade.kind === 'needles';
  const count = Math.round(clamp(w / (5 + 18 * blade.wide), 20, 64) * (needled ? 2 : (blade.many ?? 1)));
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const a = i * GOLDEN + between(s, -0.25, 0.25);
    const up = blade.bare * h * lerp(1.15, 0.55, t) * between(s, 0.85, 1.1);
    const foot = add(s.base, toward(a, 0), w * 0.03);
    const bend = add(s.base, [Math.cos(a) * w * lerp(0.02, 0.15, t), up, Math.sin(a) * w * lerp(0.02, 0.15, t)]);
    const rise = lerp(1.15, 0.34, t ** 0.8) + between(s, -0.12, 0.12);
    const reach = lerp((h - up) * 0.8, (w / 2) * 0.74, Math.sqrt(t)) * between(s, 0.88, 1.04);
    const along = toward(a, rise);
    stemBetween(s, foot, bend, clamp(h * 0.008, 1.6, 4));
    s.put({
      kind: blade.kind,
      at: bend,
      along,
      face: unit(add(add(UP, along, -0.3), toward(a + Math.PI / 2, 0), between(s, -ROLL, ROLL))),
      length: reach,
      width: reach * blade.wide * between(s, 0.9, 1.1),
      droop: reach * lerp(0.42, 1.25, Math.sqrt(t)) * between(s, 0.75, 1.15),
      ...leafTints(s),
      owner: s.owner,
      gloss: glossOf(s.plant),
    });
  }
  const plumes = stalksOf(s, clamp(w / 30, 6, 14));
  for (let i = 0; i < plumes; i += 1) {
    const dir = toward(i * GOLDEN, between(s, 1.2, 1.5));
    const at = add(s.base, dir, h * between(s, 0.72, 0.86));
    stemBetween(s, s.base, at, 2.4);
    flowerAt(s, at, unit(add(dir, UP, 0.6)), 1);
  }
}

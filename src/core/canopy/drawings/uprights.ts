import { clamp } from '../../units/number';
import { flowerAt, flowersOn } from '../flowers';
import { lumpIn } from '../inside';
import { leafAt, leafLook } from '../leaves';
import { between, GOLDEN, turn, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, blended, toward, UP, unit, type Vec } from '../vector';
import { spire } from './spires';

/** Leaves stand round a stem in threes: opposite ones, and those of the side shoot in their axil. */
const WHORLED = [0, 2.1, 4.2] as const;

/**
 * Leaves on a wand reach so far up it, further where its flowers are borne singly; what is thick with needles
 * is a grey bush at its foot.
 */
const LEAFY = { needle: 0.62, leaf: 0.52, single: 0.74 };

/** From this share of full flower on stems reach over the leaves for it. Working figure. */
const OPENS = 0.04;
/** Pairs of leaves on one stem at the most: enough, and few enough to draw. By eye. */
const MOST_NODES = 16;

export function wand(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const needled = s.plant.leaf.form === 'needle';
  const stems = clamp(Math.round((w / 15) * clamp(Math.sqrt(s.dose), 0.7, 1.9)), 8, 34);
  const { lengthMm: leaf } = leafLook(s.plant);
  const leafy = needled ? LEAFY.needle : isSpire(s) ? LEAFY.leaf : LEAFY.single;
  // What is cut fine is looked through.
  if (needled || s.plant.leaf.size !== 'fine') lumpIn(s, s.base, w * 0.24, h * leafy * 0.5);
  for (let i = 0; i < stems; i += 1) {
    const t = (i + 0.5) / stems;
    const a = i * GOLDEN + between(s, -0.35, 0.35);
    const reach = Math.sqrt(t) * w * 0.44;
    const blooms = s.look !== null && s.grown.bloom > OPENS && flowersOn(s, i);
    // What bears no flower stays among the leaves, and is clad to its tip.
    const tall = h * (1 - 0.26 * t) * between(s, 0.8, 1) * (blooms || !s.look ? 1 : 0.62);
    const foot = add(s.base, [Math.cos(a) * reach * 0.3, 0, Math.sin(a) * reach * 0.3]);
    // Outer stems lean out and come up again.
    const knee = add(s.base, [Math.cos(a) * reach * 0.74, tall * 0.42, Math.sin(a) * reach * 0.74]);
    const tip = add(s.base, [Math.cos(a) * reach, tall, Math.sin(a) * reach]);
    stemBetween(s, foot, knee, 3);
    stemBetween(s, knee, tip, 2.4);
    const on = (k: number): Vec => (k < 0.42 ? blended(foot, knee, k / 0.42) : blended(knee, tip, (k - 0.42) / 0.58));
    const clad = blooms ? leafy : 0.94;
    const nodes = clamp(Math.round((tall * clad) / (leaf * 0.34)), 4, MOST_NODES);
    for (let n = 0; n < nodes; n += 1) {
      const up = n / nodes;
      for (const side of WHORLED) {
        const rise = needled ? between(s, 0.7, 1.25) : between(s, -0.35, 0.2) + 0.6 * up;
        const dir = toward(a + side + n * 1.6, rise);
        leafAt(
          s,
          on(0.03 + up * clad),
          dir,
          unit(add(UP, dir, 0.15)),
          1.12 - 0.42 * up,
          up < 0.15 ? between(s, 0, 0.3) : 0,
        );
      }
    }
    if (!blooms) continue;
    const from = on(leafy + 0.04);
    if (isSpire(s)) spire(s, from, tip, s.plant.flower.sizeMm);
    else separate(s, from, tip);
  }
}

/** Flowers so small, or of such a form, that they make one spire together. mm, working figure. */
const SPIRE_MM = 26;
const isSpire = ({ plant: { flower } }: Sprig): boolean =>
  flower.form === 'spike' || flower.form === 'plume' || flower.sizeMm < SPIRE_MM;

/** Flowers that are seen one by one, about the top of their stem: lilies, asters. */
function separate(s: Sprig, from: Vec, to: Vec): void {
  const mm = s.plant.flower.sizeMm;
  const room = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
  const most = clamp(Math.round((room / mm) * 2.2 * s.dose), 1, 12);
  const count = Math.round(most * s.grown.bloom);
  for (let k = 0; k < count; k += 1) {
    const t = 1 - (k / most) * Math.min(1, (mm * most * 0.45) / room);
    const out = toward(k * GOLDEN + turn(s) * 0.1, between(s, 0.1, 0.7));
    const stalk = blended(from, to, t);
    const at = add(stalk, out, mm * 0.34);
    stemBetween(s, stalk, at, 2);
    flowerAt(s, at, unit(add(out, UP, k === 0 ? 1.2 : 0.25)));
  }
}

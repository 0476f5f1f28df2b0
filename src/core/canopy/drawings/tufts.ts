import { genusOf } from '../../plants/facts';
import { clamp } from '../../units/number';
import { flowerAt } from '../flowers';
import { glossOf, leafAt, leafLook } from '../leaves';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { leafTints } from '../tints';
import { add, toward, UP, unit } from '../vector';
import { headAt, stalksOf, stalksOver } from './spires';

export function fan(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const count = clamp(Math.round(h / 12), 26, 66);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const lean = (1 - t) ** 1.3;
    const a = i * GOLDEN + between(s, -0.25, 0.25);
    const rise = (1.52 - lean * 0.98) * between(s, 0.93, 1.04);
    // As long as its height or its reach allows, whichever comes first: what droops was longer before it bent.
    const length =
      Math.min((h * 1.02) / Math.sin(rise), w / 2 / Math.max(0.05, Math.cos(rise))) *
      between(s, 0.86, 1.04) *
      (1 + 0.12 * lean);
    const dir = toward(a, rise);
    s.put({
      kind: 'strap',
      at: add(s.base, [Math.cos(a) * 9, t * h * 0.06, Math.sin(a) * 9]),
      along: dir,
      face: unit(add(UP, dir, -0.3)),
      length,
      width: clamp(h * 0.062, 14, 46),
      droop: length * (0.05 + 0.5 * lean ** 1.6) * between(s, 0.6, 1.25),
      ...leafTints(s),
      owner: s.owner,
      gloss: glossOf(s.plant),
    });
  }
  stalksOver(s, 4);
}

export function fountain(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const count = clamp(Math.round((w * h) / 520), 100, 260);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const lean = Math.sqrt(t);
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const dir = toward(a, 1.52 - lean * 0.6 + between(s, -0.1, 0.1));
    const rise = Math.asin(dir[1]);
    const length =
      Math.min((h * 1.06) / Math.sin(rise), w / 2 / Math.max(0.04, Math.cos(rise)) + h * 0.04) * between(s, 0.72, 1.04);
    s.put({
      kind: 'blade',
      at: add(s.base, [Math.cos(a) * lean * w * 0.07, 0, Math.sin(a) * lean * w * 0.07]),
      along: dir,
      face: unit(add(UP, dir, -0.4)),
      length,
      width: clamp(length * 0.021, 6.5, 11),
      droop: length * (0.45 + 0.5 * lean) * between(s, 0.5, 1.35),
      ...leafTints(s),
      owner: s.owner,
      gloss: glossOf(s.plant),
    });
  }
  if (s.plant.flower.form !== 'plume') return stalksOver(s, 10);
  const heads = stalksOf(s, 22);
  for (let i = 0; i < heads; i += 1) {
    const a = i * GOLDEN;
    const dir = toward(a, between(s, 0.9, 1.45));
    const at = add(s.base, dir, h * between(s, 0.62, 0.85));
    stemBetween(s, s.base, at, 1.8);
    // A tail nods outward from the end of its stalk.
    flowerAt(s, at, unit(add(dir, toward(a, -0.3), between(s, 0.4, 1.3))), 1);
  }
}

export function rosette(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  if (s.plant.leaf.form === 'needle') {
    const { a, b } = leafTints(s);
    s.put({
      kind: 'barrel',
      at: s.base,
      along: UP,
      face: [0, 0, 1],
      length: h,
      width: w,
      droop: w,
      a,
      b,
      owner: s.owner,
    });
    return;
  }
  const plump = h < 200;
  const look = leafLook(s.plant);
  // A cabbage’s leaves are broad and thin.
  const fleshy = look.kind !== 'ruffled';
  const heads = plump ? clamp(Math.round(w / 95), 1, 3) : 1;
  for (let k = 0; k < heads; k += 1) {
    const centre = heads === 1 ? s.base : add(s.base, [Math.cos(k * 2.1) * w * 0.24, 0, Math.sin(k * 2.1) * w * 0.24]);
    const half = (w / 2) * (heads === 1 ? 1 : 0.62);
    const count = plump ? 36 : clamp(Math.round(h / 11), 26, 44);
    for (let i = 0; i < count; i += 1) {
      const t = (i + 0.5) / count;
      const a = i * GOLDEN;
      const rise = plump ? 0.12 + 1.25 * t : 0.3 + 1.12 * t;
      const length =
        (plump ? half * (1.05 - 0.6 * t) : Math.hypot(half * (1 - t), h * (0.45 + 0.5 * t))) * between(s, 0.94, 1.05);
      const dir = toward(a, rise);
      const { a: body, b } = leafTints(s);
      s.put({
        kind: fleshy ? 'spoon' : look.kind,
        at: add(centre, [0, plump ? h * (0.02 + 0.3 * t) : t * h * 0.1, 0]),
        along: dir,
        face: unit(add(UP, dir, -0.5)),
        length,
        width: length * (fleshy ? (plump ? 0.5 : 0.24) : look.aspect),
        droop: length * (fleshy ? -0.16 : 0.1),
        a: body,
        b,
        owner: s.owner,
      });
    }
  }
  stalksOver(s, 2);
}

/** Leaves of bulbs by genus, as wide beside their length; else a rush's or a strap's. By eye. */
const BROADNESS: Record<string, number> = {
  Tulipa: 0.24,
  Hyacinthus: 0.12,
  Eucomis: 0.15,
  Hippeastrum: 0.1,
  Galanthus: 0.07,
  Narcissus: 0.055,
  Leucojum: 0.05,
};
const broadness = ({ plant }: Sprig): number =>
  BROADNESS[genusOf(plant.botanical)] ?? (plant.leaf.form === 'grass' ? 0.03 : 0.075);

/** Bulbs and their like: leaves from the ground, and flowers on bare stalks over them. */
export function stalk(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { leaf } = s.plant;
  const strappy = leaf.form === 'strap' || leaf.form === 'grass';
  const leaves = strappy
    ? clamp(Math.round(w / 9), 14, 34)
    : clamp(Math.round((w * w) / (leaf.lengthMm * leaf.lengthMm * 0.35)), 8, 40);
  for (let i = 0; i < leaves; i += 1) {
    const t = (i + 0.5) / leaves;
    const a = i * GOLDEN;
    const length = Math.min(leaf.lengthMm, h * 0.92) * between(s, 0.75, 1.05);
    // No flatter than lets its tip stay within the plant.
    const steep = Math.acos(clamp((w * 0.56) / length, 0.1, 1));
    const dir = toward(a, strappy ? Math.max(steep, 1.4 - 0.75 * t) + between(s, -0.1, 0.1) : 0.9 - 0.6 * t);
    const at = add(s.base, [Math.cos(a) * w * 0.22 * Math.sqrt(t), 0, Math.sin(a) * w * 0.22 * Math.sqrt(t)]);
    if (!strappy) {
      const tip = add(at, dir, between(s, 0.18, 0.34) * h);
      stemBetween(s, at, tip, 2);
      leafAt(s, tip, unit([dir[0], 0.25, dir[2]]), UP, 1);
      continue;
    }
    s.put({
      kind: leaf.form === 'grass' ? 'blade' : 'strap',
      at,
      along: dir,
      face: unit(add(UP, dir, -0.3)),
      length,
      width: clamp(length * broadness(s), 5, 60),
      droop: length * (0.08 + 0.4 * t) * between(s, 0.6, 1.2),
      ...leafTints(s),
      owner: s.owner,
      gloss: glossOf(s.plant),
    });
  }
  const stalks = stalksOf(s, clamp(w / 22, 4, 16));
  for (let i = 0; i < stalks; i += 1) {
    const a = i * GOLDEN + 0.7;
    const reach = Math.sqrt((i + 0.5) / stalks) * w * 0.36;
    const tip = add(s.base, [Math.cos(a) * reach, h * between(s, 0.84, 1), Math.sin(a) * reach]);
    stemBetween(s, add(s.base, [Math.cos(a) * reach * 0.5, 0, Math.sin(a) * reach * 0.5]), tip, 3.2);
    headAt(s, tip, toward(a, 0));
  }
}

import { clamp } from '../../units/number';
import { flowerAt, heads } from '../flowers';
import { lumpIn } from '../inside';
import { leafAt, leafLook } from '../leaves';
import { between, GOLDEN, turn, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, mix, toward, UP, unit, type Vec } from '../vector';
import { spire, stalksOver } from './spires';

/** Leaves stand round a stem in threes: opposite ones, and those of the side shoot in their axil. */
const WHORLED = [0, 2.1, 4.2] as const;

/** Where few flowers are to be seen not every stem bears them: the share that does, by the dose. Working figures. */
const flowers = (s: Sprig, stem: number): boolean => (stem * 0.618 + 0.3) % 1 < clamp(s.dose * 1.7, 0.12, 1);

/** Leaves on a wand reach so far up it, further where its flowers are borne singly; what is thick with needles is a grey bush at its foot. */
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
    const blooms = s.look !== null && s.grown.bloom > OPENS && flowers(s, i);
    // What bears no flower stays among the leaves, and is clad to its tip.
    const tall = h * (1 - 0.26 * t) * between(s, 0.8, 1) * (blooms || !s.look ? 1 : 0.62);
    const foot = add(s.base, [Math.cos(a) * reach * 0.3, 0, Math.sin(a) * reach * 0.3]);
    // Outer stems lean out and come up again.
    const knee = add(s.base, [Math.cos(a) * reach * 0.74, tall * 0.42, Math.sin(a) * reach * 0.74]);
    const tip = add(s.base, [Math.cos(a) * reach, tall, Math.sin(a) * reach]);
    stemBetween(s, foot, knee, 3);
    stemBetween(s, knee, tip, 2.4);
    const on = (k: number): Vec => (k < 0.42 ? mix(foot, knee, k / 0.42) : mix(knee, tip, (k - 0.42) / 0.58));
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
    const stalk = mix(from, to, t);
    const at = add(stalk, out, mm * 0.34);
    stemBetween(s, stalk, at, 2);
    flowerAt(s, at, unit(add(out, UP, k === 0 ? 1.2 : 0.25)));
  }
}

/** A leaf this short beside its cane is borne in sprays, as bamboos and nandinas bear theirs. Share of height, working figure. */
const SMALL_LEAF = 0.16;

/** Side twigs up a cane, each with a few leaflets. */
function sprays(s: Sprig, foot: Vec, tip: Vec, turned: number): void {
  const { lengthMm: leaf } = leafLook(s.plant);
  const twigs = clamp(Math.round((tip[1] - foot[1]) / (leaf * 0.55)), 7, 16);
  for (let n = 0; n < twigs; n += 1) {
    const t = 0.22 + 0.78 * ((n + 0.5) / twigs);
    const out = toward(turned + n * 2.4, between(s, 0.1, 0.6));
    const from = mix(foot, tip, t);
    const to = add(from, out, leaf * between(s, 1.6, 2.4) * (1.1 - 0.4 * t));
    stemBetween(s, from, to, 2);
    for (let k = 0; k < 4; k += 1)
      leafAt(
        s,
        mix(from, to, 0.4 + 0.2 * k),
        unit(add(out, [between(s, -0.9, 0.9), between(s, -0.5, 0.4), between(s, -0.9, 0.9)])),
        unit(add(UP, out, 0.2)),
        1.25,
      );
  }
}

/** Flowers smaller than this are borne among the leaves, mm. Working figure. */
const SMALL_MM = 45;

/** A cane without a flower reaches so far, of one with. By eye. */
const BARE_CANE = 0.66;

/** Canes stand so far apart, no more of them, lean out by so much of the plant's width, the outer ones so much lower; those that bear small flowers all along branch from the foot. mm and shares, by eye. */
const STRAIGHT = { apart: 75, most: 8, lean: 0.27, lower: 0.12 };
const BRANCHING = { apart: 34, most: 14, lean: 0.4, lower: 0.45 };
/** A cane bears leaf so far up: under flowers at its end, or among small ones all along it. By eye. */
const CLAD = { under: 0.62, whole: 0.92 } as const;

export function cane(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { lengthMm: leaf } = leafLook(s.plant);
  const hung = s.plant.leaf.form === 'heart' || s.plant.leaf.form === 'palmate';
  const shrink = clamp(h / Math.max(1, s.plant.heightMm[1] * 0.8), 0.4, 1);
  if (hung) {
    const stalks = clamp(Math.round((w * w) / (leaf * leaf * 0.16)), 8, 22);
    for (let i = 0; i < stalks; i += 1) {
      const t = (i + 0.5) / stalks;
      const a = i * GOLDEN;
      const reach = Math.sqrt(t) * (w / 2 - leaf * 0.25 * shrink);
      const tip = add(s.base, [
        Math.cos(a) * reach,
        h * (1 - 0.55 * t) * between(s, 0.9, 1) - leaf * 0.12,
        Math.sin(a) * reach,
      ]);
      stemBetween(s, s.base, tip, 5 * shrink);
      const dir = toward(
        a + between(s, -0.35, 0.35),
        s.plant.leaf.form === 'palmate' ? between(s, -0.1, 0.25) : between(s, -0.75, -0.25),
      );
      leafAt(s, tip, dir, unit(add(UP, toward(a, 0), 0.9)), shrink);
    }
    stalksOver(s, 3);
    return;
  }
  // Small flowers are borne all over it, large ones and spires at the ends of its canes.
  const small = s.look !== null && s.plant.flower.form !== 'spike' && s.plant.flower.sizeMm < SMALL_MM;
  const hangs = s.look?.as === 'hung';
  const { apart, most, lean, lower } = small ? BRANCHING : STRAIGHT;
  const stalks = clamp(Math.round(w / apart), 3, most);
  const canes: [Vec, Vec][] = [];
  for (let i = 0; i < stalks; i += 1) {
    const a = i * GOLDEN;
    const reach = Math.sqrt((i + 0.2) / stalks) * w * lean;
    // A few at the tip of each cane that flowers.
    const many = s.look && flowers(s, i) ? Math.round(clamp(7 * s.dose, 1, 24) * s.grown.bloom) : 0;
    // Among canes in flower, one that bears none stays among the leaves: no bare stem stands over them.
    const borne = s.plant.flower.form === 'spike' ? s.look !== null && flowers(s, i) : many > 0;
    const bare = s.look !== null && !small && leaf >= h * SMALL_LEAF && !borne;
    const tall = h * between(s, 0.82, 0.98) * (1 - lower * (i / stalks)) * (bare ? BARE_CANE : 1);
    const foot = add(s.base, [Math.cos(a) * reach * 0.5, 0, Math.sin(a) * reach * 0.5]);
    const tip = add(s.base, [Math.cos(a) * reach, tall, Math.sin(a) * reach]);
    const knee = mix(foot, tip, 0.5);
    stemBetween(s, foot, knee, 9 * shrink);
    stemBetween(s, knee, tip, (small ? 4 : 8) * shrink);
    if (leaf < h * SMALL_LEAF) {
      sprays(s, foot, tip, a);
      continue;
    }
    // Long leaves stand as steep as the room beside the cane asks, and bend over at the end.
    const room = clamp((w * 0.5 - reach) / (leaf * shrink), 0.3, 0.8);
    const steep = Math.acos(room);
    const nodes = clamp(Math.round(tall / (leaf * shrink * (small ? CLOSE : 0.36))), 4, small ? 18 : 9);
    for (let n = 0; n < nodes; n += 1) {
      const t = n / nodes;
      const rise = small ? HANGS + 0.5 * t + between(s, -0.2, 0.2) : steep + 0.16 * t + between(s, -0.12, 0.1);
      const dir = toward(a + n * 2.4 + between(s, -0.3, 0.3), rise);
      leafAt(
        s,
        mix(foot, tip, 0.05 + t * (small || hangs || !borne ? CLAD.whole : CLAD.under)),
        dir,
        unit(add(UP, dir, small ? 0.2 : -0.2)),
        shrink * (1.05 - (small ? 0.34 : 0.25) * t),
        t < 0.2 ? between(s, 0, 0.3) : 0,
      );
    }
    if (s.plant.flower.form === 'spike') {
      if (s.look && flowers(s, i)) spire(s, mix(foot, tip, 0.8), add(tip, UP, h * 0.04), s.plant.flower.sizeMm);
      continue;
    }
    if (small) {
      // A young leaf closes each cane.
      leafAt(s, tip, toward(a, 0.5), unit(add(UP, toward(a, 0.3), 0.5)), shrink * 0.55);
      canes.push([foot, tip]);
      continue;
    }
    for (let k = 0; k < many; k += 1) {
      if (hangs) {
        // Trumpets hang from the upper axils, under the leaves.
        const axil = add(mix(foot, tip, between(s, 0.66, 0.98)), toward(turn(s), 0.1), leaf * 0.3);
        stemBetween(s, mix(foot, tip, 0.8), axil, 2);
        flowerAt(s, add(axil, UP, -0.34 * s.plant.flower.sizeMm), toward(a, 0));
        continue;
      }
      flowerAt(
        s,
        add(tip, [between(s, -22, 22), between(s, -45, 18), between(s, -22, 22)]),
        unit(add(toward(turn(s), 0.3), UP, 0.2)),
      );
    }
  }
  if (!small) return;
  const { many, size } = heads(s, Math.PI * w * h * 0.6, 90);
  clusters(s, canes, many, size);
}

/** Flowers of a branching cane hang in clusters of so many, on stalks so long beside the leaf. By eye. */
const CLUSTER = 4;
const STALK = 0.42;
/** And its leaves stand so close, beside their length. By eye. */
const CLOSE = 0.22;
/** Its leaves hang so far, radians, the lowest most. By eye. */
const HANGS = -0.42;

/** Clusters of small flowers that hang out from between the leaves of canes. */
function clusters(s: Sprig, canes: readonly (readonly [Vec, Vec])[], many: number, size: number): void {
  const { lengthMm: leaf } = leafLook(s.plant);
  const mm = s.plant.flower.sizeMm * size;
  for (let i = 0; i < many; i += CLUSTER) {
    const cane = canes[(i / CLUSTER) % canes.length];
    if (!cane) return;
    const from = mix(cane[0], cane[1], between(s, 0.34, 1));
    const out = toward((i / CLUSTER) * GOLDEN + between(s, -0.4, 0.4), between(s, -0.1, 0.5));
    const hub = add(from, out, leaf * STALK * between(s, 0.8, 1.5));
    stemBetween(s, from, hub, 1.6);
    for (let k = 0; k < Math.min(CLUSTER, many - i); k += 1) {
      const way = unit(add(toward(k * 2.4 + i, between(s, -0.9, 0.2)), out, 0.5));
      const at = add(hub, way, mm * 0.5);
      stemBetween(s, hub, at, 1.1);
      flowerAt(s, at, unit(add(way, out, 0.5)), size);
    }
  }
}

/** Canes a climber is tied to, and the share of its height at which they meet. */
const CANES = 4;

/** Shoots wound up a wigwam of canes, leafy and in flower from top to bottom. */
export function climber(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { lengthMm: leaf } = leafLook(s.plant);
  const foot = w * 0.4;
  const canes = Array.from({ length: CANES }, (_, i) => (i / CANES) * Math.PI * 2 + 0.4);
  const top = add(s.base, UP, h * 1.02);
  for (const a of canes) stemBetween(s, add(s.base, [Math.cos(a) * foot, 0, Math.sin(a) * foot]), top, 4);
  const skin = Math.PI * foot * h;
  const count = clamp(Math.round(skin / (leaf * leaf * 0.42)), 90, 420);
  const size = clamp(Math.sqrt(skin / (leaf * leaf * 0.42) / count), 1, 1.5);
  const on = (t: number, a: number, out: number): Vec =>
    add(s.base, [Math.cos(a) * (foot * (1 - t) + 14) * out, h * t, Math.sin(a) * (foot * (1 - t) + 14) * out]);
  for (let i = 0; i < count; i += 1) {
    // More of it low, where the wigwam is wide.
    const t = 1 - Math.sqrt(1 - (i + 0.5) / count);
    const a = i * GOLDEN;
    const dir = toward(a + between(s, -0.5, 0.5), between(s, -0.5, 0.5));
    leafAt(s, on(t * 0.97, a, between(s, 0.75, 1.1)), dir, unit(add(toward(a, 0.2), UP, 0.4)), size);
  }
  // Plumes are thin: it takes more of them to be seen among so many leaves.
  const { many, size: swell } = heads(s, skin, s.look?.as === 'stand' ? 240 : 110);
  for (let i = 0; i < many; i += 1) {
    const t = 1 - Math.sqrt(1 - (i + 0.4) / many);
    const a = i * GOLDEN + turn(s) * 0.05;
    flowerAt(s, on(t * 0.96, a, 1.16), unit(add(toward(a, 0.1), UP, 0.25)), swell);
  }
}

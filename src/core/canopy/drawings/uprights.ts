import { clamp } from '../../units/number';
import { between, flowerAt, flowerColours, flowerCount, GOLDEN, leafAt, stemBetween, turn, type Sprig } from '../sprig';
import { add, mix, toward, UP, unit, type Vec } from '../vector';

export function wand(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const stems = clamp(Math.round(w / 15), 8, 24);
  const leaf = s.plant.leaf.lengthMm;
  for (let i = 0; i < stems; i += 1) {
    const t = (i + 0.5) / stems;
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const reach = Math.sqrt(t) * w * 0.44;
    const tall = h * (1 - 0.22 * t) * between(s, 0.88, 1);
    const foot = add(s.base, [Math.cos(a) * reach * 0.3, 0, Math.sin(a) * reach * 0.3]);
    const tip = add(s.base, [Math.cos(a) * reach, tall, Math.sin(a) * reach]);
    stemBetween(s, foot, tip, 3);
    const leafy = s.plant.leaf.form === 'needle' ? 0.6 : 0.52;
    const nodes = clamp(Math.round((tall * leafy) / (leaf * 0.36)), 4, 13);
    for (let n = 0; n < nodes; n += 1) {
      const at = mix(foot, tip, 0.03 + (n / nodes) * leafy);
      for (const side of [0, Math.PI]) {
        const dir = toward(a + side + n * 1.6, between(s, 0.05, 0.7));
        leafAt(s, at, dir, unit(add(UP, dir, 0.15)), 1.1 - 0.35 * (n / nodes));
      }
    }
    const from = mix(foot, tip, leafy + 0.04);
    if (isSpire(s)) spike(s, from, tip);
    else heads(s, from, tip);
  }
}

/** Flowers so small, or of such a form, that they make one spire together. mm, working figure. */
const SPIRE_MM = 26;
const isSpire = ({ plant: { flower } }: Sprig): boolean =>
  flower.form === 'spike' || flower.form === 'plume' || flower.sizeMm < SPIRE_MM;

/** Flowers that are seen one by one, about the top of their stem: lilies, asters, snapdragons at their most open. */
function heads(s: Sprig, from: Vec, to: Vec): void {
  const mm = s.plant.flower.sizeMm;
  const room = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
  const most = clamp(Math.round((room / mm) * 2.2), 2, 9);
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

function spike(s: Sprig, from: Vec, to: Vec): void {
  const mm = s.plant.flower.sizeMm;
  const length = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
  const open = s.grown.bloom;
  const whorls = clamp(Math.round(length / Math.max(6, mm * 0.62)), 3, 16);
  for (let n = 0; n < whorls; n += 1) {
    const t = n / Math.max(1, whorls - 1);
    const at = mix(from, to, t);
    const inBud = t > 0.4 + 0.6 * open;
    const around = mm > 22 ? 3 : 4;
    for (let k = 0; k < around; k += 1) {
      const dir = toward(n * 0.9 + (k * Math.PI * 2) / around, 0.25);
      const { a, b } = flowerColours(s);
      const size = Math.max(7, mm) * (1.15 - 0.5 * t) * (inBud ? 0.55 : 1);
      s.builder.put({
        kind: inBud || open < 0.12 ? 'bud' : 'spikelet',
        at: add(at, dir, 1.5),
        along: unit(add(dir, UP, 0.35)),
        face: UP,
        length: size,
        width: size * 0.8,
        droop: size * 0.5,
        a,
        b,
        owner: s.owner,
        glow: 0.3,
      });
    }
  }
}

/** A leaf this short beside its cane is borne in sprays, as bamboos and nandinas bear theirs. Share of height, working figure. */
const SMALL_LEAF = 0.16;

/** Side twigs up a cane, each with a few leaflets. */
function sprays(s: Sprig, foot: Vec, tip: Vec, turned: number): void {
  const leaf = s.plant.leaf.lengthMm;
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

export function cane(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const leaf = s.plant.leaf.lengthMm;
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
    return;
  }
  const stalks = clamp(Math.round(w / 75), 3, 8);
  for (let i = 0; i < stalks; i += 1) {
    const a = i * GOLDEN;
    const reach = Math.sqrt((i + 0.2) / stalks) * w * 0.27;
    const tall = h * between(s, 0.82, 0.98) * (1 - 0.12 * (i / stalks));
    const foot = add(s.base, [Math.cos(a) * reach * 0.5, 0, Math.sin(a) * reach * 0.5]);
    const tip = add(s.base, [Math.cos(a) * reach, tall, Math.sin(a) * reach]);
    stemBetween(s, foot, tip, 9 * shrink);
    if (leaf < h * SMALL_LEAF) {
      sprays(s, foot, tip, a);
      continue;
    }
    const nodes = clamp(Math.round(tall / (leaf * 0.34)), 4, 9);
    for (let n = 0; n < nodes; n += 1) {
      const t = n / nodes;
      const dir = toward(a + n * 2.4, 0.75 + 0.35 * t);
      leafAt(s, mix(foot, tip, 0.06 + t * 0.82), dir, unit(add(UP, dir, -0.4)), shrink * (1 - 0.25 * t));
    }
    const heads = Math.round(7 * s.grown.bloom);
    for (let k = 0; k < heads; k += 1)
      flowerAt(
        s,
        add(tip, [between(s, -22, 22), between(s, -45, 18), between(s, -22, 22)]),
        unit(add(toward(turn(s), 0.3), UP, 0.2)),
      );
  }
}

/** Canes a climber is tied to, and the share of its height at which they meet. */
const CANES = 4;

/** Shoots wound up a wigwam of canes, leafy and in flower from top to bottom. */
export function climber(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const leaf = s.plant.leaf.lengthMm;
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
  const heads = flowerCount(s, skin, s.plant.flower.form === 'plume' ? 240 : 90);
  for (let i = 0; i < heads; i += 1) {
    const t = 1 - Math.sqrt(1 - (i + 0.4) / heads);
    const a = i * GOLDEN * 1.3 + turn(s) * 0.05;
    flowerAt(s, on(t * 0.96, a, 1.16), unit(add(toward(a, 0.1), UP, 0.25)));
  }
}

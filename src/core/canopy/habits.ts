import { clamp } from '../units/number';
import type { Habit } from '../plants/schema';
import { between, flowerAt, flowerColours, flowerCount, GOLDEN, leafAt, leafColours, stemBetween, turn, type Sprig } from './sprig';
import { trails } from './trails';
import { add, mix, toward, unit, type Vec } from './vector';

const UP: Vec = [0, 1, 0];

/** Leaves and flowers over a lumpy half-ellipsoid; `lift` raises its widest part, `squash` is what stands below it. */
function mound(s: Sprig, { lift = 0.12, most = 560, flowers = 110 } = {}): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const r = w / 2;
  const leaf = s.plant.leaf.lengthMm;
  const surface = 2 * Math.PI * r * Math.max(h, r * 0.6);
  const count = clamp(Math.round((surface / (leaf * leaf * 0.3)) * 1.1), 40, most);
  // Where leaves are too small to draw one by one at this size, fewer and larger stand for them.
  const size = clamp(Math.sqrt((surface / (leaf * leaf * 0.3)) / count), 1, 1.55);
  const centre: Vec = add(s.base, UP, h * lift);
  const lumps = Array.from({ length: 5 }, () => ({ dir: toward(turn(s), between(s, 0.1, 1.3)), by: between(s, 0.04, 0.16) }));
  const shell = (dir: Vec, depth: number): Vec => {
    const bump = lumps.reduce((k, l) => k + l.by * Math.max(0, dir[0] * l.dir[0] + dir[1] * l.dir[1] + dir[2] * l.dir[2]) ** 6, 0.9);
    return [centre[0] + dir[0] * r * bump * depth, centre[1] + Math.max(-0.1, dir[1]) * h * (1 - lift) * bump * depth, centre[2] + dir[2] * r * bump * depth];
  };
  for (let i = 0; i < count; i += 1) {
    const elevation = Math.asin(clamp(1 - (1.12 * (i + 0.5)) / count, -0.12, 1));
    const dir = toward(i * GOLDEN + between(s, -0.3, 0.3), elevation + between(s, -0.12, 0.12));
    const depth = i % 3 === 0 ? between(s, 0.5, 0.8) : between(s, 0.84, 1.0);
    const at = shell(dir, depth * 0.93);
    const along = unit([dir[0] + between(s, -0.7, 0.7), dir[1] * 0.4 + between(s, -0.35, 0.55), dir[2] + between(s, -0.7, 0.7)]);
    leafAt(s, at, along, unit(add(dir, UP, 0.8)), size);
  }
  for (let i = 0; i < 5; i += 1) stemBetween(s, s.base, shell(toward(turn(s), between(s, 0.5, 1.3)), 0.7), 3);
  const heads = flowerCount(s, surface, flowers);
  for (let i = 0; i < heads; i += 1) {
    const dir = toward(i * GOLDEN * 1.7 + between(s, -0.5, 0.5), Math.asin(clamp(1 - (0.98 * (i + 0.5)) / heads, 0, 1)) + between(s, -0.15, 0.15));
    flowerAt(s, shell(dir, between(s, 1.0, 1.09)), unit(add(dir, UP, between(s, 0, 0.4))));
  }
}

/** A bush: branches with leaves in pairs toward their ends, flower heads held above. */
function bush(s: Sprig): void {
  if (s.plant.leaf.form === 'needle') return cone(s);
  const { heightMm: h, spreadMm: w } = s.grown;
  const leaf = s.plant.leaf.lengthMm;
  const stems = clamp(Math.round((w * w) / (leaf * leaf * 1.1)), 9, 24);
  for (let i = 0; i < stems; i += 1) {
    const t = (i + 0.5) / stems;
    const reach = Math.sqrt(t) * (w / 2) * 0.9;
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const tipH = h * (1 - 0.42 * t * t) * between(s, 0.86, 1) - leaf * 0.1;
    const tip: Vec = add(s.base, [Math.cos(a) * reach, tipH, Math.sin(a) * reach]);
    const elbow = add(s.base, [Math.cos(a) * reach * 0.6, tipH * 0.14, Math.sin(a) * reach * 0.6]);
    stemBetween(s, s.base, elbow, 4);
    stemBetween(s, elbow, tip, 3);
    const nodes = clamp(Math.round(tipH / (leaf * 0.46)), 3, 8);
    for (let n = 0; n < nodes; n += 1) {
      const at = mix(elbow, tip, n / Math.max(1, nodes - 1));
      const size = n === nodes - 1 ? 0.62 : 1 - 0.06 * n;
      for (const side of [0, Math.PI]) {
        const dir = toward(a + side + n * (Math.PI / 2) + between(s, -0.4, 0.4), between(s, -0.15, 0.5));
        leafAt(s, at, dir, unit(add(UP, dir, 0.2)), size);
      }
    }
    leafAt(s, tip, toward(a + between(s, -1, 1), 0.6), unit(add(UP, toward(a, 0.2), 0.6)), 0.7);
  }
  const heads = flowerCount(s, Math.PI * w * h * 0.7, 42);
  for (let i = 0; i < heads; i += 1) {
    const t = (i + 0.5) / heads;
    const dir = toward(i * GOLDEN * 1.3, Math.acos(Math.sqrt(t) * 0.95));
    const hang = s.plant.flower.form === 'bell';
    const at: Vec = add(s.base, [dir[0] * (w / 2) * 0.92, h * (hang ? between(s, 0.35, 0.95) : 0.42 + 0.64 * dir[1]), dir[2] * (w / 2) * 0.92]);
    if (!hang) stemBetween(s, add(at, [-dir[0] * 30, -s.plant.flower.sizeMm * 0.9, -dir[2] * 30]), at, 2.4);
    flowerAt(s, at, unit(add(dir, UP, 0.5)));
  }
}

/** A flat spray of scale leaves, as conifers carry. */
function spray(s: Sprig, at: Vec, along: Vec, face: Vec): void {
  const length = s.plant.leaf.lengthMm * between(s, 1.5, 2.2);
  s.builder.put({ kind: 'feather', at, along, face, length, width: length * 0.6, droop: length * 0.15, ...leafColours(s), owner: s.owner });
}

/** Upright shrub of needles: a cone when it is taller than wide, spires otherwise. */
function cone(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const slim = h > w * 1.5;
  const count = clamp(Math.round((h * w) / 170), 120, 620);
  for (let i = 0; i < count; i += 1) {
    const t = 1 - Math.sqrt(1 - (i + 0.5) / count);
    const r = (w / 2) * (slim ? 1 - t : Math.sqrt(1 - t * t)) * between(s, 0.55, 1);
    const dir = toward(i * GOLDEN, slim ? 0.9 : 1.1);
    const at = add(s.base, [dir[0] * r * 1.6, t * h * 0.96, dir[2] * r * 1.6]);
    const along = unit([dir[0] + between(s, -0.4, 0.4), between(s, 0.5, 1.3), dir[2] + between(s, -0.4, 0.4)]);
    if (slim) spray(s, at, along, dir);
    else leafAt(s, at, along, dir, 1.35);
  }
  for (let i = 0; i < 6; i += 1) stemBetween(s, s.base, add(s.base, [between(s, -0.3, 0.3) * w, h * between(s, 0.5, 0.85), between(s, -0.3, 0.3) * w]), 3);
  const heads = flowerCount(s, Math.PI * w * h * 0.5, 60);
  for (let i = 0; i < heads; i += 1) {
    const dir = toward(turn(s), between(s, 0.1, 1.2));
    flowerAt(s, add(s.base, [dir[0] * w * 0.42, h * between(s, 0.3, 0.95), dir[2] * w * 0.42]), dir);
  }
}

/** Straps fanning from a crown; outer ones arch. */
function fan(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const count = clamp(Math.round(h / 12), 26, 66);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const lean = (1 - t) ** 1.3;
    const a = i * GOLDEN + between(s, -0.2, 0.2);
    const rise = (1.52 - lean * 0.86) * between(s, 0.96, 1.03);
    // As long as its height or its reach allows, whichever comes first: what droops was longer before it bent.
    const length = Math.min((h * 1.02) / Math.sin(rise), (w / 2) / Math.max(0.05, Math.cos(rise))) * between(s, 0.86, 1.04) * (1 + 0.12 * lean);
    const dir = toward(a, rise);
    s.builder.put({
      kind: 'strap', at: add(s.base, [Math.cos(a) * 9, t * h * 0.06, Math.sin(a) * 9]), along: dir, face: unit(add(UP, dir, -0.3)),
      length, width: clamp(h * 0.05, 12, 40), droop: length * (0.06 + 0.34 * lean) * between(s, 0.6, 1.2), ...leafColours(s), owner: s.owner,
    });
  }
}

/** Fine blades in a fountain, with plumes above when in flower. */
function fountain(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const count = clamp(Math.round((w * h) / 520), 100, 260);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const lean = Math.sqrt(t);
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const dir = toward(a, 1.52 - lean * 0.75 + between(s, -0.1, 0.1));
    const rise = Math.asin(dir[1]);
    const length = Math.min((h * 1.06) / Math.sin(rise), (w / 2) / Math.max(0.04, Math.cos(rise)) + h * 0.04) * between(s, 0.72, 1.04);
    s.builder.put({
      kind: 'blade', at: add(s.base, [Math.cos(a) * lean * w * 0.07, 0, Math.sin(a) * lean * w * 0.07]), along: dir, face: unit(add(UP, dir, -0.4)),
      length, width: clamp(length * 0.021, 5.5, 11), droop: length * (0.14 + 0.42 * lean) * between(s, 0.7, 1.25), ...leafColours(s), owner: s.owner,
    });
  }
  const heads = s.plant.flower.form === 'plume' ? Math.round(26 * s.grown.bloom) : 0;
  for (let i = 0; i < heads; i += 1) {
    const a = i * GOLDEN;
    const dir = toward(a, between(s, 1.18, 1.46));
    const at = add(s.base, dir, h * between(s, 0.78, 0.95));
    stemBetween(s, s.base, at, 2);
    flowerAt(s, at, unit(add(dir, toward(a, -0.3), 0.4)), 0.9);
  }
}

/** Upright wands: leaves below, a spike of flower above, buds at the tip. */
function wand(s: Sprig): void {
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
    spike(s, mix(foot, tip, leafy + 0.04), tip);
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
      s.builder.put({ kind: inBud || open < 0.12 ? 'bud' : 'spikelet', at: add(at, dir, 1.5), along: unit(add(dir, UP, 0.35)), face: UP, length: size, width: size * 0.8, droop: size * 0.5, a, b, owner: s.owner, glow: 0.3 });
    }
  }
}

/** Stalks from the base: heart leaves hang from their tips; other leaves stand up the stalk, with flower on top. */
function cane(s: Sprig): void {
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
      const tip = add(s.base, [Math.cos(a) * reach, h * (1 - 0.55 * t) * between(s, 0.9, 1) - leaf * 0.12, Math.sin(a) * reach]);
      stemBetween(s, s.base, tip, 5 * shrink);
      const dir = toward(a + between(s, -0.35, 0.35), s.plant.leaf.form === 'palmate' ? between(s, -0.1, 0.25) : between(s, -0.75, -0.25));
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
    const nodes = clamp(Math.round(tall / (leaf * 0.34)), 4, 9);
    for (let n = 0; n < nodes; n += 1) {
      const t = n / nodes;
      const dir = toward(a + n * 2.4, 0.75 + 0.35 * t);
      leafAt(s, mix(foot, tip, 0.06 + t * 0.82), dir, unit(add(UP, dir, -0.4)), shrink * (1 - 0.25 * t));
    }
    const heads = Math.round(7 * s.grown.bloom);
    for (let k = 0; k < heads; k += 1) flowerAt(s, add(tip, [between(s, -22, 22), between(s, -45, 18), between(s, -22, 22)]), unit(add(toward(turn(s), 0.3), UP, 0.2)));
  }
}

/** A cloud: fine branching stems, small leaves within, small flowers floating outside. */
function cloud(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const r = w / 2;
  const place = (i: number, n: number, deep: number): { at: Vec; dir: Vec } => {
    const dir = toward(i * GOLDEN + between(s, -0.4, 0.4), Math.asin(clamp(1 - (1.05 * (i + 0.5)) / n, -0.05, 1)));
    return { dir, at: add(s.base, [dir[0] * r * deep, h * (0.12 + 0.86 * Math.max(0, dir[1]) ** 0.85) * deep, dir[2] * r * deep]) };
  };
  const leaves = clamp(Math.round((w * h) / 230), 160, 420);
  const size = clamp(19 / s.plant.leaf.lengthMm, 1, 1.7);
  for (let i = 0; i < leaves; i += 1) {
    const { at, dir } = place(i, leaves, between(s, 0.3, 0.95));
    leafAt(s, at, unit(add(dir, [between(s, -1, 1), between(s, -0.4, 0.8), between(s, -1, 1)])), unit(add(UP, dir, 0.5)), size);
  }
  for (let i = 0; i < 34; i += 1) {
    const { at } = place(i, 34, between(s, 0.75, 1));
    stemBetween(s, add(s.base, [0, h * 0.08, 0]), at, 1.5);
  }
  const heads = Math.min(360, Math.round(flowerCount(s, 2 * Math.PI * r * h, 700)));
  for (let i = 0; i < heads; i += 1) {
    const { at, dir } = place(i, heads, between(s, 0.72, 1.08));
    flowerAt(s, at, unit(add(dir, [between(s, -0.5, 0.5), 0.4, between(s, -0.5, 0.5)])), clamp(17 / s.plant.flower.sizeMm, 1, 1.9));
  }
}

/** Arching fronds from a crown. */
function frond(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const count = clamp(Math.round(w / 15), 16, 34);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const a = i * GOLDEN + between(s, -0.2, 0.2);
    const rise = 1.35 - 0.95 * t + between(s, -0.08, 0.08);
    const length = Math.hypot(h * (1 - 0.35 * t), (w / 2) * t) * between(s, 0.92, 1.1);
    const dir = toward(a, rise);
    s.builder.put({ kind: 'frond', at: s.base, along: dir, face: unit(add(UP, dir, -0.3)), length, width: length * 0.3, droop: length * (0.26 + 0.42 * t), ...leafColours(s), owner: s.owner });
  }
}

/** Fleshy leaves in a spiral; a ribbed ball with spines for a barrel cactus. */
function rosette(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  if (s.plant.leaf.form === 'needle') {
    const { a, b } = leafColours(s);
    s.builder.put({ kind: 'barrel', at: s.base, along: UP, face: [0, 0, 1], length: h, width: w, droop: w, a, b, owner: s.owner });
    return;
  }
  const plump = h < 200;
  const heads = plump ? clamp(Math.round(w / 95), 1, 3) : 1;
  for (let k = 0; k < heads; k += 1) {
    const centre = heads === 1 ? s.base : add(s.base, [Math.cos(k * 2.1) * w * 0.24, 0, Math.sin(k * 2.1) * w * 0.24]);
    const half = (w / 2) * (heads === 1 ? 1 : 0.62);
    const count = plump ? 30 : clamp(Math.round(h / 11), 26, 44);
    for (let i = 0; i < count; i += 1) {
      const t = (i + 0.5) / count;
      const a = i * GOLDEN;
      const rise = plump ? 0.25 + 1.15 * t : 0.3 + 1.12 * t;
      const length = (plump ? half * (1.05 - 0.6 * t) : Math.hypot(half * (1 - t), h * (0.45 + 0.5 * t))) * between(s, 0.94, 1.05);
      const dir = toward(a, rise);
      const { a: body, b } = leafColours(s);
      s.builder.put({ kind: 'spoon', at: add(centre, [0, plump ? h * (0.2 + 0.4 * t) : t * h * 0.1, 0]), along: dir, face: unit(add(UP, dir, -0.5)), length, width: length * (plump ? 0.5 : 0.24), droop: length * -0.16, a: body, b, owner: s.owner });
    }
  }
}

const cascade = (s: Sprig): void => {
  mound(s, { lift: 0.1, most: 460, flowers: 80 });
  trails(s, 1);
};

const trail = (s: Sprig): void => {
  mound(s, { lift: 0.05, most: 260, flowers: 18 });
  trails(s, 1);
};

/** How each habit grows. Adding one is a function and a line here. */
export const HABITS: Record<Habit, (s: Sprig) => void> = { fan, fountain, wand, cane, bush, mound, cloud, frond, rosette, cascade, trail };

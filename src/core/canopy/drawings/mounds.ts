import { clamp } from '../../units/number';
import {
  between,
  flowerAt,
  flowerCount,
  GOLDEN,
  leafAreaMm2,
  leafAt,
  leafColours,
  stemBetween,
  turn,
  type Sprig,
} from '../sprig';
import { add, mix, toward, UP, unit, type Vec } from '../vector';

export function mound(s: Sprig, { lift = 0.12, most = 560, flowers = 110 } = {}): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const r = w / 2;
  const leaf = s.plant.leaf.lengthMm;
  const surface = 2 * Math.PI * r * Math.max(h, r * 0.6);
  // Needles and blades hide less than their length would say.
  const each = Math.min(leaf * leaf * 0.3, leafAreaMm2(s.plant));
  const count = clamp(Math.round((surface / each) * 1.1), 40, most);
  // Where leaves are too small to draw one by one at this size, fewer and larger stand for them.
  const size = clamp(Math.sqrt(surface / each / count), 1, s.plant.leaf.form === 'needle' ? 2.6 : 1.55);
  const centre: Vec = add(s.base, UP, h * lift);
  const lumps = Array.from({ length: 5 }, () => ({
    dir: toward(turn(s), between(s, 0.1, 1.3)),
    by: between(s, 0.04, 0.16),
  }));
  const shell = (dir: Vec, depth: number): Vec => {
    const bump = lumps.reduce(
      (k, l) => k + l.by * Math.max(0, dir[0] * l.dir[0] + dir[1] * l.dir[1] + dir[2] * l.dir[2]) ** 6,
      0.9,
    );
    return [
      centre[0] + dir[0] * r * bump * depth,
      centre[1] + Math.max(-0.1, dir[1]) * h * (1 - lift) * bump * depth,
      centre[2] + dir[2] * r * bump * depth,
    ];
  };
  for (let i = 0; i < count; i += 1) {
    const elevation = Math.asin(clamp(1 - (1.12 * (i + 0.5)) / count, -0.12, 1));
    const dir = toward(i * GOLDEN + between(s, -0.3, 0.3), elevation + between(s, -0.12, 0.12));
    const depth = i % 3 === 0 ? between(s, 0.5, 0.8) : between(s, 0.84, 1.0);
    const at = shell(dir, depth * 0.93);
    const along = unit([
      dir[0] + between(s, -0.7, 0.7),
      dir[1] * 0.4 + between(s, -0.35, 0.55),
      dir[2] + between(s, -0.7, 0.7),
    ]);
    leafAt(s, at, along, unit(add(dir, UP, 0.8)), size);
  }
  for (let i = 0; i < 5; i += 1) stemBetween(s, s.base, shell(toward(turn(s), between(s, 0.5, 1.3)), 0.7), 3);
  const heads = flowerCount(s, surface, flowers);
  for (let i = 0; i < heads; i += 1) {
    const dir = toward(
      i * GOLDEN * 1.7 + between(s, -0.5, 0.5),
      Math.asin(clamp(1 - (0.98 * (i + 0.5)) / heads, 0, 1)) + between(s, -0.15, 0.15),
    );
    flowerAt(s, shell(dir, between(s, 1.0, 1.09)), unit(add(dir, UP, between(s, 0, 0.4))));
  }
}

/** Leaf area over a bush's silhouette that hides its stems. Working figure, by eye. */
const LEAFY = 2.6;

export function bush(s: Sprig): void {
  if (s.plant.leaf.form === 'needle') return cone(s);
  const { heightMm: h, spreadMm: w } = s.grown;
  const leaf = s.plant.leaf.lengthMm;
  const stems = clamp(Math.round((w * w) / (leaf * leaf * 1.1)), 9, 26);
  const nodesOn = (tall: number) => clamp(Math.round(tall / (leaf * 0.4)), 3, 10);
  // Where leaves are too small to draw one by one, fewer and larger stand for them.
  const drawn = stems * (2 * nodesOn(h * 0.8) + 1) * leafAreaMm2(s.plant);
  const larger = clamp(Math.sqrt((LEAFY * w * h * 0.79) / drawn), 1, 2.1);
  for (let i = 0; i < stems; i += 1) {
    const t = (i + 0.5) / stems;
    const reach = Math.sqrt(t) * (w / 2) * 0.9;
    const a = i * GOLDEN + between(s, -0.3, 0.3);
    const tipH = h * (1 - 0.42 * t * t) * between(s, 0.86, 1) - leaf * 0.1;
    const tip: Vec = add(s.base, [Math.cos(a) * reach, tipH, Math.sin(a) * reach]);
    const elbow = add(s.base, [Math.cos(a) * reach * 0.6, tipH * 0.14, Math.sin(a) * reach * 0.6]);
    stemBetween(s, s.base, elbow, 4);
    stemBetween(s, elbow, tip, 3);
    const nodes = nodesOn(tipH);
    for (let n = 0; n < nodes; n += 1) {
      const at = mix(elbow, tip, n / Math.max(1, nodes - 1));
      const size = larger * (n === nodes - 1 ? 0.7 : 1 - 0.3 * (n / nodes));
      for (const side of [0, Math.PI]) {
        const dir = toward(a + side + n * (Math.PI / 2) + between(s, -0.4, 0.4), between(s, -0.15, 0.5));
        leafAt(s, at, dir, unit(add(UP, dir, 0.2)), size);
      }
    }
    leafAt(s, tip, toward(a + between(s, -1, 1), 0.6), unit(add(UP, toward(a, 0.2), 0.6)), 0.7 * larger);
  }
  const heads = flowerCount(s, Math.PI * w * h * 0.7, 60);
  for (let i = 0; i < heads; i += 1) {
    // Over the whole outside from knee height up, and not along its outline only.
    const t = (i + 0.5) / heads;
    const dir = toward(i * GOLDEN, Math.asin(clamp(1 - 0.96 * t + between(s, -0.08, 0.08), 0.02, 1)));
    const hang = s.plant.flower.form === 'bell';
    const at: Vec = add(s.base, [
      dir[0] * (w / 2) * 0.95,
      h * (hang ? between(s, 0.35, 0.95) : 0.4 + 0.64 * dir[1]),
      dir[2] * (w / 2) * 0.95,
    ]);
    if (!hang) stemBetween(s, add(at, [-dir[0] * 30, -s.plant.flower.sizeMm * 0.9, -dir[2] * 30]), at, 2.4);
    flowerAt(s, at, unit(add(dir, UP, 0.5)));
  }
}

function spray(s: Sprig, at: Vec, along: Vec, face: Vec): void {
  const length = s.plant.leaf.lengthMm * between(s, 1.5, 2.2);
  s.builder.put({
    kind: 'feather',
    at,
    along,
    face,
    length,
    width: length * 0.6,
    droop: length * 0.15,
    ...leafColours(s),
    owner: s.owner,
  });
}

function cone(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const slim = h > w * 1.5;
  const count = clamp(Math.round((h * w) / 170), 120, 620);
  const needles = clamp(Math.sqrt((LEAFY * w * h * 0.79) / (count * leafAreaMm2(s.plant))), 1.35, 3.2);
  for (let i = 0; i < count; i += 1) {
    const t = 1 - Math.sqrt(1 - (i + 0.5) / count);
    const r = (w / 2) * (slim ? 1 - t : Math.sqrt(1 - t * t)) * between(s, 0.55, 1);
    const dir = toward(i * GOLDEN, slim ? 0.9 : 1.1);
    const at = add(s.base, [dir[0] * r * 1.6, t * h * 0.96, dir[2] * r * 1.6]);
    const along = unit([dir[0] + between(s, -0.4, 0.4), between(s, 0.5, 1.3), dir[2] + between(s, -0.4, 0.4)]);
    if (slim) spray(s, at, along, dir);
    else leafAt(s, at, along, dir, needles);
  }
  for (let i = 0; i < 6; i += 1)
    stemBetween(
      s,
      s.base,
      add(s.base, [between(s, -0.3, 0.3) * w, h * between(s, 0.5, 0.85), between(s, -0.3, 0.3) * w]),
      3,
    );
  const heads = flowerCount(s, Math.PI * w * h * 0.5, 60);
  for (let i = 0; i < heads; i += 1) {
    const dir = toward(turn(s), between(s, 0.1, 1.2));
    flowerAt(s, add(s.base, [dir[0] * w * 0.42, h * between(s, 0.3, 0.95), dir[2] * w * 0.42]), dir);
  }
}

export function cloud(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const r = w / 2;
  const place = (i: number, n: number, deep: number): { at: Vec; dir: Vec } => {
    const dir = toward(i * GOLDEN + between(s, -0.4, 0.4), Math.asin(clamp(1 - (1.05 * (i + 0.5)) / n, -0.05, 1)));
    return {
      dir,
      at: add(s.base, [dir[0] * r * deep, h * (0.12 + 0.86 * Math.max(0, dir[1]) ** 0.85) * deep, dir[2] * r * deep]),
    };
  };
  const leaves = clamp(Math.round((w * h) / 230), 160, 420);
  const size = clamp(19 / s.plant.leaf.lengthMm, 1, 1.7);
  for (let i = 0; i < leaves; i += 1) {
    const { at, dir } = place(i, leaves, between(s, 0.3, 0.95));
    leafAt(
      s,
      at,
      unit(add(dir, [between(s, -1, 1), between(s, -0.4, 0.8), between(s, -1, 1)])),
      unit(add(UP, dir, 0.5)),
      size,
    );
  }
  for (let i = 0; i < 34; i += 1) {
    const { at } = place(i, 34, between(s, 0.75, 1));
    stemBetween(s, add(s.base, [0, h * 0.08, 0]), at, 1.5);
  }
  const heads = Math.min(360, Math.round(flowerCount(s, 2 * Math.PI * r * h, 700)));
  for (let i = 0; i < heads; i += 1) {
    const { at, dir } = place(i, heads, between(s, 0.72, 1.08));
    flowerAt(
      s,
      at,
      unit(add(dir, [between(s, -0.5, 0.5), 0.4, between(s, -0.5, 0.5)])),
      clamp(17 / s.plant.flower.sizeMm, 1, 1.9),
    );
  }
}

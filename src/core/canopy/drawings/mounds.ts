import { clamp } from '../../units/number';
import { flowerAt, heads, heldMm, racemeAt } from '../flowers';
import { lumpIn } from '../inside';
import { leafAreaMm2, leafAt, leafLook } from '../leaves';
import { between, GOLDEN, turn, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, blended, toward, UP, unit, type Vec } from '../vector';

/** Flowers turn to the side the light comes from, and not straight up: a direction from the middle, leant outward. */
const outward = (dir: Vec): Vec => [dir[0] * 1.5, dir[1] * 0.6, dir[2] * 1.5];

/** Pieces of leaf over the outside of a mound that hide what is behind them. Working figure by eye. */
const MOUND_LEAFY = 1.45;
/**
 * A low mound is widest near the soil, a tall one higher up, as a share of its height: there its leaves turn
 * in again below. By eye.
 */
const WIDEST = { least: 0.12, most: 0.3, by: 0.34 };
const widestAt = ({ grown }: Sprig): number =>
  clamp((WIDEST.by * grown.heightMm) / Math.max(1, grown.spreadMm), WIDEST.least, WIDEST.most);
/** Its leaves reach so far under where it is widest, beside how high that lies. By eye. */
const UNDER = 1.5;
/** A leggy mound has so much less below, and so much less leaf. By eye. */
const OPENS = 0.9;
const THINNER = 0.3;
/** They come down so near to the soil, of the way from where it is widest. By eye. */
const LOW = 0.85;

export function mound(s: Sprig, { lift = widestAt(s), most = 560, flowers = 190 } = {}): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const r = w / 2;
  const look = leafLook(s.plant);
  // What was never cut turns in no longer: its foot is bare stems.
  const under = lift * UNDER * (1 - s.season.leggy * OPENS);
  // What hangs its leaves out past where they spring from.
  const inner = Math.max(0.6, 1 - (look.lengthMm * 0.4) / Math.max(1, r));
  const surface = 2 * Math.PI * r * Math.max(h, r * 0.6);
  const leaf = leafAreaMm2(s.plant);
  const count = clamp(Math.round((surface / leaf) * MOUND_LEAFY * (1 - THINNER * s.season.leggy)), 40, most);
  // Where leaves are too small to draw one by one at this size, fewer and larger stand for them.
  const size = clamp(Math.sqrt((surface * MOUND_LEAFY) / leaf / count), 0.6, 1.7);
  const centre: Vec = add(s.base, UP, h * lift);
  const lean = toward(turn(s), 0);
  const lumps = Array.from({ length: 6 }, () => ({
    dir: toward(turn(s), between(s, 0, 1.3)),
    by: between(s, 0.05, 0.2),
  }));
  const shell = (dir: Vec, depth: number): Vec => {
    const bump = lumps.reduce(
      (k, l) => k + l.by * Math.max(0, dir[0] * l.dir[0] + dir[1] * l.dir[1] + dir[2] * l.dir[2]) ** 6,
      0.86,
    );
    const up = Math.max(-under, dir[1]);
    return [
      centre[0] + (dir[0] * r * bump + lean[0] * up * r * 0.06) * depth,
      centre[1] + (up > 0 ? up * h * (1 - lift) : (up / under) * h * lift * LOW) * bump * depth,
      centre[2] + (dir[2] * r * bump + lean[2] * up * r * 0.06) * depth,
    ];
  };
  lumpIn(s, centre, w * inner * 0.56, h * (1 - lift) * 0.56);
  const { many, size: swell } = heads(s, surface, flowers);
  const each = Math.max(1, s.look?.raceme ?? 1);
  const places = Math.ceil(many / each);
  const heading = Array.from({ length: places }, (_, i) =>
    toward(
      i * GOLDEN * 1.7 + between(s, -0.5, 0.5),
      Math.asin(clamp(1 - (1.06 * (i + 0.5)) / places, -0.08, 1)) + between(s, -0.15, 0.15),
    ),
  );
  const wide = s.plant.flower.sizeMm * swell;
  /** Whether a place is behind a large flower: no leaf stands through its petals. */
  const behind = (dir: Vec): boolean =>
    wide >= LARGE_MM &&
    heading.some((f) => Math.hypot(f[0] - dir[0], f[1] - dir[1], f[2] - dir[2]) * r < wide * BEHIND);
  for (let i = 0; i < count; i += 1) {
    const t = (i + 0.5) / count;
    const elevation = Math.asin(clamp(1 - (1 + under) * t, -under, 1));
    const dir = toward(i * GOLDEN + between(s, -0.3, 0.3), elevation + between(s, -0.12, 0.12));
    const depth = (i % 4 === 0 ? between(s, 0.5, 0.8) : between(s, 0.84, 1.0)) * (behind(dir) ? KEPT_BACK : 1);
    const at = shell(dir, depth * inner);
    // Young leaves stand up about the top, old ones lie out and hang at the foot.
    const out = 0.55 + 0.9 * t;
    const along = unit([
      dir[0] * out + between(s, -0.7, 0.7),
      0.85 - 1.15 * t + between(s, -0.4, 0.4),
      dir[2] * out + between(s, -0.7, 0.7),
    ]);
    leafAt(s, at, along, unit(add(dir, UP, 0.8)), size * (0.74 + 0.34 * t), t > 0.8 ? between(s, 0, 0.35) : 0);
  }
  const bare = 5 + Math.round(8 * s.season.leggy);
  for (let i = 0; i < bare; i += 1) stemBetween(s, s.base, shell(toward(turn(s), between(s, 0.3, 1.3)), 0.7), 3);
  const held = heldMm(s);
  heading.forEach((dir, i) => {
    const from = shell(dir, between(s, 0.84, 0.95));
    if (each > 1) {
      racemeAt(s, shell(dir, 0.74), add(dir, UP, 1.1), Math.min(each, many - i * each), swell);
      return;
    }
    const facing = unit(add(outward(dir), UP, (s.look?.as === 'open' && s.look.up ? 0.8 : 0) + between(s, 0, 0.5)));
    const at = add(from, unit(add(dir, UP, 0.8)), held * between(s, 0.7, 1.2));
    if (held > 8) stemBetween(s, shell(dir, 0.7), at, clamp(s.plant.flower.sizeMm * 0.035, 1.2, 3));
    flowerAt(s, at, facing, swell);
  });
}

/**
 * From so wide, mm, a flower has no leaf through it: leaves that spring nearer to its middle than this share
 * of its width are kept back so far. By eye.
 */
const LARGE_MM = 38;
const BEHIND = 0.42;
const KEPT_BACK = 0.76;

/** mm, working figure. */
const STALKED_MM = 20;

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
  const each = leafAreaMm2(s.plant);
  const leaves = clamp(Math.round((w * h * 1.5) / each), 110, 380);
  const size = clamp(Math.sqrt((w * h * 1.5) / each / leaves), 0.7, 1.7);
  // What is cut fine is looked through.
  if (s.plant.leaf.form !== 'feather') lumpIn(s, add(s.base, UP, h * 0.1), w * 0.34, h * 0.4);
  for (let i = 0; i < leaves; i += 1) {
    const { at, dir } = place(i, leaves, between(s, 0.3, 0.92));
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
  const { many, size: swell } = heads(s, 2 * Math.PI * r * h, 420);
  for (let i = 0; i < many; i += 1) {
    const { at, dir } = place(i, many, between(s, 0.72, 1.08));
    // What is large enough to be seen one by one is seen on its stalk.
    if (s.plant.flower.sizeMm >= STALKED_MM) stemBetween(s, blended(s.base, at, 0.5), at, 1.4);
    flowerAt(s, at, unit(add(dir, [between(s, -0.5, 0.5), 0.4, between(s, -0.5, 0.5)])), swell);
  }
}

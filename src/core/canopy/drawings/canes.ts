import { clamp } from '../../units/number';
import { flowerAt, flowersOn, heads } from '../flowers';
import { leafAt, leafLook } from '../leaves';
import { between, GOLDEN, turn, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { add, blended, toward, UP, unit, type Vec } from '../vector';
import { spire, stalksOver } from './spires';

/**
 * A leaf this short beside its cane is borne in sprays, as bamboos and nandinas bear theirs. Share of height,
 * working figure.
 */
const SMALL_LEAF = 0.16;
/** Flowers smaller than this are borne among the leaves, mm. Working figure. */
const SMALL_MM = 45;
/** A cane without a flower reaches so far, of one with. By eye. */
const BARE_CANE = 0.66;
/** A cane bears leaf so far up: under flowers at its end, or among those all along it. By eye. */
const CLAD = { under: 0.7, whole: 0.92 } as const;
/** Large flowers stand close about the end of a cane: their head is so many of them long. By eye. */
const HEAD = 1.5;
/**
 * Flowers at the end of a cane at the usual dose; where they make a head there are no fewer than so many, on
 * fewer canes. By eye.
 */
const MANY = 7;
const HEADED = 5;

/**
 * How canes of a kind are built. They stand so far apart, mm, no more of them; lean out by so much of the
 * plant’s width, the outer ones so much lower; taper to so thick, mm. Their leaves stand so close, beside
 * their length, no more of them to a cane; look up so far, and are so much smaller at the tip. Shares, by
 * eye.
 */
interface Build {
  apart: number;
  most: number;
  lean: number;
  lower: number;
  taper: number;
  close: number;
  leaves: number;
  looks: number;
  smaller: number;
}

const STRAIGHT: Build = {
  apart: 75,
  most: 8,
  lean: 0.27,
  lower: 0.12,
  taper: 8,
  close: 0.46,
  leaves: 8,
  looks: -0.2,
  smaller: 0.25,
};
/** What bears small flowers all along branches from the foot. */
const BRANCHING: Build = {
  apart: 34,
  most: 14,
  lean: 0.4,
  lower: 0.45,
  taper: 4,
  close: 0.22,
  leaves: 18,
  looks: 0.2,
  smaller: 0.34,
};

/**
 * One cane, from its foot to its tip; which way it leans and how far, mm; whether it bears flowers, and how
 * many at its end.
 */
interface Cane {
  foot: Vec;
  tip: Vec;
  turned: number;
  reach: number;
  borne: boolean;
  many: number;
}

/** Small flowers are borne all over it, large ones and spires at the ends of its canes. */
const isSmall = ({ look, plant: { flower } }: Sprig): boolean =>
  look !== null && flower.form !== 'spike' && flower.sizeMm < SMALL_MM;

/** A young plant is smaller in all its parts. */
const shrinkOf = ({ grown, plant }: Sprig): number =>
  clamp(grown.heightMm / Math.max(1, plant.heightMm[1] * 0.8), 0.4, 1);

export function cane(s: Sprig): void {
  const { form } = s.plant.leaf;
  if (form === 'heart' || form === 'palmate') return broadLeaved(s);
  const { heightMm: h, spreadMm: w } = s.grown;
  const build = isSmall(s) ? BRANCHING : STRAIGHT;
  const stalks = clamp(Math.round(w / build.apart), 3, build.most);
  const canes: Cane[] = [];
  for (let i = 0; i < stalks; i += 1) {
    const one = caneOf(s, build, i, stalks);
    canes.push(one);
    if (leafLook(s.plant).lengthMm < h * SMALL_LEAF) sprays(s, one);
    else {
      leavesUp(s, build, one);
      atItsEnd(s, one);
    }
  }
  if (!isSmall(s)) return;
  const { many, size } = heads(s, Math.PI * w * h * 0.6, 90);
  clusters(s, canes, many, size);
}

/** Broad leaves, each at the end of a stalk of its own. */
function broadLeaved(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { lengthMm: leaf } = leafLook(s.plant);
  const shrink = shrinkOf(s);
  const stalks = clamp(Math.round((w * w) / (leaf * leaf * 0.16)), 8, 22);
  for (let i = 0; i < stalks; i += 1) {
    const t = (i + 0.5) / stalks;
    const a = i * GOLDEN;
    const reach = Math.sqrt(t) * (w / 2 - leaf * 0.25 * shrink);
    const up = h * (1 - 0.55 * t) * between(s, 0.9, 1) - leaf * 0.12;
    const tip = add(s.base, [Math.cos(a) * reach, up, Math.sin(a) * reach]);
    stemBetween(s, s.base, tip, 5 * shrink);
    const turned = a + between(s, -0.35, 0.35);
    const dir = toward(turned, s.plant.leaf.form === 'palmate' ? between(s, -0.1, 0.25) : between(s, -0.75, -0.25));
    leafAt(s, tip, dir, unit(add(UP, toward(a, 0), 0.9)), shrink);
  }
  stalksOver(s, 3);
}

function caneOf(s: Sprig, { lean, lower, taper }: Build, i: number, stalks: number): Cane {
  const { heightMm: h, spreadMm: w } = s.grown;
  const shrink = shrinkOf(s);
  const turned = i * GOLDEN;
  const reach = Math.sqrt((i + 0.2) / stalks) * w * lean;
  // A few at the tip of each cane that flowers.
  const hangs = s.look?.as === 'hung' || s.plant.flower.form === 'spike' || isSmall(s);
  const bears = s.look !== null && flowersOn(s, i, hangs ? undefined : (MANY * s.dose) / HEADED);
  const many = bears ? Math.round(clamp(MANY * s.dose, hangs ? 1 : HEADED, 24) * s.grown.bloom) : 0;
  // Among canes in flower, one that bears none stays among the leaves: no bare stem stands over them.
  const borne = s.plant.flower.form === 'spike' ? bears : many > 0;
  const bare = s.look !== null && !isSmall(s) && leafLook(s.plant).lengthMm >= h * SMALL_LEAF && !borne;
  const tall = h * between(s, 0.82, 0.98) * (1 - lower * (i / stalks)) * (bare ? BARE_CANE : 1);
  const foot = add(s.base, [Math.cos(turned) * reach * 0.5, 0, Math.sin(turned) * reach * 0.5]);
  const tip = add(s.base, [Math.cos(turned) * reach, tall, Math.sin(turned) * reach]);
  const knee = blended(foot, tip, 0.5);
  stemBetween(s, foot, knee, 9 * shrink);
  stemBetween(s, knee, tip, taper * shrink);
  return { foot, tip, turned, reach, borne, many };
}

/** Side twigs up a cane, each with a few leaflets. */
function sprays(s: Sprig, { foot, tip, turned }: Cane): void {
  const { lengthMm: leaf } = leafLook(s.plant);
  const twigs = clamp(Math.round((tip[1] - foot[1]) / (leaf * 0.55)), 7, 16);
  for (let n = 0; n < twigs; n += 1) {
    const t = 0.22 + 0.78 * ((n + 0.5) / twigs);
    const out = toward(turned + n * 2.4, between(s, 0.1, 0.6));
    const from = blended(foot, tip, t);
    const to = add(from, out, leaf * between(s, 1.6, 2.4) * (1.1 - 0.4 * t));
    stemBetween(s, from, to, 2);
    for (let k = 0; k < 4; k += 1)
      leafAt(
        s,
        blended(from, to, 0.4 + 0.2 * k),
        unit(add(out, [between(s, -0.9, 0.9), between(s, -0.5, 0.4), between(s, -0.9, 0.9)])),
        unit(add(UP, out, 0.2)),
        1.25,
      );
  }
}

/** Leaves of a branching cane hang so far, radians, the lowest most. By eye. */
const HANGS = -0.42;

/** Leaves up a cane: those of a straight one as steep as the room beside it asks, bending over at the end. */
function leavesUp(s: Sprig, build: Build, { foot, tip, turned, reach, borne }: Cane): void {
  const { lengthMm } = leafLook(s.plant);
  const shrink = shrinkOf(s);
  const leaf = lengthMm * shrink;
  const small = isSmall(s);
  const steep = Math.acos(clamp((s.grown.spreadMm * 0.5 - reach) / leaf, 0.42, 0.85));
  const nodes = clamp(Math.round((tip[1] - s.base[1]) / (leaf * build.close)), 4, build.leaves);
  const clad = small || s.look?.as === 'hung' || !borne ? CLAD.whole : CLAD.under;
  for (let n = 0; n < nodes; n += 1) {
    const t = n / nodes;
    const rise = small ? HANGS + 0.5 * t + between(s, -0.2, 0.2) : steep + 0.16 * t + between(s, -0.12, 0.1);
    const dir = toward(turned + n * 2.4 + between(s, -0.3, 0.3), rise);
    const size = shrink * (1.05 - build.smaller * t);
    leafAt(
      s,
      blended(foot, tip, 0.05 + t * clad),
      dir,
      unit(add(UP, dir, build.looks)),
      size,
      t < 0.2 ? between(s, 0, 0.3) : 0,
    );
  }
}

/**
 * What closes a cane: a young leaf, a spire, trumpets that hang from its upper axils under the leaves, or
 * flowers about its tip.
 */
function atItsEnd(s: Sprig, { foot, tip, turned, borne, many }: Cane): void {
  const { flower } = s.plant;
  if (isSmall(s)) {
    leafAt(s, tip, toward(turned, 0.5), unit(add(UP, toward(turned, 0.3), 0.5)), shrinkOf(s) * 0.55);
    return;
  }
  if (flower.form === 'spike') {
    if (borne) spire(s, blended(foot, tip, 0.8), add(tip, UP, s.grown.heightMm * 0.04), flower.sizeMm);
    return;
  }
  const { lengthMm: leaf } = leafLook(s.plant);
  for (let k = 0; k < many; k += 1) {
    if (s.look?.as === 'hung') {
      const axil = add(blended(foot, tip, between(s, 0.66, 0.98)), toward(turn(s), 0.1), leaf * 0.3);
      stemBetween(s, blended(foot, tip, 0.8), axil, 2);
      flowerAt(s, add(axil, UP, -0.34 * flower.sizeMm), toward(turned, 0));
      continue;
    }
    // Close about the end of its cane, the lowest the most open.
    const up = many > 1 ? k / (many - 1) : 1;
    const out = toward(turned + k * GOLDEN, 0.25);
    const from = add(tip, UP, -HEAD * flower.sizeMm * (1 - up));
    const at = add(from, out, flower.sizeMm * (0.5 - 0.2 * up));
    stemBetween(s, from, at, 1.6);
    flowerAt(s, at, unit(add(out, UP, 0.2)), 1 - 0.25 * up);
  }
}

/** Flowers of a branching cane hang in clusters of so many, on stalks so long beside the leaf. By eye. */
const CLUSTER = 4;
const STALK = 0.42;

/** Clusters of small flowers that hang out from between the leaves of canes. */
function clusters(s: Sprig, canes: readonly Cane[], many: number, size: number): void {
  const { lengthMm: leaf } = leafLook(s.plant);
  const mm = s.plant.flower.sizeMm * size;
  for (let i = 0; i < many; i += CLUSTER) {
    const one = canes[(i / CLUSTER) % canes.length];
    if (!one) return;
    const from = blended(one.foot, one.tip, between(s, 0.34, 1));
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

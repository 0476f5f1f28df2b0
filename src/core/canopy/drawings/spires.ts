import { genusOf } from '../../plants/facts';
import { clamp } from '../../units/number';
import { flowerAt, spireKind } from '../flowers';
import { between, GOLDEN, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { blend, flowerColours, stemColour } from '../tints';
import { add, blended, toward, UP, unit, type Vec } from '../vector';

/** Whorls of a spire no closer than this share of a flower, and no more of them. */
const WHORL = 0.55;
const MOST_WHORLS = 18;
/** From so far up a spire its flowers are still in bud, where it is in full flower. By eye. */
const IN_BUD = 0.74;

const isSage = ({ plant, look }: Sprig): boolean => look?.as === 'stand' && genusOf(plant.botanical) === 'Salvia';

/**
 * A whorl of a sage stands in calyces of its own colour, so long beside a flower, half as wide, that stay
 * when the flower has fallen. By eye.
 */
const CALYX = { long: 0.8, wide: 0.42, each: 5, tint: 0.28 };

/** The calyces of a whorl, which make a sage's spire as thick as it is where its flowers stand apart. */
function calyces(s: Sprig, at: Vec, mm: number, turned: number): void {
  const { a } = flowerColours(s);
  const green = stemColour(s.plant);
  for (let k = 0; k < CALYX.each; k += 1)
    s.put({
      kind: 'bud',
      at,
      along: unit(add(toward(turned + (k * Math.PI * 2) / CALYX.each, 0.2), UP, 0.55)),
      face: UP,
      length: mm * CALYX.long,
      width: mm * CALYX.wide,
      droop: mm * CALYX.wide,
      a: blend(a, green, CALYX.tint),
      b: green,
      owner: s.owner,
      glow: 0.3,
    });
}

/** Flowers so wide, mm, round a stem, open below and in bud above, smaller to the tip. */
export function spire(s: Sprig, from: Vec, to: Vec, mm: number): void {
  const kind = spireKind(s);
  const faced = kind !== 'spikelet';
  const length = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
  const open = s.grown.bloom;
  const whorls = clamp(Math.round(length / Math.max(6, mm * WHORL)), 3, MOST_WHORLS);
  const swell = clamp(s.dose ** 0.25, 0.7, 1.35);
  // Where there are too many to draw, fewer and larger stand for them, close upon each other.
  const least = ((length / whorls) * 1.3) / swell;
  for (let n = 0; n < whorls; n += 1) {
    const t = n / Math.max(1, whorls - 1);
    const at = blended(from, to, t);
    const inBud = t > 0.15 + (IN_BUD - 0.15) * open + (1 - IN_BUD) * Math.max(0, open - 0.9);
    const around = faced ? 3 : mm > 22 ? 3 : 4;
    if (isSage(s) && !inBud) calyces(s, at, Math.max(7, mm, least) * (1.12 - 0.55 * t) * swell, n * 1.9 + 0.5);
    for (let k = 0; k < around; k += 1) {
      const dir = toward(n * 1.9 + (k * Math.PI * 2) / around + between(s, -0.2, 0.2), faced ? 0.12 : 0.25);
      const { a, b } = flowerColours(s);
      const size = Math.max(7, mm, least) * (1.12 - 0.55 * t) * swell * (inBud ? 0.55 : 1) * between(s, 0.9, 1.1);
      const bud = inBud || open < 0.12;
      const tight = bud ? clamp((t - IN_BUD) / (1 - IN_BUD), 0, 1) * 0.7 : 0;
      s.put({
        kind: bud ? 'bud' : kind,
        at: add(at, dir, faced && !bud ? size * 0.3 : 1.5),
        along: faced && !bud ? UP : unit(add(dir, UP, bud ? 0.9 : 0.35)),
        face: faced && !bud ? dir : UP,
        length: size,
        width: faced && !bud ? size : size * (bud ? 0.6 : 0.8),
        droop: faced && !bud ? size : size * 0.5,
        a: tight > 0 ? blend(a, stemColour(s.plant), tight) : a,
        b,
        owner: s.owner,
        glow: 0.35,
      });
    }
  }
}

/** Flower stalks of a tuft that would have so many at the usual dose. */
export const stalksOf = (s: Sprig, usual: number): number =>
  s.look ? Math.round(clamp(usual * s.dose, 1, 70) * Math.min(1, s.grown.bloom * 1.1)) : 0;

/**
 * A spire at the end of a stalk is as long as its record says, and its flowers a seventh of that; a
 * hyacinth’s are larger. Working figures.
 */
const FLORETS = 7;
const LARGER: Record<string, number> = { Hyacinthus: 3.8 };

/** What a flower stalk from the ground bears at its end: a spire, or a head that looks out or up. */
export function headAt(s: Sprig, tip: Vec, out: Vec): void {
  const { form, sizeMm } = s.plant.flower;
  if (form === 'spike') {
    spire(s, add(tip, UP, -sizeMm), tip, sizeMm / (LARGER[genusOf(s.plant.botanical)] ?? FLORETS));
    return;
  }
  flowerAt(s, tip, unit(add(out, UP, s.look?.as !== 'open' || s.look.up ? 2 : 0.35)), 1);
}

/**
 * A stalk that nods bears so many bells, from so far up it, all to one side; it bows by so much of its
 * height, and stands so much over its leaves; from this share of full flower on there is one. By eye.
 */
const NODDING = { bells: 7, from: 0.6, bow: 0.34, over: 0.55, opens: 0.1 };

/** A stalk that arches over at its end, with bells along one side, the lowest open first: echeverias. */
function nodding(s: Sprig, foot: Vec, tip: Vec, a: number): void {
  const mm = s.plant.flower.sizeMm;
  const bow = (tip[1] - foot[1]) * NODDING.bow;
  const on = (t: number): Vec =>
    add(add(blended(foot, tip, t), toward(a, 0), bow * t * t), UP, bow * 0.5 * (t - t * t));
  for (let k = 0; k < 6; k += 1) stemBetween(s, on(k / 6), on((k + 1) / 6), 3 - 0.25 * k);
  for (let k = 0; k < NODDING.bells; k += 1) {
    const t = k / (NODDING.bells - 1);
    const at = on(NODDING.from + (1 - NODDING.from) * t);
    flowerAt(s, add(at, UP, -mm * 0.4), toward(a + (k % 2 ? 0.6 : -0.6), 0), 1 - 0.45 * t);
  }
}

/** Bare stalks from the middle of a tuft, with flowers over its leaves. */
export function stalksOver(s: Sprig, usual: number): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  // A stalk of many bells is a flower that is seen, however few there are.
  const least = s.look?.as === 'hung' && s.grown.bloom > NODDING.opens ? 1 : 0;
  const many = Math.max(least, stalksOf(s, usual));
  for (let i = 0; i < many; i += 1) {
    const a = i * GOLDEN + 0.7;
    const reach = Math.sqrt((i + 0.5) / many) * w * 0.3;
    const tip = add(s.base, [Math.cos(a) * reach, h * between(s, 0.82, 1), Math.sin(a) * reach]);
    if (s.look?.as === 'hung') {
      nodding(s, s.base, add(tip, UP, h * NODDING.over), a);
      continue;
    }
    stemBetween(s, s.base, tip, 3);
    headAt(s, tip, toward(a, 0));
  }
}

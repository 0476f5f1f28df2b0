import { contrast } from '../balance/leaf-contrast';
import { family } from '../colour/family';
import { deltaE, hueGap, lch } from '../colour/oklch';
import { factsOf, genusOf, shareWorld } from '../plants/facts';
import { signature } from '../plants/signature';
import type { Plant } from '../plants/schema';
import { RhythmSchema } from '../plants/traits';
import { keptBy } from '../units/keep';
import { clamp01 } from '../units/number';

/**
 * What each thing that can be said of two neighbours is worth. Working figures: they guide the search, never
 * the verdict.
 */
const WORTH = {
  contrast: 0.6,
  apart: 0.25,
  clash: -0.12,
  whites: -0.25,
  same: -1,
  twin: -0.5,
  cousin: -0.35,
  water: -0.6,
  thirst: -0.4,
  season: -0.4,
  world: -0.7,
  mix: -0.6,
  bully: -0.3,
};
/** Colours this far apart, ΔE_OK, are as different as need be. */
const APART = 0.25;
/** Strong colours this far round the wheel neither agree nor contrast. */
const STRONG = 0.08;
const CLASH: readonly [number, number] = [70, 130];
const RHYTHMS = RhythmSchema.options;

/** What two are worth side by side, and how far their colours stand apart, which a theme may ask for more or less. */
function sideBySide(a: Plant, b: Plant): { worth: number; apart: number } {
  if (a.id === b.id) return { worth: WORTH.same, apart: 0 };
  const opposed = (x: string, y: string, one: string, other: string) =>
    (x === one && y === other) || (x === other && y === one);
  const [fa, fb] = [factsOf(a), factsOf(b)];
  const [ca, cb] = [lch(signature(a)), lch(signature(b))];
  const gap = hueGap(ca.h, cb.h);
  const clash = ca.c > STRONG && cb.c > STRONG && gap > CLASH[0] && gap < CLASH[1];
  const worth =
    contrast(a, b) * WORTH.contrast +
    (clash ? WORTH.clash : 0) +
    (family(ca) === 'white' && family(cb) === 'white' ? WORTH.whites : 0) +
    (a.botanical === b.botanical ? WORTH.twin : 0) +
    (a.botanical !== b.botanical && genusOf(a.botanical) === genusOf(b.botanical) && a.habit === b.habit
      ? WORTH.cousin
      : 0) +
    (Math.abs(RHYTHMS.indexOf(fa.rhythm) - RHYTHMS.indexOf(fb.rhythm)) > 1 ? WORTH.water : 0) +
    (thirstsApart(a, b) ? WORTH.thirst : 0) +
    (shareWorld(fa, fb) ? 0 : WORTH.world) +
    ((fa.mix === 'acid') !== (fb.mix === 'acid') && (fa.mix === 'limy' || fb.mix === 'limy') ? WORTH.mix : 0) +
    (opposed(a.season, b.season, 'cool', 'warm') ? WORTH.season : 0) +
    (bullies(a, b) ? WORTH.bully : 0);
  return { worth, apart: clamp01(deltaE(ca, cb) / APART) };
}

/**
 * What wants to dry out, as a succulent does, beside what no missed can may reach; or what bears drought
 * beside what is always thirsty: they live, and the can is never right for both.
 */
export const thirstsApart = (a: Plant, b: Plant): boolean => thirstsMore(a, b) || thirstsMore(b, a);

const thirstsMore = (a: Plant, b: Plant): boolean =>
  b.water === 'dry' && (a.water === 'thirsty' || (a.water !== 'dry' && factsOf(b).rhythm === 'dries out'));

/** The strongest beside anything weaker, or a strong one beside a weak. */
const bullies = (a: Plant, b: Plant): boolean => {
  const [strong, weak] = [Math.max(a.vigour, b.vigour), Math.min(a.vigour, b.vigour)];
  return (strong === 5 && weak < 4) || (strong === 4 && weak <= 2);
};

const besideEach = keptBy((a: Plant) => keptBy((b: Plant) => sideBySide(a, b)));

/**
 * What can be said of two kinds side by side: −1…1. Asked over and over by the search, so it is kept by the
 * two records.
 */
export function company(a: Plant, b: Plant, apart = 1): number {
  const said = besideEach(a)(b);
  return said.worth + said.apart * WORTH.apart * apart;
}

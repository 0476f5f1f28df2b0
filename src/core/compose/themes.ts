import { colouredLeaf } from '../balance/course';
import { family, isNeutral } from '../colour/family';
import { hueGap, type Lch, lch } from '../colour/oklch';
import { factsOf } from '../plants/facts';
import { isForage } from '../plants/forage';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import type { Role } from '../plants/traits';
import { listed } from '../units/listed';
import { clamp01 } from '../units/number';
import { named } from './idea';

/** What a pot may be about: another answer each, so that proposals differ as ideas. */
export interface Theme {
  /** The end of its sentence: why this one, from what its colours say and what stands in it. */
  why: (idea: string, kinds: readonly Plant[]) => string;
  /** How far a plant serves it in a role, over 1 or under. Guides the search, never the verdict. */
  favours: (plant: Plant, role: Role, hue: number | null) => number;
  /** How much more neighbours are wished to differ in colour. */
  apart: number;
  /** Whether its sentence is true of these kinds: else it is not said. */
  holds: (kinds: readonly Plant[]) => boolean;
}

const flowers = (p: Plant): boolean => p.flower.form !== 'none' && p.flower.show >= 0.28;
/** Weeks in good flower of the six warm months, as a share. */
const longInFlower = (p: Plant): number => p.bloom.slice(4, 10).filter((b) => b >= 0.5).length / 6;
const near = (p: Plant, hue: number | null): number => {
  if (hue === null) return 1;
  const c = lch(signature(p));
  return family(c) === 'white' || family(c) === 'silver' ? 0.9 : clamp01(1.25 - hueGap(c.h, hue) / 70);
};

/** Whether so much of some kinds is so. */
const most = (kinds: readonly Plant[], share: number, is: (p: Plant) => boolean): boolean =>
  kinds.filter(is).length >= share * kinds.length;
/** Grown for a leaf that is seen one by one: coloured, or bold and hardly in flower. Working figures. */
const leafy = (p: Plant): boolean =>
  (p.leaf.size !== 'fine' && colouredLeaf(p) > 0.4) || (p.leaf.size === 'bold' && p.flower.show < 0.2);
/** The colours of some kinds that are no green, white or silver. */
const coloured = (kinds: readonly Plant[]): Lch[] =>
  kinds.map((p) => lch(signature(p))).filter((c) => !isNeutral(c) && family(c) !== 'white');
/**
 * Hues no further apart than this are one colour in several shades, degrees; so many families are many.
 * Working figures.
 */
const ONE = 48;
const MANY = 3;
/** From so much difference in lightness shades run from pale to deep. Working figure. */
const DEEP = 0.15;

/** “Pink in several shades, pale to deep”; nothing of one shade alone. */
function shadesOf(colours: readonly Lch[]): string | null {
  if (colours.length < 2) return null;
  const light = colours.map((c) => c.l);
  const deep = Math.max(...light) - Math.min(...light) >= DEEP;
  return `${named(colours)} in several shades${deep ? ', pale to deep' : ''}`;
}

/** “Wine and lime”: the colours of the leafiest. */
function leavesOf(kinds: readonly Plant[]): string[] {
  const shown = kinds.filter(leafy).map((p) => family(lch(signature(p))));
  return [...new Set(shown)].map((f) => (f === 'black' ? 'near-black' : f));
}

const AIRY = new Set<Plant['habit']>(['wand', 'cloud', 'fountain']);
const forgiving = (p: Plant): boolean => p.water === 'dry' || factsOf(p).rhythm !== 'evenly moist';
const THIRST: Record<Plant['water'], number> = { dry: 1.25, moderate: 1.05, thirsty: 0.6 };

/** The themes in the order they are offered: the safe one first. Favours are working figures. */
export const THEMES = {
  classic: {
    why: (idea) => idea,
    favours: (p, role) => {
      const staple = factsOf(p).ease === 'staple' ? 1.2 : 0.75;
      return (
        staple * (role === 'thriller' || (flowers(p) && longInFlower(p) > 0.6) || colouredLeaf(p) > 0.3 ? 1.1 : 0.75)
      );
    },
    apart: 1,
    holds: (kinds) => most(kinds, 0.7, (p) => factsOf(p).ease === 'staple'),
  },
  leaf: {
    why: (_, kinds) => `${listed(leavesOf(kinds))} foliage that looks good all season`,
    favours: (p, role) => {
      const leaf = leafy(p);
      return role === 'thriller' ? (leaf ? 1.35 : 0.45) : leaf ? 1.15 : 0.85;
    },
    apart: 0.8,
    holds: (kinds) => most(kinds, 0.5, leafy),
  },
  'one colour': {
    why: (idea, kinds) => shadesOf(coloured(kinds)) ?? idea,
    favours: (p, role, hue) =>
      (role === 'thriller' ? 0.7 + 0.4 * near(p, hue) : 0.4 + 0.8 * near(p, hue)) * (flowers(p) ? 1.1 : 0.9),
    apart: 0.4,
    holds: (kinds) => coloured(kinds).every((a, _, all) => all.every((b) => hueGap(a.h, b.h) <= ONE)),
  },
  many: {
    why: (_, kinds) => `a rich mix of ${named(coloured(kinds))}`,
    favours: (p, role) =>
      role === 'thriller' ? (flowers(p) ? 1.2 : 0.8) : flowers(p) && longInFlower(p) > 0.6 ? 1.2 : 0.75,
    apart: 2.2,
    holds: (kinds) => new Set(coloured(kinds).map(family)).size >= MANY,
  },
  airy: {
    why: () => 'light, airy and good for bees',
    favours: (p, role) => {
      const loose = AIRY.has(p.habit);
      const bees = isForage(factsOf(p).bees) ? 1.08 : 0.95;
      return bees * (role === 'thriller' ? (loose ? 1.3 : 0.6) : loose ? 1.25 : 0.95);
    },
    apart: 1,
    holds: (kinds) => most(kinds, 0.5, (p) => AIRY.has(p.habit)) && kinds.some((p) => isForage(factsOf(p).bees)),
  },
  thrift: {
    why: (idea) => `${idea}, and it survives a missed watering`,
    favours: (p) => THIRST[p.water] * (factsOf(p).rhythm === 'evenly moist' ? 0.85 : 1.1),
    apart: 1,
    holds: (kinds) => kinds.every((p) => p.water !== 'thirsty') && most(kinds, 0.5, forgiving),
  },
} satisfies Record<string, Theme>;

export type ThemeId = keyof typeof THEMES;
export const THEME_IDS = Object.keys(THEMES) as ThemeId[];

/**
 * The themes as they are shared out, so that two workers can look for them at once: each part goes round the
 * wheel of hues once.
 */
export const PARTS: readonly (readonly ThemeId[])[] = [
  ['classic', 'one colour', 'airy'],
  ['leaf', 'many', 'thrift'],
];

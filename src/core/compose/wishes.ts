import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { shoppingList } from '../materials/list';
import { factsOf, genusOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { formatMoney } from '../units/quantity';
import { mean } from '../units/number';

/** Something a gardener says of what was proposed, so that the next ones differ. */
export interface Wish {
  label: string;
  /** How far a plant answers it, over 1 or under. Guides the search, never the verdict. */
  favours: (p: Plant) => number;
  /** How much more or less neighbours are wished to differ in colour. */
  apart: number;
  /** No more kinds than so many, where that can be. */
  kinds?: number;
  /** What it asks of the planting itself. */
  asks?: (base: Planting, from: Planting) => Planting;
  /** The figure it is to change, which way, and how that is said. */
  figure: (p: Planting) => number;
  to: 'less' | 'more';
  say: (figure: number) => string;
}

const kinds = (p: Planting): Plant[] => [...new Map(resolve(p).map((x) => [x.plant.id, x.plant])).values()];
const per = (p: Planting, of: (plant: Plant) => number): number => mean(resolve(p).map((x) => of(x.plant)));
const colours = (p: Planting): number => new Set(kinds(p).map((k) => family(lch(signature(k))))).size;
const each = (p: Planting): number => shoppingList(p, 1).each;
const weeksInFlower = (p: Plant): number => p.bloom.reduce((s, b) => s + b, 0) * 4.35;
const count = (n: number, one: string): string => `${Math.round(n)} ${one}${Math.round(n) === 1 ? '' : 's'}`;

const THIRST: Record<Plant['water'], number> = { dry: 1.3, moderate: 1.05, thirsty: 0.5 };
const DRINKS: Record<Plant['water'], number> = { dry: 0, moderate: 0.5, thirsty: 1 };
/** What is asked for less than what was shown. Working figure. */
const CHEAPER = 0.85;

/** The wishes, in the order they are offered. Favours are working figures. */
export const WISHES = {
  calmer: {
    label: 'Calmer',
    favours: (p) => (lch(signature(p)).c < 0.13 ? 1.25 : 0.8),
    apart: -1,
    kinds: 3,
    figure: colours,
    to: 'less',
    say: (n) => count(n, 'colour'),
  },
  brighter: {
    label: 'Brighter',
    favours: (p) => 0.75 + 2.5 * Math.min(0.2, lch(signature(p)).c),
    apart: 1.6,
    figure: (p) => per(p, (k) => lch(signature(k)).c) * 500,
    to: 'more',
    say: (n) => `colour strength ${Math.round(n)}%`,
  },
  cheaper: {
    label: 'Cheaper',
    favours: (p) => (p.starts.some((s) => s.size === 'pack6') ? 1.2 : 0.9),
    apart: 1,
    asks: (base, from) => ({
      ...base,
      brief: { ...base.brief, budget: Math.max(1, Math.round(each(from) * CHEAPER)) },
    }),
    figure: each,
    to: 'less',
    say: formatMoney,
  },
  'less water': {
    label: 'Less water',
    favours: (p) => THIRST[p.water],
    apart: 1,
    figure: (p) => per(p, (k) => DRINKS[k.water]) * 100,
    to: 'less',
    say: (n) => `water need ${Math.round(n)}%`,
  },
  easier: {
    label: 'Easier',
    favours: (p) =>
      (p.deadhead === 'no' ? 1.2 : p.deadhead === 'needed' ? 0.6 : 0.95) * (factsOf(p).ease === 'staple' ? 1.1 : 0.9),
    apart: 1,
    figure: (p) => resolve(p).filter((x) => x.plant.deadhead === 'needed').length,
    to: 'less',
    say: (n) => `${count(n, 'plant')} to deadhead`,
  },
  longer: {
    label: 'Longer in flower',
    favours: (p) => (p.flower.show < 0.15 ? 0.85 : 0.6 + weeksInFlower(p) / 40),
    apart: 1,
    figure: (p) =>
      mean(
        kinds(p)
          .filter((k) => k.flower.show >= 0.15)
          .map(weeksInFlower),
      ),
    to: 'more',
    say: (n) => `${count(n, 'week')} of flower`,
  },
  cats: {
    label: 'Safe for cats',
    favours: () => 1,
    apart: 1,
    asks: (base) => ({ ...base, spot: { ...base.spot, cats: true } }),
    figure: (p) => kinds(p).filter((k) => k.poison.cats !== 'none').length,
    to: 'less',
    say: (n) => (n === 0 ? 'nothing known to harm cats' : `${count(n, 'kind')} not known to be safe for cats`),
  },
} satisfies Record<string, Wish>;

export type WishId = keyof typeof WISHES;
export const WISH_IDS = Object.keys(WISHES) as WishId[];

/** Whether one planting answers a wish at least as well as another. */
export function answersAsWell(id: WishId, one: Planting, other: Planting): boolean {
  const { figure, to }: Wish = WISHES[id];
  return to === 'less' ? figure(one) <= figure(other) : figure(one) >= figure(other);
}

/** What a wish changed between two plantings, in words: “Cheaper: from £41.20 to £33.00”. */
export function changed(id: WishId, from: Planting, to: Planting): string {
  const wish: Wish = WISHES[id];
  const [before, after] = [wish.say(wish.figure(from)), wish.say(wish.figure(to))];
  return before === after ? `${wish.label}: still ${after}` : `${wish.label}: from ${before} to ${after}`;
}

/** A planting that more are wanted like: its lead, its kinds, its colours. */
export function likeness(like: Planting): (p: Plant) => number {
  const own = kinds(like);
  const ids = new Set(own.map((k) => k.id));
  const genera = new Set(own.map((k) => genusOf(k.botanical)));
  const families = new Set(own.map((k) => family(lch(signature(k)))));
  return (p) =>
    (ids.has(p.id) ? 1.12 : 1) *
    (genera.has(genusOf(p.botanical)) ? 1.15 : 0.95) *
    (families.has(family(lch(signature(p)))) ? 1.15 : 0.85);
}

import { grow } from '../growth/season';
import { resolve } from '../plantings/resolve';
import { sunReading } from '../spots/light';
import { daysBetween } from '../units/date';
import { maxBy, sum } from '../units/number';
import type { GroupCheck, Move } from './check';
import { swap } from './heights';
import { type Body, nameOf, pairs } from './scene';

/** Twins may differ so much in what stands over the rim before anyone sees it. Working figure: a seventh. */
const LAGS = 0.15;
/** A difference of sun that tells, hours a day; and of planting, days. Working figures. */
const SUN_TELLS_H = 0.75;
const DAYS_TELL = 6;

/** Two containers of one shape, holding the same kinds in the same numbers. */
const recipe = ({ planting }: Body): string =>
  JSON.stringify([
    planting.container.shape,
    resolve(planting)
      .map((p) => p.plant.id)
      .sort(),
  ]);

const tall = (b: Body): number => b.topZ - b.rimZ;

/** Flower counts half of what height does: it comes and goes. Working figure. */
const FLOWER_COUNTS = 0.5;

/** Flower of a container on a day, as a share of its leaf’s width. */
function flowerOf({ planting }: Body, date: string): number {
  const { weeks } = grow(planting);
  const week = weeks[Math.max(0, Math.min(weeks.length - 1, Math.floor(daysBetween(planting.startDate, date) / 7)))];
  const alive = week?.plants.filter((g) => g.alive) ?? [];
  return sum(alive.map((g) => g.bloom * g.spreadMm)) / Math.max(1, sum(alive.map((g) => g.spreadMm)));
}

/** By what share of the larger two figures differ. */
const apartBy = (a: number, b: number): number => Math.abs(a - b) / Math.max(1e-6, a, b);

/** What keeps one behind its twin, and what to do. */
function causeOf(small: Body, large: Body): { says: string; moves: Move[] } {
  const sun = ({ planting }: Body) => sunReading(planting.spot, planting.startDate).hours;
  const less = sun(large) - sun(small);
  if (less > SUN_TELLS_H)
    return {
      says: `It gets ${less.toFixed(1)} hours less sun: swap them every month.`,
      moves: [{ label: `Swap ${nameOf(small)} and ${nameOf(large)}`, stands: swap(small, large) }],
    };
  if (daysBetween(large.planting.startDate, small.planting.startDate) > DAYS_TELL)
    return { says: 'It was planted later and will catch up: feed it weekly and pinch out the other.', moves: [] };
  const cut = (b: Body) => b.planting.deeds.filter((d) => d.what === 'pinch' || d.what === 'cut-back').length;
  if (cut(small) > cut(large)) return { says: 'It was cut back: cut the other by as much.', moves: [] };
  if (small.planting.learned.length > 0)
    return {
      says: 'It is smaller than predicted: tip it out, check for dry roots and vine weevil, then feed it. Pinch out the other meanwhile.',
      moves: [],
    };
  return { says: 'Feed it, turn it, and pinch the other until it has caught up.', moves: [] };
}

/** Twins true to each other. */
export const twins: GroupCheck = {
  name: 'Twins',
  rule: 'Two identical plantings differ in height by at most 15%, and flower alike',
  source: 'common practice: a pair that does not match is worse than none; the seventh is our own estimate',
  of: ({ bodies, date }) => {
    const alike = pairs(bodies).filter(([a, b]) => a.plants.size > 0 && recipe(a) === recipe(b));
    const flower = new Map(bodies.map((b) => [b, flowerOf(b, date)]));
    const blooms = (b: Body) => flower.get(b) ?? 0;
    const apart = ([a, b]: readonly [Body, Body]) =>
      Math.max(apartBy(tall(a), tall(b)), FLOWER_COUNTS * apartBy(blooms(a), blooms(b)));
    const worst = maxBy(alike, apart);
    if (!worst) return null;
    const shows = (b: Body) => tall(b) * (1 + blooms(b));
    const [small, large] = shows(worst[0]) <= shows(worst[1]) ? worst : [worst[1], worst[0]];
    const share = apart(worst);
    const lags = share > LAGS;
    const { says, moves } = causeOf(small, large);
    return {
      severity: lags ? 'watch' : 'good',
      measured: share,
      band: [0, LAGS],
      scale: [0, 0.6],
      figure: `${Math.round(share * 100)}% apart`,
      message: lags
        ? `${nameOf(small)} is ${Math.round(share * 100)}% shorter than ${nameOf(large)}. ${says}`
        : `${nameOf(small)} and ${nameOf(large)} match.`,
      culprits: lags ? [small.id, large.id] : [],
      moves: lags ? moves : [],
    };
  },
};

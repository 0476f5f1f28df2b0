import { type Covering, everyCovering } from '../../growth/covering';
import { misfits } from '../../layout/packing';
import { startOf } from '../../layout/start-for';
import { LIBRARY, referTo } from '../../plants';
import { genusOf } from '../../plants/facts';
import { type Plant, plantName } from '../../plants/schema';
import { apply, type Command } from '../../plantings/commands';
import { freeId } from '../../plantings/ids';
import { type Placed, plantIdOf, resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { addDays } from '../../units/date';
import type { Try } from './ground';
import { alternatives } from './swaps';

/** A way to give light back to a plant, with what it would then still fall behind by. */
export interface Uncovering extends Try {
  lost: number;
}

/**
 * Moved apart by a thumb's width or two, mm; tips off so many weeks before it shows; planted later by a week.
 * Working figures.
 */
const APART_MM = [60, 40, 20] as const;
const BEFORE_WEEKS = 1;
const WAYS = 4;
/** A way is worth telling when it gives back so much of the spread. Working figure. */
const TELLS = 0.02;

/** Cousins weighed, and weeks by which the strong one may be set out later. Working figures. */
const COUSINS = 3;
const LATER_WEEKS = [1, 2] as const;

/** One of its own genus that grows less strongly, for all of its kind. */
function weakerCousins(planting: Planting, strong: Placed, library: readonly Plant[]): Try[] {
  return alternatives(planting, strong.id, library)
    .filter((p) => genusOf(p.botanical) === genusOf(strong.plant.botanical) && p.vigour < strong.plant.vigour)
    .slice(0, COUSINS)
    .flatMap((p): Try[] => {
      const start = startOf(p, strong.role, planting);
      const all = planting.placements.filter((o) => plantIdOf(o) === strong.plant.id && !o.locked);
      if (!start || all.length === 0) return [];
      return [
        {
          label: `Replace ${plantName(strong.plant)} with ${plantName(p)}, a less vigorous relative`,
          commands: all.map((o) => ({ do: 'swap', id: o.id, plant: referTo(p), start })),
        },
      ];
    });
}

/** One of the strong ones fewer, or two: those that stand nearest to the weak one. */
function fewer(placed: readonly Placed[], weak: Placed, strong: Placed): Try[] {
  const name = plantName(strong.plant);
  const near = placed
    .filter((p) => p.plant.id === strong.plant.id && !p.locked)
    .sort((a, b) => Math.hypot(a.xMm - weak.xMm, a.yMm - weak.yMm) - Math.hypot(b.xMm - weak.xMm, b.yMm - weak.yMm));
  const without = (n: number): Try[] =>
    near.length > n
      ? [
          {
            label: `Remove ${n === 1 ? 'one' : 'two'} ${name}`,
            commands: near.slice(0, n).map((p) => ({ do: 'remove', id: p.id })),
          },
        ]
      : [];
  return [...without(1), ...without(2)];
}

/** The strong ones set out a week or two after the rest. */
const later = ({ startDate }: Planting, placed: readonly Placed[], strong: Placed): Try[] =>
  LATER_WEEKS.map((weeks) => ({
    label: `Plant ${plantName(strong.plant)} ${weeks === 1 ? 'a week' : 'two weeks'} later`,
    commands: placed
      .filter((p) => p.plant.id === strong.plant.id && !p.locked)
      .map((p) => ({ do: 'begin', id: p.id, on: addDays(p.from ?? startDate, weeks * 7) })),
  }));

/** The weak one away from the strong one by a thumb's width or two, or the other way. */
function apart(weak: Placed, strong: Placed): Try[] {
  const d = Math.hypot(weak.xMm - strong.xMm, weak.yMm - strong.yMm) || 1;
  return APART_MM.flatMap((mm) =>
    (
      [
        [weak, mm / d],
        [strong, -mm / d],
      ] as const
    )
      .filter(([who]) => !who.locked)
      .map(([who, far]): Try => ({
        label: `Move ${plantName(who.plant)} ${mm / 10} cm away`,
        commands: [
          {
            do: 'move',
            id: who.id,
            xMm: who.xMm + far * (weak.xMm - strong.xMm),
            yMm: who.yMm + far * (weak.yMm - strong.yMm),
          },
        ],
      })),
  );
}

/** The strong one pinched a little before it shows, or cut back when it does. */
function trimmed(planting: Planting, strong: Placed, week: number): Try[] {
  const name = plantName(strong.plant);
  const planned = (what: 'pinch' | 'cut-back', w: number): Command => ({
    do: 'plan',
    deed: {
      id: freeId(planting),
      what,
      to: strong.id,
      on: addDays(planting.startDate, Math.max(1, w) * 7),
      done: null,
    },
  });
  const first = Math.max(1, week - BEFORE_WEEKS);
  const pinched: Try[] =
    strong.plant.pinch === 'no'
      ? []
      : [{ label: `Pinch ${name} in week ${first}`, commands: [planned('pinch', first)] }];
  return [
    ...pinched,
    { label: `Cut ${name} back by half in week ${week + 2}`, commands: [planned('cut-back', week + 2)] },
  ];
}

/** One way of each sort: figures apart, two labels of one sort read the same. */
const sortOf = ({ label }: Try): string => label.replace(/\d+ cm|a week|two weeks|^One|^Two/, '');

/** What can be tried against one plant that covers another, what gives back most first. Throws UnknownPlantError. */
export function uncover(
  planting: Planting,
  { under, by, week, lost }: Covering,
  library: readonly Plant[] = LIBRARY,
): Uncovering[] {
  const placed = resolve(planting);
  const [weak, strong] = [placed.find((p) => p.id === under), placed.find((p) => p.id === by)];
  if (!weak || !strong) return [];
  const tries = [
    ...trimmed(planting, strong, week),
    ...apart(weak, strong),
    ...fewer(placed, weak, strong),
    ...later(planting, placed, strong),
    ...weakerCousins(planting, strong, library),
  ].filter((t) => t.commands.length > 0);
  const fits = (p: Planting) =>
    misfits(p.container, p.placements).length <= misfits(planting.container, planting.placements).length;
  const out = tries.flatMap((t): Uncovering[] => {
    const tried = t.commands.reduce(apply, planting);
    if (!fits(tried)) return [];
    const left = everyCovering(tried).find((c) => c.under === under)?.lost ?? 0;
    return lost - left >= TELLS ? [{ ...t, lost: left }] : [];
  });
  const seen = new Set<string>();
  return out
    .sort((a, b) => a.lost - b.lost)
    .filter((t) => !seen.has(sortOf(t)) && seen.add(sortOf(t)))
    .slice(0, WAYS);
}

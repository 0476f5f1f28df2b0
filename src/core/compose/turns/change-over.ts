import { apartMm, roomAt } from '../../layout/packing';
import { STARTS, type StartSize } from '../../plants/starts';
import type { Command } from '../../plantings/commands';
import type { Placement, Planting } from '../../plantings/schema';
import { daysBetween } from '../../units/date';
import type { Sorted } from './sort-out';

/** In a season roots grow out of their ball into the mix by about a third, if they have the room. Working figure. */
const ROOTED_OUT = 1.33;
/** Weeks until they have. Working figure. */
const ROOTED_WEEKS = 12;

const BY_SIZE = (Object.keys(STARTS) as StartSize[])
  .filter((s) => STARTS[s].inLeaf)
  .sort((a, b) => STARTS[a].ballMm - STARTS[b].ballMm);

/**
 * The room a plant’s roots fill by a day, as the start of that size: the next larger that stands where it
 * does without meeting another.
 */
function rootedBy(p: Placement, planting: Planting, on: string, others: readonly Placement[]): StartSize {
  const weeks = daysBetween(p.from ?? planting.startDate, on) / 7;
  const wide = STARTS[p.start].ballMm * (1 + (ROOTED_OUT - 1) * Math.min(1, Math.max(0, weeks) / ROOTED_WEEKS));
  const fits = (start: StartSize) =>
    roomAt(planting.container, start, p.xMm, p.yMm).mm >= 0 &&
    others.every((o) => o.id === p.id || apartMm(start, o.start) <= Math.hypot(o.xMm - p.xMm, o.yMm - p.yMm));
  const grown = BY_SIZE.filter(
    (s) => STARTS[s].ballMm >= STARTS[p.start].ballMm && STARTS[s].ballMm <= wide && fits(s),
  );
  return grown.at(-1) ?? p.start;
}

/**
 * What is to be composed for a change-over: the container on that day with what stays in it kept where it is, its roots
 * as wide as they have grown, so that nothing is set into them. `until` is the day of the turn after it, where one is
 * planned.
 */
export function groundFor(
  planting: Planting,
  on: string,
  sorted: readonly Sorted[],
  until: string | null = null,
): Planting {
  const stays = new Set(sorted.filter((s) => s.goes === null).map((s) => s.id));
  const held = planting.placements.filter((p) => stays.has(p.id));
  return {
    ...planting,
    startDate: on,
    deeds: [],
    brief: { ...planting.brief, must: [], bestOn: null, changeOver: until },
    placements: held.map((p) => ({
      ...p,
      start: rootedBy(p, planting, on, held),
      locked: true,
      from: null,
      until: null,
    })),
  };
}

/** The edits that leave a change-over out again: what was to be set out is not, and what was to be lifted stays. */
export const withoutTurn = ({ placements }: Planting, day: string): Command[] =>
  placements.flatMap((p): Command[] => {
    if (p.from === day) return [{ do: 'remove', id: p.id }];
    return p.until === day ? [{ do: 'lift', id: p.id, on: null }] : [];
  });

/** The edits that change a planting over: what goes is lifted, what was composed is set out, all on the day. */
export function takeOver(
  planting: Planting,
  on: string,
  sorted: readonly Sorted[],
  composed: readonly Placement[],
): Command[] {
  const here = new Set(planting.placements.map((p) => p.id));
  return [
    ...sorted.filter((s) => s.goes !== null).map((s): Command => ({ do: 'lift', id: s.id, on })),
    ...composed
      .filter((p) => !here.has(p.id))
      .map((p): Command => ({ do: 'add', placement: { ...p, locked: undefined, from: on, until: null } })),
    { do: 'set', change: { brief: { ...planting.brief, changeOver: null } } },
  ];
}

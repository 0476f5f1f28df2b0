import { type Covering, everyCovering } from '../../growth/covering';
import { misfits } from '../../layout/packing';
import { plantName } from '../../plants/schema';
import { apply, type Command } from '../../plantings/commands';
import { freeId } from '../../plantings/ids';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { addDays } from '../../units/date';
import type { Try } from './ground';

/** A way to give light back to a plant, with what it would then still fall behind by. */
export interface Uncovering extends Try {
  lost: number;
}

/** Moved apart by a thumb's width or two, mm; tips off so many weeks before it shows; planted later by a week. Working figures. */
const APART_MM = [60, 40, 20] as const;
const BEFORE_WEEKS = 1;
const WAYS = 3;
/** A way is worth telling when it gives back so much of the spread. Working figure. */
const TELLS = 0.02;

/** What can be tried against one plant that covers another, what gives back most first. Throws UnknownPlantError. */
export function uncover(planting: Planting, { under, by, week, lost }: Covering): Uncovering[] {
  const placed = resolve(planting);
  const [weak, strong] = [placed.find((p) => p.id === under), placed.find((p) => p.id === by)];
  if (!weak || !strong) return [];
  const name = plantName(strong.plant);
  const on = (w: number) => addDays(planting.startDate, Math.max(1, w) * 7);
  const planned = (what: 'pinch' | 'cut-back', w: number): Command => ({
    do: 'plan',
    deed: { id: freeId(planting), what, to: by, on: on(w), done: null },
  });
  const tries: Try[] = [];
  const first = Math.max(1, week - BEFORE_WEEKS);
  if (strong.plant.pinch !== 'no')
    tries.push({ label: `Pinch ${name} in week ${first}`, commands: [planned('pinch', first)] });
  tries.push({ label: `Cut ${name} back by half in week ${week + 2}`, commands: [planned('cut-back', week + 2)] });
  const d = Math.hypot(weak.xMm - strong.xMm, weak.yMm - strong.yMm) || 1;
  for (const mm of APART_MM) {
    const far = mm / d;
    for (const [who, sign] of [
      [weak, 1],
      [strong, -1],
    ] as const) {
      if (who.locked) continue;
      const xMm = who.xMm + sign * far * (weak.xMm - strong.xMm);
      const yMm = who.yMm + sign * far * (weak.yMm - strong.yMm);
      tries.push({
        label: `Move ${plantName(who.plant)} ${mm / 10} cm away`,
        commands: [{ do: 'move', id: who.id, xMm, yMm }],
      });
    }
  }
  if (!strong.locked && placed.filter((p) => p.plant.id === strong.plant.id).length > 1)
    tries.push({ label: `One ${name} fewer`, commands: [{ do: 'remove', id: by }] });
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
    .filter((t) => {
      const sort = t.label.replace(/\d+ cm/, '');
      return seen.has(sort) ? false : Boolean(seen.add(sort));
    })
    .slice(0, WAYS);
}

import { knownDays } from '@/core/climate/days';
import { learnedFor, lessonsOf } from '@/core/log/learn';
import { drinksOf } from '@/core/log/learn-water';
import type { LogEntry } from '@/core/log/schema';
import type { Command } from '@/core/plantings/commands';
import { same } from '@/core/units/same';
import { formatPercent } from '@/core/units/quantity';
import { simulatedWeather } from '@/standins/weather';
import { readLog } from '@/storage/log';
import { editStored, readShelf } from '@/storage/plantings';
import { readTending } from '@/storage/tending';
import { readWeather } from '@/storage/weather';

/**
 * What the measures of a place teach is taken into the forecast of all its containers: by what is measured now, so that
 * a measure taken back takes its lesson back. `off` forgets all of it for the place, with what it learned of water.
 */
export async function applyLessons(place: string, off = false): Promise<void> {
  const [{ pots }, log] = await Promise.all([readShelf(), readLog()]);
  const here = pots.map((p) => p.planting).filter((p) => p.spot.name === place);
  const lessons = off ? [] : lessonsOf(here, log);
  const edits = new Map<string, Command[]>();
  for (const p of here) {
    const change = { learned: learnedFor(p, lessons), drinksBy: off ? 1 : p.drinksBy };
    if (!same(change.learned, p.learned) || change.drinksBy !== p.drinksBy) edits.set(p.id, [{ do: 'set', change }]);
  }
  if (edits.size > 0) await editStored(edits);
}

/**
 * What the cans and probes of a container teach of how much it drinks is taken into its forecast, and taken
 * back with them.
 */
export async function applyWaterLesson(id: string, today: string): Promise<void> {
  const [{ pots }, all, written] = await Promise.all([readShelf(), readLog(), readWeather()]);
  const planting = pots.find((p) => p.planting.id === id)?.planting;
  const log = all.filter((e) => e.of === id && tellsOfWater(e));
  if (!planting) return;
  const from = log.map((e) => e.on).sort()[0] ?? today;
  const days = await knownDays(planting.spot, { from, to: today, today }, simulatedWeather, written);
  const drinksBy = drinksOf(planting, log, days, (await readTending()).drip[id]).by;
  if (drinksBy !== planting.drinksBy) await editStored(new Map([[id, [{ do: 'set', change: { drinksBy } }]]]));
}

/** Whether an entry says how wet a container was. */
export const tellsOfWater = ({ kind }: LogEntry): boolean => kind === 'water' || kind === 'probe';

/** “12% taller”, or “as tall” where it is as it was forecast. */
export function learnedWords(by: number, more: string, less: string, as: string): string {
  const off = by - 1;
  return Math.abs(off) < 0.01 ? as : `${formatPercent(Math.abs(off))} ${off > 0 ? more : less}`;
}

import { learnedFor, lessonsOf } from '@/core/log/learn';
import type { Command } from '@/core/plantings/commands';
import { same } from '@/core/units/same';
import { readLog } from '@/storage/log';
import { editStored, readShelf } from '@/storage/plantings';

/**
 * What the measures of a place teach is taken into the forecast of all its containers: by what is measured now, so that
 * a measure taken back takes its lesson back. `off` forgets all of it for the place.
 */
export async function applyLessons(place: string, off = false): Promise<void> {
  const [{ pots }, log] = await Promise.all([readShelf(), readLog()]);
  const here = pots.map((p) => p.planting).filter((p) => p.spot.name === place);
  const lessons = off ? [] : lessonsOf(here, log);
  const edits = new Map<string, Command[]>();
  for (const p of here) {
    const learned = learnedFor(p, lessons);
    if (!same(learned, p.learned)) edits.set(p.id, [{ do: 'set', change: { learned } }]);
  }
  if (edits.size > 0) await editStored(edits);
}

import type { Deed } from '../plantings/deeds';
import { freeId } from '../plantings/ids';
import type { Command } from '../plantings/commands';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import type { Job } from './index';
import type { Does } from './job';

/** A deed that is planned about a day is the one that is done. Days, working figure. */
const ABOUT_DAYS = 21;

const plannedFor = (planting: Planting, { what, to }: Does, on: string): Deed | undefined =>
  planting.deeds.find(
    (d) => d.done === null && d.what === what && d.to === to && Math.abs(daysBetween(d.on, on)) <= ABOUT_DAYS,
  );

/**
 * The edits that keep a job as done on a day: what was planned for about then is done, else it is put down.
 * Nothing for one that keeps no deed.
 */
export function doneOn(planting: Planting, { done }: Pick<Job, 'done'>, on: string): Command[] {
  if (!done || done === 'watered') return [];
  return done.map((does, i): Command => {
    const planned = plannedFor(planting, does, on);
    if (planned) return { do: 'done', id: planned.id, on };
    return { do: 'plan', deed: { ...does, id: freeId(planting, i), on, done: on } };
  });
}

/** The edits that take such edits back. */
export const takenBack = (commands: readonly Command[]): Command[] =>
  commands.flatMap((c): Command[] => {
    if (c.do === 'plan') return [{ do: 'unplan', id: c.deed.id }];
    return c.do === 'done' ? [{ do: 'done', id: c.id, on: null }] : [];
  });

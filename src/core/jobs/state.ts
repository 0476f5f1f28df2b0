import { grow } from '../growth/season';
import { turnOn } from '../growth/turn';
import { assess } from '../balance/assess';
import type { Severity } from '../balance/severity';
import { overOn } from './over';
import type { Planting } from '../plantings/schema';
import { addDays, formatDayFrom } from '../units/date';
import type { UnitSystem } from '../units/length';

/** What is left of a season's planting is seen so long after its end, days. Working figure. */
const SEEN_DAYS = 10;

/** What state a container is in, in one sentence. */
export interface PotState {
  severity: Severity;
  text: string;
}

/**
 * The worst of it first: nothing planted, what is wrong, a season that is over, then when it is planted and
 * how much there is to watch.
 */
export function stateOf(planting: Planting, today: string, units: UnitSystem = 'metric'): PotState {
  if (planting.placements.length === 0) return { severity: 'watch', text: 'Not planted yet. Compose a planting.' };
  const turn = turnOn(planting, grow(planting), today);
  const { findings } = assess(turn.planting, units, turn.season);
  const wrong = findings.find((f) => f.severity === 'wrong');
  if (wrong) return { severity: 'wrong', text: wrong.message };
  const [due] = overOn(turn.planting);
  if (due && addDays(due.on, due.text === 'replant it' ? 0 : SEEN_DAYS) <= today)
    return { severity: 'watch', text: `Finished on ${formatDayFrom(due.on, today)}. Time to replant.` };
  const watch = findings.filter((f) => f.severity === 'watch').length;
  const { startDate } = turn.planting;
  const day = formatDayFrom(startDate, today);
  const when = startDate > today ? `Plant on ${day}.` : `Planted ${day}.`;
  return watch === 0
    ? { severity: 'good', text: `${when} No concerns.` }
    : { severity: 'watch', text: `${when} ${watch === 1 ? '1 concern' : `${watch} concerns`}.` };
}

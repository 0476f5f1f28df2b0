import { readFileSync } from 'node:fs';
import { dayHighC, nightC } from '../core/climate';
import type { KnownDay } from '../core/climate/days';
import { readDays } from '../core/climate/days-csv';
import { BadInputError } from '../core/formats/parse';
import type { Planting } from '../core/plantings/schema';
import { isDay, monthPosition } from '../core/units/date';
import { aheadOf } from '../core/water/ahead';
import { wateringOn } from '../core/water/balance';

const round = (n: number | null): number | null => (n === null ? null : Number(n.toFixed(2)));

/** The number after a flag; null where the flag is not there. */
function numberAfter(args: readonly string[], flag: string, least: number, most: number): number | null {
  const at = args.indexOf(flag);
  if (at < 0) return null;
  const n = Number(args[at + 1]);
  if (args[at + 1] === undefined || !Number.isFinite(n) || n < least || n > most)
    throw new BadInputError(`${flag}: must be a number from ${least} to ${most}.`);
  return n;
}

/** The same from real days: what it holds that morning after all of them, watered as it asked, and when it asks next. */
function waterIn(planting: Planting, date: string, path: string | undefined): unknown {
  if (!path) throw new BadInputError('--weather: give a CSV file of daily weather.');
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch {
    throw new BadInputError(`--weather: could not read ${path}. Check the name.`);
  }
  const read = readDays(text);
  if (!read.ok) throw new BadInputError(`--weather: ${path}: ${read.problems.join(' ')}`);
  const day = read.days.find((d) => d.date === date);
  if (!day)
    throw new BadInputError(`--weather: ${path} has no data for ${date}. Add it, or choose another day with --on.`);
  const days = read.days.map((d): KnownDay => ({ ...d, known: 'written down' }));
  const { heldL, usableL, next, lastsUntil } = aheadOf(planting, days, date);
  const w = wateringOn(planting, day);
  return {
    ...day,
    litresADay: round(w.litresADay),
    usableL: round(usableL),
    reachL: round(w.reachL),
    heldL: round(heldL),
    eachL: round(w.eachL),
    timesADay: round(w.timesADay),
    everyDays: round(w.everyDays),
    next: next && { on: next.on, litres: round(next.litres), times: next.times },
    lastsUntil,
  };
}

/** What `rillbank water` prints: how much and how often on a day, in the weather given or in what is ordinary there. Throws BadInputError. */
export function waterOn(planting: Planting, args: readonly string[]): unknown {
  const at = args.indexOf('--on');
  const date = at < 0 ? undefined : args[at + 1];
  if (date === undefined || !isDay(date)) throw new BadInputError('--on: must be a day such as 2026-07-14.');
  if (date < planting.startDate)
    throw new BadInputError(`--on: must not be before the planting date, ${planting.startDate}.`);
  const file = args.indexOf('--weather');
  if (file >= 0) return waterIn(planting, date, args[file + 1]);
  const month = monthPosition(date);
  const highC = numberAfter(args, '--high', -60, 58) ?? dayHighC(planting.spot, month);
  const lowC = numberAfter(args, '--low', -60, 58) ?? nightC(planting.spot, month);
  if (lowC > highC) throw new BadInputError('--low: must not be higher than --high.');
  const rainMm = numberAfter(args, '--rain', 0, 500) ?? 0;
  const w = wateringOn(planting, { date, highC, lowC, rainMm });
  return {
    date,
    highC: round(highC),
    lowC: round(lowC),
    rainMm,
    litresADay: round(w.litresADay),
    usableL: round(w.usableL),
    reachL: round(w.reachL),
    eachL: round(w.eachL),
    timesADay: round(w.timesADay),
    everyDays: round(w.everyDays),
  };
}

import { dayHighC, nightC } from '../core/climate';
import type { KnownDay } from '../core/climate/days';
import { readDays } from '../core/climate/days-file';
import { BadInputError } from '../core/formats/parse';
import { readPlanting } from '../core/formats/planting';
import type { Planting } from '../core/plantings/schema';
import { isDay, monthPosition } from '../core/units/date';
import { aheadOf } from '../core/water/ahead';
import { wateringOn } from '../core/water/balance';
import { eachOf, textOf, valueAfter } from './read';

const round = (n: number | null): number | null => (n === null ? null : Number(n.toFixed(2)));

/** The number after a flag; null where the flag is not there. */
function numberAfter(args: readonly string[], flag: string, least: number, most: number): number | null {
  if (!args.includes(flag)) return null;
  const n = Number(valueAfter(args, flag) ?? NaN);
  if (!Number.isFinite(n) || n < least || n > most)
    throw new BadInputError(`${flag}: must be a number from ${least} to ${most}.`);
  return n;
}

/**
 * The same from real days: what it holds that morning after all of them, watered as it asked, and when it
 * asks next.
 */
function waterIn(planting: Planting, date: string, path: string | undefined): object {
  if (!path) throw new BadInputError('--weather: give a CSV file of daily weather.');
  const read = readDays(textOf(path, '--weather'));
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

/**
 * `rillbank water`: how much and how often on a day, in the weather given or the average there. Throws
 * BadInputError.
 */
export const run = (args: readonly string[]): unknown => eachOf(args, (data) => waterOn(readPlanting(data), args));

function waterOn(planting: Planting, args: readonly string[]): object {
  const date = valueAfter(args, '--on');
  if (date === undefined || !isDay(date)) throw new BadInputError('--on: must be a day such as 2026-07-14.');
  if (date < planting.startDate)
    throw new BadInputError(`--on: must not be before the planting date, ${planting.startDate}.`);
  if (args.includes('--weather')) return waterIn(planting, date, valueAfter(args, '--weather'));
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

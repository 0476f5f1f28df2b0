import { BadInputError } from '../core/formats/parse';
import { readPlanting } from '../core/formats/planting';
import { coverings } from '../core/growth/covering';
import { fateOf } from '../core/growth/fate';
import type { Season, Week } from '../core/growth/grown';
import { mostTakenBy } from '../core/growth/light';
import { skyOf } from '../core/growth/sky';
import { grow } from '../core/growth/season';
import { bestWeeks, dryStretches } from '../core/growth/stretches';
import { type YearId, YEAR_IDS } from '../core/growth/years';
import { plantName } from '../core/plants/schema';
import type { Planting } from '../core/plantings/schema';
import { addDays, daysBetween, monthPosition } from '../core/units/date';
import { daysOf } from './days';
import { eachOf, valueAfter } from './read';

/** Two years are as far as anybody plans a pot. */
const LONGEST_WEEKS = 104;

const round = (n: number) => Math.round(n);
const share = (n: number) => Number(n.toFixed(2));

/** Each plant in one week, and who takes most of its light. */
const plantsIn = ({ spot }: Planting, { placed }: Season, week: Week | undefined) =>
  placed.map((p, i) => {
    const g = week?.plants[i];
    const by = week ? mostTakenBy(placed, week.plants, i, skyOf(spot, monthPosition(week.date))) : null;
    return {
      id: p.id,
      plant: p.plant.id,
      name: plantName(p.plant),
      heightMm: round(g?.heightMm ?? 0),
      spreadMm: round(g?.spreadMm ?? 0),
      trailMm: round(g?.trailMm ?? 0),
      bloom: share(g?.bloom ?? 0),
      light: share(g?.light ?? 0),
      alive: g?.alive ?? false,
      shadedBy: g?.alive && by !== null ? (placed[by]?.id ?? null) : null,
      fate: g ? fateOf(g) : null,
    };
  });

/** The value of `--year`; null for the average year. */
function yearOf(args: readonly string[]): YearId | null {
  if (!args.includes('--year')) return null;
  const year = YEAR_IDS.find((id) => id === valueAfter(args, '--year'));
  if (!year) throw new BadInputError(`--year: must be one of ${YEAR_IDS.join(', ')}.`);
  return year;
}

/** `rillbank grow`: one week, or every week between two days with what lies ahead. Throws BadInputError. */
export const run = (args: readonly string[]): unknown => eachOf(args, (data) => growth(readPlanting(data), args));

function growth(planting: Planting, args: readonly string[]): object {
  const year = yearOf(args);
  if (args.includes('--from') || args.includes('--to')) return between(planting, daysOf(args), year);
  const season = grow(planting, undefined, year);
  const week = weekOf(args, season.peak, season.weeks.length - 1);
  const at = season.weeks[week];
  return { week, date: at?.date, peak: season.peak, plants: plantsIn(planting, season, at) };
}

function between(planting: Planting, { from, to }: { from: string; to: string }, year: YearId | null): object {
  const wanted = Math.floor(daysBetween(planting.startDate, to) / 7) + 1;
  if (wanted < 1) throw new BadInputError(`--to: must not be before the planting date, ${planting.startDate}.`);
  if (wanted > LONGEST_WEEKS)
    throw new BadInputError(`--to: must be within ${LONGEST_WEEKS} weeks of the planting date.`);
  const usual = grow(planting, undefined, year);
  const season = wanted > usual.weeks.length ? grow(planting, wanted, year) : usual;
  const weeks = season.weeks.filter((w) => addDays(w.date, 6) >= from && w.date <= to);
  return {
    peak: season.peak,
    best: bestWeeks(season),
    dry: dryStretches(season),
    frostWeek: season.frostWeek,
    ahead: coverings(planting, season).filter((c) => c.date <= to),
    weeks: weeks.map((w) => ({ week: w.week, date: w.date, plants: plantsIn(planting, season, w) })),
  };
}

function weekOf(args: readonly string[], peak: number, last: number): number {
  if (!args.includes('--week')) return peak;
  const n = Number(valueAfter(args, '--week') ?? NaN);
  if (!Number.isInteger(n) || n < 0 || n > last)
    throw new BadInputError(`--week: must be a whole number from 0 to ${last}.`);
  return n;
}

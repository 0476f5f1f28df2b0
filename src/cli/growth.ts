import { BadInputError } from '../core/formats/parse';
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

/** The value of `--year`, taken out of the arguments; null for the ordinary year. */
function yearOf(args: readonly string[]): { year: YearId | null; rest: readonly string[] } {
  const at = args.indexOf('--year');
  if (at < 0) return { year: null, rest: args };
  const year = YEAR_IDS.find((id) => id === args[at + 1]);
  if (!year) throw new BadInputError(`--year: must be one of ${YEAR_IDS.join(', ')}.`);
  return { year, rest: [...args.slice(0, at), ...args.slice(at + 2)] };
}

/** What `rillbank grow` prints: one week, or every week between two days with what lies ahead. Throws BadInputError. */
export function growth(planting: Planting, args: readonly string[]): unknown {
  const { year, rest } = yearOf(args);
  if (rest.includes('--from') || rest.includes('--to')) return between(planting, daysOf(rest), year);
  const season = grow(planting, undefined, year);
  const week = weekOf(rest, season.peak, season.weeks.length - 1);
  const at = season.weeks[week];
  return { week, date: at?.date, peak: season.peak, plants: plantsIn(planting, season, at) };
}

function between(planting: Planting, { from, to }: { from: string; to: string }, year: YearId | null): unknown {
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
  if (args.length === 0) return peak;
  const n = Number(args[1]);
  if (args[0] !== '--week' || args.length !== 2 || !Number.isInteger(n) || n < 0 || n > last)
    throw new BadInputError(`--week: must be a whole number from 0 to ${last}.`);
  return n;
}

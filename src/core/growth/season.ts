import { clearOf } from '../containers/outline';
import type { Clear } from '../containers/shapes/shape';
import { resolve, type Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { isSouthern, latitudeOf } from '../climate/hemisphere';
import { daysBetween } from '../units/date';
import { once } from '../units/keep';
import type { Calendar } from './calendar';
import { calendarOf } from './calendar';
import { goalOf } from './goal';
import type { Life, Season, Week } from './grown';
import type { NearWall } from './light';
import { peakOf } from './peak';
import { judgedWeeks } from './span';
import { changeOvers } from './turn';
import { type Year, type YearId, YEARS } from './years';
import { bare, type Bed, type State, step } from './step';

/** All that growth reads of a planting. */
type Read = Pick<Planting, 'spot' | 'container' | 'placements' | 'startDate' | 'deeds' | 'learned' | 'brief'>;

const READ = ['spot', 'container', 'startDate', 'deeds', 'learned'] as const satisfies readonly (keyof Read)[];
/** What of the brief says how long it stands. */
const stays = ({ brief }: Read): string => `${brief.lasting}|${brief.changeOver ?? ''}`;

interface Kept {
  of: Read;
  span: number | undefined;
  year: YearId | null;
  season: Season;
}

/** Seasons kept by the placements they grew from, a few for each: a name or a brief changed grows nothing again. */
const kept = new WeakMap<Planting['placements'], Kept[]>();
const KEPT_EACH = 4;

/**
 * Grows every plant of a planting week by week from its start size: logistic in thermal time toward a size set by
 * its own range, the spot's light and the room its roots have, slowed by neighbours that stand over it, and changed
 * by what is done to it. To just past the first frost, or over as many weeks as `span` says. Deterministic. Kept by
 * what it reads. Throws UnknownPlantError.
 */
export function grow(planting: Planting, span?: number, year: YearId | null = null): Season {
  const list = kept.get(planting.placements) ?? [];
  const known = list.find(
    (k) =>
      k.span === span &&
      k.year === year &&
      READ.every((f) => k.of[f] === planting[f]) &&
      stays(k.of) === stays(planting),
  );
  if (known) return known.season;
  const season = growing(planting, span, year).season();
  kept.set(planting.placements, [{ of: planting, span, year, season }, ...list].slice(0, KEPT_EACH));
  return season;
}

/** So many weeks are reckoned at most. */
const LONGEST_WEEKS = 156;

/** Weeks to the end of the last turn of one that is changed over; 0 for one that is not. */
function throughLastTurn(planting: Planting): number {
  const begins = changeOvers(planting).at(-1);
  if (!begins) return 0;
  const turn = { ...planting, startDate: begins, brief: { ...planting.brief, changeOver: null } };
  return Math.min(LONGEST_WEEKS, Math.ceil(daysBetween(planting.startDate, begins) / 7) + judgedWeeks(turn) + 1);
}

/**
 * How many weeks a planting is grown over: to just past the first frost, as long as it is judged, and through
 * its last turn.
 */
export const spanOf = (planting: Planting): number =>
  Math.max(
    calendarOf(planting.spot, planting.startDate).weeks.length,
    judgedWeeks(planting) + 1,
    throughLastTurn(planting),
  );

/** The weeks of a planting in a year. */
function weeksOf(planting: Planting, span: number | undefined, year: YearId | null): Calendar {
  const usual = calendarOf(planting.spot, planting.startDate);
  const length = span ?? spanOf(planting);
  const { turns, weeks }: Partial<Year> = year ? YEARS[year] : {};
  const spot = turns ? turns(planting.spot) : planting.spot;
  const calendar = !turns && length === usual.weeks.length ? usual : calendarOf(spot, planting.startDate, length);
  return weeks ? { ...calendar, weeks: weeks(calendar.weeks, spot) } : calendar;
}

/** A season that is grown as far as it is asked for. */
export interface Growing {
  placed: readonly NearWall[];
  /** How many weeks it has in all. */
  span: number;
  /** A week of it, which it has. */
  week: (week: number) => Week;
  /** All of it. */
  season: () => Season;
}

/** The same season as `grow`, week by week as it is asked for; nothing of it is kept. Throws UnknownPlantError. */
export function growing(planting: Planting, span?: number, year: YearId | null = null): Growing {
  const calendar = weeksOf(planting, span, year);
  const bed = bedOf(planting, calendar);
  const weeks: Week[] = [];
  let state: State = bare(bed);
  const week = (asked: number): Week => {
    for (const w of calendar.weeks.slice(weeks.length, asked + 1)) {
      state = step(bed, state, w, planting.deeds);
      weeks.push({ week: w.week, date: w.date, meanC: w.meanC, plants: state.plants.map((p) => p.grown) });
    }
    return weeks[asked] as Week;
  };
  const peak = once(() => peakOf(bed.placed, weeks));
  const season = once((): Season => {
    week(calendar.weeks.length - 1);
    return {
      placed: [...bed.placed],
      lives: [...bed.lives],
      weeks,
      get peak() {
        return peak();
      },
      frostWeek: calendar.frostWeek < weeks.length ? calendar.frostWeek : null,
    };
  });
  return { placed: bed.placed, span: calendar.weeks.length, week, season };
}

/** A season that is grown already. */
export const allGrown = (season: Season): Growing => ({
  placed: season.placed,
  span: season.weeks.length,
  week: (week) => season.weeks[week] as Week,
  season: () => season,
});

/**
 * A placement with its wall. Made in their thousands while searching: each field named is several times as
 * quick as a copy.
 */
const leaning = (p: Placed, { nx, ny, mm }: Clear): NearWall => ({
  id: p.id,
  plant: p.plant,
  start: p.start,
  xMm: p.xMm,
  yMm: p.yMm,
  role: p.role,
  locked: p.locked,
  part: p.part,
  from: p.from,
  until: p.until,
  nx,
  ny,
  wallMm: mm,
});

function bedOf(planting: Planting, { weeks }: Calendar): Bed {
  const placed = resolve(planting).map((p) => leaning(p, clearOf(planting.container.shape, 0, p.xMm, p.yMm)));
  const weekOf = (date: string): number => {
    const found = weeks.findIndex((w) => w.date >= date);
    return found < 0 ? weeks.length : found;
  };
  const lives = placed.map((p): Life => ({
    from: p.from === null ? 0 : weekOf(p.from),
    until: p.until === null ? null : weekOf(p.until),
  }));
  const together = (a: Life, b: Life) => a.from < (b.until ?? Infinity) && b.from < (a.until ?? Infinity);
  const neighbours = (i: number): Placed[] =>
    placed.filter((_, j) => together(lives[i] as Life, lives[j] as Life) || i === j);
  return {
    spot: planting.spot,
    latitude: latitudeOf(planting.spot),
    placed,
    lives,
    goals: placed.map((p, i) => goalOf(p, neighbours(i), planting)),
    turnedMonths: isSouthern(planting.spot) ? 6 : 0,
  };
}

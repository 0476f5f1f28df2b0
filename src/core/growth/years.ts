import { SUMMERS } from '../climate/summers';
import type { Climate } from '../climate/schema';
import { isSouthern } from '../climate/hemisphere';
import type { Spot } from '../spots/schema';
import { addDays, nextMonthDay } from '../units/date';
import type { CalendarWeek } from './calendar';

/** Another year than the ordinary one, or other care, to try a planting in. */
export interface Year {
  label: string;
  /** What it is, in a few words. */
  about: string;
  /** What it does to the spot the weather is read from. */
  turns?: (spot: Spot) => Spot;
  /** What it does to the weeks, planting day first. */
  weeks?: (weeks: readonly CalendarWeek[], spot: Spot) => CalendarWeek[];
}

/**
 * Degrees by which a hot or a cool summer differs from the ordinary one, and days by which a frost is early
 * or late. Working figures: about one year in ten.
 */
const SUMMER_C = 3.5;
const EARLY_DAYS = 21;
const LATE_DAYS = 21;
/** What a late night of frost comes down to, °C. Working figure: a ground frost. */
const LATE_FROST_C = -1;
/** The mix’s own feed is spent after so many weeks. Practice: four to six weeks for a bagged mix. */
const FED_WEEKS = 5;
/** The summer months of the north, January first, and of the south. */
const NORTH = [4, 5, 6, 7, 8];
const SOUTH = [10, 11, 0, 1, 2];

/** The twelve months a spot has, its own or the plain ones. */
const monthsOf = ({ climate, summer }: Spot): Climate =>
  climate ?? {
    name: SUMMERS[summer].label,
    highC: [...SUMMERS[summer].highC],
    lowC: [...SUMMERS[summer].lowC],
    rainMm: Array<number>(12).fill(0),
  };

const summerBy =
  (degrees: number) =>
  (spot: Spot): Spot => {
    const months = monthsOf(spot);
    // The plain months are written for the north; one's own are as they are at the place.
    const summer = spot.climate && isSouthern(spot) ? SOUTH : NORTH;
    const turn = (all: readonly number[]) => all.map((c, m) => c + (summer.includes(m) ? degrees : 0));
    return { ...spot, climate: { ...months, highC: turn(months.highC), lowC: turn(months.lowC) } };
  };

/** `MM-DD` so many days earlier. */
const earlier = (monthDay: string, days: number): string => addDays(`2025-${monthDay}`, -days).slice(5);

/** One night of frost, three weeks after the last ordinary one. */
function lateFrost(weeks: readonly CalendarWeek[], spot: Spot): CalendarWeek[] {
  const first = weeks[0];
  if (!first) return [];
  const night = nextMonthDay(first.date, addDays(`2025-${spot.lastFrost}`, LATE_DAYS).slice(5));
  return weeks.map((w) =>
    w.date <= night && night < addDays(w.date, 7)
      ? { ...w, frosty: true, nightC: Math.min(w.nightC, LATE_FROST_C) }
      : w,
  );
}

/** The hottest week goes by without a can. */
function unwatered(weeks: readonly CalendarWeek[]): CalendarWeek[] {
  const hottest = weeks.slice(1).reduce<CalendarWeek | null>((a, w) => (w.highC > (a?.highC ?? -99) ? w : a), null);
  return weeks.map((w) => (w.week === hottest?.week ? { ...w, dry: true } : w));
}

/** The years there are to try. A new one is an entry here. */
export const YEARS = {
  hot: { label: 'A hot summer', about: `${SUMMER_C}°C above average`, turns: summerBy(SUMMER_C) },
  cool: { label: 'A cool summer', about: `${SUMMER_C}°C below average`, turns: summerBy(-SUMMER_C) },
  late: {
    label: 'A late frost',
    about: `${LATE_DAYS / 7} weeks later than usual`,
    weeks: lateFrost,
  },
  frost: {
    label: 'An early frost',
    about: `${EARLY_DAYS / 7} weeks earlier than usual`,
    turns: (spot) => ({ ...spot, firstFrost: earlier(spot.firstFrost, EARLY_DAYS) }),
  },
  dry: { label: 'A week without water', about: 'the hottest one', weeks: unwatered },
  unfed: {
    label: 'Never fed',
    about: `after ${FED_WEEKS} weeks, when the feed in the mix runs out`,
    weeks: (weeks) => weeks.map((w) => ({ ...w, hungryWeeks: Math.max(0, w.week - FED_WEEKS) })),
  },
  unpicked: {
    label: 'Never deadheaded',
    about: 'plants that need it are left to set seed',
    weeks: (weeks) => weeks.map((w) => ({ ...w, unpicked: true })),
  },
} satisfies Record<string, Year>;
export type YearId = keyof typeof YEARS;
export const YEAR_IDS = Object.keys(YEARS) as YearId[];

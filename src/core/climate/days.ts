import { addDays, daysBetween, monthly, monthPosition } from '../units/date';
import { dayHighC, nightC, type Weathered } from './index';
import type { WrittenWeather } from './written';
import { dayLike } from './year-like';

/** A day’s weather. */
export interface Day {
  date: string;
  highC: number;
  lowC: number;
  rainMm: number;
  /** The strongest gust of the day, m/s; absent where nobody knows. */
  gustMs?: number;
}

/** A gust from here on is a gale, m/s: Beaufort 8 begins at 17.2. */
export const GALE_MS = 17;

/** How a day’s weather is known. */
export const KNOWN = ['written down', 'like another year', 'forecast', 'ordinary'] as const;
export interface KnownDay extends Day {
  known: (typeof KNOWN)[number];
  /** The year it is like. */
  asIn?: number;
}

/**
 * Whether what a day brings is expected on that very day: forecast, or written down. What is average, or as in another
 * year, says how much water a day takes and nothing of the night of a frost or the hour of a gale.
 */
export const isExpected = ({ known }: KnownDay): boolean => known === 'forecast' || known === 'written down';

/** A place as a weather service is asked for it. */
export interface WeatherPlace extends Weathered {
  lastFrost: string;
  climate?: { highC: readonly number[]; lowC: readonly number[]; rainMm: readonly number[] } | null;
}

/** Where forecasts come from. */
export interface WeatherService {
  name: string;
  /** Days that have been and so many ahead; in order, without gaps. */
  days: (place: WeatherPlace, from: string, to: string) => Promise<Day[]>;
}

/** A month’s rain where nobody says, mm. Working figure: a temperate coast. */
const USUAL_RAIN_MM = 55;
const DAYS_A_MONTH = 30.4;

/** An ordinary day: the means of its time of year, its rain shared out evenly. */
export function ordinaryDay(place: WeatherPlace, date: string): Day {
  const at = monthPosition(date);
  const rain = place.climate ? monthly(place.climate.rainMm, at) : USUAL_RAIN_MM;
  return { date, highC: dayHighC(place, at), lowC: nightC(place, at), rainMm: rain / DAYS_A_MONTH };
}

/** A forecast is worth listening to for so many days. Working figure. */
export const FORECAST_DAYS = 10;

/** So many days from one on: as they are known, and average ones where nothing is known. */
export function stretchOf(known: readonly KnownDay[], place: WeatherPlace, from: string, count: number): KnownDay[] {
  const by = new Map(known.map((d) => [d.date, d]));
  return Array.from({ length: count }, (_, i): KnownDay => {
    const date = addDays(from, i);
    return by.get(date) ?? { ...ordinaryDay(place, date), known: 'ordinary' };
  });
}

/**
 * The days from one to another as they are best known: as somebody wrote them down, as they were in the year that is to
 * be like them, as they are forecast up to ten days after today, and beyond that as they ordinarily are.
 */
export async function knownDays(
  place: WeatherPlace,
  { from, to, today }: { from: string; to: string; today: string },
  service: WeatherService,
  { days: written, like }: Pick<WrittenWeather, 'days' | 'like'>,
): Promise<KnownDay[]> {
  const last = addDays(today, FORECAST_DAYS - 1);
  const own = new Map(written.map((d) => [d.date, d]));
  const told = await service.days(place, from, last < to ? last : to);
  const forecast = new Map(told.map((d) => [d.date, d]));
  return Array.from({ length: daysBetween(from, to) + 1 }, (_, i): KnownDay => {
    const date = addDays(from, i);
    const [mine, theirs] = [own.get(date), forecast.get(date)];
    if (mine) return { ...mine, known: 'written down' };
    const then = like === null ? undefined : dayLike(like, own, date);
    if (like !== null && then) return { ...then, known: 'like another year', asIn: like };
    return theirs ? { ...theirs, known: 'forecast' } : { ...ordinaryDay(place, date), known: 'ordinary' };
  });
}

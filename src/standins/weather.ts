import { type Day, ordinaryDay, type WeatherPlace, type WeatherService } from '@/core/climate/days';
import { nextMonthDay, addDays, daysBetween } from '@/core/units/date';
import { hashText, seeded, tenth } from '@/core/units/number';

/**
 * How far a day strays from the ordinary, °C, how much of that it has from the days before, and the share of
 * days with rain. Working figures.
 */
const STRAYS_C = 3;
const FROM_BEFORE = [1, 0.7, 0.5, 0.3] as const;
const WET = 0.34;
/** Grey days are cooler, and their nights milder, °C; bright ones make up for it. Working figures. */
const GREY = { high: -2, low: 1 } as const;
const BRIGHT = -WET / (1 - WET);

/**
 * A heat wave comes every summer, a week of it, and a frost eight nights after the last ordinary one: so that
 * both can be met.
 */
const HEAT = { from: '07-12', days: 7, high: 8, low: 5 } as const;
const LATE_FROST = { after: 8, lowC: -1.5 } as const;
const HALF_YEAR = 6;

/**
 * Gusts of a quiet day and up to so much more, m/s; of a gale, which comes on so few days of a year, and on
 * the day that ends the heat. Working figures.
 */
const GUST = { least: 5, more: 8, gale: 19, gales: 0.015 } as const;

const chance = (date: string, what: string): number => seeded(hashText(`${what}/${date}`))();

/** Between −1 and 1, each day a little like those before it. */
function strays(date: string): number {
  const weight = FROM_BEFORE.reduce((a, b) => a + b, 0);
  return FROM_BEFORE.reduce((s, w, k) => s + w * (chance(addDays(date, -k), 'warmth') * 2 - 1), 0) / weight;
}

function heatBegins(place: WeatherPlace): string {
  if ((place.light?.latitude ?? 0) >= 0) return HEAT.from;
  const month = ((Number(HEAT.from.slice(0, 2)) - 1 + HALF_YEAR) % 12) + 1;
  return `${String(month).padStart(2, '0')}-${HEAT.from.slice(3)}`;
}

/** Whether a day lies within so many from a month and day. */
const within = (date: string, monthDay: string, days: number): boolean =>
  daysBetween(nextMonthDay(addDays(date, 1 - days), monthDay), date) >= 0;

function gustOn(place: WeatherPlace, date: string): number {
  const stormy = chance(date, 'gale') < GUST.gales || within(addDays(date, -HEAT.days), heatBegins(place), 1);
  return tenth((stormy ? GUST.gale : GUST.least) + GUST.more * chance(date, 'gust') * (stormy ? 0.5 : 1));
}

function dayAt(place: WeatherPlace, date: string): Day {
  return { ...warmthOn(place, date), gustMs: gustOn(place, date) };
}

function warmthOn(place: WeatherPlace, date: string): Day {
  const usual = ordinaryDay(place, date);
  const off = strays(date) * STRAYS_C;
  if (within(date, heatBegins(place), HEAT.days))
    return {
      date,
      highC: tenth(usual.highC + HEAT.high + off / 2),
      lowC: tenth(usual.lowC + HEAT.low + off / 2),
      rainMm: 0,
    };
  const wet = chance(date, 'rain') < WET;
  const high = usual.highC + off + GREY.high * (wet ? 1 : BRIGHT);
  const frosty = within(addDays(date, -LATE_FROST.after), place.lastFrost, 1);
  const low = frosty ? LATE_FROST.lowC : usual.lowC + off + GREY.low * (wet ? 1 : BRIGHT);
  return {
    date,
    highC: tenth(Math.max(high, low + 1)),
    lowC: tenth(low),
    // From nothing to twice the mean of a wet day: over the month it comes to the month’s rain.
    rainMm: wet ? tenth((usual.rainMm / WET) * 2 * chance(date, 'how much')) : 0,
  };
}

/**
 * Weather that exists only here: the same day at the same place is always the same. Stands where a real
 * forecast would.
 */
export const simulatedWeather: WeatherService = {
  name: 'Kelp Street weather glass (simulated)',
  days: async (place, from, to) =>
    Array.from({ length: Math.max(0, daysBetween(from, to) + 1) }, (_, i) => dayAt(place, addDays(from, i))),
};

import { judgedWeeks } from '../growth/span';
import { occasionOf } from '../plantings/occasion';
import { bestWeeks } from '../growth/stretches';
import { grow } from '../growth/season';
import { factsOf } from '../plants/facts';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { MONTH_NAMES } from '../units/date';
import { hashText, maxBy } from '../units/number';
import { oneJob } from './one-job';

/** From 11th and 21st of a month it is the middle and the end of it. */
const partOf = (day: number): string => (day <= 10 ? 'early' : day <= 20 ? 'mid' : 'late');
const inWords = (date: string): string =>
  `${partOf(Number(date.slice(8, 10)))} ${MONTH_NAMES[Number(date.slice(5, 7)) - 1] ?? ''}`;

/**
 * Fewer weeks than this are no season, and what is at its best from the first week on is so when it is
 * planted. Working figures.
 */
const A_STRETCH = 3;

/** “at its best from early July to mid September”; null where it hardly changes, or hardly flowers. */
export function bestTime(planting: Planting): string | null {
  const { placed, lives, weeks, frostWeek, peak } = grow(planting);
  const season = { placed, lives, weeks: weeks.slice(0, judgedWeeks(planting)), frostWeek, peak };
  const best = bestWeeks(season);
  if (!best || best.to - best.from < A_STRETCH || best.from === 0) return null;
  const [from, to] = [season.weeks[best.from], season.weeks[best.to]];
  return from && to ? `at its best from ${inWords(from.date)} to ${inWords(to.date)}` : null;
}

/** How a planting is fed, by its hungriest third; nothing where it stands through the winter. Growers’ figures. */
function feeding(planting: Planting): string | null {
  if (!planting.brief.lasting && occasionOf(planting) !== 'summer') return null;
  const hunger = resolve(planting)
    .map(({ plant }) => ['light', 'medium', 'hungry'].indexOf(plant.feed))
    .sort((a, b) => b - a);
  const third = hunger[Math.floor((hunger.length - 1) / 3)] ?? 0;
  const herbs = resolve(planting).every(({ plant }) => plant.group === 'herb');
  if (third > 0 && !planting.brief.lasting) return herbs ? 'feed monthly at half strength' : 'feed weekly in summer';
  return resolve(planting).every(({ plant }) => plant.group === 'succulent') ? null : 'feed once in spring';
}

const WATER = {
  'stands wet': 'Never let it dry out',
  'evenly moist': 'Water before the top dries',
  'dries slightly': 'Water when the top 3 cm is dry',
  'dries out': 'Let it dry right through between waterings',
} as const;

/** What it asks: the one job that matters here, with its month; where none does, the can and the feed. */
export function careOf(planting: Planting): string {
  const placed = resolve(planting);
  const job = oneJob(planting, hashText(placed.map((p) => p.plant.id).join()));
  if (job) return `${job}.`;
  const rhythms = placed.map((p) => factsOf(p.plant).rhythm);
  const many = maxBy([...new Set(rhythms)], (r) => rhythms.filter((x) => x === r).length) ?? 'dries slightly';
  return `${[WATER[many], feeding(planting)].filter((x) => x !== null).join(', and ')}.`;
}

import { occasionOf } from '../growth/span';
import { bestWeeks } from '../growth/stretches';
import { grow } from '../growth/season';
import { called } from '../plants/called';
import { factsOf } from '../plants/facts';
import { SHOWY } from '../plants/scheme-fit';
import type { Plant } from '../plants/schema';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { isSouthern } from '../climate/hemisphere';
import { MONTH_NAMES } from '../units/date';
import { maxBy } from '../units/number';

/** From 11th and 21st of a month it is the middle and the end of it. */
const partOf = (day: number): string => (day <= 10 ? 'early' : day <= 20 ? 'mid' : 'late');
const inWords = (date: string): string =>
  `${partOf(Number(date.slice(8, 10)))} ${MONTH_NAMES[Number(date.slice(5, 7)) - 1] ?? ''}`;

/** Fewer weeks than this are no season, and what is at its best from the first week on is so when it is planted. Working figures. */
const A_STRETCH = 3;

/** “at its best from early July to mid September”; null where it hardly changes, or hardly flowers. */
export function bestTime(planting: Planting): string | null {
  const season = grow(planting);
  const best = bestWeeks(season);
  if (!best || best.to - best.from < A_STRETCH || best.from === 0) return null;
  const [from, to] = [season.weeks[best.from], season.weeks[best.to]];
  return from && to ? `at its best from ${inWords(from.date)} to ${inWords(to.date)}` : null;
}

/** The kinds of a planting with how many there are, most first. */
function kindsOf(planting: Planting): { plant: Plant; n: number }[] {
  const kinds = new Map<string, { plant: Plant; n: number }>();
  for (const { plant } of resolve(planting)) kinds.set(plant.id, { plant, n: (kinds.get(plant.id)?.n ?? 0) + 1 });
  return [...kinds.values()].sort((a, b) => b.n - a.n);
}
const name = ({ plant, n }: { plant: Plant; n: number }): string => called({ ...plant, variety: '' }, n > 1);

/** The one job that matters most of all that its plants ask for, with its month; null where there is none. */
function oneJob(planting: Planting): string | null {
  const kinds = kindsOf(planting);
  const turned = isSouthern(planting.spot) ? 6 : 0;
  const { weeks } = grow(planting);
  const stands = new Set(weeks.map((w) => Number(w.date.slice(5, 7))));
  const months = (m: number): number => ((m - 1 + turned) % 12) + 1;
  const cut = kinds.find(({ plant }) => {
    const { cutBack, cutMonth, seasons } = factsOf(plant);
    if (plant.flower.show < SHOWY) return false;
    return (
      (cutBack === 'by half' || cutBack === 'to the base') &&
      seasons <= 2 &&
      inSummer(cutMonth) &&
      stands.has(months(cutMonth))
    );
  });
  if (cut) {
    const { cutBack, cutMonth } = factsOf(cut.plant);
    const how = cutBack === 'by half' ? 'by a third to a half' : 'to the leaves at the base';
    return `cut the ${name(cut)} back ${how} in ${MONTH_NAMES[months(cutMonth) - 1] ?? ''}`;
  }
  const pick = kinds.find(({ plant }) => plant.deadhead === 'needed');
  if (pick) return `pick dead flowers off the ${name(pick)} every week`;
  const pinched = kinds.find(({ plant }) => plant.pinch === 'helps' && factsOf(plant).seasons === 1);
  return pinched ? `pinch out the tips of the ${name(pinched)} three weeks after planting` : null;
}
const inSummer = (month: number): boolean => month >= 6 && month <= 8;

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

/** What it asks of one hand: the can by the rhythm most of it keeps, the feed, and the one job that matters. */
export function careOf(planting: Planting): string {
  const rhythms = resolve(planting).map((p) => factsOf(p.plant).rhythm);
  const many = maxBy([...new Set(rhythms)], (r) => rhythms.filter((x) => x === r).length);
  const water =
    many === 'dries out'
      ? 'Let it dry between waterings'
      : many === 'dries slightly'
        ? 'Water when the top is dry'
        : 'Water before it dries';
  const rest = [feeding(planting), oneJob(planting)].filter((x) => x !== null);
  return `${[water, ...rest.slice(0, -1)].join(', ')}${rest.length > 0 ? `${rest.length > 1 ? ',' : ''} and ${rest.at(-1) ?? ''}` : ''}.`;
}

import { formOf } from '../containers/form';
import { occasionOf } from '../plantings/occasion';
import { factsOf } from '../plants/facts';
import { SHOWY } from '../plants/scheme-fit';
import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { isSouthern } from '../climate/hemisphere';
import { sunReading } from '../spots/light';
import { clamp01, median, sum } from '../units/number';
import { monthOf } from '../units/date';
import { check, percent } from './check';
import type { Standing } from './standing';

/** Colour and flower asked of a planting, as shares of all that is seen, medians from the week it has settled. */
interface Asked {
  colour: number;
  flower: number;
}

/** From here on it has settled; a short planting at once. */
const SETTLED_WEEK = 5;
const SHORT_WEEKS = 16;
/** Carried by so many of the weeks a plant counts as a carrier; so much of what is seen must be carriers. Practice. */
const CARRIES = 0.7;
const CARRIED = 0.7;
/** A flowering planting falls no further under its own middle, three weeks running. Practice. */
const GAP = 0.6;
const GAP_WEEKS = 3;
/** Under its least in more than so many of the weeks it is finished early. Practice. */
const FINISHED = 0.4;
/** Short of the figure by less than this nobody calls it bare. Working figure. */
const NEARLY = 0.8;
/** What the dark months ask, and which they are in the north. Practice. */
const DARK: Asked = { colour: 0.06, flower: 0 };
const DARK_MONTHS = [11, 12, 1, 2];

/** What spring asks: it is planted to flower. Working figure, set by plantings that experts praise. */
const SPRING: Asked = { colour: 0.09, flower: 0.08 };

/** So much of it is to be eaten, and it is a kitchen pot; a herb or two among flowers make none. Working figure. */
const FOOD = 0.75;
const isFood = ({ plants }: Standing): boolean =>
  plants.length > 0 && plants.filter((p) => p.plant.edible !== 'no').length / plants.length >= FOOD;

/** What is asked of a planting of its kind. Practice; measured on plantings that experts praise. */
function askedOf(standing: Standing): Asked {
  const { planting, plants } = standing;
  const { asks } = schoolOf(planting.brief);
  if (planting.brief.only === 'edible' || isFood(standing)) return { colour: 0.12, flower: 0 };
  if (planting.brief.scheme === 'all-leaf') return { colour: planting.brief.lasting ? 0.25 : 0.6, flower: 0 };
  const now = occasionOf(planting);
  if (now === 'spring') return planting.brief.only === 'evergreen' ? { ...SPRING, flower: 0 } : SPRING;
  const occasion = planting.brief.changeOver ? 'winter' : now;
  if (occasion === 'lasting') return { colour: 0.2, flower: 0 };
  if (occasion !== 'summer') return { colour: 0.08, flower: 0 };
  if (asks?.colour) return { colour: asks.colour, flower: asks.flower?.[0] ?? 0 };
  const { hours } = sunReading(planting.spot, planting.startDate);
  if (hours < 2) return { colour: 0.21, flower: 0 };
  const form = formOf(planting.container);
  // Where nothing in it is grown for its flower, none is asked.
  const forLeaf = planting.brief.scheme === 'dark-bright' || asks?.kin === true;
  if (forLeaf && plants.every((p) => p.plant.flower.show <= SHOWY)) return { colour: 0.34, flower: 0 };
  const leafy =
    planting.brief.scheme === 'dark-bright' || plants.some((p) => factsOf(p.plant).worlds[0] === 'succulent');
  if (form === 'basket' || form === 'window box')
    return { colour: 0.26, flower: planting.spot.seen === 'inside' ? 0.17 : hours <= 4 ? 0.15 : 0.21 };
  return { colour: 0.34, flower: leafy ? 0.04 : 0.13 };
}

/** How good a share is against what is asked: 1 at a third over it, 0.8 at it. */
const reached = (has: number, asked: number): number =>
  asked <= 0
    ? 1
    : has >= asked
      ? 0.85 + 0.15 * clamp01((has / asked - 1) / 0.5)
      : Math.max(0.08, (has / asked) ** 1.5 * 0.85);

/** Whether colour drops far under its own middle for some weeks running. */
function hasGap(colours: readonly number[], middle: number): boolean {
  let run = 0;
  for (const c of colours) {
    run = c < middle * GAP ? run + 1 : 0;
    if (run >= GAP_WEEKS) return true;
  }
  return false;
}

/** Colour through the season: enough of it, from plants that carry it, and no gap. */
export const season = check({
  name: 'Season of interest',
  facet: 'season',
  weight: 6,
  at: 'plants',
  of: (standing) => {
    const { planting, plants, weeks, course, season: grown } = standing;
    if (plants.length === 0) return [];
    const asked = askedOf(standing);
    const from = weeks < SHORT_WEEKS ? 1 : SETTLED_WEEK;
    const turned = isSouthern(planting.spot) ? 6 : 0;
    const dark = (week: number) =>
      DARK_MONTHS.includes(((monthOf(grown.weeks[week]?.date ?? planting.startDate) + turned) % 12) + 1);
    const settled = course.weeks.map((w, week) => ({ ...w, week })).slice(from);
    const lit = settled.filter((w) => !dark(w.week));
    const bright = lit.length > settled.length / 3 ? lit : settled;
    const least = lit.length > settled.length / 3 ? asked : { ...DARK, flower: 0 };
    const colours = bright.map((w) => w.colour);
    const [flower, colour] = [median(bright.map((w) => w.flower)), median(colours)];
    const carried = sum(course.shares.map((s, i) => ((course.carries[i] ?? 0) >= CARRIES ? s : 0)));
    const summer = !planting.brief.changeOver && occasionOf(planting) === 'summer' && asked.colour > 0.12;
    const under = colours.filter((c) => c < Math.min(0.25, least.colour) * NEARLY).length / Math.max(1, colours.length);
    const gap = summer && (hasGap(colours, colour) || under > FINISHED);
    const enough = Math.min(reached(colour, least.colour), reached(flower, least.flower));
    const borne = summer && least.flower > 0 ? clamp01(0.35 + 0.65 * (carried / CARRIED)) : 1;
    const short = colour < least.colour * NEARLY || flower < least.flower * NEARLY;
    const brief = summer && carried < CARRIED * NEARLY;
    const weakest = plants.map((p, i) => ({ p, c: course.carries[i] ?? 0 })).sort((x, y) => x.c - y.c);
    const bad = short || gap || brief;
    return [
      {
        severity: bad ? 'watch' : 'good',
        measured: colour,
        band: [least.colour, 1],
        unit: 'flowers and coloured foliage',
        scale: [0, 1],
        culprits: bad ? weakest.filter((x) => x.c < CARRIES).map((x) => x.p.id) : [],
        says: gap ? 'gap' : short ? 'low' : brief ? 'brief' : 'good',
        facts: {
          share: colour,
          flower,
          plant: weakest[0] ? plantName(weakest[0].p.plant) : '',
          weeks: Math.round((weakest[0]?.c ?? 0) * weeks),
          of: weeks,
        },
        rule: 'Enough flowers and coloured foliage in the middle week, from plants that carry it, with no gap',
        source: 'common practice; measured on plantings that experts praise',
        quality: Math.min(enough, borne) * (gap ? 0.3 : 1),
      },
    ];
  },
  words: {
    good: (f) => `In a typical week, ${f.pct('share')} of what you see is flowers or coloured foliage.`,
    low: (f) => `Little colour: in a typical week ${f.pct('share')} of what you see, ${f.pct('flower')} of it flowers.`,
    gap: (f) =>
      `Over too soon: ${f.text('plant')} looks good for ${f.num('weeks')} of ${f.num('of')} weeks and nothing follows it.`,
    brief: (f) =>
      `Too little lasts the season: ${f.text('plant')} looks good for ${f.num('weeks')} of ${f.num('of')} weeks.`,
  },
  figure: percent,
  ideas: ['swap', 'swap them all', 'bigger starts', 'plant later', 'take one of many out'],
});

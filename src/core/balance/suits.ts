import { coldNightC, nightC } from '../climate';
import { containerSums } from '../containers';
import { rimOf } from '../containers/outline';
import { lightFit } from '../growth/model';
import { judgedWeeks } from '../growth/span';
import { occasionOf } from '../plantings/occasion';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { isSouthern } from '../climate/hemisphere';
import { sunReading } from '../spots/light';
import type { Spot } from '../spots/schema';
import { keptBy, keptIn } from '../units/keep';
import { addDays, daysBetween, monthPosition, nextMonthDay } from '../units/date';
import { mean, sum } from '../units/number';

/** What the days of a planting hang on. */
type Set = Pick<Planting, 'spot' | 'startDate' | 'brief'>;

/** What is told by the spot and the days of a brief, kept: a composer asks it of each of its thousands of casts. */
function keptByDay<V>(work: (set: Set) => V): (set: Set) => V {
  const kept = keptBy((_: Spot) => new Map<string, V>());
  return (set) =>
    keptIn(kept(set.spot), `${set.startDate}|${set.brief.changeOver}|${set.brief.lasting}`, () => work(set));
}

/** What can be asked of one plant at one spot. The composer's filter and the checks ask the same questions here. */

/** How well the spot's sun suits a plant, 0–1; 0 is no light it can live in. */
export const sunFit = (plant: Plant, { spot, startDate }: Pick<Planting, 'spot' | 'startDate'>): number =>
  lightFit(plant.sunHours, sunReading(spot, startDate).hours);

/** Hotter summers scorch sooner: hours taken off or added to a plant's afternoon limit. Working figure. */
const SCORCH_SHIFT: Record<Spot['summer'], number> = { cool: 1, warm: 0, hot: -1 };

/** Most hours after 13:00 a plant takes at this spot, or null when it does not scorch. */
export const scorchLimitH = (p: Pick<Plant, 'scorchAfternoonH'>, spot: Pick<Spot, 'summer'>): number | null =>
  p.scorchAfternoonH === null ? null : Math.max(0, p.scorchAfternoonH + SCORCH_SHIFT[spot.summer]);

/** A plant that takes colder nights than this lives through an ordinary frost. °C, working figure. */
const FROST_KILLS_OVER_C = -2;

/**
 * So near to the first frost nothing tender is worth planting; and what stays past it meets it. Days, working
 * figures.
 */
const TOO_LATE_DAYS = 42;
const PAST_FROST_DAYS = 14;

/** Whether a planting meets a hard autumn before its season is done: set out late, or to stand past the first frost. */
export function meetsFrost({ spot, startDate, brief }: Pick<Planting, 'spot' | 'startDate' | 'brief'>): boolean {
  if (brief.lasting) return false;
  const first = nextMonthDay(startDate, spot.firstFrost);
  const last = nextMonthDay(startDate, spot.lastFrost);
  if (last < first) return false;
  return (
    daysBetween(startDate, first) < TOO_LATE_DAYS ||
    (brief.changeOver !== null && brief.changeOver > addDays(first, PAST_FROST_DAYS))
  );
}

/**
 * The depth of winter, a month and a day: the north's; the south's lies half a year on. Working figure: the
 * coldest weeks follow the shortest days.
 */
const MIDWINTER = { north: '01-20', south: '07-20' } as const;

/** Whether a planting that is changed over has a winter to live through first. */
export function standsThroughWinter({
  spot,
  startDate,
  brief,
}: Pick<Planting, 'spot' | 'startDate' | 'brief'>): boolean {
  const midwinter = nextMonthDay(startDate, MIDWINTER[isSouthern(spot) ? 'south' : 'north']);
  return addDays(startDate, judgedWeeks({ spot, startDate, brief }) * 7) > midwinter;
}

/**
 * Set out within so many days of the first frost, or while frosts come, it is to stand through the winter.
 * Growers’ figure: ten weeks.
 */
const FOR_WINTER_DAYS = 70;

/** Whether a planting of one season is set out to stand through the winter. */
export const setOutForWinter = keptByDay(({ spot, startDate, brief }: Set): boolean => {
  const first = nextMonthDay(startDate, spot.firstFrost);
  const last = nextMonthDay(startDate, spot.lastFrost);
  const midwinter = nextMonthDay(startDate, MIDWINTER[isSouthern(spot) ? 'south' : 'north']);
  if (brief.changeOver !== null && brief.changeOver < midwinter) return false;
  return first < last ? daysBetween(startDate, first) < FOR_WINTER_DAYS : midwinter < last;
});

/** The nights a planting meets in its first weeks. */
export interface FirstNights {
  /** Ordinary night a week in, and the one that is to be expected once in five, °C. */
  nightC: number;
  oneInFiveC: number;
  /** Frost can still come, or has come again. */
  frosty: boolean;
  lastFrost: string;
}

export const firstNights = keptByDay(({ spot, startDate, brief }: Set): FirstNights => {
  const newYear = `${startDate.slice(0, 4)}-01-01`;
  const lastFrost = nextMonthDay(newYear, spot.lastFrost);
  const firstFrost = nextMonthDay(newYear, spot.firstFrost);
  // In the south the frosty months lie in the middle of the year.
  const frosty =
    lastFrost < firstFrost
      ? startDate < lastFrost || startDate >= firstFrost
      : startDate >= firstFrost && startDate < lastFrost;
  const at = monthPosition(addDays(startDate, 7));
  return {
    nightC: nightC(spot, at),
    oneInFiveC: coldNightC(spot, at),
    frosty: frosty || meetsFrost({ spot, startDate, brief }),
    lastFrost,
  };
});

/** What bears this much is as hardy as any that is sold for the cold months, °C. Working figure. */
const HARDENED_C = -6;

/** Growers set out two degrees over the nights in which a plant stops. */
const OVER_ITS_STOP_C = 2;
/** So far under its stop a hardened plant waits a week or two without harm, °C. Working figure. */
const WAITS_C = 2;

/** The nights under which a plant stands still, °C. */
export const stopsAtC = (p: Plant): number => factsOf(p).outFromC - OVER_ITS_STOP_C;

/**
 * While frosts come, the worst night of a month is so much colder than the ordinary one, and a plant wants
 * this to spare, °C. Growers' figures: eight weeks before the last frost violas, primroses and bulbs go out,
 * cape daisies and twinspurs do not.
 */
const WORST_NIGHT_C = 5;
const TO_SPARE_C = 2;

/** What the first nights do to a plant. */
export function nightsSuit(
  p: Plant,
  n: Pick<FirstNights, 'nightC' | 'frosty'>,
): 'good' | 'cold' | 'hard frost' | 'frost' {
  if (n.frosty && p.coldestNightC > FROST_KILLS_OVER_C) return 'frost';
  if (n.frosty && n.nightC - WORST_NIGHT_C < p.coldestNightC + TO_SPARE_C && p.coldestNightC > HARDENED_C)
    return 'hard frost';
  return n.nightC < Math.max(p.coldestNightC, stopsAtC(p) - WAITS_C) ? 'cold' : 'good';
}

/**
 * A pot freezes through: so much more cold than it meets there a plant must bear in open ground, by the
 * coldest winter of the place, °C. Growers' figures.
 */
const POT_COLDER: readonly { over: number; c: number }[] = [
  { over: -5, c: 3 },
  { over: -10, c: 5 },
  { over: -Infinity, c: 8 },
];
export const potColderC = (coldestC: number): number => POT_COLDER.find(({ over }) => coldestC > over)?.c ?? 8;

/**
 * In the coldest night the mix of a pot stays so much warmer than the air, °C. Working figure: it takes days
 * of frost to freeze it through.
 */
const MIX_WARMER_C = 5;
/** Wrapped, and against the house, it bears so much more, °C. Growers' figure: two degrees for each. */
const WRAPPED_C = 4;

/**
 * A pot narrower than this, mm, or one with air all round it freezes through sooner, by so many °C. Growers’
 * figures.
 */
const SMALL_MM = 250;
const SMALL_COLDER_C = 1;
/**
 * So much mix takes a week of frost to freeze through, litres, and its roots get so much less cold, °C.
 * Working figures.
 */
const LARGE_L = 100;
const SLOWER_C = 1;

/** What a winter in a container hangs on. */
export type Outdoors = Pick<Planting, 'container'> & {
  spot: Pick<Spot, 'coldestWinterC'> & Partial<Pick<Spot, 'rain' | 'climate'>>;
};

/**
 * What wants grit bears so much less cold where its three coldest months are wetter than this, mm a month,
 * and no roof keeps the rain off. Practice: wet kills what frost does not; working figures.
 */
const WET_MM = 60;
const WET_COLD_C = 3;
const COLDEST_MONTHS = 3;
const wetIn = keptBy(({ lowC, rainMm }: NonNullable<Spot['climate']>): boolean => {
  const coldest = lowC.map((c, month) => ({ c, rain: rainMm[month] ?? 0 })).sort((a, b) => a.c - b.c);
  return mean(coldest.slice(0, COLDEST_MONTHS).map((m) => m.rain)) > WET_MM;
});
const wetColdC = (p: Plant, { spot }: Outdoors): number =>
  factsOf(p).mix === 'gritty' && spot.rain === 'open' && spot.climate && wetIn(spot.climate) ? WET_COLD_C : 0;

/** How much colder than an ordinary pot the roots of a container get, °C: by its size and where it hangs. */
function colderThanMostC({ container }: Outdoors): number {
  const { wide, deep } = rimOf(container.shape);
  const small = container.mount !== 'ground' || Math.min(wide, deep) < SMALL_MM;
  const slow = containerSums(container).fillL >= LARGE_L;
  return (small ? SMALL_COLDER_C : 0) - (slow ? SLOWER_C : 0);
}

/**
 * The coldest winter that a plant lives through out of doors in a container at a place, °C: by its top, and
 * by its roots where they are known.
 */
export function bearsInPotC(p: Plant, outdoors: Outdoors): number {
  const { rootsToC } = factsOf(p);
  const colder = colderThanMostC(outdoors) + wetColdC(p, outdoors);
  // Bedding that is sold for the cold months freezes through and thaws, root and all.
  if (p.season === 'cool' && p.coldestNightC <= HARDENED_C) return p.coldestWinterC + Math.max(0, colder);
  const top = p.coldestWinterC + Math.max(0, potColderC(outdoors.spot.coldestWinterC) + colder);
  return rootsToC === null ? top : Math.max(p.coldestWinterC, rootsToC - MIX_WARMER_C + colder);
}

/** What the spot's coldest winter does to a plant that stays out in a container. */
export function winterSuits(p: Plant, outdoors: Outdoors): 'lives' | 'wrap' | 'dies' {
  const { spot } = outdoors;
  const short = bearsInPotC(p, outdoors) - spot.coldestWinterC;
  if (short <= 0) return 'lives';
  return short <= WRAPPED_C && p.coldestWinterC <= spot.coldestWinterC ? 'wrap' : 'dies';
}

/**
 * Cool-season plants are set out until so many days before the last frost, and again from so many before the
 * first. Working figures.
 */
const COOL_UNTIL_DAYS = 14;
const COOL_FROM_DAYS = 70;
/**
 * A cool-season plant that flowers less than this through the three months of high summer rests or dies in
 * them. Working figure: it parts pansies and wallflowers from snapdragons and lobelia.
 */
const SUMMER_BLOOM = 0.6;
const HIGH_SUMMER = [5, 6, 7] as const;
/** Under this share of full flower a plant is not grown for it in a month. Working figure. */
const SHOWS_BLOOM = 0.2;
/** An ordinary month, days. */
const MONTH_DAYS = 30.4;
/** A bulb that flowers within so many months is not over. Working figure. */
const BLOOM_AHEAD_MONTHS = 4;

/**
 * A shrub with so much of its bare look in coloured stems is planted for the winter. Working figure: it parts
 * dogwoods from maples.
 */
const STEMS_SHOW = 0.4;

/**
 * Whether nothing, or nothing but twigs or straw, is left in winter of a plant that is set out for it. What
 * is tender is asked of frost, bulbs of their flower.
 */
function bareInWinter(p: Plant): boolean {
  const { winterLook, life } = factsOf(p);
  if (winterLook === 'stands dry') return true;
  if (winterLook === 'gone') return life === 'hardy perennial' && p.season !== 'cool';
  const stems = sum(p.colours.map((c) => (c.part === 'stem' ? c.share : 0)));
  return winterLook === 'bare stems' && stems < STEMS_SHOW;
}

/**
 * Why a plant is out of season on the planting day, or null: a cool-season plant set out for a warm summer, a bulb
 * whose flowers are over, for winter one that is bare in it, or for spring one that wakes too late. Where all is to
 * stand for years it is never too late.
 */
export function outOfSeason(p: Plant, { spot, startDate, brief }: Planting): string | null {
  if (brief.lasting || p.edible === 'leaf' || p.edible === 'fruit') return null;
  const last = nextMonthDay(startDate, spot.lastFrost);
  const first = nextMonthDay(startDate, spot.firstFrost);
  // Before the first frost comes the last one of the next year, in summer; the other way about in winter.
  const summer = first < last;
  const early = !summer && addDays(startDate, COOL_UNTIL_DAYS) < last;
  const autumn = summer && addDays(startDate, COOL_FROM_DAYS) >= first;
  const rests = HIGH_SUMMER.reduce((sum, m) => sum + (p.bloom[m] ?? 0), 0) / HIGH_SUMMER.length < SUMMER_BLOOM;
  if (p.season === 'cool' && rests && spot.summer !== 'cool' && !early && !autumn)
    return 'A cool-season plant: it fades in summer. Plant it in autumn or early spring.';
  const month = Number(startDate.slice(5, 7)) - 1 + (isSouthern(spot) ? 6 : 0);
  const blooms = (months: number) => Array.from({ length: months }, (_, i) => p.bloom[(month + i) % 12] ?? 0);
  if (
    bareInWinter(p) &&
    occasionOf({ spot, startDate, brief }) === 'winter' &&
    standsThroughWinter({ spot, startDate, brief })
  )
    return 'It is bare in winter: you would look at twigs, straw or soil until spring.';
  if (p.group === 'bulb')
    return blooms(
      Math.max(BLOOM_AHEAD_MONTHS, Math.ceil((judgedWeeks({ spot, startDate, brief }) * 7) / MONTH_DAYS)),
    ).every((b) => b === 0)
      ? 'It will have finished flowering by then: you would be planting leaves only.'
      : null;
  const { winterLook } = factsOf(p);
  const spring = brief.changeOver !== null && occasionOf({ spot, startDate, brief }) === 'spring';
  if (!spring || winterLook === 'evergreen') return null;
  const stands = Math.ceil(daysBetween(startDate, brief.changeOver ?? startDate) / MONTH_DAYS);
  return blooms(stands).every((b) => b < SHOWS_BLOOM)
    ? 'It is barely in leaf during this season and flowers only after you replant.'
    : null;
}

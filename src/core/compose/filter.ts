import { tallestMm } from '../balance/height-band';
import { containerSums } from '../containers';
import { type Cause, harm } from '../balance/harm';
import {
  bearsInPotC,
  firstNights,
  meetsFrost,
  nightsSuit,
  outOfSeason,
  scorchLimitH,
  standsThroughWinter,
  sunFit,
  winterSuits,
} from '../balance/suits';
import { type Warmth, warmthFault } from '../balance/warmth';
import { goesIn } from '../layout/packing';
import { factsOf } from '../plants/facts';
import { SHOWY } from '../plants/scheme-fit';
import type { Plant } from '../plants/schema';
import { isOfSort, ONLY_WORDS } from '../plants/sorts';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { formatDay } from '../units/date';
import { tenth } from '../units/number';

/** Why a plant is left out: the rule, and the numbers it failed by. */
export interface Refusal {
  rule:
    | 'never'
    | 'only'
    | 'scheme'
    | 'light'
    | 'scorch'
    | 'safety'
    | 'height'
    | 'nights'
    | 'warmth'
    | 'wind'
    | 'fit'
    | 'winter'
    | 'season';
  why: string;
}

/** A plant this much over its afternoon limit is not offered; less is offered and watched. Hours, working figure. */
const SCORCH_MARGIN_H = 1;
/** So much colder than it takes is not offered; less is watched. °C, working figure. */
const NIGHT_MARGIN_C = 1.5;

const cm = (mm: number): number => Math.round(mm / 10);

/** What each rule left a plant out for, as the end of “12 for…”. */
export const LEFT_OUT_FOR: Record<Refusal['rule'], string> = {
  never: 'your avoid list',
  only: 'the kind of plant you chose',
  scheme: 'colour',
  light: 'the light',
  scorch: 'the afternoon sun',
  safety: 'safety',
  height: 'height',
  nights: 'cold nights',
  warmth: 'the warmth of the place',
  wind: 'the wind',
  winter: 'the winter',
  season: 'the planting date',
  fit: 'root balls too big',
};

/** How each cause of harm is told, before whom. */
const HARMS: Record<Cause, string> = {
  deadly: 'A small amount can kill',
  toxic: 'Poisonous to',
  mild: 'If eaten, it can upset the stomach of',
  irritant: 'It can irritate the mouth or skin of',
  spines: 'It has spines or hooked points, a danger to',
  sap: 'Its sap irritates',
  'sap unknown': 'Its sap is not known to be safe for',
  unknown: 'Not known to be safe for',
};

type Rule = (plant: Plant, planting: Planting) => string | null;

/** Afternoon sun that opens a flower of high summer, hours. Growers' figure: until 14:00. */
const OPENS_H = 1;

/** Whether its flowers stay shut here: those of the cool months open whenever they can. */
const shutsHere = (p: Plant, { spot, startDate }: Planting): boolean =>
  p.season === 'warm' && factsOf(p).rain === 'shuts' && sunReading(spot, startDate).afternoon < OPENS_H;

/** In a windy place leaf and stem that do not stand it are offered only under this, mm. Growers' figure. */
const WINDY_MM = 450;

const WARMTH: { [W in Warmth['why']]: (p: Plant, w: Extract<Warmth, { why: W }>) => string } = {
  'too warm': (p, { months, nightC }) =>
    `It copes with nights up to ${factsOf(p).warmestNightC ?? ''}°C; ${months} months here are warmer, up to ${Math.round(nightC)}°C.`,
  'too wet': () => 'Its grey or fleshy leaves rot in warm, wet months.',
  'never warm enough': (p, { nightC }) =>
    `It needs nights of ${factsOf(p).outFromC}°C; the warmest here are ${Math.round(nightC)}°C.`,
  'no winter': (p, { weeks }) => {
    const { chill } = factsOf(p);
    return `It needs ${chill?.weeks ?? 0} weeks below ${chill?.belowC ?? 0}°C to flower again; here there are ${weeks}.`;
  },
};
const warmthWords = <W extends Warmth>(p: Plant, w: W): string => (WARMTH[w.why] as (p: Plant, w: W) => string)(p, w);

/** Each rule, in the order it is told: why not, or null. */
const RULES: Record<Refusal['rule'], Rule> = {
  never: (p, { brief }) => (brief.never.includes(p.id) ? 'It is on your avoid list.' : null),
  only: (p, { brief }) => (isOfSort(p, brief.only) ? null : `You asked for ${ONLY_WORDS[brief.only]}.`),
  scheme: (p, { brief }) =>
    brief.scheme === 'all-leaf' && p.flower.show > SHOWY
      ? 'It is grown for its flowers; you asked for foliage only.'
      : null,
  light: (p, planting) => {
    if (shutsHere(p, planting)) return 'Its flowers open only in direct sun, and this spot has none after 13:00.';
    if (sunFit(p, planting) > 0) return null;
    const [least, , , most] = p.sunHours;
    const { hours } = sunReading(planting.spot, planting.startDate);
    return `It needs ${least} to ${most} hours of sun a day; this spot gets ${hours}.`;
  },
  scorch: (p, { spot, startDate }) => {
    const limit = scorchLimitH(p, spot);
    const { afternoon } = sunReading(spot, startDate);
    return limit !== null && afternoon > limit + SCORCH_MARGIN_H
      ? `Its leaves scorch with more than ${limit} hours of sun after 13:00; this spot gets ${afternoon}.`
      : null;
  },
  safety: (p, { spot }) => {
    const { cause, who } = harm(p, spot);
    return cause && `${HARMS[cause]} ${who.join(' and ')}, and you said they can reach it.`;
  },
  height: (p, planting) => {
    const [, most] = tallestMm(planting);
    return p.heightMm[0] > most
      ? `It grows at least ${cm(p.heightMm[0])} cm tall; the limit for this container is ${cm(most)} cm.`
      : null;
  },
  nights: (p, planting) => {
    const nights = firstNights(planting);
    const { nightC } = nights;
    if (nightsSuit(p, nights) === 'frost')
      return meetsFrost(planting)
        ? 'Frost kills it before its season ends.'
        : `A late frost could kill it. Plant after ${formatDay(nights.lastFrost)}.`;
    if (nightsSuit(p, nights) === 'hard frost')
      return `It is soft from the greenhouse, and hard frosts are still possible. Plant after ${formatDay(nights.lastFrost)}.`;
    return nightC < p.coldestNightC - NIGHT_MARGIN_C
      ? `It needs nights above ${p.coldestNightC}°C; expect ${Math.round(nightC)}°C at planting time.`
      : null;
  },
  warmth: (p, planting) => {
    const fault = warmthFault(p, planting);
    return fault && warmthWords(p, fault);
  },
  wind: (p, { spot }) =>
    spot.wind === 'windy' && factsOf(p).wind !== 'stands' && p.heightMm[0] >= WINDY_MM
      ? `Wind ${factsOf(p).wind === 'tears' ? 'tears its leaves' : 'snaps its stems'}, and this spot is windy.`
      : null,
  winter: (p, planting) => {
    const { brief, spot } = planting;
    if (!brief.lasting)
      return standsThroughWinter(planting) && winterSuits(p, planting) === 'dies'
        ? `In a container it dies below ${bearsInPotC(p, planting)}°C; expect ${spot.coldestWinterC}°C before you replant.`
        : null;
    if (factsOf(p).life === 'annual') return 'It lives for one season; you asked for a year-round planting.';
    return winterSuits(p, planting) === 'dies'
      ? `In a container it dies below ${bearsInPotC(p, planting)}°C; winters here reach ${spot.coldestWinterC}°C, and you asked for a year-round planting.`
      : null;
  },
  season: outOfSeason,
  fit: (p, { container }) => {
    if (p.starts.every((s) => !goesIn(container, s.size)))
      return 'Even its smallest size on sale is too big for this container.';
    const { rootL } = factsOf(p);
    const litres = containerSums(container).fillL;
    return litres < rootL ? `It needs ${rootL} L of mix; this container holds ${tenth(litres)} L.` : null;
  },
};

const ORDER = Object.entries(RULES) as [Refusal['rule'], Rule][];

/** Why not this plant, here? Empty when it may be offered. The same questions as the checks ask, of one plant alone. */
export const whyNot = (plant: Plant, planting: Planting): Refusal[] =>
  ORDER.flatMap(([rule, of]) => {
    const why = of(plant, planting);
    return why === null ? [] : [{ rule, why }];
  });

/** The first of them, or null: all that is asked of a whole library. */
export function refusal(plant: Plant, planting: Planting): Refusal | null {
  for (const [rule, of] of ORDER) {
    const why = of(plant, planting);
    if (why !== null) return { rule, why };
  }
  return null;
}

/** The library less what is refused, with must-haves kept whatever they score; and how many each rule left out. */
export function offer(
  base: Planting,
  library: readonly Plant[],
): { offered: Plant[]; refused: Record<string, number> } {
  const refused: Record<string, number> = {};
  const offered = library.filter((p) => {
    if (base.brief.must.includes(p.id)) return true;
    const first = refusal(p, base);
    if (first) refused[first.rule] = (refused[first.rule] ?? 0) + 1;
    return !first;
  });
  return { offered, refused };
}

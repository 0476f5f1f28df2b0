import { grow } from '../growth/season';
import { ordinaryDay } from '../climate/days';
import { rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import type { Planting } from '../plantings/schema';
import { addDays } from '../units/date';
import { sum } from '../units/number';
import { drinkingOn, usedL } from '../water/demand';
import type { Entry } from '../materials/entry';
import type { Fitting } from '../materials/fittings';
import { DRIP } from '../materials/prices';

/**
 * An emitter waters so far round it; line to each container on the ground, more up to one that hangs or
 * stands on a sill; a staple so often. Working figures.
 */
const EMITTER_EVERY_MM = 220;
const LINE_TO_M = 1;
const LINE_UP_M = 2.5;
const STAPLE_EVERY_M = 0.5;
/**
 * Main line from one container to the next, and to the tap where nobody said how far it is; a clip so often.
 * Working figures, m.
 */
const NEXT_M = 1.2;
const TAP_M = 10;
const CLIP_EVERY_M = 1;
/**
 * What one tap gives through a filter and a reducer, L an hour: more than this is a zone of its own. Working
 * figure: half of a garden tap.
 */
const ZONE_L_H = 300;
/**
 * Meant to run for so long on a hot day, minutes; told in steps of five. Practice: short enough to soak in,
 * long enough to be even.
 */
const MEANT_MIN = 30;
const STEP_MIN = 5;
/** A hot day is so much over the ordinary one, °C. Working figure: the week in July that comes most years. */
const HOT_C = 6;

/** Emitters by litres an hour, slowest first. */
const RATES = [2, 4, 8] as const;
type Rate = (typeof RATES)[number];

/** How many emitters a container takes: one for each so much of its length. */
export const emittersFor = (c: Container): number => Math.max(1, Math.round(rimOf(c.shape).wide / EMITTER_EVERY_MM));

/** What a container uses on a hot day at its thirstiest, litres. Throws UnknownPlantError. */
export function thirstL(planting: Planting): number {
  const season = grow(planting);
  const litres = season.weeks.map(({ week }) => {
    const day = ordinaryDay(planting.spot, addDays(planting.startDate, week * 7));
    return usedL(planting, drinkingOn(planting, season, day.date), { ...day, highC: day.highC + HOT_C });
  });
  return Math.max(0, ...litres);
}

/** What one container is given: so many emitters of a rate, and how long they run for its hottest day, minutes. */
interface Given {
  emitters: number;
  rate: Rate;
  minutes: number;
}

/** The slowest emitters that give a container its water in the time that is meant; the fastest where none do. */
function givenTo(planting: Planting): Given {
  const emitters = emittersFor(planting.container);
  const litres = thirstL(planting);
  const minutesAt = (rate: Rate) => (litres / (emitters * rate)) * 60;
  const rate = RATES.find((r) => minutesAt(r) <= MEANT_MIN) ?? RATES[RATES.length - 1] ?? 8;
  return { emitters, rate, minutes: minutesAt(rate) };
}

/** Containers at one place that one timer waters. */
export interface Zone {
  place: string;
  containers: number;
  /** Litres an hour through the timer while it runs. */
  litresAnHour: number;
  /** How long it runs on a hot day for the thirstiest of them, and in how many goes, minutes. */
  minutes: number;
  /** More than one tap gives: it is run in so many halves. */
  lines: number;
}

export interface DripKit {
  zones: Zone[];
  /** What is bought, by part. */
  needs: Record<keyof typeof DRIP, number>;
}

/** Tubing of 6 mm for one container: to it, and from emitter to emitter. */
const lineM = (c: Container): number =>
  (c.mount === 'ground' ? LINE_TO_M : LINE_UP_M) + ((emittersFor(c) - 1) * EMITTER_EVERY_MM) / 1000;

/**
 * Drip watering that can be built: for each place a timer, valve, filter and reducer at the tap, main line by the
 * distances, and for each container emitters that give what it uses on a hot day in much the same time. Throws
 * UnknownPlantError.
 */
export function dripKit(entries: readonly Entry[]): DripKit {
  const asked = entries.filter((e) => e.count > 0);
  const places = [...new Set(asked.map((e) => e.planting.spot.name))];
  const needs = Object.fromEntries(Object.keys(DRIP).map((id) => [id, 0])) as DripKit['needs'];
  const zones = places.map((place): Zone => {
    const here = asked.filter((e) => e.planting.spot.name === place);
    const given = here.map((e) => ({ ...e, given: givenTo(e.planting) }));
    const containers = sum(here.map((e) => e.count));
    const litresAnHour = sum(given.map((g) => g.count * g.given.emitters * g.given.rate));
    const lines = Math.max(1, Math.ceil(litresAnHour / ZONE_L_H));
    const tapM = Math.max(...here.map((e) => e.planting.spot.tapM ?? TAP_M));
    const mainM = lines * tapM + NEXT_M * (containers - 1);
    for (const id of ['timer', 'valve', 'filter', 'reducer', 'plug'] as const) needs[id] += lines;
    needs.main += mainM;
    needs.clip += Math.ceil(mainM / CLIP_EVERY_M);
    for (const { planting, count, given: g } of given) {
      const metres = lineM(planting.container);
      needs.connector += count;
      needs.tee += count * (g.emitters - 1);
      needs.line += count * metres;
      needs.staple += count * Math.ceil(metres / STAPLE_EVERY_M);
      needs.stake += count * g.emitters;
      needs[`emitter${g.rate}`] += count * g.emitters;
    }
    const longest = Math.max(...given.map((g) => g.given.minutes));
    return {
      place,
      containers,
      litresAnHour,
      lines,
      minutes: Math.max(STEP_MIN, Math.ceil(longest / STEP_MIN) * STEP_MIN),
    };
  });
  return { zones, needs };
}

/** The kit as it is bought. */
export function dripFittings(entries: readonly Entry[]): Fitting[] {
  const { needs } = dripKit(entries);
  return (Object.keys(DRIP) as (keyof typeof DRIP)[])
    .map((id): Fitting => {
      const { item, size, sold } = DRIP[id];
      return {
        key: `drip:${id}`,
        shop: 'ironmonger',
        item,
        about: '',
        unit: size,
        need: needs[id],
        sold,
        usuallyOwned: false,
      };
    })
    .filter((f) => f.need > 0);
}

import { grow } from '../growth/season';
import { turnOn } from '../growth/turn';
import type { LogEntry } from '../log/schema';
import { type Happened, storyOf } from '../log/story';
import { type Plant, plantName } from '../plants/schema';
import { apply } from '../plantings/commands';
import { plantIdOf, resolve } from '../plantings/resolve';
import { MOST_NEVER, type Placement, type Planting } from '../plantings/schema';
import { addDays, daysBetween, nextMonthDay } from '../units/date';
import { standIns } from './changes/stand-ins';

/** A kind that is not planted again as it was, with why, and what stands in; null where nothing does, and it stays. */
export interface Instead {
  was: string;
  why: string;
  now: string | null;
}

/** A container planted once more a year on, with what was learned. */
export interface PlantedAgain {
  planting: Planting;
  instead: Instead[];
}

/** Where so much of a kind died, another is tried. Working figure. */
const MANY_DIED = 0.5;

/** The day a year on from that on which it was planted, after `today`, ISO. */
const yearOn = (startDate: string, today: string): string =>
  nextMonthDay(addDays(startDate > today ? startDate : today, 1), startDate.slice(5));

/** Who was set out where a plant was lifted, if anybody was. */
const heirOf = (was: Placement, all: readonly Placement[]): Placement | undefined =>
  all.find((p) => p.id !== was.id && was.until !== null && p.from !== null && p.from >= was.until && sameSpot(p, was));

/** What stood in the place of each plant in the end. */
function lasts(first: Placement, all: readonly Placement[]): Placement {
  const next = heirOf(first, all);
  return next ? lasts(next, all) : first;
}
const sameSpot = (a: Placement, b: Placement): boolean => a.xMm === b.xMm && a.yMm === b.yMm;

/**
 * Kinds that are not wanted again: by their last verdict, or because most of them died and nobody replaced
 * them; with why.
 */
function unwanted({ placements }: Planting, { not, again, deaths }: Happened): Map<string, string> {
  const lost = deaths.filter((d) => !placements.some((p) => p.id === d.to && heirOf(p, placements)));
  const out = new Map(not.map((v) => [v.plant, v.text || 'you said not again']));
  const kept = new Set(again.map((v) => v.plant));
  for (const { plant } of lost) {
    const here = placements.filter((p) => plantIdOf(p) === plant).length;
    const died = lost.filter((d) => d.plant === plant);
    if (here > 0 && died.length / here >= MANY_DIED && !kept.has(plant) && !out.has(plant))
      out.set(plant, [`${died.length} of ${here} died`, ...new Set(died.flatMap((d) => d.text || []))].join(': '));
  }
  return out;
}

/**
 * A container as it stands on a day, planted again a year on: what replaced a plant is planted from the start, a kind
 * that was not liked or mostly died gives way to the best stand-in and is not proposed again, and what measures taught
 * of size, pace and water goes along. Ids of placements stay. Throws UnknownPlantError.
 */
export function plantedAgain(
  whole: Planting,
  log: readonly LogEntry[],
  today: string,
  as: Pick<Planting, 'id' | 'name'>,
  library: readonly Plant[],
): PlantedAgain {
  const { planting: turn } = turnOn(whole, grow(whole), today);
  const { happened } = storyOf(whole, log, today);
  const startDate = yearOn(turn.startDate, today);
  const later = (day: string | null) => day && addDays(day, daysBetween(turn.startDate, startDate));
  const refused = unwanted(turn, happened);
  const first = turn.placements.filter((p) => (p.from ?? turn.startDate) <= turn.startDate);
  const placements = first.map((p) => ({ ...lasts(p, turn.placements), id: p.id, from: null, until: null }));
  let planting: Planting = {
    ...turn,
    ...as,
    startDate,
    placements,
    deeds: [],
    brief: {
      ...turn.brief,
      must: turn.brief.must.filter((id) => !refused.has(id)),
      never: [...new Set([...turn.brief.never, ...refused.keys()])].slice(-MOST_NEVER),
      bestOn: later(turn.brief.bestOn),
      changeOver: later(turn.brief.changeOver),
    },
  };
  const offered = library.filter((p) => !refused.has(p.id));
  const instead = [...refused].flatMap(([id, why]): Instead[] => {
    const was = resolve(planting).find((p) => p.plant.id === id);
    if (!was) return [];
    const [best] = standIns(planting, id, offered, 1);
    if (best) planting = best.commands.reduce(apply, planting);
    return [{ was: plantName(was.plant), why, now: best ? plantName(best.plant) : null }];
  });
  return { planting, instead };
}

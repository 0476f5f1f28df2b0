import { grow } from '../growth/season';
import { bestWeeks } from '../growth/stretches';
import { turnOn } from '../growth/turn';
import { shoppingList } from '../materials/list';
import { turnCost } from '../materials/turn';
import { libraryPlant } from '../plants';
import { plantName } from '../plants/schema';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { addDays } from '../units/date';
import { mean, sum } from '../units/number';
import { litresBetween } from '../water/litres';
import { comparedWith } from './learn';
import { entriesOf, type LogEntry } from './schema';

/** What was planned for one turn of a container. */
export interface PlannedTurn {
  /** The turn as it is planted, its weeks counted from its own first day. */
  planting: Planting;
  /** Pounds for one container, at list prices. */
  cost: number;
  /** The days on which it is forecast to be at its best; null where no stretch stands out. */
  best: { from: string; until: string } | null;
  /** What one container is forecast to use in all, and to the day it is told of, litres. */
  litres: number;
  litresSoFar: number;
}

/** A plant of the log, with the words that were written of it. */
export interface ToldPlant {
  plant: string;
  name: string;
  on: string;
  text: string;
}

/** What was seen of it. */
export interface Happened {
  waterings: number;
  /** What was counted from the can, litres; null where nobody counted. */
  counted: number | null;
  /** Each with the placement that died. */
  deaths: (ToldPlant & { to: string })[];
  /** Heights measured against those first forecast, 1 is as forecast; null where none was measured. */
  heights: number | null;
  photos: { id: string; on: string; text: string }[];
  /** The last verdict on each plant. */
  again: ToldPlant[];
  not: ToldPlant[];
}

export interface Story {
  plan: PlannedTurn;
  happened: Happened;
}

/**
 * The turn of a planting that a day lies in: what was planned, and what the log has of it to that day. Throws
 * UnknownPlantError.
 */
export function storyOf(whole: Planting, log: readonly LogEntry[], today: string): Story {
  const { planting, season } = turnOn(whole, grow(whole), today);
  const best = bestWeeks(season);
  const day = (week: number) => addDays(planting.startDate, week * 7);
  return {
    plan: {
      planting,
      cost:
        planting.startDate === whole.startDate ? shoppingList(planting, 1).each : turnCost(whole, planting.startDate),
      best: best && { from: day(best.from), until: day(best.to) },
      litres: litresBetween(planting, season, planting.startDate, day(season.weeks.length)),
      litresSoFar: litresBetween(planting, season, planting.startDate, today),
    },
    happened: happenedTo(
      planting,
      log.filter((e) => e.of === whole.id && e.on >= planting.startDate && e.on <= today),
    ),
  };
}

function happenedTo(planting: Planting, log: readonly LogEntry[]): Happened {
  const names = new Map(resolve(planting).map((p) => [p.plant.id, plantName(p.plant)]));
  const told = ({ plant, on, text }: Omit<ToldPlant, 'name'>): ToldPlant => {
    const known = libraryPlant(plant);
    return { plant, on, text, name: names.get(plant) ?? (known ? plantName(known) : plant) };
  };
  const watered = entriesOf(log, 'water');
  const counted = watered.flatMap((e) => e.litres ?? []);
  const ratios = comparedWith(planting, log).flatMap((m) =>
    m.heightMm !== null && m.forecast ? [m.heightMm / m.forecast.heightMm] : [],
  );
  const verdicts = new Map<string, ToldPlant & { again: boolean }>();
  for (const { plant, on, text, again } of entriesOf(log, 'verdict').sort((a, b) => a.on.localeCompare(b.on)))
    if (plant !== null) verdicts.set(plant, { ...told({ plant, on, text }), again });
  const all = [...verdicts.values()];
  return {
    waterings: watered.length,
    counted: counted.length > 0 ? sum(counted) : null,
    deaths: entriesOf(log, 'death').map(({ to, plant, on, why }) => ({ ...told({ plant, on, text: why }), to })),
    heights: ratios.length > 0 ? mean(ratios) : null,
    photos: entriesOf(log, 'note').flatMap(({ id, on, text, photo }) => (photo ? [{ id, on, text }] : [])),
    again: all.filter((v) => v.again),
    not: all.filter((v) => !v.again),
  };
}

import { referTo } from '../../plants';
import type { Plant } from '../../plants/schema';
import { STARTS, type StartSize } from '../../plants/starts';
import type { Command } from '../../plantings/commands';
import { freeId } from '../../plantings/ids';
import type { Placed } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { addDays } from '../../units/date';

/** What can be set out where a plant died, priced as one plant. */
export interface Replacement {
  plant: Plant;
  start: StartSize;
  /** One of it, £; null where that size is not sold. */
  price: number | null;
  /** The dead plant is lifted on the day and keeps its past; the new one stands in its place from the next on. */
  commands: Command[];
}

/** One plant is not bought as a pack of six or as seed: then as the smallest that is sold singly, where one is. */
function bought(plant: Plant, start: StartSize): StartSize {
  const single = (size: StartSize) => STARTS[size].perPack === 1 && STARTS[size].is === 'plant';
  if (single(start)) return start;
  const sold = plant.starts.map((s) => s.size).filter(single);
  return sold.sort((a, b) => STARTS[a].litres - STARTS[b].litres)[0] ?? start;
}

const priceOf = (plant: Plant, start: StartSize): number | null =>
  plant.starts.find((s) => s.size === start)?.price ?? null;

/** What is lifted and set out on one day is a turn of the whole container; one plant is replaced on the next. */
const SET_OUT_DAYS = 1;

/** Lifts a plant that died on a day, ISO, and sets out another in its place. */
export function replaced(
  planting: Planting,
  { id }: Pick<Placed, 'id'>,
  { plant, start: wanted }: { plant: Plant; start: StartSize },
  on: string,
): Replacement {
  const start = bought(plant, wanted);
  const was = planting.placements.find((p) => p.id === id);
  const lift: Command = { do: 'lift', id, on };
  const add = was && {
    ...was,
    id: freeId(planting),
    plant: referTo(plant),
    start,
    from: addDays(on, SET_OUT_DAYS),
    until: was.until && was.until > on ? was.until : null,
  };
  return {
    plant,
    start,
    price: priceOf(plant, start),
    commands: add ? [lift, { do: 'add', placement: add }] : [],
  };
}

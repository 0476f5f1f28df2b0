import { family, type Family } from '../../colour/family';
import { lch } from '../../colour/oklch';
import { mixToBuyL } from '../../containers';
import type { Container } from '../../containers/schema';
import { libraryPlant } from '../../plants';
import { factsOf } from '../../plants/facts';
import { plantName, type Plant } from '../../plants/schema';
import { signature } from '../../plants/signature';
import { ballsL, resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { daysBetween } from '../../units/date';
import { NOBODY, sortOut } from './sort-out';

/**
 * Mix is renewed by the top third after so many months, and topped up by a handful before. Practice: every
 * second season.
 */
const TIRED_MONTHS = 10;
const DAYS_A_MONTH = 30.4;

/** What can be used again, of one kind. */
export interface UsedAgain {
  plant: string;
  name: string;
  count: number;
  colour: Family;
  hex: string;
  /** The ids of its placements. */
  ids: string[];
}

/**
 * Taking a container apart: what of it is used again, grouped by colour; what to root; how much of the mix is
 * renewed.
 */
export interface Rebuild {
  again: { colour: Family; kinds: UsedAgain[] }[];
  /** Kinds worth rooting before they go, and how many of each are lifted. */
  cuttings: { name: string; count: number }[];
  /** How the mix is renewed, and with how many litres. */
  refill: Exclude<Container['refill'], 'all'>;
  mixL: number;
}

const kindOf = (id: string, planting: Planting): Plant | undefined =>
  libraryPlant(id) ?? resolve(planting).find((p) => p.plant.id === id)?.plant;

/**
 * What taking a tired container apart on a day comes to; who was seen to have died (by placement, with why) is not used
 * again. Throws UnknownPlantError.
 */
export function rebuildOf(planting: Planting, on: string, died: ReadonlyMap<string, string> = NOBODY): Rebuild {
  const sorted = sortOut(planting, on, died);
  const kinds = new Map<string, UsedAgain>();
  for (const s of sorted) {
    const plant = kindOf(s.plant, planting);
    if (s.goes === 'compost' || !plant) continue;
    const hex = signature(plant);
    const known = kinds.get(s.plant);
    kinds.set(s.plant, {
      plant: s.plant,
      name: plantName(plant),
      colour: family(lch(hex)),
      hex,
      count: (known?.count ?? 0) + 1,
      ids: [...(known?.ids ?? []), s.id],
    });
  }
  const colours = [...new Set([...kinds.values()].map((k) => k.colour))].sort();
  const gone = sorted.filter((s) => s.goes !== null);
  const rooted = [...new Set(gone.map((s) => s.plant))].flatMap((id) => {
    const plant = kindOf(id, planting);
    return plant && factsOf(plant).cuttings === 'root easily' && factsOf(plant).life !== 'annual'
      ? [{ name: plantName(plant), count: gone.filter((s) => s.plant === id).length }]
      : [];
  });
  const held = new Set(sorted.filter((s) => s.goes === null).map((s) => s.id));
  const stays = planting.placements.filter((p) => held.has(p.id));
  const tired = daysBetween(planting.startDate, on) / DAYS_A_MONTH >= TIRED_MONTHS;
  const refill = tired ? 'top third' : 'top up';
  return {
    again: colours.map((colour) => ({ colour, kinds: [...kinds.values()].filter((k) => k.colour === colour) })),
    cuttings: rooted,
    refill,
    mixL: mixToBuyL({ ...planting.container, refill }, ballsL(stays)),
  };
}

import { expose } from 'comlink';
import { assess } from '@/core/balance/assess';
import type { Report } from '@/core/balance/finding';
import { type PlantedAgain, plantedAgain } from '@/core/compose/again';
import { withRemedies } from '@/core/compose/changes/remedies';
import { standIns, type StandIn } from '@/core/compose/changes/stand-ins';
import { rankSwaps, type Swap } from '@/core/compose/changes/swaps';
import { type Colours, type Over, recolour } from '@/core/compose/over/recolour';
import { resized } from '@/core/compose/over/resize';
import type { Container } from '@/core/containers/schema';
import type { LogEntry } from '@/core/log/schema';
import type { Stock } from '@/core/stock/schema';
import { inStock, NOTHING_OF_MINE, shelfOf, type Mine } from '@/core/stock/shelf';
import type { Placement, Planting } from '@/core/plantings/schema';

let library = shelfOf(NOTHING_OF_MINE);

/** Remedies, swaps and stand-ins, each tried and judged off the main thread. */
const api = {
  /** What there is to choose from: told once, and again when it changes. */
  know: (mine: Mine): void => void (library = shelfOf(mine)),
  remedies: (planting: Planting): Report => withRemedies(planting, assess(planting), library),
  swaps: (planting: Planting, placementId: string): Swap[] => rankSwaps(planting, placementId, 24, library),
  /** The same planting in other colours. */
  recolour: (planting: Planting, colours: Colours): Over => recolour(planting, colours, library),
  /** The same kinds laid out for another container. */
  resized: (planting: Planting, container: Container): Placement[] | null => resized(planting, container),
  /** Stand-ins for a plant that cannot be had: from what a nursery has, where its list is known. */
  standIns: (planting: Planting, plantId: string, stock: Stock | null): StandIn[] =>
    standIns(planting, plantId, stock ? inStock(library, stock) : library),
  /** The same container a year on, with what was learned. */
  again: (
    planting: Planting,
    log: readonly LogEntry[],
    today: string,
    as: Pick<Planting, 'id' | 'name'>,
  ): PlantedAgain => plantedAgain(planting, log, today, as, library),
};
export type WeighApi = typeof api;

expose(api);

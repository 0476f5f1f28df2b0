import { expose } from 'comlink';
import { assess } from '@/core/balance/assess';
import type { Report } from '@/core/balance/finding';
import { withRemedies } from '@/core/compose/remedies';
import { rankSwaps, type Swap } from '@/core/compose/swaps';
import type { Planting } from '@/core/plantings/schema';

/** Remedies and swaps, each tried and judged off the main thread. */
const api = {
  remedies: (planting: Planting): Report => withRemedies(planting, assess(planting)),
  swaps: (planting: Planting, placementId: string): Swap[] => rankSwaps(planting, placementId),
};
export type WeighApi = typeof api;

expose(api);

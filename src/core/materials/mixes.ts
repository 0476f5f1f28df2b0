import { factsOf } from '../plants/facts';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';

/**
 * The mixes that are sold, what each is called, and what a bag costs against the ordinary one. Prices are
 * working figures.
 */
export const MIXES = {
  ordinary: { label: 'Peat-free potting mix', costs: 1 },
  gritty: { label: 'Peat-free mix with one third grit', costs: 1.2 },
  acid: { label: 'Ericaceous potting mix, peat-free', costs: 1.15 },
} as const;
export type MixId = keyof typeof MIXES;

/** So much of a planting asks for grit before the whole container gets it. Working figure: half. */
const MOST = 0.5;

/**
 * The mix a container is filled with: what lime kills decides, then what at least half of it asks for. Throws
 * UnknownPlantError.
 */
export function mixOf(planting: Planting): MixId {
  const asked = resolve(planting).map((p) => factsOf(p.plant).mix);
  if (asked.includes('acid')) return 'acid';
  const gritty = asked.filter((m) => m === 'gritty' || m === 'limy').length;
  return asked.length > 0 && gritty >= asked.length * MOST ? 'gritty' : 'ordinary';
}

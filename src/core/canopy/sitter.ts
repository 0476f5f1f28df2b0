import type { Container } from '../containers/schema';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import type { Plant } from '../plants/schema';
import type { Canopy } from './kinds';
import { specimenOf } from './specimen';
import { sprout } from './sprout';

/** Who is pictured: a planting in a week, or a plant of the library by itself. */
export type Sitter = { planting: Planting; week: number | 'peak' } | { plant: Plant };

/** The container and the leaves of who is pictured. Throws UnknownPlantError. */
export function seated(sitter: Sitter): { container: Container; canopy: Canopy } {
  if ('plant' in sitter) {
    const { planting, season } = specimenOf(sitter.plant);
    return { container: planting.container, canopy: sprout(planting, season, 0) };
  }
  const { planting, week } = sitter;
  const season = grow(planting);
  return { container: planting.container, canopy: sprout(planting, season, week === 'peak' ? season.peak : week) };
}

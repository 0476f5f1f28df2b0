import { freshPlanting, newPlacement } from '../plantings/fresh';
import type { Placement, Planting } from '../plantings/schema';

/** Plantings for tests: an ordinary 40 cm pot in seven hours of sun, changed as the test needs. */
export const pot = (change: Partial<Planting> = {}): Planting => ({
  ...freshPlanting('test', 'Test pot', '2026-03-01'),
  ...change,
});

export const placed = (
  id: string,
  plant: string,
  role: Placement['role'],
  xMm: number,
  yMm: number,
  start: Placement['start'] = 'p9',
): Placement => newPlacement(id, { plant, role, start, xMm, yMm });

export const roundPot = (
  topMm: number,
  baseMm: number,
  depthMm: number,
  change: Partial<Planting['container']> = {},
): Planting['container'] => ({ ...pot().container, shape: { kind: 'round', topMm, baseMm, depthMm }, ...change });

/** Direct sun in the hours named. */
export const sun = (hours: number[], change: Partial<Planting['spot']> = {}): Planting['spot'] => ({
  ...pot().spot,
  light: { kind: 'noted', hours, dappled: false },
  ...change,
});

/** A good warm pot of seven, all of it fitting. */
export const warmPot = (): Planting =>
  pot({
    placements: [
      placed('t', 'canna-dwarf-red', 'thriller', 0, 0, 'l1'),
      placed('a', 'pelargonium-salmon', 'filler', -118, -40),
      placed('b', 'lantana-sunset', 'filler', 118, -40),
      placed('c', 'calibrachoa-yellow', 'spiller', -70, 110),
      placed('d', 'carex-bronze', 'spiller', 70, 110),
    ],
  });

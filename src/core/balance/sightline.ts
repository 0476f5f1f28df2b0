import { leastUsefulMm } from '../spots/sightline';
import type { Context } from './context';
import type { Reading } from './finding';

/** From inside only what stands above the sill counts. */
const BAND: [number, number] = [0.6, 1];

/** Share of the plants that show over the sill to the viewer who sees fewest. Absent when not looked at from inside. */
export function sightline({ planting, placed, grown }: Context): Reading[] {
  const { seen, sight } = planting.spot;
  if (seen !== 'inside' || !sight || placed.length === 0) return [];
  const hiddenFrom = sight.viewers.map((v) => ({
    name: v.name,
    hidden: placed.filter((p, i) => (grown[i]?.heightMm ?? 0) < leastUsefulMm(sight, v.eyeMm, p.yMm)),
    least: leastUsefulMm(sight, v.eyeMm),
  }));
  const worst = hiddenFrom.reduce((a, b) => (b.hidden.length > a.hidden.length ? b : a));
  const share = 1 - worst.hidden.length / placed.length;
  return [
    {
      check: 'sightline',
      severity: share === 0 ? 'wrong' : share < BAND[0] ? 'watch' : 'good',
      measured: share,
      band: BAND,
      unit: 'of the plants show',
      scale: [0, 1],
      culprits: worst.hidden.map((p) => p.id),
      says: share < BAND[0] ? 'sight.low' : 'sight.good',
      facts: { share, who: worst.name, leastMm: worst.least },
      rule: 'A plant shows if its top stands above the line from the eye over the sill',
      source: 'geometry; practice, seen from inside',
      quality: Math.min(1, 0.2 + share * 0.9),
    },
  ];
}

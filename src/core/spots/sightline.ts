import type { Sight } from './schema';

export interface Useful {
  name: string;
  /** Least height above the soil that shows over the sill, mm; 0 when the soil itself shows. */
  leastMm: number;
}

/**
 * Height above the soil at which a plant begins to show to an eye inside: the line from the eye over the sill, carried
 * on to where the plant stands. Eye height E, sill S, distance from the sill D, plant B beyond it: S + (S − E)·B/D.
 * `towardMm` is how much nearer to the sill than the container's middle the plant stands.
 */
export function leastUsefulMm(sight: Sight, eyeMm: number, towardMm = 0): number {
  const beyond = Math.max(0, sight.beyondMm - towardMm);
  return Math.max(0, sight.sillMm + ((sight.sillMm - eyeMm) * beyond) / sight.distanceMm - sight.soilMm);
}

/** Lowest useful height for each viewer, in the middle of the container. */
export const usefulFor = (sight: Sight): Useful[] =>
  sight.viewers.map((v) => ({ name: v.name, leastMm: leastUsefulMm(sight, v.eyeMm) }));

/** The viewer who sees least: the one for whom plants must be tallest. */
export const worstPlaced = (sight: Sight): Sight['viewers'][number] =>
  sight.viewers.reduce((a, b) => (leastUsefulMm(sight, b.eyeMm) > leastUsefulMm(sight, a.eyeMm) ? b : a));

/** A plain window to begin from: a tall and a short viewer seated a step back, a box just beyond the sill. */
export const PLAIN_WINDOW: Sight = {
  viewers: [
    { name: 'tall', eyeMm: 1620 },
    { name: 'short', eyeMm: 1380 },
  ],
  distanceMm: 900,
  sillMm: 980,
  beyondMm: 180,
  soilMm: 780,
};

import { headspaceMm } from '../containers';
import { formOf } from '../containers/form';
import { depthOf, rimOf } from '../containers/outline';
import type { Planting } from '../plantings/schema';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { usefulFor } from '../spots/sightline';

/**
 * Over the least useful height a plant must stand by this much to be looked at and not only glimpsed. Working
 * figure.
 */
const WELL_OVER = 1.25;
/** A band raised to show over a sill is at least this wide. Working figure. */
const RAISED = 1.8;

/**
 * Tallest above the rim over container height for a planting: its school's band for the container's form, raised to
 * what shows over a sill.
 */
export function heightBand({ brief, container, spot }: Pick<Planting, 'brief' | 'container' | 'spot'>): Band {
  const { of, band } = schoolOf(brief).height[formOf(container)];
  const { wide, deep } = rimOf(container.shape);
  const depth = depthOf(container.shape);
  // A long bowl is as wide as a round one of its area.
  const one = { depth: 1, width: Math.sqrt(wide * deep) / depth, mm: 1 / depth }[of];
  const [low, high] = [band[0] * one, band[1] * one];
  if (spot.seen !== 'inside' || !spot.sight) return [low, high];
  const overSoil = Math.max(...usefulFor(spot.sight).map((u) => u.leastMm)) * WELL_OVER;
  const need = (overSoil - headspaceMm(container)) / depth;
  return need <= low ? [low, high] : [need, Math.max(high, need * RAISED)];
}

/** Least and greatest height of the tallest plant over the soil, mm. */
export function tallestMm(p: Pick<Planting, 'brief' | 'container' | 'spot'>): Band {
  const [low, high] = heightBand(p);
  const depth = depthOf(p.container.shape);
  return [low * depth + headspaceMm(p.container), high * depth + headspaceMm(p.container)];
}

import type { Planting } from '@/core/plantings/schema';
import { hashText } from '@/core/units/number';

/** A picture of a planting. */
export interface Wanted {
  planting: Planting;
  week: number | 'peak';
  /** Pixels for a millimetre. */
  scale: number;
}

/** Pixels for each of the page’s, so that edges are smooth on any screen. */
export const RATIO = 2;

/** All that a picture shows, as one text. */
export const stillKey = ({ planting: p, week, scale }: Wanted): string =>
  JSON.stringify([p.container, p.spot, p.placements, p.startDate, p.deeds, p.learned, week, scale]);

/** A short name for a long text, as good as its own. */
export const shortName = (text: string): string => `${hashText(text).toString(36)}${text.length.toString(36)}`;

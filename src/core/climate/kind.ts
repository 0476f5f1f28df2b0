import { z } from 'zod';
import { mean } from '../units/number';
import type { Climate } from './schema';

/** Kinds of climate, as coarse as lists of what runs wild are. */
export const ClimateKindSchema = z.enum(['temperate', 'dry summer', 'subtropical', 'tropical']);
export type ClimateKind = z.infer<typeof ClimateKindSchema>;

/** Bounds as Köppen and Geiger drew them: °C of a month's mean, mm of rain a month. */
const TROPICAL_OVER_C = 18;
const SUBTROPICAL_OVER_C = 22;
const MILD_WINTER_OVER_C = 0;
const DRY_UNDER_MM = 40;
/** A dry summer has a month with less than this share of the rain of the wettest month of winter. */
const DRY_SHARE = 1 / 3;

/**
 * Which kind of climate a place has, of the four that lists of plants run wild are made for, after Köppen and
 * Geiger.
 */
export function climateKind({ highC, lowC, rainMm }: Climate): ClimateKind {
  const means = highC.map((h, m) => mean([h, lowC[m] ?? h]));
  if (Math.min(...means) >= TROPICAL_OVER_C) return 'tropical';
  // The half of the year with the warmer middle is its summer.
  const warm = [3, 4, 5, 6, 7, 8];
  const of = (months: readonly number[], from: readonly number[]) => months.map((m) => from[m] ?? 0);
  const cold = [9, 10, 11, 0, 1, 2];
  const [summer, winter] = mean(of(warm, means)) >= mean(of(cold, means)) ? [warm, cold] : [cold, warm];
  const driest = Math.min(...of(summer, rainMm));
  if (driest < DRY_UNDER_MM && driest < DRY_SHARE * Math.max(...of(winter, rainMm))) return 'dry summer';
  return Math.max(...means) >= SUBTROPICAL_OVER_C && Math.min(...means) > MILD_WINTER_OVER_C
    ? 'subtropical'
    : 'temperate';
}

/**
 * Whether a plant that has run wild in some kinds of climate would find this one to its taste; where the
 * climate is not known it may.
 */
export const mayEscape = (runsWild: readonly ClimateKind[], climate: Climate | null): boolean =>
  climate === null ? runsWild.length > 0 : runsWild.includes(climateKind(climate));

import { family } from '../colour/family';
import { deltaE, lch } from '../colour/oklch';
import { plantName } from '../plants/schema';
import { clamp01, lerp, maxBy, sum } from '../units/number';
import type { Measured } from './check';
import type { SeenColour } from './seen-colours';
import type { Standing } from './standing';

/**
 * ΔE_OK up to which a colour is lost against what it is seen before, and from which none of it is. Working
 * figures: white on cream is 0.05, soft pink on render 0.10, pink on white 0.17.
 */
const LOST = 0.06;
const CLEAR = 0.13;
/** A flower or a coloured leaf: plain green is never lost, nor are eyes, throats and stems looked for. */
export const isColour = (c: SeenColour): boolean =>
  c.part === 'flower' || ((c.part === 'leaf' || c.part === 'edge') && family(lch(c.hex)) !== 'green');

/**
 * What a planting that is lost before its pot or wall is worth there, and one that nearly stands clear, by a
 * power of the share that does. Working figures.
 */
const LOST_WORTH = 0.05;
const NEARLY_WORTH = 0.65;
const STEEP = 4;

interface Asked {
  list: readonly SeenColour[];
  weight: (c: SeenColour) => number;
  behind: string;
  least: number;
  rule: string;
  source: string;
  facts?: Record<string, number>;
}

/** Share, by weight, of the colours that differ enough from what is behind them. */
export function standsClear(
  { plants }: Standing,
  { list, weight, behind, least, rule, source, facts = {} }: Asked,
): Measured<'good' | 'low'>[] {
  const all = sum(list.map(weight));
  if (all <= 0) return [];
  const back = lch(behind);
  const loses = (c: SeenColour) => clamp01((CLEAR - deltaE(lch(c.hex), back)) / (CLEAR - LOST));
  const lost = list.filter((c) => loses(c) > 0);
  const share = 1 - sum(lost.map((c) => weight(c) * loses(c))) / all;
  const most = maxBy(lost, (c) => weight(c) * loses(c));
  const worst = plants.find((p) => p.id === most?.id);
  const low = share < least;
  return [
    {
      severity: low ? 'watch' : 'good',
      measured: share,
      band: [least, 1],
      unit: 'stands clear',
      scale: [0, 1],
      culprits: low ? [...new Set(lost.map((c) => c.id))] : [],
      says: low ? 'low' : 'good',
      facts: { share, plant: worst ? plantName(worst.plant) : '', ...facts },
      rule,
      source,
      quality: low ? lerp(LOST_WORTH, NEARLY_WORTH, (share / least) ** STEEP) : 0.75 + 0.25 * share,
    },
  ];
}

import { deltaE, lch } from '../colour/oklch';
import { plantName } from '../plants/schema';
import { addDays } from '../units/date';
import { sum } from '../units/number';
import { seenColours, type SeenColour } from './colour';
import type { Context } from './context';
import type { CheckId, Reading } from './finding';
import type { SayId } from './words';

/** ΔE_OK under which a colour is lost against what it is seen before. Working figure: white on cream is 0.05, pink on white 0.17. */
const LOST = 0.13;

interface Asked {
  check: CheckId;
  says: { good: SayId; low: SayId };
  list: readonly SeenColour[];
  weight: (c: SeenColour) => number;
  behind: string;
  least: number;
  rule: string;
  source: string;
  facts?: Record<string, number>;
}

/** Share, by weight, of the colours that differ enough from what is behind them. */
function standsClear(
  { placed }: Context,
  { check, says, list, weight, behind, least, rule, source, facts = {} }: Asked,
): Reading[] {
  const all = sum(list.map(weight));
  if (all <= 0) return [];
  const back = lch(behind);
  const lost = list.filter((c) => deltaE(lch(c.hex), back) < LOST);
  const share = 1 - sum(lost.map(weight)) / all;
  const worst = placed.find((p) => p.id === lost[0]?.id);
  const low = share < least;
  return [
    {
      check,
      severity: low ? 'watch' : 'good',
      measured: share,
      band: [least, 1],
      unit: 'stands clear',
      scale: [0, 1],
      culprits: low ? [...new Set(lost.map((c) => c.id))] : [],
      says: low ? says.low : says.good,
      facts: { share, plant: worst ? plantName(worst.plant) : '', ...facts },
      rule,
      source,
      quality: Math.min(1, 0.3 + share * 0.8),
    },
  ];
}

/** Flower and leaf colour low at the front against the pot behind it. */
export function clear(ctx: Context): Reading[] {
  const spilling = new Set(ctx.placed.filter((p) => p.role === 'spiller').map((p) => p.id));
  return standsClear(ctx, {
    check: 'clear',
    says: { good: 'clear.good', low: 'clear.low' },
    behind: ctx.planting.container.colour,
    least: 0.65,
    list: seenColours(ctx).filter((c) => c.part !== 'throat' && (c.belowShare > 0.15 || spilling.has(c.id))),
    weight: (c) => c.area * Math.max(0.35, c.belowShare) * (c.isFlower ? 2 : 1),
    rule: 'Colours that hang before the pot differ from it by ΔE_OK 0.13 or more',
    source: 'practice, white flowers are lost on a white pot; threshold is a working figure',
  });
}

/** What stands above the rim against a wall, or against what blossoms behind it in the judged week. Absent where it is not seen before one backdrop. */
export function against(ctx: Context): Reading[] {
  const { spot, startDate } = ctx.planting;
  if (spot.seen !== 'wall' && spot.seen !== 'row') return [];
  const month = Number(addDays(startDate, ctx.week * 7).slice(5, 7));
  const bloom = spot.backdropBloom?.months.includes(month) ?? false;
  return standsClear(ctx, {
    check: 'against',
    says: { good: 'against.good', low: 'against.low' },
    behind: bloom ? (spot.backdropBloom?.colour ?? spot.backdrop) : spot.backdrop,
    least: 0.6,
    list: seenColours(ctx).filter((c) => c.part !== 'throat'),
    weight: (c) => c.area * (1 - c.belowShare) * (c.isFlower ? 2 : 1),
    rule: 'Colours that stand before the backdrop differ from it by ΔE_OK 0.13 or more',
    source: 'colour separation in OKLab (Ottosson 2020); threshold is a working figure',
    facts: { bloom: bloom ? 1 : 0 },
  });
}

import type { UnitSystem } from '../units/length';
import { type Bought, fillBy, type Offer } from './packs';
import { BAGS, BAGS_US } from './prices';

export interface BagCount {
  litres: number;
  label: string;
  count: number;
  price: number;
}

/** Bags are told apart to a tenth of a litre. */
const STEPS_PER_L = 10;

/**
 * Loose mix by the half cubic metre: litres, and what one half costs against a litre of the largest bag.
 * Working figure: a bulk load is about half.
 */
const HALF_M3_L = 500;
const LOOSE_COSTS = 0.5;
/** From so much on a load is worth its delivery. Working figure. */
const LOOSE_FROM_L = 700;

const offersIn = (units: UnitSystem): (Offer & { litres: number })[] =>
  (units === 'metric' ? BAGS : BAGS_US).map(({ litres, label, price }) => ({
    label,
    litres,
    holds: Math.floor(litres * STEPS_PER_L),
    price,
  }));

/** The largest bag and its price a litre. */
function dearest(units: UnitSystem): number {
  const largest = offersIn(units).at(-1);
  return largest ? largest.price / largest.litres : 0;
}

/**
 * Whole bags that hold at least `needL` litres, with the fewest litres left over, the cheaper on a tie; from 700 L on
 * loose mix by the half cubic metre as well, whichever is cheaper. Prices in pounds.
 */
export function bagsFor(needL: number, units: UnitSystem = 'metric'): BagCount[] {
  if (needL <= 0) return [];
  const offers = offersIn(units);
  const need = Math.ceil(needL * STEPS_PER_L - 1e-6);
  const bagged = (tenths: number): BagCount[] =>
    fillBy(tenths, offers, 'least over').map((b: Bought) => ({
      litres: offers.find((o) => o.label === b.label)?.litres ?? 0,
      label: b.label,
      count: b.count,
      price: b.price,
    }));
  const bags = bagged(need);
  if (needL < LOOSE_FROM_L) return bags;
  const halves = Math.floor(needL / HALF_M3_L);
  const loose: BagCount = {
    litres: HALF_M3_L,
    label: units === 'metric' ? 'half a cubic metre, loose' : '0.65 cu yd, loose',
    count: halves,
    price: HALF_M3_L * dearest(units) * LOOSE_COSTS,
  };
  const withLoose = [loose, ...bagged(need - halves * HALF_M3_L * STEPS_PER_L)];
  const cost = (list: readonly BagCount[]) => list.reduce((s, b) => s + b.price * b.count, 0);
  return cost(withLoose) < cost(bags) ? withLoose : bags;
}

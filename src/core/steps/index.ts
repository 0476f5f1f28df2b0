import type { Planting } from '../plantings/schema';
import type { UnitSystem } from '../units/length';
import { sum } from '../units/number';
import { dressStep, lookStep, topUpStep, waterStep } from './finish';
import { baseStep, feedStep, fillStep, soakStep, standStep } from './ground';
import { plantingOrder } from './order';
import { pinchStep, setSteps, supportStep } from './plants';
import type { Step, StepKind } from './step';

/** The kinds of step, in the order they are done. A new one is a line here. */
const KINDS: readonly StepKind[] = [
  standStep,
  baseStep,
  soakStep,
  fillStep,
  feedStep,
  setSteps,
  supportStep,
  topUpStep,
  pinchStep,
  dressStep,
  waterStep,
  lookStep,
];

/** How a planting is planted, step by step; none where nothing stands in it yet. Throws UnknownPlantError. */
export function stepsOf(planting: Planting, units: UnitSystem = 'metric'): Step[] {
  const order = plantingOrder(planting);
  return order.length === 0 ? [] : KINDS.flatMap((kind) => kind({ planting, order, units }));
}

/**
 * About how long one container takes at the bench, minutes; of many the same each takes less, for the bench
 * is laid once.
 */
export function benchMinutes(planting: Planting, count: number): number {
  const each = sum(stepsOf(planting).map((s) => s.minutes));
  return Math.round(each * (1 + (count - 1) * REPEATED));
}

/** What each further one of the same takes of the first. Working figure: a bench crew’s pace. */
const REPEATED = 0.6;

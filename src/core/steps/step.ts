import { allLiveDry } from '../plants/dry';
import type { Planting } from '../plantings/schema';
import type { UnitSystem } from '../units/length';
import type { Numbered } from './order';

/** One thing to do at the bench. */
export interface Step {
  /** The same for the same thing, so that a page that was left opens on it again. */
  id: string;
  title: string;
  /** How, in a sentence or two. */
  text: string;
  /** Placements it is done to: lit on plan and portrait. */
  ids: readonly string[];
  /** What to take care of, where it is met. */
  caution: string | null;
  /** About how long it takes, minutes. */
  minutes: number;
}

/** What steps are worked out from. */
export interface StepsGiven {
  planting: Planting;
  /** In the order they are set. */
  order: readonly Numbered[];
  units: UnitSystem;
}

/** A kind of step: none, one, or one for each plant. */
export type StepKind = (bench: StepsGiven) => Step[];

/** Whether all that is set lives dry, and is planted dry. */
export const livesDry = (order: StepsGiven['order']): boolean => allLiveDry(order.map((p) => p.plant));

/** A step with what is usual left out. */
export const stepOf = (step: Pick<Step, 'id' | 'title' | 'text'> & Partial<Step>): Step => ({
  ids: [],
  caution: null,
  minutes: 1,
  ...step,
});

import { bushHabit } from './bush';
import { caneHabit } from './cane';
import { cascade } from './cascade';
import { climberHabit } from './climber';
import { cloudHabit } from './cloud';
import { fanHabit } from './fan';
import { fountainHabit } from './fountain';
import { frond } from './frond';
import { moundHabit } from './mound';
import { rosetteHabit } from './rosette';
import { stalkHabit } from './stalk';
import { trailHabit } from './trail';
import { wandHabit } from './wand';
import type { HabitKind } from './habit';

/** The habits. A new one is a file and a line here; until it has a drawing of its own it borrows one. */
export const HABITS = {
  fan: fanHabit,
  fountain: fountainHabit,
  wand: wandHabit,
  cane: caneHabit,
  bush: bushHabit,
  mound: moundHabit,
  cloud: cloudHabit,
  frond,
  rosette: rosetteHabit,
  cascade,
  trail: trailHabit,
  stalk: stalkHabit,
  climber: climberHabit,
} satisfies Record<string, HabitKind>;

export type Habit = keyof typeof HABITS;
export const HABIT_NAMES = Object.keys(HABITS) as [Habit, ...Habit[]];

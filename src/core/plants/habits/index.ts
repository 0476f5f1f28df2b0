import { bush } from './bush';
import { cane } from './cane';
import { cascade } from './cascade';
import { climber } from './climber';
import { cloud } from './cloud';
import { fan } from './fan';
import { fountain } from './fountain';
import { frond } from './frond';
import { mound } from './mound';
import { rosette } from './rosette';
import { stalk } from './stalk';
import { trail } from './trail';
import { wand } from './wand';
import type { HabitKind } from './habit';

/** The habits. A new one is a file and a line here; until it has a drawing of its own it borrows one. */
export const HABITS = {
  fan,
  fountain,
  wand,
  cane,
  bush,
  mound,
  cloud,
  frond,
  rosette,
  cascade,
  trail,
  stalk,
  climber,
} satisfies Record<string, HabitKind>;

export type Habit = keyof typeof HABITS;
export const HABIT_NAMES = Object.keys(HABITS) as [Habit, ...Habit[]];

import type { Drawing } from '../../plants/habits/habit';
import type { Sprig } from '../sprig';
import { trails } from '../trails';
import { bush, cloud, mound } from './mounds';
import { fan, fountain, frond, rosette, stalk } from './tufts';
import { cane, climber, wand } from './uprights';

const cascade = (s: Sprig): void => {
  mound(s, { lift: 0.1, most: 460, flowers: 80 });
  trails(s, 1);
};

const trail = (s: Sprig): void => {
  mound(s, { lift: 0.05, most: 260, flowers: 18 });
  trails(s, 1);
};

/** How each habit is drawn, by the drawing it names. Adding one is a function and a line here. */
export const DRAWINGS: Record<Drawing, (s: Sprig) => void> = {
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
};

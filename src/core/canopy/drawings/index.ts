import type { Drawing } from '../../plants/habits/habit';
import { fitted } from '../fitted';
import type { Sprig } from '../sprig';
import { trails } from '../trails';
import { bush, cloud, mound } from './mounds';
import { fan, fountain, frond, rosette, stalk } from './tufts';
import { cane, climber, wand } from './uprights';

/** What stands over the rim is made to fit; what hangs is as long as it has grown. */
const overRim = {
  cascade: fitted((s) => mound(s, { lift: 0.1, most: 460, flowers: 220 })),
  trail: fitted((s) => mound(s, { lift: 0.05, most: 260, flowers: 40 })),
};

const cascade = (s: Sprig): void => {
  overRim.cascade(s);
  trails(s, 1);
};

const trail = (s: Sprig): void => {
  overRim.trail(s);
  trails(s, 1);
};

/** How each habit is drawn, by the drawing it names. Adding one is a function and a line here. */
export const DRAWINGS: Record<Drawing, (s: Sprig) => void> = {
  fan: fitted(fan),
  fountain: fitted(fountain),
  wand: fitted(wand),
  cane: fitted(cane),
  bush: fitted(bush),
  mound: fitted((s) => mound(s)),
  cloud: fitted(cloud),
  frond: fitted(frond),
  rosette: fitted(rosette),
  cascade,
  trail,
  stalk: fitted(stalk),
  climber: fitted(climber),
};

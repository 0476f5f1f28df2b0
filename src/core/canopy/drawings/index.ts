import { HABITS } from '../../plants/habits';
import type { Drawing } from '../../plants/habits/habit';
import type { Plant } from '../../plants/schema';
import { crownOf, isStandard, isWhipped } from '../carriage';
import { fitted } from '../fitted';
import { leafLook } from '../leaves';
import type { Sprig } from '../sprig';
import { trails } from '../trails';
import { climber } from './climber';
import { clipped } from './clipped';
import { crown } from './crown';
import { bush } from './bush';
import { cane } from './canes';
import { cloud, mound } from './mounds';
import { fern } from './fern';
import { standard } from './standard';
import { fan, fountain, rosette, stalk } from './tufts';
import { wand } from './uprights';
import { whips } from './whips';

/** What stands over the rim is made to fit; what hangs is as long as it has grown. */
const overRim = {
  cascade: fitted((s) => mound(s, { lift: 0.1, most: 380, flowers: 310 })),
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
  frond: fitted(fern),
  rosette: fitted(rosette),
  cascade,
  trail,
  stalk: fitted(stalk),
  climber: fitted(climber),
};

/**
 * How a plant is drawn: by its crown where its leaves spring from the soil, as a ball where it is clipped,
 * else by its habit.
 */
export function drawingOf(plant: Plant): (s: Sprig) => void {
  const { form } = plant.leaf;
  // Feathers that fountain are a palm’s fronds; blades from a bulb stand, however low.
  if (plant.habit === 'fountain' && form === 'feather') return DRAWINGS.frond;
  if (plant.group === 'bulb' && plant.habit === 'mound' && (form === 'strap' || form === 'grass'))
    return DRAWINGS.stalk;
  const held = crownOf(plant);
  if (leafLook(plant).clipped) return fitted(clipped);
  if (isStandard(plant)) return fitted(standard);
  if (isWhipped(plant)) return fitted(whips);
  return held ? fitted((s) => crown(s, held)) : DRAWINGS[HABITS[plant.habit].drawing];
}

import type { ClockLight } from '../spots/schema';
import { openClock, type PlaceLight } from '../spots/sun-seen';
import type { Scene } from './scene';

/**
 * By the clock of the first spot that has one; else by the way its wall faces and the hours that were noted.
 * Null where neither is known.
 */
export function lightOf({ group, bodies }: Pick<Scene, 'group' | 'bodies'>): PlaceLight | null {
  const lights = bodies.map((b) => b.planting.spot.light);
  const clock = lights.find((l): l is ClockLight => l.kind === 'clock');
  if (clock) return { clock, hours: null };
  const noted = lights.find((l) => l.kind === 'noted');
  if (!group.sun || noted?.kind !== 'noted') return null;
  return { clock: openClock({ ...group.sun, dappled: noted.dappled }), hours: noted.hours };
}

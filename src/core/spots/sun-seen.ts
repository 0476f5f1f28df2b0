import { SKYLINE_POINTS, type ClockLight, type Spot } from './schema';
import { shines, sunPath, type SunStep } from './sun-clock';

const RAD = Math.PI / 180;

/** A direction in the frame of the scene: x right, y toward the viewer, z up; unit. */
export interface Direction {
  x: number;
  y: number;
  z: number;
}

/** The light of a place: its clock, and the clock hours to which a gardener’s notes hold it. */
export interface PlaceLight {
  clock: ClockLight;
  hours: readonly number[] | null;
}

/** A skyline with nothing on it. */
export const OPEN: readonly number[] = Array<number>(SKYLINE_POINTS).fill(0);

/**
 * What is noted without a side is taken to face south, in the middle of Europe. Working figures: the side
 * most pots are put on.
 */
const TAKEN = { latitude: 50, facing: 180 };

/** The light of one spot: by its clock; of noted hours by a sun on the side it is taken to face. */
export function lightOfSpot({ light }: Pick<Spot, 'light'>): PlaceLight {
  if (light.kind === 'clock') return { clock: light, hours: null };
  return { clock: openClock({ ...TAKEN, dappled: light.dappled }), hours: light.hours };
}

/** A clock under an open sky, before a wall. */
export const openClock = (of: { latitude: number; facing: number; dappled: boolean }): ClockLight => ({
  kind: 'clock',
  ...of,
  wall: true,
  skyline: [...OPEN],
  roofDeg: null,
  trees: [],
});

/** Which way the sun stands in the frame of the scene. `facing` is the way one looks with the back to the wall. */
export function sunAt(facing: number, azimuth: number, altitude: number): Direction {
  const turned = (azimuth - facing) * RAD;
  const flat = Math.cos(altitude * RAD);
  // Looked at from the front, what lies clockwise of the way the wall faces is on the left.
  return { x: -Math.sin(turned) * flat, y: Math.cos(turned) * flat, z: Math.sin(altitude * RAD) };
}

/** Whether the sun at a step reaches the place at all. */
export const reaches = ({ clock, hours }: PlaceLight, step: SunStep, month: number): boolean =>
  step.altitude > 0 && shines(clock, step, month) && (hours === null || hours.includes(Math.floor(step.hour)));

/** Where the sun stands at an hour (solar) of a day, as seen in the scene; null where it does not shine there. */
export function sunOf(light: PlaceLight, date: string, hour: number): Direction | null {
  const path = sunPath(light.clock.latitude, date);
  const step = path[Math.min(path.length - 1, Math.max(0, Math.round(hour * 6)))];
  if (!step || !reaches(light, step, Number(date.slice(5, 7)))) return null;
  return sunAt(light.clock.facing, step.azimuth, step.altitude);
}

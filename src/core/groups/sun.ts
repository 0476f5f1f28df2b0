import { SKYLINE_POINTS, type ClockLight } from '../spots/schema';
import { shines, sunPath, type SunStep } from '../spots/sun-clock';
import type { Scene } from './scene';

const RAD = Math.PI / 180;

/** A direction in the frame of the scene: x right, y toward the viewer, z up; unit. */
export interface Way {
  x: number;
  y: number;
  z: number;
}

/** The light of a place: its clock, and the clock hours to which a gardener’s notes hold it. */
export interface PlaceLight {
  clock: ClockLight;
  hours: readonly number[] | null;
}

const OPEN: number[] = Array<number>(SKYLINE_POINTS).fill(0);

/** By the clock of the first spot that has one; else by the way its wall faces and the hours that were noted. Null where neither is known. */
export function lightOf({ group, bodies }: Pick<Scene, 'group' | 'bodies'>): PlaceLight | null {
  const lights = bodies.map((b) => b.planting.spot.light);
  const clock = lights.find((l): l is ClockLight => l.kind === 'clock');
  if (clock) return { clock, hours: null };
  const noted = lights.find((l) => l.kind === 'noted');
  if (!group.sun || noted?.kind !== 'noted') return null;
  const made: ClockLight = {
    kind: 'clock',
    ...group.sun,
    wall: true,
    skyline: OPEN,
    roofDeg: null,
    trees: [],
    dappled: noted.dappled,
  };
  return { clock: made, hours: noted.hours };
}

/** Which way the sun stands in the frame of the scene. `facing` is the way one looks with the back to the wall. */
export function sunAt(facing: number, azimuth: number, altitude: number): Way {
  const turned = (azimuth - facing) * RAD;
  const flat = Math.cos(altitude * RAD);
  // Looked at from the front, what lies clockwise of the way the wall faces is on the left.
  return { x: -Math.sin(turned) * flat, y: Math.cos(turned) * flat, z: Math.sin(altitude * RAD) };
}

/** Whether the sun at a step reaches the place at all. */
export const reaches = ({ clock, hours }: PlaceLight, step: SunStep, month: number): boolean =>
  step.altitude > 0 && shines(clock, step, month) && (hours === null || hours.includes(Math.floor(step.hour)));

/** Where the sun stands at an hour (solar) of a day, as seen in the scene; null where it does not shine there. */
export function sunOf(light: PlaceLight, date: string, hour: number): Way | null {
  const path = sunPath(light.clock.latitude, date);
  const step = path[Math.min(path.length - 1, Math.max(0, Math.round(hour * 6)))];
  if (!step || !reaches(light, step, Number(date.slice(5, 7)))) return null;
  return sunAt(light.clock.facing, step.azimuth, step.altitude);
}

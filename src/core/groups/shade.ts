import { shines, sunPath } from '../spots/sun-clock';
import type { ClockLight } from '../spots/schema';
import { clamp } from '../units/number';
import type { Body, Scene } from './scene';

const RAD = Math.PI / 180;
const STEP_H = 1 / 6;
/** May to September, each on its 15th. */
export const SHADE_MONTHS = [5, 6, 7, 8, 9] as const;

/** Which way the sun stands in the frame of the scene (x right, y toward the viewer, z up), unit. `facing` is the way one looks with the back to the wall. */
export function sunAt(facing: number, azimuth: number, altitude: number): { x: number; y: number; z: number } {
  const turned = (azimuth - facing) * RAD;
  const flat = Math.cos(altitude * RAD);
  // Looked at from the front, what lies clockwise of the way the wall faces is on the left.
  return { x: -Math.sin(turned) * flat, y: Math.cos(turned) * flat, z: Math.sin(altitude * RAD) };
}

/** Whether the ray from a point toward the sun meets a container with what grows in it, taken as an upright cylinder. */
export function shadedBy(
  at: { x: number; y: number; z: number },
  sun: { x: number; y: number; z: number },
  by: Body,
): boolean {
  const flat = Math.hypot(sun.x, sun.y);
  if (sun.z <= 0 || flat < 1e-6) return false;
  const [dx, dy] = [by.xMm - at.x, by.yMm - at.y];
  const along = (dx * sun.x + dy * sun.y) / flat;
  const aside = Math.abs(dx * sun.y - dy * sun.x) / flat;
  if (aside >= by.leafR) return false;
  const half = Math.sqrt(by.leafR ** 2 - aside ** 2);
  const far = along + half;
  if (far <= 0) return false;
  // The ray is lowest over the cylinder where it comes in.
  const near = Math.max(0, along - half);
  const low = at.z + (near / flat) * sun.z;
  const high = at.z + (far / flat) * sun.z;
  return low < by.topZ && high > by.upMm;
}

/** Hours of direct sun that a container loses to others, by month. */
export interface Shade {
  id: string;
  /** Its sun with nobody in the way, hours a day, and what is taken of it, May to September. */
  sunH: number[];
  lostH: number[];
  /** Who takes most of it. */
  by: string | null;
}

/** Who stands in whose shade, by the clock of the place. Nothing where its hours were only noted: nobody knows from which side they come. */
export function shadesOf({ bodies }: Scene): Shade[] {
  const light = bodies.map((b) => b.planting.spot.light).find((l): l is ClockLight => l.kind === 'clock');
  if (!light) return [];
  return bodies.map((b): Shade => {
    const others = bodies.filter((o) => o !== b && o.topZ > b.rimZ);
    // Half way up its leaves: what only brushes its rim is not felt.
    const middle = (b.rimZ + b.topZ) / 2;
    const taken = new Map<string, number>();
    const months = SHADE_MONTHS.map((month) => {
      const date = `2026-${String(month).padStart(2, '0')}-15`;
      let [sun, lost] = [0, 0];
      for (const step of sunPath(light.latitude, date)) {
        if (step.altitude <= 0 || !shines(light, step, month)) continue;
        sun += STEP_H;
        const way = sunAt(light.facing, step.azimuth, step.altitude);
        const who = others.find((o) => shadedBy({ x: b.xMm, y: b.yMm, z: middle }, way, o));
        if (!who) continue;
        lost += STEP_H;
        taken.set(who.id, (taken.get(who.id) ?? 0) + STEP_H);
      }
      return { sun, lost: clamp(lost, 0, sun) };
    });
    const [most] = [...taken].sort((x, y) => y[1] - x[1]);
    return { id: b.id, sunH: months.map((m) => m.sun), lostH: months.map((m) => m.lost), by: most?.[0] ?? null };
  });
}

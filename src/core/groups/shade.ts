import { sunPath } from '../spots/sun-clock';
import type { Planting } from '../plantings/schema';
import { clamp } from '../units/number';
import type { Body, Scene } from './scene';
import { lightOf } from './sun';
import { reaches, sunAt, type Direction } from '../spots/sun-seen';

const STEP_H = 1 / 6;
/** May to September, each on its 15th. */
export const SHADE_MONTHS = [5, 6, 7, 8, 9] as const;

/**
 * Whether the ray from a point toward the sun meets a container with what grows in it, taken as an upright
 * cylinder.
 */
export function shadedBy(at: Direction, sun: Direction, by: Body): boolean {
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

/** A shadow is drawn no longer than this, mm: past it the evening has all in shade. */
const LONGEST_MM = 6000;

/** Where on the ground the shadow of its top falls; against the wall it stops. */
export function shadowOf({ xMm, yMm, topZ }: Body, sun: Direction): { xMm: number; yMm: number } {
  const flat = Math.hypot(sun.x, sun.y);
  const long = Math.min(LONGEST_MM, (topZ * flat) / Math.max(sun.z, 1e-6));
  const [dx, dy] = [(-sun.x / flat) * long, (-sun.y / flat) * long];
  const share = yMm + dy < 0 ? yMm / -dy : 1;
  return { xMm: xMm + dx * share, yMm: yMm + dy * share };
}

/** Hours of direct sun that a container loses to others, by month. */
export interface Shade {
  id: string;
  /** Its sun with nobody in the way, hours a day, and what is taken of it, May to September. */
  sunH: number[];
  lostH: number[];
  /** Clock hours of which others take the greater part. */
  taken: number[];
  /** Who takes most of it. */
  by: string | null;
}

/** Over this share of an hour’s sun and the hour is gone. Working figure: the greater part. */
const GONE = 0.5;

/** South of the equator the same months of summer are half a year round. */
const monthsAt = (latitude: number): number[] => SHADE_MONTHS.map((m) => (latitude < 0 ? ((m + 5) % 12) + 1 : m));

/**
 * Who stands in whose shade over the growing months, by the sun of the place. Nothing where nobody knows from
 * which side it comes.
 */
export function shadesOf(scene: Scene): Shade[] {
  const light = lightOf(scene);
  if (!light) return [];
  const { latitude, facing } = light.clock;
  return scene.bodies.map((b): Shade => {
    const others = scene.bodies.filter((o) => o !== b && o.topZ > b.rimZ);
    // Half way up its leaves: what only brushes its rim is not felt.
    const at: Direction = { x: b.xMm, y: b.yMm, z: (b.rimZ + b.topZ) / 2 };
    const by = new Map<string, number>();
    const [had, gone] = [new Map<number, number>(), new Map<number, number>()];
    const add = <K>(to: Map<K, number>, key: K) => to.set(key, (to.get(key) ?? 0) + STEP_H);
    const months = monthsAt(latitude).map((month) => {
      const date = `2026-${String(month).padStart(2, '0')}-15`;
      let [sun, lost] = [0, 0];
      for (const step of sunPath(latitude, date)) {
        if (!reaches(light, step, month)) continue;
        const hour = Math.floor(step.hour);
        sun += STEP_H;
        add(had, hour);
        const way = sunAt(facing, step.azimuth, step.altitude);
        const who = others.find((o) => shadedBy(at, way, o));
        if (!who) continue;
        lost += STEP_H;
        add(gone, hour);
        add(by, who.id);
      }
      return { sun, lost: clamp(lost, 0, sun) };
    });
    const [most] = [...by].sort((x, y) => y[1] - x[1]);
    return {
      id: b.id,
      sunH: months.map((m) => m.sun),
      lostH: months.map((m) => m.lost),
      taken: [...gone]
        .filter(([hour, h]) => h > (had.get(hour) ?? 0) * GONE)
        .map(([hour]) => hour)
        .sort((x, y) => x - y),
      by: most?.[0] ?? null,
    };
  });
}

/** A container with its hours of sun as they are among the others, or as they are alone. */
export const inItsShade = (planting: Planting, taken: readonly number[]): Planting => ({
  ...planting,
  spot: { ...planting.spot, light: { ...planting.spot.light, taken: [...taken] } },
});

/** Whether a container is reckoned in the sun it has where it stands. */
export const isInItsShade = ({ spot }: Planting, taken: readonly number[]): boolean =>
  (spot.light.taken ?? []).join() === taken.join();

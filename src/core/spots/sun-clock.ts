import { getPosition, getTimes } from 'suncalc';
import { SKYLINE_POINTS, type ClockLight } from './schema';

/** Direct sun of one month's middle day, hours of solar time. */
export interface MonthSun {
  hours: number;
  morning: number;
  afternoon: number;
  /** Share of each clock hour 0–23 (solar time) that has direct sun. */
  byHour: number[];
}

/** Where the sun stands at one step of a day: solar hour, azimuth from north by east and apparent altitude, degrees. */
export interface SunStep {
  hour: number;
  azimuth: number;
  altitude: number;
}

const STEP_MIN = 10;
const STEPS = (24 * 60) / STEP_MIN;
/** Afternoon begins here for scorch, solar hours. */
const NOON_FOR_SCORCH = 13;
const RAD = Math.PI / 180;

const paths = new Map<string, SunStep[]>();

/**
 * The sun's way over a day at a latitude, every ten minutes of solar time from midnight to midnight (145 steps).
 * Positions by suncalc (Meeus, Astronomical Algorithms, ch. 25; refraction included). `date` is ISO. Kept.
 */
export function sunPath(latitude: number, date: string): SunStep[] {
  const key = `${latitude.toFixed(3)}|${date}`;
  const known = paths.get(key);
  if (known) return known;
  const noon = getTimes(new Date(`${date}T12:00:00Z`), latitude, 0).solarNoon.getTime();
  const made = Array.from({ length: STEPS + 1 }, (_, i) => {
    const hour = (i * STEP_MIN) / 60;
    const { azimuth, altitude } = getPosition(new Date(noon + (hour - 12) * 3_600_000), latitude, 0);
    return { hour, azimuth, altitude };
  });
  if (paths.size > 240) paths.clear();
  paths.set(key, made);
  return made;
}

/** Altitude of the skyline at an azimuth, degrees: straight between its points. */
export function skylineAt(skyline: readonly number[], azimuth: number): number {
  const at = ((((azimuth % 360) + 360) % 360) / 360) * SKYLINE_POINTS;
  const low = Math.floor(at);
  const a = skyline[low % SKYLINE_POINTS] ?? 0;
  return a + ((skyline[(low + 1) % SKYLINE_POINTS] ?? 0) - a) * (at - low);
}

const between = (deg: number, from: number, to: number): boolean =>
  from <= to ? deg >= from && deg <= to : deg >= from || deg <= to;

/** How far the sun stands clear of everything at a step, degrees; negative when it is hidden. `month` is 1–12. */
function clearance(light: ClockLight, { azimuth, altitude }: SunStep, month: number): number {
  let least = altitude - Math.max(0, skylineAt(light.skyline, azimuth));
  for (const t of light.trees)
    if (t.leafMonths.includes(month) && between(azimuth, t.fromDeg, t.toDeg))
      least = Math.min(least, altitude - t.altitudeDeg);
  const front = Math.cos((azimuth - light.facing) * RAD);
  if (light.wall) least = Math.min(least, Math.asin(front * Math.cos(altitude * RAD)) / RAD);
  // Seen straight out from the wall the sun stands at this profile angle: tan p = tan a ÷ cos(azimuth − facing).
  if (light.roofDeg !== null && front > 0 && altitude > 0)
    least = Math.min(least, light.roofDeg - Math.atan2(Math.tan(altitude * RAD), front) / RAD);
  return least;
}

/** Whether the sun at a step shines on the spot. `month` is 1–12. */
export const shines = (light: ClockLight, step: SunStep, month: number): boolean => clearance(light, step, month) > 0;

/**
 * Direct sun on a date, from ten-minute steps; a step that the sun leaves or enters counts for the share it
 * is clear.
 */
export function sunOnDay(light: ClockLight, date: string): MonthSun {
  const path = sunPath(light.latitude, date);
  const month = Number(date.slice(5, 7));
  const byHour = Array<number>(24).fill(0);
  let [morning, afternoon] = [0, 0];
  let was = clearance(light, path[0] as SunStep, month);
  for (let i = 1; i < path.length; i += 1) {
    const step = path[i] as SunStep;
    const now = clearance(light, step, month);
    const share = was > 0 && now > 0 ? 1 : was <= 0 && now <= 0 ? 0 : Math.max(was, now) / Math.abs(now - was);
    was = now;
    if (share === 0) continue;
    const hours = (share * STEP_MIN) / 60;
    const from = step.hour - STEP_MIN / 60;
    byHour[Math.min(23, Math.floor(from + 1e-6))] = (byHour[Math.min(23, Math.floor(from + 1e-6))] ?? 0) + hours;
    if (from + 1e-6 < NOON_FOR_SCORCH) morning += hours;
    else afternoon += hours;
  }
  return { hours: morning + afternoon, morning, afternoon, byHour };
}

const years = new WeakMap<ClockLight, MonthSun[]>();

/**
 * Direct sun by month, January first, each on its 15th. The year does not matter to a minute; 2026 is used.
 * Kept by light.
 */
export function sunByMonth(light: ClockLight): MonthSun[] {
  const known = years.get(light);
  if (known) return known;
  const made = Array.from({ length: 12 }, (_, m) => sunOnDay(light, `2026-${String(m + 1).padStart(2, '0')}-15`));
  years.set(light, made);
  return made;
}

/** Altitude of an obstacle's top from the spot, degrees. Heights above the soil, mm. */
export const altitudeOf = (heightMm: number, distanceMm: number): number =>
  Math.max(0, Math.atan2(heightMm, Math.max(1, distanceMm)) / RAD);

/** A skyline with everything between two azimuths (clockwise) raised to at least an altitude. */
export const raised = (skyline: readonly number[], fromDeg: number, toDeg: number, altitudeDeg: number): number[] =>
  skyline.map((a, i) => (between((i * 360) / SKYLINE_POINTS, fromDeg, toDeg) ? Math.max(a, altitudeDeg) : a));

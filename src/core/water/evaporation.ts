import { daysBetween } from '../units/date';

/** Radians in a degree. */
const DEG = Math.PI / 180;

/** Solar constant, MJ m⁻² min⁻¹. FAO-56 (Allen et al. 1998). */
const SOLAR = 0.082;
const MINUTES_A_DAY = 24 * 60;
/** Water evaporated by a megajoule on a square metre, mm. FAO-56, eq. 20. */
const MM_PER_MJ = 0.408;
const DAYS_A_YEAR = 365;

const dayOfYear = (date: string): number => daysBetween(`${date.slice(0, 4)}-01-01`, date) + 1;

/** Sunlight above the air on a day at a latitude (degrees, south negative), MJ m⁻² day⁻¹. FAO-56, eqs 21–25. */
export function extraterrestrial(latitude: number, date: string): number {
  const j = dayOfYear(date);
  const phi = latitude * DEG;
  const round = (2 * Math.PI * j) / DAYS_A_YEAR;
  const distance = 1 + 0.033 * Math.cos(round);
  const declination = 0.409 * Math.sin(round - 1.39);
  const sunset = Math.acos(Math.max(-1, Math.min(1, -Math.tan(phi) * Math.tan(declination))));
  return (
    (MINUTES_A_DAY / Math.PI) *
    SOLAR *
    distance *
    (sunset * Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.sin(sunset))
  );
}

/** Reference evaporation of a day, mm, from its high and low, °C. Hargreaves and Samani 1985. Never under nought. */
export function referenceMm(latitude: number, date: string, highC: number, lowC: number): number {
  const mean = (highC + lowC) / 2;
  const ra = extraterrestrial(latitude, date) * MM_PER_MJ;
  return Math.max(0, 0.0023 * ra * (mean + 17.8) * Math.sqrt(Math.max(0, highC - lowC)));
}

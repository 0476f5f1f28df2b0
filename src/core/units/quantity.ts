import { MM_PER_INCH, type UnitSystem } from './length';

const L_PER_US_QUART = 0.946352946; // exact, US liquid quart
const KG_PER_POUND = 0.45359237; // exact, international avoirdupois pound

/** Litres, or US quarts. */
export function formatVolume(litres: number, system: UnitSystem = 'metric'): string {
  const n = system === 'metric' ? litres : litres / L_PER_US_QUART;
  return `${n.toFixed(n < 10 ? 1 : 0)} ${system === 'metric' ? 'L' : 'qt'}`;
}

/** A span of litres, or of US quarts: “1.4–2.4 L”. */
export function formatVolumeSpan([low, high]: readonly [number, number], system: UnitSystem = 'metric'): string {
  const [from, to] = [formatVolume(low, system), formatVolume(high, system)];
  return from === to ? from : `${from.slice(0, from.indexOf(' '))}–${to}`;
}

/** Kilograms, or pounds. */
export function formatMass(kg: number, system: UnitSystem = 'metric'): string {
  const n = system === 'metric' ? kg : kg / KG_PER_POUND;
  return `${n.toFixed(n < 10 ? 1 : 0)} ${system === 'metric' ? 'kg' : 'lb'}`;
}

export const fahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;
export const celsius = (degreesF: number): number => ((degreesF - 32) * 5) / 9;

/** Degrees Celsius, or Fahrenheit; minus sign as people print it. */
export function formatTemperature(degreesC: number, system: UnitSystem = 'metric'): string {
  const n = Math.round(system === 'metric' ? degreesC : fahrenheit(degreesC));
  return `${n < 0 ? '−' : ''}${Math.abs(n)}°${system === 'metric' ? 'C' : 'F'}`;
}

/** Rain in whole millimetres, or in inches to a tenth. */
export const formatRain = (mm: number, system: UnitSystem = 'metric'): string =>
  system === 'metric' ? `${Math.round(mm)} mm` : `${(mm / MM_PER_INCH).toFixed(1)} in`;

/** A price in pounds, pence shown. */
export const formatMoney = (pounds: number): string => `£${pounds.toFixed(2)}`;

export const formatPercent = (share: number): string => `${Math.round(share * 100)}%`;

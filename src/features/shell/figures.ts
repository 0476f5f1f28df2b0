import { formatLength, type UnitSystem } from '@/core/units/length';
import { formatMoney, formatPercent, formatTemperature } from '@/core/units/quantity';
import type { CheckId, Finding } from '@/core/balance/finding';

export const CHECK_NAME: Record<CheckId, string> = {
  height: 'Height',
  texture: 'Texture',
  trail: 'Trail',
  colour: 'Colour',
  vigour: 'Vigour',
  steps: 'Steps',
  plainness: 'Shape',
  drop: 'Drop',
  sides: 'Sides',
  clear: 'Against the pot',
  cover: 'Soil cover',
  spread: 'Spread',
  fit: 'Fit',
  light: 'Light',
  scorch: 'Scorch',
  water: 'Water',
  season: 'Bloom',
  nights: 'Cold nights',
  safety: 'Safety',
  drainage: 'Drainage',
  cost: 'Cost',
  winter: 'Winter',
  sightline: 'From inside',
  against: 'Against the wall',
  steady: 'Wind',
};

/** What the ends of each level mean. */
export const ENDS: Partial<Record<CheckId, [string, string]>> = {
  height: ['too low', 'too tall'],
  texture: ['too alike', 'too busy'],
  trail: ['bare', 'swamped'],
  colour: ['on the scheme', 'straying'],
  vigour: ['smothered', 'room for all'],
};

/** A finding's figure as it is read out. */
export function figureOf(f: Pick<Finding, 'check' | 'measured' | 'unit'>, units: UnitSystem = 'metric'): string {
  switch (f.check) {
    case 'height':
      return `${f.measured.toFixed(1)} × its height`;
    case 'steps':
    case 'drop':
    case 'spread':
      return f.unit.startsWith('×') ? `${f.measured.toFixed(1)} ${f.unit}` : formatPercent(f.measured);
    case 'cost':
      return formatMoney(f.measured);
    case 'fit':
      return f.measured > 0 ? `${formatLength(f.measured, units)} over` : 'fits';
    case 'light':
    case 'scorch':
      return `${f.measured} h`;
    case 'water':
    case 'safety':
      return `${f.measured}`;
    case 'nights':
    case 'winter':
      return formatTemperature(f.measured, units);
    case 'drainage':
      return '';
    case 'texture':
      return f.measured.toFixed(2);
    default:
      return formatPercent(f.measured);
  }
}

/** The band in the same words as the figure. */
export function bandOf(f: Finding, units: UnitSystem): string {
  if (f.check === 'drainage' || f.check === 'fit') return '';
  const [low, high] = f.band.map((measured) => figureOf({ ...f, measured }, units));
  return f.band[0] <= f.scale[0]
    ? `up to ${high}`
    : f.band[1] >= f.scale[1]
      ? `at least ${low}`
      : `${(low ?? '').replace(/ .*$/, '')}–${high}`;
}

/** A figure's place along its instrument, 0–1. */
export const along = (x: number, [from, to]: readonly [number, number]): number => (x - from) / (to - from || 1);

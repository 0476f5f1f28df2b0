import type { Body } from '@/core/groups/scene';
import { formatLength, type UnitSystem } from '@/core/units/length';

/** A key moves by this, and with shift by that, mm; and turns by this, degrees. */
export const STEP_MM = 50;
export const FINE_MM = 10;
export const TURN_DEG = 15;

/** “30 cm left of the middle, 20 cm from the wall”. */
export function whereWords(b: Pick<Body, 'xMm' | 'yMm' | 'upMm' | 'turnDeg'>, units: UnitSystem): string {
  const side =
    b.xMm === 0
      ? 'in the middle'
      : `${formatLength(Math.abs(b.xMm), units)} ${b.xMm < 0 ? 'left' : 'right'} of the middle`;
  const up = b.upMm > 0 ? `, ${formatLength(b.upMm, units)} up` : '';
  const turned = b.turnDeg === 0 ? '' : `, rotated ${b.turnDeg}°`;
  return `${side}, ${formatLength(b.yMm, units)} from the wall${up}${turned}`;
}

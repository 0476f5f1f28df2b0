import { formatLength, type UnitSystem } from '../units/length';
import { rimOf } from './outline';
import type { Container } from './schema';

/** What it is called when its size is said with it. */
const NOUN: Record<Container['shape']['kind'], string> = {
  round: 'pot',
  square: 'square pot',
  box: 'box',
  bowl: 'bowl',
  basket: 'hanging basket',
  'wall-basket': 'wall basket',
  oval: 'oval tub',
  free: 'container',
};

/** A container in a few words: “42 cm pot”, “90 cm window box”. */
export function describe(c: Container, units: UnitSystem = 'metric'): string {
  const noun =
    c.shape.kind === 'box' && (c.mount === 'sill' || c.mount === 'rail')
      ? c.mount === 'sill'
        ? 'window box'
        : 'rail box'
      : NOUN[c.shape.kind];
  return `${formatLength(rimOf(c.shape).wide, units)} ${noun}`;
}

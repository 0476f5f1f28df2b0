import { lerp } from '../../units/number';
import { type BareSlot, type Lay, type Slot, withKinds } from './slot';

/** `count` directions spread evenly from one to another. */
const arc = (count: number, from: number, to: number): number[] =>
  Array.from({ length: count }, (_, i) => lerp(from, to, count === 1 ? 0.5 : i / (count - 1)));

/** Tall at the back, fillers in an arc before it, spillers along the front. */
export function backArc({ n, spillers, kinds, opposite }: Lay): Slot[] {
  const fillers = arc(n - 1 - spillers, Math.PI * 1.08, -Math.PI * 0.08).map((angle): BareSlot => ({
    role: 'filler',
    angle,
    // Those at the ends stand out to the sides; those between stay close before the tall one.
    out: Math.abs(Math.cos(angle)) > 0.5 ? 0.85 : 0.2,
  }));
  const hanging = arc(spillers, Math.PI * 0.86, Math.PI * 0.14).map((angle): BareSlot => ({
    role: 'spiller',
    angle,
    out: 1,
  }));
  return withKinds([{ role: 'thriller', angle: -Math.PI / 2, out: 0.8 }, ...fillers, ...hanging], kinds, opposite);
}

/** The same arc with a filler where the tall one stood, for a dome against a wall. */
export const levelArc = (lay: Lay): Slot[] =>
  backArc(lay).map((s) => (s.part === 'T' ? { ...s, role: 'filler', part: 'F0' } : s));

import { stick } from './piece';
import type { Sprig } from './sprig';
import { stemColour } from './tints';
import type { Vec } from './vector';

/** A stem from one place to another, so thick, mm. */
export const stemBetween = (s: Sprig, from: Vec, to: Vec, thick: number): void =>
  s.put(stick(from, to, thick, stemColour(s.plant), s.owner));

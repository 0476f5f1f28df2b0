import type { Sprig } from './sprig';
import { stemColour } from './tints';
import type { Vec } from './vector';

/** A stem from one place to another, so thick, mm. */
export function stemBetween(s: Sprig, from: Vec, to: Vec, thick: number): void {
  const along: Vec = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const c = stemColour(s.plant);
  s.put({
    kind: 'stem',
    at: from,
    along,
    face: [0.3, 0.2, 1],
    length: Math.hypot(...along),
    width: thick,
    droop: thick,
    a: c,
    b: c,
    owner: s.owner,
  });
}

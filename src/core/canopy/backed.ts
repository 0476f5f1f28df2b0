import { isOpen } from './kinds';
import type { Piece } from './piece';
import { add, unit, type Vec } from './vector';

/** Leaves touch a wall and do not lie in it: so far before it is the flat side, mm. Working figure. */
const BEFORE_MM = 12;

const tipOf = (p: Piece): Vec => (isOpen(p.kind) ? p.at : add(p.at, unit(p.along), p.length));

/**
 * The pieces of a plant that stands at `depth` before a wall: what would grow through it lies flat against it, the more
 * the further back. Depths are in mm along z, toward the viewer.
 */
export function backed(pieces: readonly Piece[], depth: number, wall: number): Piece[] {
  const flat = wall + BEFORE_MM;
  const rear = pieces.reduce((z, p) => Math.min(z, p.at[2], tipOf(p)[2]), depth);
  if (rear >= flat || depth <= flat) return [...pieces];
  const by = (depth - flat) / (depth - rear);
  const pressed = ([x, y, z]: Vec): Vec => [x, y, z < depth ? depth + (z - depth) * by : z];
  return pieces.map((p) => {
    const at = pressed(p.at);
    const tip = pressed(tipOf(p));
    if (isOpen(p.kind)) return { ...p, at, face: p.at[2] < depth ? [p.face[0], p.face[1], p.face[2] * by] : p.face };
    const along: Vec = [tip[0] - at[0], tip[1] - at[1], tip[2] - at[2]];
    const long = Math.hypot(...along);
    // What lies straight back has no length left to be seen.
    return long < 1e-3 ? { ...p, at } : { ...p, at, along, length: long };
  });
}

import type { Role } from '../../plants/traits';
import { type BareSlot, type Lay, type Slot, withKinds } from './slot';

const TURN = 2 * Math.PI;
/** A ring begins in front of the viewer. */
const FRONT = Math.PI / 2;

/**
 * How far out the fillers of a ring stand, 0 middle to 1 rim. Working figures: between the middle and the
 * edge plants.
 */
const FILLERS_OUT = 0.72;
const DOME_OUT = 0.7;
const TALL_OUT = 0.75;

/** Fillers and spillers by turns, so that spillers stand evenly. */
function alternating(fillers: number, spillers: number): Role[] {
  const n = fillers + spillers;
  const out: Role[] = [];
  let given = 0;
  for (let i = 0; i < n; i += 1) {
    const due = Math.floor(((i + 1) * spillers) / n + 1e-9);
    out.push(due > given ? 'spiller' : 'filler');
    if (due > given) given += 1;
  }
  return out;
}

/** Places at equal turns round the middle, the first in front of the viewer. */
const around = (roles: readonly Role[], turn: number, fillersOut: number): BareSlot[] =>
  roles.map((role, i) => ({
    role,
    angle: FRONT + turn + (i / roles.length) * TURN,
    out: role === 'spiller' ? 1 : fillersOut,
  }));

/** One plant in the middle, fillers round it, spillers at the rim between. */
function ring({ n, spillers, kinds, opposite }: Lay, turn: number, middle: Role, fillersOut: number): Slot[] {
  const rest = around(alternating(n - 1 - spillers, spillers), turn, fillersOut);
  return withKinds([{ role: middle, angle: 0, out: 0 }, ...rest], kinds, opposite);
}

/** A thriller in the middle of a ring. */
export const centredRing = (lay: Lay, turn: number): Slot[] => ring(lay, turn, 'thriller', FILLERS_OUT);

/** A filler in the middle of a ring: nobody stands over the rest. */
export const domeRing = (lay: Lay, turn: number): Slot[] => ring(lay, turn, 'filler', DOME_OUT);

/** All tall: fillers of about one height round a thriller, nothing hanging. */
export function tallRing({ n, kinds, opposite }: Lay): Slot[] {
  const rest = around(
    Array.from({ length: n - 1 }, (): Role => 'filler'),
    0,
    TALL_OUT,
  );
  return withKinds([{ role: 'thriller', angle: 0, out: 0 }, ...rest], { filler: kinds.filler, spiller: 1 }, opposite);
}

/** The centrepiece a third along and a little back; the rest close round. */
export const thirdRing = (lay: Lay, turn: number): Slot[] =>
  centredRing(lay, turn).map((s) => (s.role === 'thriller' ? { ...s, angle: Math.PI * 1.12, out: 0.45 } : s));

/** Three kinds round the rim in turn, and one of them in the middle where there is room for a fourth. */
export function thirdsRing({ n }: Lay, turn: number, role: 'filler' | 'spiller'): Slot[] {
  const part = (i: number) => `${role === 'filler' ? 'F' : 'S'}${i % 3}`;
  const ringed = n > 3 ? n - 1 : n;
  const rest = around(
    Array.from({ length: ringed }, (): Role => role),
    turn,
    1,
  ).map((s, i): Slot => ({ ...s, out: 0.8, part: part(i) }));
  return n > ringed ? [...rest, { role, angle: 0, out: 0, part: part(ringed) }] : rest;
}

/** One plant in the middle, and a carpet round it where more than one is asked for. */
export function aloneRing({ n }: Lay): Slot[] {
  const carpet = around(
    Array.from({ length: n - 1 }, (): Role => 'filler'),
    0,
    0.8,
  ).map((s): Slot => ({ ...s, part: 'F0' }));
  return [{ role: 'thriller', angle: 0, out: 0, part: 'T' }, ...carpet];
}

/** Places scattered by the golden angle: even, and in no row or ring. */
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/**
 * See-through height toward the back, a mid weave, a low ground at the rim; kinds dealt so that none stand
 * three together.
 */
export function weaveRing({ n, kinds }: Lay, turn: number): Slot[] {
  const talls = Math.max(1, Math.round(n * 0.18));
  const low = Math.max(1, Math.round(n * 0.45));
  const spots = Array.from({ length: n }, (_, i) => ({ angle: turn + i * GOLDEN, out: Math.sqrt((i + 0.5) / n) }));
  return spots.map(({ angle, out }, i): Slot => {
    if (i < talls) return { role: 'thriller', angle, out: Math.max(out, n > 5 ? 0.35 : 0), part: 'T' };
    if (i >= n - low) return { role: 'spiller', angle, out: 1, part: `S${i % kinds.spiller}` };
    return { role: 'filler', angle, out: 0.65, part: `F${i % kinds.filler}` };
  });
}

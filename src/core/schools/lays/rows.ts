import type { Role } from '../../plants/traits';
import { type BareSlot, type Lay, type Slot, withKinds } from './slot';

/** A lay in a long container; deep enough from front to back for a middle row, or not. */
export interface RowLay extends Lay {
  deep: boolean;
}

const THIRDS = 3;

/** Evenly along a row, ends a little in: −1…1. */
const along = (i: number, n: number): number => (n === 1 ? 0 : -1 + (2 * i) / (n - 1));

const bare = (role: Role, x: number, across: number): BareSlot => ({
  role,
  angle: 0,
  out: 1,
  row: { along: x, across },
});

/** Which of `n` places in a row are taken by `k`, evenly and the same from both ends. */
const spaced = (n: number, k: number): Set<number> =>
  new Set(Array.from({ length: k }, (_, i) => Math.min(n - 1, Math.floor(((i + 0.5) * n) / k))));

/**
 * Staggered rows: zigzag of the tall and the middling behind, trailers along the front edge with fillers between. In a
 * deep container those fillers make a middle row.
 */
function staggered({ n, spillers, deep }: RowLay, talls: readonly number[]): BareSlot[] {
  const front = Math.max(spillers, Math.round((n - 1) * (deep ? 0.6 : 0.5)));
  const behind = n - front;
  const backs = Array.from({ length: behind }, (_, i) => along(i, behind) * 0.9);
  // The back row's places nearest to where a tall one is wanted become tall; they stand forward and back by turns.
  const nearest = (x: number) =>
    backs.reduce((best, b, i) => (Math.abs(b - x) < Math.abs((backs[best] ?? 9) - x) ? i : best), 0);
  const tall = new Set(talls.map(nearest));
  const zigzag = (i: number) => (Math.min(i, behind - 1 - i) % 2 ? -0.3 : -0.6);
  const rear = backs.map((x, i) => (tall.has(i) ? bare('thriller', x, -0.9) : bare('filler', x, zigzag(i))));
  const trailing = spaced(front, spillers);
  const fore = Array.from({ length: front }, (_, i) =>
    trailing.has(i) ? bare('spiller', along(i, front), 1) : bare('filler', along(i, front), deep ? 0.15 : 0.55),
  );
  return [...rear, ...fore];
}

/** A row of tall ones only, for a box looked at from behind the sill: nothing in front, nothing hanging. */
const tallRow = ({ n }: Lay): BareSlot[] =>
  Array.from({ length: n }, (_, i) =>
    Math.min(i, n - 1 - i) % 2 ? bare('thriller', along(i, n), -0.45) : bare('filler', along(i, n), 0.45),
  );

const from = (s: BareSlot): number => s.row?.along ?? 0;

/** Kinds dealt in pairs from the middle: ends match. */
function inPairs(slots: readonly BareSlot[], kinds: Lay['kinds']): Slot[] {
  const outward = [...slots].sort((a, b) => Math.abs(from(a)) - Math.abs(from(b)) || from(a) - from(b));
  const seen = { thriller: 0, filler: 0, spiller: 0 };
  let last: { role: Role; at: number; k: number } | null = null;
  return outward.map((s) => {
    if (s.role === 'thriller') return { ...s, part: 'T' };
    const at = Math.abs(from(s));
    const twin = last && last.role === s.role && Math.abs(last.at - at) < 0.02 ? last.k : null;
    const k = twin ?? seen[s.role]++ % Math.max(1, kinds[s.role]);
    last = { role: s.role, at, k };
    return { ...s, part: `${s.role === 'filler' ? 'F' : 'S'}${k}` };
  });
}

/** Tall ones at places along the box (−1…1), with mirrored ends. */
export const mirroredRows = (lay: RowLay, talls: readonly number[]): Slot[] =>
  inPairs(staggered(lay, talls), lay.kinds);

/** Tall ones at places along the box (−1…1), in a repeated rhythm. */
export const rhythmicRows = (lay: RowLay, talls: readonly number[]): Slot[] =>
  withKinds(staggered(lay, talls), lay.kinds, true);

/** Three kinds by turns along staggered rows, all of one role. */
export const thirdsRows = (lay: RowLay, role: 'filler' | 'spiller'): Slot[] =>
  withKinds(
    staggered(lay, []).map((s) => ({ ...s, role })),
    { filler: THIRDS, spiller: THIRDS },
    true,
  );

/** A row of tall ones, mirrored and in a rhythm. */
export const tallRows = (lay: RowLay): Slot[][] => [
  inPairs(tallRow(lay), lay.kinds),
  withKinds(tallRow(lay), { ...lay.kinds, spiller: 1 }, true),
];

/**
 * The street box: an even back row and a trailing front row, each place staggered against the other;
 * mirrored, and in a beat.
 */
export function twoRows({ n, spillers, kinds }: RowLay): Slot[][] {
  const front = Math.min(n - 1, Math.max(1, spillers));
  const behind = n - front;
  const rear = Array.from({ length: behind }, (_, i) => bare('filler', along(i, behind) * 0.88, -0.9));
  const fore = Array.from({ length: front }, (_, i) => bare('spiller', along(i, front), 0.9));
  const slots = [...rear, ...fore];
  return [inPairs(slots, kinds), withKinds(slots, kinds, true)];
}

/**
 * A meadow in a trough: height toward the back at uneven places, a woven middle, a low edge; kinds by turns,
 * none three in a row.
 */
export function weaveRows({ n, spillers, kinds }: RowLay): Slot[][] {
  const talls = Math.max(1, Math.round(n * 0.16));
  const low = Math.max(1, spillers);
  const mid = Math.max(1, n - talls - low);
  // Uneven on purpose: each place is moved off an even beat by a share of it.
  const uneven = (i: number, of: number) => along(i, of) * 0.92 + Math.sin(i * 2.4) * (0.45 / Math.max(2, of));
  const clip = (x: number) => Math.max(-1, Math.min(1, x));
  const slots = [
    ...Array.from({ length: talls }, (_, i) => bare('thriller', clip(uneven(i, talls + 1) + 0.3), -0.6)),
    ...Array.from({ length: mid }, (_, i) => bare('filler', clip(uneven(i, mid)), i % 2 ? -0.35 : 0.2)),
    ...Array.from({ length: low }, (_, i) => bare('spiller', clip(uneven(i, low)), 0.95)),
  ];
  return [withKinds(slots, kinds, true)];
}

import type { Role } from '../plants/schema';
import type { School } from '../plantings/schema';
import { withKinds, type Slot } from './slots';

interface Lay {
  n: number;
  spillers: number;
  kinds: { filler: number; spiller: number };
  opposite: boolean;
  /** Wide enough from front to back for a middle row. */
  deep: boolean;
}

type Bare = Omit<Slot, 'part'>;

/** Evenly along a row, ends a little in: −1…1. */
const along = (i: number, n: number): number => (n === 1 ? 0 : -1 + (2 * i) / (n - 1));

const bare = (role: Role, x: number, across: number): Bare => ({ role, angle: 0, out: 1, row: { along: x, across } });

/** Which of `n` places in a row are taken by `k`, evenly and the same from both ends. */
const spaced = (n: number, k: number): Set<number> =>
  new Set(Array.from({ length: k }, (_, i) => Math.min(n - 1, Math.floor(((i + 0.5) * n) / k))));

/** Staggered rows: zigzag of the tall and the middling behind, trailers along the front edge with fillers between. In a deep container those fillers make a middle row. */
function box({ n, spillers, deep }: Lay, talls: readonly number[]): Bare[] {
  const front = Math.max(spillers, Math.round((n - 1) * (deep ? 0.6 : 0.5)));
  const behind = n - front;
  const backs = Array.from({ length: behind }, (_, i) => along(i, behind) * 0.9);
  // The back row's places nearest to where a tall one is wanted become tall; they stand forward and back by turns.
  const tall = new Set(
    talls.map((x) => backs.reduce((best, b, i) => (Math.abs(b - x) < Math.abs((backs[best] ?? 9) - x) ? i : best), 0)),
  );
  const rear = backs.map((x, i) =>
    bare(tall.has(i) ? 'thriller' : 'filler', x, tall.has(i) ? -0.9 : Math.min(i, behind - 1 - i) % 2 ? -0.3 : -0.6),
  );
  const trailing = spaced(front, spillers);
  const fore = Array.from({ length: front }, (_, i) =>
    trailing.has(i) ? bare('spiller', along(i, front), 1) : bare('filler', along(i, front), deep ? 0.15 : 0.55),
  );
  return [...rear, ...fore];
}

/** Slots in order from the middle outward, so that kinds dealt in turn come out mirrored. */
const mirrored = (slots: readonly Bare[]): Bare[] =>
  [...slots].sort(
    (a, b) => Math.abs(a.row?.along ?? 0) - Math.abs(b.row?.along ?? 0) || (a.row?.along ?? 0) - (b.row?.along ?? 0),
  );

/** Kinds dealt in pairs from the middle: ends match. */
function inPairs(slots: readonly Bare[], kinds: Lay['kinds']): Slot[] {
  const seen = { thriller: 0, filler: 0, spiller: 0 };
  let last: { role: Role; at: number; k: number } | null = null;
  return mirrored(slots).map((s) => {
    if (s.role === 'thriller') return { ...s, part: 'T' };
    const at = Math.abs(s.row?.along ?? 0);
    const twin = last && last.role === s.role && Math.abs(last.at - at) < 0.02 ? last.k : null;
    const k = twin ?? seen[s.role]++ % Math.max(1, kinds[s.role]);
    last = { role: s.role, at, k };
    return { ...s, part: `${s.role === 'filler' ? 'F' : 'S'}${k}` };
  });
}

/** A row of tall ones only, for a box looked at from behind the sill: nothing in front, nothing hanging. */
const tallRow = ({ n }: Lay): Bare[] =>
  Array.from({ length: n }, (_, i) => {
    const fromEnd = Math.min(i, n - 1 - i);
    return bare(fromEnd % 2 ? 'thriller' : 'filler', along(i, n), fromEnd % 2 ? -0.45 : 0.45);
  });

/** Where tall ones stand along a box, by school. */
const TALLS: Record<School, readonly (readonly number[])[]> = {
  'tall-centre': [[0], [-0.5, 0.5]],
  'tall-back': [[0], [-0.6, 0, 0.6]],
  'off-centre': [[-0.33], [-0.4, 0.75]],
  'level-dome': [[]],
  'tall-only': [[]],
};

/** Ways of laying out a long box: mirrored ends, and a repeated rhythm. */
export function rowsOf(school: School, lay: Lay): Slot[][] {
  if (school === 'tall-only')
    return [inPairs(tallRow(lay), lay.kinds), withKinds(tallRow(lay), { ...lay.kinds, spiller: 1 }, true)];
  return TALLS[school].flatMap((talls) => {
    const slots = box(lay, talls);
    const rhythm = withKinds(slots, lay.kinds, true);
    return school === 'off-centre' ? [rhythm] : [inPairs(slots, lay.kinds), rhythm];
  });
}

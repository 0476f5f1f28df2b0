import type { Role } from '../../plants/traits';

/** A place for a plant, and which of the kinds it gets: `T`, `F0`, `F1` …, `S0` … */
export interface Slot {
  part: string;
  role: Role;
  /** Direction from the middle (0 = right, turning toward the viewer) and how far out, 0 middle to 1 rim. */
  angle: number;
  out: number;
  /** In a row instead: along from −1 left to 1 right, and across from −1 back to 1 front, as far as the ball may go. */
  row?: { along: number; across: number };
}

/** A place before it has a part. */
export type BareSlot = Omit<Slot, 'part'>;

/**
 * What a school lays out: how many plants, how many of them spillers, of how many kinds, and whether
 * opposites match.
 */
export interface Lay {
  n: number;
  spillers: number;
  kinds: { filler: number; spiller: number };
  opposite: boolean;
}

/** Kinds for each of `n` places in a row, repeating: with 2 kinds, 0 1 0 1. */
const repeat = (n: number, kinds: number): number[] => Array.from({ length: n }, (_, i) => i % kinds);

/** Kinds for each of `n` places, kept together: with 2 kinds, 0 0 1 1. */
const clumps = (n: number, kinds: number): number[] =>
  Array.from({ length: n }, (_, i) => Math.min(kinds - 1, Math.floor((i * kinds) / n)));

/** Gives every slot its part: where opposites match, kinds repeat round the ring; else they stay in clumps. */
export function withKinds(slots: readonly BareSlot[], kinds: Lay['kinds'], opposite: boolean): Slot[] {
  const seen = { thriller: 0, filler: 0, spiller: 0 };
  const total = (role: Role) => slots.filter((s) => s.role === role).length;
  const order = opposite ? repeat : clumps;
  const fillers = order(total('filler'), kinds.filler);
  const spillers = order(total('spiller'), kinds.spiller);
  return slots.map((s) => {
    const n = seen[s.role];
    seen[s.role] += 1;
    if (s.role === 'thriller') return { ...s, part: 'T' };
    return { ...s, part: s.role === 'filler' ? `F${fillers[n] ?? 0}` : `S${spillers[n] ?? 0}` };
  });
}

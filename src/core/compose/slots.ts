import type { Role } from '../plants/schema';

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

/** Kinds for each of `n` places in a row, repeating: with 2 kinds, 0 1 0 1. */
const repeat = (n: number, kinds: number): number[] => Array.from({ length: n }, (_, i) => i % kinds);

/** Gives every slot its part: opposite schools repeat kinds round the ring, others keep them in clumps. */
export function withKinds(
  slots: readonly Omit<Slot, 'part'>[],
  kinds: { filler: number; spiller: number },
  opposite: boolean,
): Slot[] {
  const seen = { thriller: 0, filler: 0, spiller: 0 };
  const totals = {
    thriller: 1,
    filler: slots.filter((s) => s.role === 'filler').length,
    spiller: slots.filter((s) => s.role === 'spiller').length,
  };
  return slots.map((s) => {
    const n = seen[s.role];
    seen[s.role] += 1;
    if (s.role === 'thriller') return { ...s, part: 'T' };
    const k = kinds[s.role];
    const order = opposite
      ? repeat(totals[s.role], k)
      : Array.from({ length: totals[s.role] }, (_, i) => Math.min(k - 1, Math.floor((i * k) / totals[s.role])));
    return { ...s, part: `${s.role === 'filler' ? 'F' : 'S'}${order[n] ?? 0}` };
  });
}

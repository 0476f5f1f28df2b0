import { create } from 'zustand';
import type { YearId } from '@/core/growth/years';
import type { Command } from '@/core/plantings/commands';

/** What is tried before it is done, of which container; and a week held beside the one that is looked at. */
interface Trying {
  /** The container it is tried on: another one has nothing tried. */
  of: string | null;
  tried: { label: string; commands: readonly Command[] } | null;
  year: YearId | null;
  held: number | null;
  attempt: (of: string, change: Partial<Pick<Trying, 'tried' | 'year' | 'held'>>) => void;
  drop: () => void;
}

const NOTHING = { of: null, tried: null, year: null, held: null } as const;

export const useTrying = create<Trying>((set) => ({
  ...NOTHING,
  attempt: (of, change) => set((t) => ({ ...(t.of === of ? t : NOTHING), of, ...change })),
  drop: () => set(NOTHING),
}));

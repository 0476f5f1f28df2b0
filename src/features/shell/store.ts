import { create } from 'zustand';
import { apply, type Command } from '@/core/plantings/commands';
import type { Planting } from '@/core/plantings/schema';
import type { Remedy } from '@/core/balance/finding';
import { savePlanting } from '@/storage/plantings';
import { tell } from './tell';

interface Step {
  name: string;
  planting: Planting;
}

/** The container on the bench, what is being looked at, and the way back. */
interface Workspace {
  planting: Planting | null;
  stamp: number;
  past: Step[];
  future: Step[];
  /** Week shown; null follows the peak. */
  week: number | null;
  /** The placement in hand. */
  chosen: string | null;
  /** Placements pointed at. */
  lit: readonly string[] | null;
  /** A remedy being weighed. */
  weighed: Remedy | null;
  open: (planting: Planting, stamp: number) => void;
  /** Another tab changed it. */
  follow: (planting: Planting, stamp: number) => void;
  run: (name: string, ...commands: Command[]) => void;
  undo: () => void;
  redo: () => void;
  show: (change: Partial<Pick<Workspace, 'week' | 'chosen' | 'lit' | 'weighed'>>) => void;
}

const MOST_STEPS = 200;
const clean = { week: null, chosen: null, lit: null, weighed: null };

export const useWorkspace = create<Workspace>((set, get) => {
  const keep = (planting: Planting) => {
    const stamp = Date.now();
    set({ stamp });
    savePlanting(planting, stamp).catch((e: unknown) => tell.notKept(e));
  };
  const step = (from: 'past' | 'future', to: 'past' | 'future') => {
    const { planting, [from]: stack, [to]: other } = get();
    const last = stack[stack.length - 1];
    if (!planting || !last) return;
    set({
      planting: last.planting,
      [from]: stack.slice(0, -1),
      [to]: [...other, { name: last.name, planting }],
      lit: null,
      weighed: null,
    });
    keep(last.planting);
    tell.said(`${from === 'past' ? 'Undone' : 'Redone'}: ${last.name}`);
  };
  return {
    planting: null,
    stamp: 0,
    past: [],
    future: [],
    ...clean,
    open: (planting, stamp) => set({ planting, stamp, past: [], future: [], ...clean }),
    follow: (planting, stamp) => set({ planting, stamp, past: [], future: [], lit: null, weighed: null }),
    run: (name, ...commands) => {
      const { planting, past } = get();
      if (!planting) return;
      const next = commands.reduce(apply, planting);
      set({
        planting: next,
        past: [...past, { name, planting }].slice(-MOST_STEPS),
        future: [],
        lit: null,
        weighed: null,
      });
      keep(next);
    },
    undo: () => step('past', 'future'),
    redo: () => step('future', 'past'),
    show: (change) => set(change),
  };
});

import { create } from 'zustand';
import { apply, type Command } from '@/core/plantings/commands';
import type { Planting } from '@/core/plantings/schema';
import { savePlanting } from '@/storage/plantings';
import { begun, done, type History, nameOfLast, redone, undone } from './history';
import { usePointing } from './pointing';
import { tell } from './tell';

/** The container on the bench, the week looked at, and the way back. */
interface Workspace {
  history: History | null;
  stamp: number;
  /** Week shown; null follows the peak. */
  week: number | null;
  open: (planting: Planting, stamp: number) => void;
  /** Another tab changed it. */
  follow: (planting: Planting, stamp: number) => void;
  run: (name: string, ...commands: readonly Command[]) => void;
  undo: () => void;
  redo: () => void;
  show: (week: number | null) => void;
}

export const useWorkspace = create<Workspace>((set, get) => {
  const keep = (history: History) => {
    // Later than what was kept last, so that this tab's own writes are never taken for another's.
    const stamp = Math.max(Date.now(), get().stamp + 1);
    set({ history, stamp });
    usePointing.getState().letGo();
    savePlanting(history.now, stamp).catch((e: unknown) => tell.notKept(e));
  };
  const walk = (step: typeof undone, said: string, name: (h: History) => string | null) => {
    const { history } = get();
    const next = history && step(history);
    if (!history || !next) return;
    keep(next);
    tell.said(`${said}: ${name(history) ?? ''}`);
  };
  return {
    history: null,
    stamp: 0,
    week: null,
    open: (planting, stamp) => {
      usePointing.getState().point({ chosen: null, lit: null, weighed: null });
      set({ history: begun(planting), stamp, week: null });
    },
    follow: (planting, stamp) => {
      usePointing.getState().letGo();
      set({ history: begun(planting), stamp });
    },
    run: (name, ...commands) => {
      const { history } = get();
      if (history && commands.length > 0) keep(done(history, name, commands.reduce(apply, history.now)));
    },
    undo: () => walk(undone, 'Undone', (h) => nameOfLast(h.past)),
    redo: () => walk(redone, 'Redone', (h) => nameOfLast(h.future)),
    show: (week) => set({ week }),
  };
});

/** The container on the bench, or null before one is opened. */
export const usePlanting = (): Planting | null => useWorkspace((s) => s.history?.now ?? null);

import { create } from 'zustand';
import { ofWhole } from '@/core/growth/turn';
import { apply, type Command } from '@/core/plantings/commands';
import type { Planting } from '@/core/plantings/schema';
import { keepEdit, type Kept } from '@/storage/plantings';
import { done, begun, type History, nameOfLast, redone, undone } from './history';
import { diaryToday } from './diary';
import { keepHistory, keptHistory } from './kept-history';
import { type Keeper, keeperOf, type Saving } from './keeper';
import { usePointing } from './pointing';
import { tell } from './tell';

/** The container on the bench, the week looked at, and the way back. */
interface Workspace {
  history: History | null;
  saving: Saving;
  /** Week shown; null follows the peak. */
  week: number | null;
  open: (read: Kept) => void;
  /** Another tab changed it. */
  follow: (kept: Kept) => void;
  run: (name: string, ...commands: readonly Command[]) => void;
  undo: () => void;
  redo: () => void;
  /** Tries again what was not kept. */
  again: () => void;
  /** The page goes: the way back, and what is not written yet, are kept for its return. */
  leave: () => void;
  show: (week: number | null) => void;
}

const NOTHING_DONE: Saving = { state: 'saved', at: null };

export const useWorkspace = create<Workspace>((set, get) => {
  let keeper: Keeper | null = null;
  const keep = (history: History) => {
    set({ history });
    usePointing.getState().letGo();
    keeper?.keep(history);
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
    saving: NOTHING_DONE,
    week: null,
    open: (read) => {
      usePointing.getState().point({ chosen: null, lit: null, weighed: null });
      // What is still to be written of the container before goes on being written, and says nothing here.
      const mine = (): boolean => keeper === fresh;
      const fresh: Keeper = keeperOf(read, keepEdit, {
        history: (history) => {
          if (!mine()) return;
          usePointing.getState().letGo();
          set({ history });
        },
        saving: (saving) => {
          if (saving.state === 'failed') tell.notKept(saving.why, () => get().history?.now ?? read.planting);
          if (mine()) set({ saving });
        },
        met: tell.met,
      });
      keeper = fresh;
      const history = keptHistory(read) ?? begun(read.planting);
      set({ history, saving: NOTHING_DONE, week: null });
      fresh.keep(history);
    },
    follow: (kept) => keeper?.follow(kept),
    run: (name, ...commands) => {
      const { history } = get();
      if (!history || commands.length === 0) return;
      // What is done at a station is done to the turn that stands there now.
      const now = commands.reduce((p, c) => apply(p, ofWhole(p, diaryToday(), c)), history.now);
      keep(done(history, name, now));
    },
    undo: () => walk(undone, 'Undone', (h) => nameOfLast(h.past)),
    redo: () => walk(redone, 'Redone', (h) => nameOfLast(h.future)),
    again: () => keeper?.again(),
    leave: () => {
      const { history } = get();
      if (history && keeper && history.past.length + history.future.length > 0) keepHistory(history, keeper.known());
    },
    show: (week) => set({ week }),
  };
});

if (typeof window !== 'undefined') window.addEventListener('pagehide', () => useWorkspace.getState().leave());

/** The container on the bench, or null before one is opened. */
export const usePlanting = (): Planting | null => useWorkspace((s) => s.history?.now ?? null);

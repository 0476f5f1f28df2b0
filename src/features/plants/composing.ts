import { create } from 'zustand';
import type { Composed, Proposal, Said } from '@/core/compose/compose';
import type { Planting } from '@/core/plantings/schema';
import type { SchoolId } from '@/core/schools';
import type { Mine } from '@/core/stock/shelf';
import { same } from '@/core/units/same';
import { tell } from '../shell/tell';
import { composeInParts } from '../shell/in-parts';
import { forgetComposed, keepComposed, keptComposed } from './kept';

/** What another arrangement of the same brief came to; null while it is composed. */
export interface OtherArrangement {
  school: SchoolId;
  composed: Composed | null;
}

interface Work {
  state: 'idle' | 'working' | 'done';
  /** What it is composed for; another spot, container or brief makes it stale. */
  base: Planting | null;
  /** Share done. */
  done: number;
  /** Ideas so far, while it works. */
  sofar: readonly Proposal[];
  composed: Composed | null;
  /** What was said of earlier proposals, which these answer. */
  said: Said | null;
  /** The same brief in another arrangement. */
  beside: OtherArrangement | null;
  /** What was found is laid aside, and can be looked at again. */
  aside: boolean;
}

interface Composing extends Work {
  /** Of the last proposals that were asked for: the next are others. */
  seed: number;
  /** What was said of an earlier proposal leans the next ones. */
  start: (planting: Planting, mine: Mine, said?: Said) => void;
  /** Composes the same brief in another arrangement, to be seen beside it; null for no other. */
  alongside: (school: SchoolId | null, mine: Mine) => void;
  /** Ends composing, and forgets what was found so far. */
  stop: () => void;
  /** Lays what was found aside, or brings it back. */
  lay: (aside: boolean) => void;
  /** Brings back what was found for a container before the page was loaded again. */
  recall: (planting: Planting) => void;
}

/** As many are shown while it works as there will be. */
const SHOWN = 5;

const IDLE: Work = {
  state: 'idle',
  base: null,
  done: 0,
  sofar: [],
  composed: null,
  said: null,
  beside: null,
  aside: false,
};

/**
 * Composing in a worker of its own, with progress; stopping ends the worker. It goes on while another station
 * is looked at.
 */
export const useComposing = create<Composing>((set, get) => {
  let running: (() => void) | null = null;
  const stop = () => {
    running?.();
    running = null;
    set(IDLE);
    forgetComposed();
  };
  const lay = (aside: boolean) => {
    set({ aside });
    const { base, composed } = get();
    if (base && composed) keepComposed({ base, composed, aside });
  };
  const recall = (planting: Planting) => {
    if (get().state !== 'idle') return;
    const kept = keptComposed();
    if (kept && isFor(kept.base, planting)) set({ ...IDLE, ...kept, state: 'done', done: 1 });
  };
  const start = (base: Planting, mine: Mine, said?: Said) => {
    running?.();
    const seed = get().seed + 1;
    set({ ...IDLE, seed, base, said: said ?? null, state: 'working' });
    const work = composeInParts({
      planting: base,
      seed,
      mine,
      said,
      onProgress: (done, sofar) => {
        if (running === work.stop) set((w) => ({ done, sofar: sofar.length > 0 ? sofar.slice(0, SHOWN) : w.sofar }));
      },
    });
    running = work.stop;
    work.composed
      .then((composed) => {
        if (running !== work.stop) return;
        set({ state: 'done', done: 1, sofar: [], composed });
        keepComposed({ base, composed, aside: false });
      })
      .catch((e: unknown) => {
        if (running !== work.stop) return;
        set(IDLE);
        tell.problem('Stopped composing', e instanceof Error ? e.message : String(e));
      })
      .finally(() => {
        if (running === work.stop) running = null;
      });
  };
  const alongside = (school: SchoolId | null, mine: Mine) => {
    const { base } = get();
    if (!base || !school) return set({ beside: null });
    set({ beside: { school, composed: null } });
    const still = () => get().base === base && get().beside?.school === school;
    const other = { ...base, brief: { ...base.brief, school } };
    composeInParts({ planting: other, seed: get().seed, mine })
      .composed.then((composed) => still() && set({ beside: { school, composed } }))
      .catch((e: unknown) => {
        if (!still()) return;
        set({ beside: null });
        tell.problem('Stopped composing', e instanceof Error ? e.message : String(e));
      });
  };
  return { ...IDLE, seed: 0, start, alongside, stop, lay, recall };
});

/** Whether what is being composed is for this planting as it stands now. */
export const isFor = (base: Planting | null, p: Planting): boolean =>
  base !== null &&
  base.id === p.id &&
  same(base.spot, p.spot) &&
  same(base.container, p.container) &&
  same(base.brief, p.brief);

interface Desk {
  /** The brief is looked at again, though there are plants. */
  briefing: boolean;
  /** The container for which it lies open what can be made of the planting as it stands. */
  remaking: string | null;
  /** One more plant is being looked for. */
  adding: boolean;
  set: (change: Partial<Pick<Desk, 'briefing' | 'remaking' | 'adding'>>) => void;
}

/** What of the Plants station lies open. */
export const useDesk = create<Desk>((set) => ({
  briefing: false,
  remaking: null,
  adding: false,
  set: (change) => set(change),
}));

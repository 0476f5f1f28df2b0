import { proxy } from 'comlink';
import { create } from 'zustand';
import type { Composed, Proposal } from '@/core/compose/compose';
import type { Planting } from '@/core/plantings/schema';
import type { Mine } from '@/core/stock/shelf';
import { tell } from '../shell/tell';
import { startComposer } from '../shell/workers';

interface Work {
  state: 'idle' | 'working' | 'done';
  /** What it is composed for; another spot, container or brief makes it stale. */
  base: Planting | null;
  /** Share done. */
  done: number;
  /** Ideas so far, while it works. */
  sofar: readonly Proposal[];
  composed: Composed | null;
}

interface Composing extends Work {
  start: (planting: Planting, mine: Mine) => void;
  stop: () => void;
}

const IDLE: Work = { state: 'idle', base: null, done: 0, sofar: [], composed: null };

/** Composing in a worker of its own, with progress; stopping ends the worker. It goes on while another station is looked at. */
export const useComposing = create<Composing>((set) => {
  let running: (() => void) | null = null;
  let seed = 0;
  const stop = () => {
    running?.();
    running = null;
    set(IDLE);
  };
  const start = (base: Planting, mine: Mine) => {
    running?.();
    const composer = startComposer();
    running = composer.stop;
    seed += 1;
    set({ ...IDLE, base, state: 'working' });
    const told = proxy((done: number, sofar: Proposal[]) => {
      if (running === composer.stop) set((w) => ({ done, sofar: sofar.length > 0 ? sofar : w.sofar }));
    });
    composer
      .ask((api) => api.compose(base, seed, mine, told))
      .then((composed) => running === composer.stop && set({ state: 'done', done: 1, sofar: [], composed }))
      .catch((e: unknown) => {
        if (running !== composer.stop) return;
        set(IDLE);
        tell.problem('Composing stopped', e instanceof Error ? e.message : String(e));
      })
      .finally(() => {
        composer.stop();
        if (running === composer.stop) running = null;
      });
  };
  return { ...IDLE, start, stop };
});

/** Whether what is being composed is for this planting as it stands now. */
export const isFor = (base: Planting | null, p: Planting): boolean =>
  base !== null && base.id === p.id && base.spot === p.spot && base.container === p.container && base.brief === p.brief;

interface Desk {
  /** The brief is looked at again, though there are plants. */
  briefing: boolean;
  /** One more plant is being looked for. */
  adding: boolean;
  set: (change: Partial<Pick<Desk, 'briefing' | 'adding'>>) => void;
}

/** What of the Plants station lies open. */
export const useDesk = create<Desk>((set) => ({ briefing: false, adding: false, set: (change) => set(change) }));

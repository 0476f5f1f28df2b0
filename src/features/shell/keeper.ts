import type { Planting } from '@/core/plantings/schema';
import { same } from '@/core/units/same';
import type { Kept } from '@/storage/plantings';
import { begun, type History, rebased } from './history';

/** Whether what is on the screen is kept. `at` is when it was, in milliseconds; null before anything was done. */
export type Saving = { state: 'saved'; at: number | null } | { state: 'saving' } | { state: 'failed'; why: unknown };

/** What a keeper tells. */
interface Ears {
  history: (history: History) => void;
  saving: (saving: Saving) => void;
  /** Another tab changed the same things: the ones here were kept. */
  met: (what: readonly string[]) => void;
}

/** How often a container was written, as far as is known, and what is being written now. */
export interface TimesWritten {
  rev: number;
  writing: Planting | null;
}

type Write = (mine: Planting, from: Kept) => Promise<Kept & { met: string[] }>;

/** Keeps one container while it is open: one write at a time, each the newest there is. */
export interface Keeper {
  /** What was last known to be written. */
  known: () => TimesWritten;
  /** What is to be kept from now on. */
  keep: (history: History) => void;
  /** Another tab wrote it. */
  follow: (kept: Kept) => void;
  /** Tries again what was not kept. */
  again: () => void;
}

/**
 * A keeper of a container that was just read. Edits made while a write is under way are written after it; what another
 * tab wrote is joined in and carried through the history. What could not be written stays wanted.
 */
export function keeperOf(read: Kept, write: Write, ears: Ears, now: () => number = Date.now): Keeper {
  let kept = read;
  let history = begun(read.planting);
  let running = false;
  let writing: Planting | null = null;
  const move = (to: History) => {
    history = to;
    ears.history(to);
  };
  const run = async () => {
    if (running) return;
    running = true;
    try {
      while (history.now !== kept.planting) {
        const mine = history.now;
        writing = mine;
        ears.saving({ state: 'saving' });
        const out = await write(mine, kept);
        const planting = same(out.planting, mine) ? mine : out.planting;
        kept = { planting, rev: out.rev };
        if (planting !== mine) move(rebased(history, mine, planting));
        if (out.met.length > 0) ears.met(out.met);
        ears.saving({ state: 'saved', at: now() });
      }
    } catch (why) {
      ears.saving({ state: 'failed', why });
    } finally {
      running = false;
      writing = null;
    }
  };
  return {
    known: () => ({ rev: kept.rev, writing }),
    keep: (to) => {
      history = to;
      void run();
    },
    follow: (to) => {
      // While a write is under way it meets the other's itself.
      if (running || to.rev <= kept.rev) return;
      const from = kept.planting;
      kept = to;
      move(rebased(history, from, to.planting));
      void run();
    },
    again: () => void run(),
  };
}

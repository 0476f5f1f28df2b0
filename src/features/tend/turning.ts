import { proxy } from 'comlink';
import { create } from 'zustand';
import type { Proposal } from '@/core/compose/compose';
import { groundFor } from '@/core/compose/turns/change-over';
import { type Goes, type Sorted, sortOut } from '@/core/compose/turns/sort-out';
import { type PlannedYear, turnDays, type TurnName } from '@/core/compose/turns/year';
import { entriesOf, type LogEntry } from '@/core/log/schema';
import type { Planting } from '@/core/plantings/schema';
import type { Mine } from '@/core/stock/shelf';
import { composeInParts } from '../shell/in-parts';
import { tell } from '../shell/tell';
import { startComposer } from '../shell/workers';

/** What is worked at for a change-over: of which container, on which day, and what came of it. */
interface Turning {
  of: string | null;
  on: string | null;
  /** Who is made to stay or go against what is proposed, by placement. */
  moved: Readonly<Record<string, Goes | null>>;
  state: 'idle' | 'composing' | 'planning';
  done: number;
  proposals: readonly Proposal[] | null;
  problem: string | null;
  year: PlannedYear | null;
  begin: (planting: Planting, on: string) => void;
  move: (id: string, goes: Goes | null) => void;
  fill: (planting: Planting, mine: Mine, log: readonly LogEntry[]) => void;
  plan: (planting: Planting, mine: Mine, log: readonly LogEntry[], today: string) => void;
  stop: () => void;
}

/** What the turns of a year are called. */
export const TURN_NAMES: Record<TurnName, string> = {
  spring: 'Spring',
  summer: 'Summer',
  autumn: 'Autumn and winter',
};

const IDLE = { state: 'idle', done: 0, proposals: null, problem: null, year: null } as const;

/** Who of a planting was seen to have died, by placement, with why. */
export const diedIn = ({ id }: Planting, log: readonly LogEntry[]): ReadonlyMap<string, string> =>
  new Map(entriesOf(log, 'death').flatMap((e) => (e.of === id ? [[e.to, e.why]] : [])));

/** Who stays and who goes, as proposed and as it was changed by hand. */
export const sortedFor = (
  planting: Planting,
  { of, on, moved }: Pick<Turning, 'of' | 'on' | 'moved'>,
  log: readonly LogEntry[],
): Sorted[] => {
  if (of !== planting.id || on === null) return [];
  return sortOut(planting, on, diedIn(planting, log)).map((s) => {
    const goes = moved[s.id];
    return goes === undefined ? s : { ...s, goes, why: 'your choice' };
  });
};

/** A change-over that is being worked at; it stays while one looks at something else. */
export const useTurning = create<Turning>((set, get) => {
  let running: (() => void) | null = null;
  const stop = () => {
    running?.();
    running = null;
    set(IDLE);
  };
  const failed = (e: unknown) => {
    set(IDLE);
    tell.problem('Stopped composing', e instanceof Error ? e.message : String(e));
  };
  return {
    of: null,
    on: null,
    moved: {},
    ...IDLE,
    stop,
    begin: (planting, on) => {
      stop();
      set({ of: planting.id, on, moved: {} });
    },
    move: (id, goes) => {
      stop();
      set({ moved: { ...get().moved, [id]: goes } });
    },
    fill: (planting, mine, log) => {
      const { on } = get();
      if (on === null) return;
      stop();
      set({ state: 'composing' });
      const ground = groundFor(planting, on, sortedFor(planting, get(), log));
      const work = composeInParts({
        planting: ground,
        seed: 1,
        mine,
        onProgress: (done) => running === work.stop && set({ done }),
      });
      running = work.stop;
      work.composed.then(
        ({ proposals, problem }) => running === work.stop && set({ ...IDLE, proposals, problem }),
        (e: unknown) => running === work.stop && failed(e),
      );
    },
    plan: (planting, mine, log, today) => {
      stop();
      // A day and hands of another container are no part of it.
      if (get().of !== planting.id) set({ on: null, moved: {} });
      set({ of: planting.id, state: 'planning' });
      const composer = startComposer();
      const end = () => composer.stop();
      running = end;
      composer
        .ask((api) =>
          api.year(
            planting,
            turnDays(planting, today),
            mine,
            diedIn(planting, log),
            proxy((done: number) => running === end && set({ done })),
          ),
        )
        .then(
          (year) => running === end && set({ ...IDLE, year }),
          (e: unknown) => running === end && failed(e),
        )
        .finally(end);
    },
  };
});

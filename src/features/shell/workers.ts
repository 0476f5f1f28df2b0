import { type Remote, wrap } from 'comlink';
import { NOTHING_OF_MINE, type Mine } from '@/core/stock/shelf';
import type { ComposeApi } from '@/workers/compose';
import type { PlantsApi } from '@/workers/plants';
import type { DarkroomApi } from '@/workers/darkroom';
import type { EaselApi } from '@/workers/easel';
import type { SproutApi } from '@/workers/sprout';
import type { WeighApi } from '@/workers/weigh';

/** A helper did not start, broke, or did not answer. */
export class HelperError extends Error {}

const BROKE = 'Part of Rillbank did not load. There may be a new version: reload the page.';
const SILENT = 'This took too long and was stopped. Try again.';

/**
 * After so long without an answer a helper is taken for lost. Working figure: many times what the slowest
 * ordinary call takes.
 */
const PATIENCE_MS = 60_000;

/** One worker, started when it is first asked, and started anew after it failed. */
export interface Helper<Api> {
  ask: <T>(call: (api: Remote<Api>) => Promise<T>) => Promise<T>;
  /** Ends the worker; what is asked of it now is never answered. */
  stop: () => void;
}

/**
 * What runs, and who waits for an answer from it: each is told why none will come, or, where it is null, only
 * no longer waits.
 */
interface Running<Api> {
  worker: Worker;
  api: Remote<Api>;
  waiting: Set<(why: HelperError | null) => void>;
}

/** A worker whose silence and failures are heard: comlink alone would wait for ever. */
export function helper<Api>(start: () => Worker, patienceMs = PATIENCE_MS): Helper<Api> {
  let running: Running<Api> | null = null;
  const end = (one: Running<Api>, why: HelperError | null) => {
    one.worker.terminate();
    if (running === one) running = null;
    for (const answer of [...one.waiting]) answer(why);
  };
  const begin = (): Running<Api> => {
    const worker = start();
    const one: Running<Api> = { worker, api: wrap<Api>(worker), waiting: new Set() };
    const fail = () => end(one, new HelperError(BROKE));
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
    return one;
  };
  return {
    stop: () => {
      if (running) end(running, null);
    },
    // No race with a promise that lives as long as the worker: it would keep every answer there ever was.
    ask: (call) =>
      new Promise((resolve, reject) => {
        const one = (running ??= begin());
        const timer = setTimeout(() => end(one, new HelperError(SILENT)), patienceMs);
        const settle = () => {
          clearTimeout(timer);
          one.waiting.delete(answer);
        };
        const answer = (why: HelperError | null) => {
          settle();
          if (why) reject(why);
        };
        one.waiting.add(answer);
        // Called at once; what it throws is an answer too.
        void (async () => call(one.api))().then(resolve, reject).finally(settle);
      }),
  };
}

/** The worker that grows leaves; one for the whole application. */
export const sprouting = helper<SproutApi>(
  () => new Worker(new URL('../../workers/sprout.ts', import.meta.url), { type: 'module' }),
);

/** The worker that draws portraits; one for the whole application. */
export const drawing = helper<EaselApi>(
  () => new Worker(new URL('../../workers/easel.ts', import.meta.url), { type: 'module' }),
);

/** A worker that takes stills. */
export const startDarkroom = (): Helper<DarkroomApi> =>
  helper<DarkroomApi>(() => new Worker(new URL('../../workers/darkroom.ts', import.meta.url), { type: 'module' }));

let weighWorker: Worker | null = null;
let told: { worker: Worker | null; mine: Mine } = { worker: null, mine: NOTHING_OF_MINE };

const weighing = helper<WeighApi>(
  () => (weighWorker = new Worker(new URL('../../workers/weigh.ts', import.meta.url), { type: 'module' })),
);

/** Asks the worker that weighs remedies, swaps and stand-ins, after telling it what there is to choose from. */
export const weigh = <T>(mine: Mine, call: (api: Remote<WeighApi>) => Promise<T>): Promise<T> =>
  weighing.ask(async (api) => {
    if (told.mine !== mine || told.worker !== weighWorker) {
      told = { worker: weighWorker, mine };
      await api.know(mine);
    }
    return call(api);
  });

/** Starts that worker before it is asked, so that a stand-in is found at the nursery without a signal. */
export const readyToWeigh = (mine: Mine): void =>
  void weigh(mine, async () => undefined).catch((e: unknown) => console.warn('Not ready to compare:', e));

/** Composing may take its time on a slow machine: it shows that it works, and can be stopped. */
const COMPOSING_MS = 5 * PATIENCE_MS;

/** A composer of its own, so that it can be stopped. */
export const startComposer = (): Helper<ComposeApi> =>
  helper<ComposeApi>(
    () => new Worker(new URL('../../workers/compose.ts', import.meta.url), { type: 'module' }),
    COMPOSING_MS,
  );

/** A reader of plant spreadsheets of its own, so that it can be stopped. */
export const startReader = (): Helper<PlantsApi> =>
  helper<PlantsApi>(
    () => new Worker(new URL('../../workers/plants.ts', import.meta.url), { type: 'module' }),
    COMPOSING_MS,
  );

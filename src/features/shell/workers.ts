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

/** After so long without an answer a helper is taken for lost. Working figure: many times what the slowest ordinary call takes. */
const PATIENCE_MS = 60_000;

/** One worker, started when it is first asked, and started anew after it failed. */
export interface Helper<Api> {
  ask: <T>(call: (api: Remote<Api>) => Promise<T>) => Promise<T>;
  /** Ends the worker; what is asked of it now is never answered. */
  stop: () => void;
}

/** A worker whose silence and failures are heard: comlink alone would wait for ever. */
export function helper<Api>(start: () => Worker, patienceMs = PATIENCE_MS): Helper<Api> {
  let running: { worker: Worker; api: Remote<Api>; broke: Promise<never> } | null = null;
  const stop = () => {
    running?.worker.terminate();
    running = null;
  };
  const begin = () => {
    const worker = start();
    const broke = new Promise<never>((_, reject) => {
      const fail = () => reject(new HelperError(BROKE));
      worker.addEventListener('error', fail);
      worker.addEventListener('messageerror', fail);
    });
    // Heard where it is raced; a worker that breaks while nobody asks is no error of the page.
    broke.catch(stop);
    return { worker, api: wrap<Api>(worker), broke };
  };
  return {
    stop,
    ask: async (call) => {
      running ??= begin();
      const { api, broke } = running;
      let timer: ReturnType<typeof setTimeout> | undefined;
      const silent = new Promise<never>((_, reject) => {
        timer = setTimeout(() => {
          stop();
          reject(new HelperError(SILENT));
        }, patienceMs);
      });
      try {
        return await Promise.race([call(api), broke, silent]);
      } finally {
        clearTimeout(timer);
      }
    },
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

import { type Remote, wrap } from 'comlink';
import { NOTHING_OF_MINE, type Mine } from '@/core/stock/shelf';
import type { ComposeApi } from '@/workers/compose';
import type { PlantsApi } from '@/workers/plants';
import type { SproutApi } from '@/workers/sprout';
import type { WeighApi } from '@/workers/weigh';

let sprouting: Remote<SproutApi> | null = null;
let weighing: Remote<WeighApi> | null = null;
let told: Mine = NOTHING_OF_MINE;

/** The worker that grows leaves; one for the whole application. */
export function sproutWorker(): Remote<SproutApi> {
  sprouting ??= wrap<SproutApi>(new Worker(new URL('../../workers/sprout.ts', import.meta.url), { type: 'module' }));
  return sprouting;
}

/** The worker that weighs remedies, swaps and stand-ins, knowing what there is to choose from. */
export function weighWorker(mine: Mine): Remote<WeighApi> {
  weighing ??= wrap<WeighApi>(new Worker(new URL('../../workers/weigh.ts', import.meta.url), { type: 'module' }));
  if (told !== mine) {
    told = mine;
    void weighing.know(mine);
  }
  return weighing;
}

/** A composer of its own, so that it can be stopped. */
export function startComposer(): { api: Remote<ComposeApi>; stop: () => void } {
  const worker = new Worker(new URL('../../workers/compose.ts', import.meta.url), { type: 'module' });
  return { api: wrap<ComposeApi>(worker), stop: () => worker.terminate() };
}

/** A reader of plant spreadsheets of its own, so that it can be stopped. */
export function startReader(): { api: Remote<PlantsApi>; stop: () => void } {
  const worker = new Worker(new URL('../../workers/plants.ts', import.meta.url), { type: 'module' });
  return { api: wrap<PlantsApi>(worker), stop: () => worker.terminate() };
}

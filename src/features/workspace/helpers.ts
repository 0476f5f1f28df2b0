import { type Remote, wrap } from 'comlink';
import type { ComposeApi } from '@/workers/compose';
import type { SproutApi } from '@/workers/sprout';
import type { WeighApi } from '@/workers/weigh';

let sprouting: Remote<SproutApi> | null = null;
let weighing: Remote<WeighApi> | null = null;

/** The worker that grows leaves; one for the whole application. */
export function sproutWorker(): Remote<SproutApi> {
  sprouting ??= wrap<SproutApi>(new Worker(new URL('../../workers/sprout.ts', import.meta.url), { type: 'module' }));
  return sprouting;
}

/** The worker that weighs remedies and swaps. */
export function weighWorker(): Remote<WeighApi> {
  weighing ??= wrap<WeighApi>(new Worker(new URL('../../workers/weigh.ts', import.meta.url), { type: 'module' }));
  return weighing;
}

/** A composer of its own, so that it can be stopped. */
export function startComposer(): { api: Remote<ComposeApi>; stop: () => void } {
  const worker = new Worker(new URL('../../workers/compose.ts', import.meta.url), { type: 'module' });
  return { api: wrap<ComposeApi>(worker), stop: () => worker.terminate() };
}

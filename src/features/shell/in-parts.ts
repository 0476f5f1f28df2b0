import { proxy } from 'comlink';
import type { Composed, SearchPart, Proposal, Said } from '@/core/compose/compose';
import { PARTS } from '@/core/compose/themes';
import type { Planting } from '@/core/plantings/schema';
import type { Mine } from '@/core/stock/shelf';
import type { ComposeApi } from '@/workers/compose';
import { type Helper, startComposer } from './workers';

interface Order {
  planting: Planting;
  seed: number;
  mine: Mine;
  said?: Said;
  onProgress?: (done: number, sofar: readonly Proposal[]) => void;
}

/** Composers at rest, one for each part: begun before they are asked, kept when they are done. */
let resting: Helper<ComposeApi>[] | null = null;
const begun = () => PARTS.map(() => startComposer());

/** Composes ahead of being asked, so that proposals come at once when they are. */
export function composeAhead(planting: Planting, mine: Mine, seed: number): void {
  resting ??= begun();
  resting.forEach((composer, part) => {
    composer
      .ask((api) => api.runAhead({ planting, seed, mine, said: undefined, part, fewer: false }))
      .catch((e: unknown) => console.warn('Not composed ahead:', e));
  });
}

/**
 * Composes in a worker for each part of the search, and joins what they find. Stopping ends the workers, and
 * what was asked is never answered.
 */
export function composeInParts({ planting, seed, mine, said, onProgress }: Order): {
  composed: Promise<Composed>;
  stop: () => void;
} {
  const composers = resting ?? begun();
  resting = null;
  const [first] = composers;
  const stop = () => composers.forEach((c) => c.stop());
  const told = PARTS.map(() => ({ done: 0, sofar: [] as readonly Proposal[] }));
  const search = (fewer: boolean) =>
    Promise.all(
      composers.map((composer, part) =>
        composer.ask((api) =>
          api.part(
            { planting, seed, mine, said, part, fewer },
            proxy((done: number, sofar: Proposal[]) => {
              told[part] = { done, sofar: sofar.length > 0 ? sofar : (told[part]?.sofar ?? []) };
              onProgress?.(
                told.reduce((sum, t) => sum + t.done, 0) / told.length,
                told.flatMap((t) => t.sofar),
              );
            }),
          ),
        ),
      ),
    );
  const join = (parts: readonly SearchPart[], last: boolean) =>
    first ? first.ask((api) => api.join(planting, parts, said, last)) : Promise.resolve(null);
  const run = async (): Promise<Composed> => {
    const full = await search(false);
    const composed = (await join(full, false)) ?? (await join([...full, ...(await search(true))], true));
    if (!composed) throw new Error('The search did not start. Try again.');
    return composed;
  };
  const rest = () => {
    if (resting) stop();
    else resting = composers;
  };
  const composed = run();
  composed.then(rest, stop);
  return { composed, stop };
}

import { proxy } from 'comlink';
import type { Composed, Part, Proposal, Said } from '@/core/compose/compose';
import { PARTS } from '@/core/compose/themes';
import type { Planting } from '@/core/plantings/schema';
import type { Mine } from '@/core/stock/shelf';
import { startComposer } from './workers';

interface Order {
  planting: Planting;
  seed: number;
  mine: Mine;
  said?: Said;
  onProgress?: (done: number, sofar: readonly Proposal[]) => void;
}

/** Composes in a worker for each part of the search, and joins what they find. Stopping ends the workers, and what was asked is never answered. */
export function composeInParts({ planting, seed, mine, said, onProgress }: Order): {
  composed: Promise<Composed>;
  stop: () => void;
} {
  const composers = PARTS.map(() => startComposer());
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
  const join = (parts: readonly Part[], last: boolean) =>
    first ? first.ask((api) => api.join(planting, parts, said, last)) : Promise.resolve(null);
  const run = async (): Promise<Composed> => {
    const full = await search(false);
    const composed = (await join(full, false)) ?? (await join([...full, ...(await search(true))], true));
    if (!composed) throw new Error('No part of the search was begun.');
    return composed;
  };
  return { composed: run().finally(stop), stop };
}

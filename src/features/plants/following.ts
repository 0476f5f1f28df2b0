'use client';
import { useEffect, useState } from 'react';
import type { Proposal } from '@/core/compose/compose';
import type { Act } from '@/core/compose/turns/act';
import { secondActOn } from '@/core/compose/turns/second-act';
import type { Mine } from '@/core/stock/shelf';
import { startComposer } from '../shell/workers';

/** What follows each proposal: null where nothing does; one that is missing is still looked for. */
export type Following = ReadonlyMap<Proposal, Act | null>;

const NOTHING: Following = new Map();

/**
 * Looks for what follows proposals for spring and for the winter, one after another in a worker of its own;
 * leaving ends it.
 */
export function useFollowing(proposals: readonly Proposal[] | null, mine: Mine): Following {
  const [found, setFound] = useState({ of: proposals, acts: NOTHING });
  useEffect(() => {
    if (!proposals?.some((p) => secondActOn(p.planting) !== null)) return;
    const composer = startComposer();
    let wanted = true;
    const look = async () => {
      const acts = new Map<Proposal, Act | null>();
      for (const p of proposals) {
        acts.set(p, await composer.ask((api) => api.secondAct(p.planting, 1, mine)));
        if (!wanted) return;
        setFound({ of: proposals, acts: new Map(acts) });
      }
      composer.stop();
    };
    look().catch((e: unknown) => {
      if (!wanted) return;
      console.warn('What follows was not found:', e);
      // What is not there yet will not come: nothing goes on saying that it is looked for.
      setFound(({ of, acts }) => ({
        of: proposals,
        acts: new Map(proposals.map((p) => [p, (of === proposals && acts.get(p)) || null])),
      }));
    });
    return () => {
      wanted = false;
      composer.stop();
    };
  }, [proposals, mine]);
  return found.of === proposals ? found.acts : NOTHING;
}

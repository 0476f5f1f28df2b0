import { type GroupProposal, inRole, leadsOf } from '@/core/compose/over/group';
import type { PotChoice } from '@/core/groups/pots';
import type { Planting } from '@/core/plantings/schema';
import type { Mine } from '@/core/stock/shelf';
import { composeInParts } from '../shell/in-parts';
import { startComposer } from '../shell/workers';

/** Workers that compose what stands round the leads. */
const HANDS = 2;

interface Asked {
  base: Planting;
  pots: readonly PotChoice[];
  seed: number;
  mine: Mine;
  onFound: (done: number, sofar: readonly GroupProposal[]) => void;
}

/** Composes groups: the leads in workers for each part of the search, then what stands round each. Stopping ends the workers, and what was asked is never answered. */
export function composeGroups({ base, pots, seed, mine, onFound }: Asked): {
  found: Promise<readonly GroupProposal[]>;
  stop: () => void;
} {
  let stopped = false;
  const [first] = pots;
  const lead = first ? composeInParts({ planting: inRole(base, first), seed, mine }) : null;
  const hands = Array.from({ length: HANDS }, startComposer);
  const stop = () => {
    stopped = true;
    lead?.stop();
    hands.forEach((h) => h.stop());
  };
  const run = async (): Promise<readonly GroupProposal[]> => {
    if (!first || !lead) return [];
    const { proposals, problem } = await lead.composed;
    if (proposals.length === 0) throw new Error(problem ?? 'No main container could be composed.');
    const waiting = leadsOf(proposals, first.role).map((l, i) => ({ lead: l, seed: seed + i }));
    const all = waiting.length;
    const found: GroupProposal[] = [];
    let done = 0;
    const work = async (hand: (typeof hands)[number]): Promise<void> => {
      for (let next = waiting.shift(); next && !stopped; next = waiting.shift()) {
        const { lead: of, seed: its } = next;
        const made = await hand.ask((api) => api.group(of, pots, its, mine));
        if (made) found.push(made);
        done += 1;
        found.sort((a, b) => b.score - a.score);
        onFound(done / all, [...found]);
      }
    };
    await Promise.all(hands.map(work));
    return found;
  };
  return { found: run().finally(stop), stop };
}

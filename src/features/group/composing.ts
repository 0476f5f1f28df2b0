import { type Company, type GroupProposal, inRole, leadsOf, type Member, potsBeside } from '@/core/compose/over/group';
import type { PotChoice } from '@/core/groups/pots';
import type { GroupRole } from '@/core/groups/roles';
import type { Planting } from '@/core/plantings/schema';
import type { Mine } from '@/core/stock/shelf';
import { composeAhead, composeInParts } from '../shell/in-parts';
import { startComposer } from '../shell/workers';

/** Workers that compose what stands round the leads. */
const HANDS = 2;

/** A lead, and what was found for the pots beside it. */
interface Round {
  lead: Member;
  seed: number;
  made: Map<GroupRole, Company>;
}

type Hand = ReturnType<typeof startComposer>;

interface Asked {
  base: Planting;
  pots: readonly PotChoice[];
  seed: number;
  mine: Mine;
  onFound: (done: number, sofar: readonly GroupProposal[]) => void;
}

/**
 * Composes groups: the leads in workers for each part of the search, then what stands round each. Stopping
 * ends the workers, and what was asked is never answered.
 */
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
    const beside = potsBeside(pots);
    const rounds: Round[] = leadsOf(proposals, first.role).map((of, i) => ({
      lead: of,
      seed: seed + i,
      made: new Map(),
    }));
    // A group’s pots are composed at once, a group after the other: the first is there as soon as can be.
    const waiting = rounds.flatMap((round) => beside.map((pot) => ({ round, pot })));
    const all = Math.max(1, waiting.length);
    const found: GroupProposal[] = [];
    let done = 0;
    const finish = async (hand: Hand, { lead: of, made }: Round): Promise<void> => {
      const group = await hand.ask((api) => api.group(of, pots, made));
      if (group) found.push(group);
      found.sort((x, y) => y.score - x.score);
    };
    if (beside.length === 0) for (const round of rounds) if (hands[0]) await finish(hands[0], round);
    const work = async (hand: Hand): Promise<void> => {
      for (let next = waiting.shift(); next && !stopped; next = waiting.shift()) {
        const { round, pot } = next;
        const company = await hand.ask((api) => api.company(round.lead, pot, round.seed, mine));
        if (company) round.made.set(pot.role, company);
        done += 1;
        if (round.made.size === beside.length) await finish(hand, round);
        onFound(done / all, [...found]);
      }
    };
    await Promise.all(hands.map(work));
    return found;
  };
  return { found: run().finally(stop), stop };
}

/** Composes the leads ahead of being asked, so that the first group comes soon when it is. */
export function composeLeadsAhead({ base, pots, seed, mine }: Omit<Asked, 'onFound'>): void {
  const [first] = pots;
  if (first) composeAhead(inRole(base, first), mine, seed);
}

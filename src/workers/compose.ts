import { expose } from 'comlink';
import {
  composingPart,
  type Composed,
  isThin,
  joinedParts,
  type SearchPart,
  type Proposal,
  type Said,
} from '@/core/compose/compose';
import {
  type Company,
  groupOf,
  type GroupProposal,
  type Member,
  neighbourOf,
  sharing,
} from '@/core/compose/over/group';
import { partnerFor } from '@/core/compose/over/partner';
import { PARTS } from '@/core/compose/themes';
import type { Act } from '@/core/compose/turns/act';
import { secondAct } from '@/core/compose/turns/second-act';
import { type PlannedYear, type TurnName, composeYear } from '@/core/compose/turns/year';
import type { PotChoice } from '@/core/groups/pots';
import type { GroupRole } from '@/core/groups/roles';
import { shelfOf, type Mine } from '@/core/stock/shelf';
import type { Planting } from '@/core/plantings/schema';
import { workAhead } from './ahead';
import { letGo } from './let-go';

/** What is composed, out of which plants, and which of the parts it falls into. */
export interface Errand {
  planting: Planting;
  seed: number;
  mine: Mine;
  said: Said | undefined;
  part: number;
  /** In fewer plants than usual. */
  fewer: boolean;
}

const ahead = workAhead(({ planting, seed, mine, said, part, fewer }: Errand) =>
  composingPart(planting, PARTS[part] ?? [], fewer, { seed, said, library: shelfOf(mine) }),
);

/** Composing off the main thread, a part to a worker. To cancel, end the worker. */
const api = {
  /** Composes ahead of being asked. */
  runAhead: (errand: Errand): Promise<void> => ahead.run(errand),
  part: (errand: Errand, onProgress: (done: number, sofar: Proposal[]) => void): SearchPart => {
    const part = ahead.ask(errand, (done, sofar) => onProgress(done, sofar));
    letGo(onProgress);
    return part;
  },
  /** What the parts come to; null while there is no choice and fewer plants have not been tried. */
  join: (planting: Planting, parts: readonly SearchPart[], said: Said | undefined, last: boolean): Composed | null =>
    !last && isThin(parts) ? null : joinedParts(planting, parts, { said }),
  /** A year of turns, each composed into what the one before leaves. */
  year: (
    planting: Planting,
    asked: readonly { name: TurnName; on: string }[],
    mine: Mine,
    died: ReadonlyMap<string, string>,
    onTurn: (done: number) => void,
  ): PlannedYear => composeYear(planting, asked, shelfOf(mine), died, (done) => onTurn(done)),
  /** What follows a planting that is over in spring. */
  secondAct: (planting: Planting, seed: number, mine: Mine): Act | null => secondAct(planting, seed, shelfOf(mine)),
  /** A planting to stand by turns with this one. */
  partner: (planting: Planting, seed: number, mine: Mine): Proposal | null => partnerFor(planting, seed, shelfOf(mine)),
  /** What stands beside a lead in one of a group’s pots. */
  company: (lead: Member, pot: PotChoice, seed: number, mine: Mine): Company | null =>
    neighbourOf(lead.planting, pot, { seed, library: shelfOf(mine) }),
  /** A lead and its company, set out and judged as one. */
  group: (lead: Member, pots: readonly PotChoice[], company: ReadonlyMap<GroupRole, Company>): GroupProposal | null =>
    groupOf(lead, pots, company),
  /** A planting to stand beside another, in a pot of its own. */
  neighbour: (of: Planting, pot: Pick<PotChoice, 'role' | 'container'>, seed: number, mine: Mine): Planting | null =>
    neighbourOf(of, pot, { seed, library: shelfOf(mine) })?.member.planting ?? null,
  /** A container composed anew with a plant that others have. */
  sharing: (of: Planting, plant: string, seed: number, mine: Mine): Planting | null =>
    sharing(of, plant, { seed, library: shelfOf(mine) }),
};
export type ComposeApi = typeof api;

expose(api);

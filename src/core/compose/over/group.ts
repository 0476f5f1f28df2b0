import { freshGroup } from '../../groups/arrange';
import { type GroupFinding, judgeGroup, moved } from '../../groups';
import { asGroup } from '../../groups/cluster';
import { GROUP_ROLES, type GroupRole } from '../../groups/roles';
import { sceneOf } from '../../groups/scene';
import type { Group } from '../../groups/schema';
import type { PotChoice } from '../../groups/pots';
import { bestWeeks } from '../../growth/stretches';
import { grow } from '../../growth/season';
import { LIBRARY } from '../../plants';
import { called } from '../../plants/called';
import type { Plant } from '../../plants/schema';
import { resolve } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { addDays } from '../../units/date';
import { mean } from '../../units/number';
import { compose, type Proposal } from '../compose';
import { refusal } from '../filter';

/** A container of a group that is proposed. */
export interface Member {
  role: GroupRole;
  planting: Planting;
  score: number;
}

/** Containers composed to stand together, set out, and judged as one on the day they are at their best. */
export interface GroupProposal {
  members: Member[];
  group: Group;
  findings: GroupFinding[];
  /** The plant that comes again in all of them; null where only the colours do. */
  shared: Plant | null;
  score: number;
  /** The idea, in a sentence. */
  reason: string;
}

interface Options {
  seed?: number;
  library?: readonly Plant[];
  /** How many to bring back. */
  want?: number;
}

const WANT = 3;
/** What is to be watched in a group costs so many points of it. Working figure. */
const WATCHED = 6;
/** Of each pot but the lead’s so many proposals are weighed. Working figure: time. */
const WEIGHED = 2;

/**
 * The kinds of a planting that can live in another container too, those that carry it first: what hangs, then
 * what fills.
 */
function sharable(of: Planting, into: Planting): Plant[] {
  const order = { spiller: 0, filler: 1, thriller: 2 } as const;
  const kinds = new Map(resolve(of).map((p) => [p.plant.id, p]));
  return [...kinds.values()]
    .filter((p) => p.role !== 'thriller')
    .sort((a, b) => order[a.role] - order[b.role])
    .map((p) => p.plant)
    .filter((p) => refusal(p, into) === null);
}

const thrillersOf = (p: Planting): string[] =>
  resolve(p)
    .filter((x) => x.role === 'thriller')
    .map((x) => x.plant.id);

/** A container for a role in the spot, season and colours of a planting. */
export const inRole = (of: Planting, { role, container }: Pick<PotChoice, 'role' | 'container'>): Planting => ({
  ...of,
  container,
  brief: { ...of.brief, school: GROUP_ROLES[role].school, must: [], budget: null },
  placements: [],
  deeds: [],
  learned: [],
  drinksBy: 1,
});

/** A container that was composed to stand beside another, and the kind they share, if any. */
export interface Company {
  member: Member;
  shared: Plant | null;
}

/**
 * A planting to stand beside another: its spot, season and colours, in a container of its own, with one kind in common
 * where any can live there, and another lead. Null where none can be made. Throws UnknownPlantError.
 */
export function neighbourOf(
  of: Planting,
  pot: Pick<PotChoice, 'role' | 'container'>,
  { seed = 1, library = LIBRARY }: Pick<Options, 'seed' | 'library'> = {},
): Company | null {
  const bare = inRole(of, pot);
  const [shared = null] = sharable(of, bare);
  for (const must of shared ? [[shared.id], []] : [[]]) {
    const brief = { ...bare.brief, must, never: [...bare.brief.never, ...thrillersOf(of)] };
    const { proposals } = compose({ ...bare, brief }, { seed, library, want: WEIGHED });
    // Groups that are composed one after another do not all get the same company.
    const sorted = [...proposals].sort((a, b) => b.report.score - a.report.score);
    const best = sorted[(seed - 1) % Math.max(1, sorted.length)];
    if (!best) continue;
    const planting = { ...best.planting, brief: { ...bare.brief, must: [] } };
    return { member: { role: pot.role, planting, score: best.report.score }, shared: must.length > 0 ? shared : null };
  }
  return null;
}

/**
 * The same container composed anew with a plant that others have. Null where it cannot live there. Throws
 * UnknownPlantError.
 */
export function sharing(
  of: Planting,
  plant: string,
  { seed = 1, library = LIBRARY }: Pick<Options, 'seed' | 'library'> = {},
): Planting | null {
  const brief = { ...of.brief, must: [...of.brief.must.filter((m) => m !== plant), plant].slice(-5) };
  const [best] = compose({ ...of, brief, placements: [], deeds: [] }, { seed, library, want: WEIGHED }).proposals;
  return best ? { ...best.planting, brief: of.brief } : null;
}

/** The day on which most of them are at their best: that of the lead’s best weeks. */
function bestDay({ planting }: Member): string {
  const best = bestWeeks(grow(planting));
  return addDays(planting.startDate, 7 * Math.round(best ? (best.from + best.to) / 2 : 10));
}

/** Plants of one kind and role stand in several: they are one container, so many of it. */
function counted(members: readonly Member[]): Member[] {
  const out: Member[] = [];
  for (const m of members) {
    const same = out.findIndex((o) => o.role === m.role);
    const was = out[same];
    if (was)
      out[same] = {
        ...was,
        planting: {
          ...was.planting,
          container: { ...was.planting.container, count: was.planting.container.count + 1 },
        },
      };
    else out.push(m);
  }
  return out;
}

function said(members: readonly Member[], shared: Plant | null): string {
  const [lead] = members;
  const name = lead && resolve(lead.planting).find((p) => p.role === 'thriller')?.plant;
  const many = members.reduce((n, m) => n + m.planting.container.count, 0);
  const again = shared
    ? `${called(shared, true).replace(/^./, (c) => c.toUpperCase())} repeat in all ${many}`
    : 'They share one set of colours';
  const led = name ? `; ${called(name, false)} leads` : '';
  return `${again}${led}, and the others step down from it.`;
}

function judged(members: readonly Member[], shared: Plant | null, place: string): GroupProposal {
  const plantings = members.map((m) => m.planting);
  const day = bestDay(members[0] as Member);
  const rough = freshGroup(place, plantings, day);
  const group = moved(rough, asGroup(sceneOf(rough, plantings, day)));
  const findings = judgeGroup(sceneOf(group, plantings, day));
  const watched = findings.filter((f) => f.severity !== 'good').length;
  const score = Math.max(0, Math.round(mean(members.map((m) => m.score)) - WATCHED * watched));
  return { members: [...members], group, findings, shared, score, reason: said(members, shared) };
}

/** The first of what was proposed for the lead’s pot, each the lead of a group. */
export const leadsOf = (proposals: readonly Proposal[], role: GroupRole, want = WANT): Member[] =>
  proposals.slice(0, want).map((l) => ({ role, planting: named(l.planting, role), score: l.report.score }));

/** The pots that something else than the lead is composed for: one of each role. */
export const potsBeside = (pots: readonly PotChoice[]): PotChoice[] => {
  const [lead, ...others] = pots;
  return others.filter(({ role }, i) => role !== lead?.role && others.findIndex((other) => other.role === role) === i);
};

/**
 * A group of a lead and the company that was found for it, by role: null where some of it is missing. Throws
 * UnknownPlantError.
 */
export function groupOf(
  lead: Member,
  pots: readonly PotChoice[],
  company: ReadonlyMap<GroupRole, Company>,
): GroupProposal | null {
  const members = [lead];
  const shares: (Plant | null)[] = [];
  for (const { role } of pots.slice(1)) {
    const made = company.get(role);
    if (!made && role !== lead.role) return null;
    members.push(made ? { ...made.member, planting: named(made.member.planting, role) } : lead);
    if (made) shares.push(made.shared);
  }
  const [shared = null] = shares;
  const isOne = shares.every((s) => s?.id === shared?.id);
  return judged(counted(members), isOne ? shared : null, lead.planting.spot.name);
}

/** A group round a lead: null where nothing can stand with it. Throws UnknownPlantError. */
function groupRound(
  lead: Member,
  pots: readonly PotChoice[],
  options: Pick<Options, 'seed' | 'library'>,
): GroupProposal | null {
  const company = potsBeside(pots).flatMap((pot): [GroupRole, Company][] => {
    const made = neighbourOf(lead.planting, pot, options);
    return made ? [[pot.role, made]] : [];
  });
  return groupOf(lead, pots, new Map(company));
}

/**
 * Composes groups: for each lead the others, with a kind of the lead’s in common and a lead of their own, all in the
 * colours, light and season of `base`; pots of one role are the same. Each is set out and judged as one. Best first,
 * each with another lead. Throws UnknownPlantError.
 */
export function composeGroup(base: Planting, pots: readonly PotChoice[], options: Options = {}): GroupProposal[] {
  const [first] = pots;
  if (!first) return [];
  const { seed = 1, library = LIBRARY, want = WANT } = options;
  // One more is looked for than is wanted: the last of a search are its weakest.
  const { proposals } = compose(inRole(base, first), { seed, library, want: want + 1 });
  return leadsOf(proposals, first.role, want)
    .flatMap((lead) => groupRound(lead, pots, options) ?? [])
    .sort((a, b) => b.score - a.score);
}

const named = (planting: Planting, role: GroupRole): Planting => ({
  ...planting,
  id: `${role}-of-group`,
  name: GROUP_ROLES[role].label,
});

import { same } from '../units/same';
import type { Deed } from './deeds';
import { counted } from './ids';
import type { Placement, Planting } from './schema';

/** What two edits of one planting come to. */
export interface Joined {
  planting: Planting;
  /** What both changed, each in its own way, in the words of the screen: there the edit here was kept. */
  met: string[];
}

/** Changed here, there, or in both in different ways: the edit here wins. */
interface Meeting<T> {
  value: T;
  met: boolean;
}

function meet<T>(base: T, mine: T, theirs: T): Meeting<T> {
  if (same(mine, base)) return { value: theirs, met: false };
  return { value: mine, met: !same(theirs, base) && !same(theirs, mine) };
}

/** Every field of its own: one changed here and another there are both kept. */
function byField<T extends object>(base: T, mine: T, theirs: T): Meeting<T> {
  let met = false;
  const out: Partial<T> = {};
  const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]) as Set<keyof T>;
  for (const key of keys) {
    const m = meet(base[key], mine[key], theirs[key]);
    met ||= m.met;
    if (m.value !== undefined) out[key] = m.value;
  }
  return { value: out as T, met };
}

type Known = Pick<Placement | Deed, 'id'>;

/**
 * Every thing by its id. What was taken out in one and left alone in the other is gone; what the other changed is kept.
 * Two that got one id at the same time are both kept: the one here is given another by `anew`.
 */
function byId<T extends Known>(
  base: readonly T[],
  mine: readonly T[],
  theirs: readonly T[],
  anew: (thing: T) => T,
): Meeting<T[]> {
  const at = (list: readonly T[]) => new Map(list.map((x) => [x.id, x]));
  const [b, m, t] = [at(base), at(mine), at(theirs)];
  let met = false;
  const out: T[] = [];
  for (const there of theirs) {
    const [was, here] = [b.get(there.id), m.get(there.id)];
    if (was && here) {
      const both = byField<T>(was, here, there);
      met ||= both.met;
      out.push(both.value);
    } else if (was) {
      // Taken out here: it stays out unless it was changed there.
      if (!same(was, there)) [met] = [true, out.push(there)];
    } else if (here && !same(here, there)) {
      out.push(there, anew(here));
    } else out.push(there);
  }
  for (const here of mine) {
    if (t.has(here.id)) continue;
    const was = b.get(here.id);
    if (!was) out.push(here);
    // Taken out there: it stays out unless it was changed here.
    else if (!same(was, here)) [met] = [true, out.push(here)];
  }
  return { value: out, met };
}

/**
 * Two edits of one planting, from what both began with: what was changed in one of them only is kept, whichever it was;
 * where both changed the same, the one here wins and it is said. Pure. No id is given out twice.
 */
export function joined(base: Planting, mine: Planting, theirs: Planting): Joined {
  if (same(base, theirs)) return { planting: mine, met: [] };
  if (same(base, mine)) return { planting: counted(theirs, mine.nextId), met: [] };
  const met: string[] = [];
  const said = <T>(name: string, m: Meeting<T>): T => {
    if (m.met) met.push(name);
    return m.value;
  };
  let next = Math.max(mine.nextId, theirs.nextId);
  const renamed = new Map<string, string>();
  const anew = <T extends Known>(thing: T): T => {
    const id = `${thing.id.charAt(0)}${next++}`;
    renamed.set(thing.id, id);
    return { ...thing, id };
  };
  const placements = said('the plants', byId(base.placements, mine.placements, theirs.placements, anew));
  const here = new Set(placements.map((p) => p.id));
  const theirOwn = new Set(theirs.deeds.map((d) => d.id));
  const deeds = said('the jobs', byId(base.deeds, mine.deeds, theirs.deeds, anew))
    .map((d) => (d.to !== null && !theirOwn.has(d.id) ? { ...d, to: renamed.get(d.to) ?? d.to } : d))
    .filter((d) => d.to === null || here.has(d.to));
  const planting: Planting = {
    ...theirs,
    name: said('the name', meet(base.name, mine.name, theirs.name)),
    startDate: said('the planting date', meet(base.startDate, mine.startDate, theirs.startDate)),
    spot: said('the spot', byField(base.spot, mine.spot, theirs.spot)),
    container: said('the container', byField(base.container, mine.container, theirs.container)),
    brief: said('the brief', byField(base.brief, mine.brief, theirs.brief)),
    placements,
    deeds,
    learned: said('measured growth', meet(base.learned, mine.learned, theirs.learned)),
    drinksBy: said('measured growth', meet(base.drinksBy, mine.drinksBy, theirs.drinksBy)),
    nextId: next,
  };
  return { planting: counted(planting), met };
}

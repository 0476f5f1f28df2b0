import type { z } from 'zod';
import { freshPlanting } from '../plantings/fresh';
import { LaterSchema, PLANTING_MINOR, type Later } from '../plantings/later';
import type { Raw } from './versions';

/** Lists of a planting whose entries can be left out one by one. */
const LISTS: ReadonlySet<string> = new Set(['placements', 'deeds', 'learned']);
/** Faults that something new looks like; any other is a fault in a later file too. */
export const NEW: ReadonlySet<string> = new Set(['invalid_value', 'invalid_union', 'custom']);

const isRaw = (x: unknown): x is Raw => typeof x === 'object' && x !== null && !Array.isArray(x);
const alike = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
const idOf = (x: unknown): string | null => (isRaw(x) && typeof x.id === 'string' ? x.id : null);

/** What is at a step: a field, or in a list the entry with an id or at a place. */
function stepTo(from: unknown, step: PropertyKey): unknown {
  if (Array.isArray(from)) return typeof step === 'number' ? from[step] : from.find((x) => idOf(x) === step);
  return isRaw(from) ? from[String(step)] : undefined;
}
const reach = (from: unknown, way: readonly PropertyKey[]): unknown => way.reduce(stepTo, from);

/** Whether data was written by a later minor version than this. */
export const isLater = (data: Raw): boolean => typeof data.minor === 'number' && data.minor > PLANTING_MINOR;

/**
 * The data with what was set aside back in its place, where that is still as it was left; what has no place
 * any more is dropped.
 */
export function restored(data: Raw): Raw {
  const read = LaterSchema.array().safeParse(data.later);
  if (!read.success) return data;
  const { later, ...rest } = structuredClone(data);
  void later;
  for (const { at, is, now } of read.data) {
    const last = at.at(-1) ?? '';
    const home = reach(rest, at.slice(0, -1));
    const here = stepTo(home, last);
    if (at.length === 1 && LISTS.has(last) && Array.isArray(here)) {
      if (idOf(is) === null || !here.some((x) => idOf(x) === idOf(is))) here.push(is);
    } else if (isRaw(home) && alike(here, now)) home[last] = is;
  }
  return rest;
}

/** The way to a place as it can be found again: by the ids of entries, null where one has none. */
function wayBack(data: Raw, path: readonly PropertyKey[]): string[] | null {
  const way: string[] = [];
  let here: unknown = data;
  for (const step of path) {
    here = stepTo(here, step);
    const named = typeof step === 'number' ? idOf(here) : String(step);
    if (named === null) return null;
    way.push(named);
  }
  return way;
}

/**
 * Data without what was refused in it, and that beside it; null where a fault is none that something new would make.
 * A field that is not known goes alone; an entry of a list whole; a choice gives way to that of a new planting.
 */
export function setAside(data: Raw, issues: readonly z.core.$ZodIssue[]): Raw | null {
  const out = structuredClone(data);
  const aside: Later[] = LaterSchema.array().safeParse(out.later).data ?? [];
  const whole = new Map<string, Set<number>>();
  for (const issue of issues) {
    const [list, index] = issue.path;
    const entry = typeof list === 'string' && LISTS.has(list) && typeof index === 'number' ? { list, index } : null;
    const way = wayBack(data, issue.path);
    if (issue.code === 'unrecognized_keys' && way) {
      const home = reach(out, issue.path);
      if (!isRaw(home)) return null;
      for (const key of issue.keys) {
        aside.push({ at: [...way, key], is: home[key] });
        Reflect.deleteProperty(home, key);
      }
    } else if (entry && (NEW.has(issue.code) || issue.code === 'unrecognized_keys')) {
      whole.set(entry.list, (whole.get(entry.list) ?? new Set()).add(entry.index));
    } else if (issue.code === 'invalid_value' && way) {
      const usual = reach(freshPlanting('x', 'x', '2026-05-01'), issue.path);
      const [home, last] = [reach(out, issue.path.slice(0, -1)), way.at(-1) ?? ''];
      if (usual === undefined || !isRaw(home)) return null;
      aside.push({ at: way, is: home[last], now: usual });
      home[last] = usual;
    } else return null;
  }
  for (const [list, indexes] of whole) {
    const all = out[list] as unknown[];
    for (const i of indexes) aside.push({ at: [list], is: all[i] });
    out[list] = all.filter((_, i) => !indexes.has(i));
  }
  return { ...out, later: aside };
}

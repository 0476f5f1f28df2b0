import { measure } from '../balance/assess';
import type { Planting } from '../plantings/schema';
import type { Candidate, Judge, Judged } from './candidate';
import { place } from './place';
import { worth } from './worth';

const keyOf = (c: Candidate): string =>
  `${c.small ?? ''}|${c.pattern.id}|${c.pattern.parts.map((p) => c.cast[p.id]?.id).join(',')}`;

/** A judge of candidates for one planting, trying cheaper starts when one is over budget. */
export function judgeOf(base: Planting): Judge {
  const kept = new Map<string, Judged | null>();
  const best = (c: Candidate): Judged | null => {
    let out: Judged | null = null;
    for (const cheap of c.small === undefined ? [false, true] : [c.small]) {
      const placements = place(c.pattern, c.cast, base, cheap);
      if (!placements) continue;
      const measured = measure({ ...base, placements });
      if (!out || measured.score > out.measured.score) out = { ...c, placements, measured };
      if (measured.readings.every((f) => f.check !== 'cost' || f.severity === 'good')) break;
    }
    return out;
  };
  const judge = (c: Candidate) => {
    const key = keyOf(c);
    const known = kept.get(key);
    if (known !== undefined) return known;
    const out = best(c);
    kept.set(key, out);
    return out;
  };
  return Object.assign(judge, { tried: () => kept.size });
}

/** What is watched here is not offered where anything else is: over the budget, strangers in one pot, two waterings, two mixes, what runs, what pines for light, herbs beside what must not be eaten, what takes the whole pot. */
const SPOILS = new Set(['cost', 'worlds', 'water', 'mix', 'thug', 'light', 'safety', 'spread']);

/** Nothing in it will fail, cannot be planted so, or can hurt someone; it keeps to the budget, and they belong together. */
export const isClean = (j: Pick<Judged, 'measured'>): boolean =>
  j.measured.readings.every((f) => f.severity !== 'wrong' && (!SPOILS.has(f.check) || f.severity === 'good'));

/** Nothing in it is wrong. */
export const isHarmless = (j: Pick<Judged, 'measured'>): boolean =>
  j.measured.readings.every((f) => f.severity !== 'wrong');

/** Better first. */
export const byWorth = (a: Judged, b: Judged): number => worth(b) - worth(a);

import type { Budget } from './budget';
import { type Candidate, type Cast, type Judge, type Judged, leadOf, mayJoin } from './candidate';
import type { Pattern } from './patterns';
import { worth } from './worth';

/** Kinds tried for each part when swapping, and when climbing; rounds of climbing; patterns tried for the same kinds. Working figures: time against quality. */
const SWAPS = 5;
const DIRECTIONS = 9;
/** A part with no more kinds to choose from than this is tried with all of them. */
const ALL_OF = 16;

/** Swaps one kind at a time while that helps; must-haves and the lead stay. */
export function improve(from: Judged, judge: Judge, must: readonly string[]): Judged {
  const { pattern } = from;
  let best = from;
  for (let round = 0; round < 2; round += 1) {
    const before = worth(best);
    for (const part of pattern.parts) {
      if (part.id === 'T' || (part.id === 'F0' && !from.cast.T) || must.includes(best.cast[part.id]?.id ?? ''))
        continue;
      for (const { plant } of ofKin(from, part.role).slice(0, SWAPS)) {
        const others = pattern.parts.filter((o) => o.id !== part.id).map((o) => best.cast[o.id]);
        if (!mayJoin(best.kin, others, plant)) continue;
        const tried = judge({ ...best, cast: { ...best.cast, [part.id]: plant } });
        if (tried && worth(tried) > worth(best)) best = tried;
      }
    }
    if (worth(best) - before < 0.3) break;
  }
  return best;
}

/** Climbs by every single change: another kind in any part, the lead too, another pattern for the same kinds, or smaller starts. */
export function climb(
  from: Judged,
  patterns: readonly Pattern[],
  judge: Judge,
  must: readonly string[],
  { rounds, recasts }: Pick<Budget, 'rounds' | 'recasts'>,
): Judged {
  let best = from;
  for (let round = 0; round < rounds; round += 1) {
    const before = best;
    for (const c of [
      ...otherKinds(best, must),
      ...patterns
        .filter((p) => Math.abs(p.parts.length - best.pattern.parts.length) <= 1)
        .slice(0, recasts)
        .flatMap((p) => recast(best, p, must)),
      { ...best, small: !best.small },
    ]) {
      const tried = judge(c);
      if (tried && worth(tried) > worth(best)) best = tried;
    }
    if (best === before) break;
  }
  return best;
}

/** Betters what has something to watch, and keeps its lead, which is what it is about: the same kinds laid out otherwise, then another kind for whoever is to blame, then for anyone. */
export function mend(
  from: Judged,
  patterns: readonly Pattern[],
  judge: Judge,
  must: readonly string[],
  { recasts, mending }: Pick<Budget, 'recasts' | 'mending'>,
): Judged {
  const until = judge.tried() + mending;
  const lead = leadOf(from);
  let best = from;
  for (let before: Judged | null = null; before !== best && isWatched(best);) {
    before = best;
    const start = best;
    const others = otherKinds(start, must).filter((c) => leadOf(c) === lead);
    const blamed = blamedIn(start);
    const changes = (c: Candidate) => Object.entries(c.cast).some(([id, p]) => blamed.has(id) && p !== start.cast[id]);
    for (const c of [
      ...patterns.slice(0, recasts).flatMap((p) => recast(start, p, must)),
      ...others.filter(changes),
      ...others.filter((o) => !changes(o)),
    ]) {
      if (judge.tried() >= until) return best;
      const tried = leadOf(c) === lead ? judge(c) : null;
      if (tried && worth(tried) > worth(best)) best = tried;
    }
  }
  return best;
}

/** Whether there is something to watch in it. */
export const isWatched = ({ measured }: Judged): boolean => measured.readings.some((r) => r.severity !== 'good');

/** The parts whose plants something is to be watched in. */
function blamedIn({ measured, placements }: Judged): Set<string | null> {
  const ids = new Set(measured.readings.filter((r) => r.severity !== 'good').flatMap((r) => r.culprits));
  return new Set(placements.filter((p) => ids.has(p.id)).map((p) => p.part));
}

/** A pattern of no more ways to fill it than this is tried whole. Working figure. */
const WHOLE = 240;

/** Every way to fill the plainest patterns, where a small library leaves few enough: nothing to climb from is needed. */
export function sweep(
  from: Judged,
  patterns: readonly Pattern[],
  judge: Judge,
  must: readonly string[],
  effort: number,
): Judged[] {
  const out: Judged[] = [];
  for (const pattern of patterns) {
    const players = pattern.parts.map((part) => from.ranked[part.role]);
    if (players.reduce((n, p) => n * p.length, 1) > WHOLE) continue;
    const casts = pattern.parts.reduce<Cast[]>(
      (so, part, i) =>
        so.flatMap((cast) =>
          (players[i] ?? [])
            .filter(({ plant }) => mayJoin(from.kin, Object.values(cast), plant))
            .map(({ plant }) => ({ ...cast, [part.id]: plant })),
        ),
      [{}],
    );
    for (const cast of casts) {
      if (judge.tried() >= effort) return out;
      if (!must.every((id) => Object.values(cast).some((p) => p.id === id))) continue;
      const tried = judge({ ...from, pattern, cast, small: undefined });
      if (tried) out.push(tried);
    }
  }
  return out;
}

/** Changes two kinds at once, in any pattern that suits as many kinds, while that helps and effort is left: gets off a hill that no single change leaves. For small libraries. */
export function leap(
  from: Judged,
  patterns: readonly Pattern[],
  judge: Judge,
  must: readonly string[],
  effort: number,
): Judged {
  const like = patterns.filter((p) => p.parts.length === from.pattern.parts.length);
  const starts = [from, ...like.flatMap((p) => recast(from, p, must))];
  let best = from;
  for (const start of starts) {
    for (const one of otherKinds({ ...from, ...start }, must)) {
      for (const two of otherKinds({ ...from, ...one }, must)) {
        if (judge.tried() >= effort) return best;
        const tried = judge(two);
        if (tried && worth(tried) > worth(best)) best = tried;
      }
    }
  }
  return best;
}

/** The same pattern with one part's kind changed. */
function otherKinds(from: Judged, must: readonly string[]): Candidate[] {
  const { pattern, cast } = from;
  return pattern.parts
    .filter((part) => !must.includes(cast[part.id]?.id ?? ''))
    .flatMap((part) => {
      const players = ofKin(from, part.role);
      // One of another species, or one more colour of the same: never one that stands there already.
      const all = pattern.parts.map((o) => cast[o.id]);
      return players
        .slice(0, players.length <= ALL_OF ? ALL_OF : DIRECTIONS)
        .filter(({ plant }) => mayJoin(from.kin, all, plant))
        .map(({ plant }) => ({ ...from, cast: { ...cast, [part.id]: plant } }));
    });
}

/** Who may play a part: where all are cousins, the lead’s own. */
function ofKin({ kin, ranked, cast }: Candidate, role: keyof Candidate['ranked']): Candidate['ranked'][typeof role] {
  const first = Object.values(cast)[0];
  return kin === 'only' && first
    ? ranked[role].filter(({ plant }) => plant.botanical === first.botanical)
    : ranked[role];
}

/** The same kinds in another pattern; a part it lacks is filled with the most promising, one it drops is left out. */
function recast(from: Judged, pattern: Pattern, must: readonly string[]): Candidate[] {
  const cast: Cast = {};
  for (const part of pattern.parts) {
    const kept = from.cast[part.id];
    const taken = [...Object.values(cast), ...Object.values(from.cast)];
    const plant = kept ?? ofKin(from, part.role).find(({ plant: p }) => mayJoin(from.kin, taken, p))?.plant;
    if (!plant) return [];
    cast[part.id] = plant;
  }
  return must.every((id) => Object.values(cast).some((p) => p.id === id)) ? [{ ...from, pattern, cast }] : [];
}

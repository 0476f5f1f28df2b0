import { type AskedOfCandidate, type Candidate, type Cast, type Judge, type Judged, mayJoin } from './candidate';
import { isClean } from './clean';
import type { Pattern } from './patterns';
import { worth } from './worth';

/** What a sweep works with. */
interface Sweep {
  patterns: readonly Pattern[];
  judge: Judge;
  must: readonly string[];
  /** What counts against a candidate, points of the score. */
  against: (c: Pick<Candidate, 'cast'>) => number;
  /** Whether one may take the place of another. */
  mayFollow: (one: Judged, other: Judged) => boolean;
  /** Among so many of the most promising for each part. */
  among: number;
  /** It ends when the judge has spent so much. */
  effort: number;
}

type Parts = Pattern['parts'];

/**
 * What is worth no more than this nobody would sign: then every way there is is tried. Working figure, in
 * points of the score.
 */
const POOR = 40;

/** Every two of some; one alone by itself. */
const pairsOf = (parts: Parts): Parts[] =>
  parts.length < 2 ? [parts] : parts.flatMap((a, i) => parts.slice(i + 1).map((b) => [a, b]));

/**
 * Every way to fill some parts of a pattern with what plays such a part already: the same part, or one that
 * this pattern has not; no plant twice.
 */
function castsOf(kept: Parts, pattern: Pattern, best: Judged): Cast[] {
  const has = new Set(pattern.parts.map((p) => p.id));
  const placeless = best.pattern.parts.filter((p) => !has.has(p.id));
  return kept.reduce<Cast[]>(
    (casts, part) => {
      const players = [part, ...placeless.filter((o) => o.role === part.role)].flatMap((o) => best.cast[o.id] ?? []);
      return casts.flatMap((cast) =>
        players.filter((p) => !Object.values(cast).includes(p)).map((p) => ({ ...cast, [part.id]: p })),
      );
    },
    [{}],
  );
}

/**
 * Betters a planting by changing two of its plants at once, each for any of those it may choose `among`, in
 * every pattern, until no two that change better it. In a small library, where it is among all, it also tries
 * every way there is to fill the patterns: until something may be offered where it began from nothing such,
 * and in the end where it came to nothing much. What cannot come to more than the best so far by what two of
 * its plants are to each other is left out with all that holds them. What it began from where nothing helps.
 */
export function sweep(from: Judged, { patterns, judge, must, against, mayFollow, among, effort }: Sweep): Judged {
  let best = isClean(from) ? from : null;
  const asked = (more = 0): AskedOfCandidate => ({
    over: best ? worth(best) - against(best) + more : -Infinity,
    clean: true,
  });
  const fill = (pattern: Pattern, cast: Cast, free: Parts): void => {
    if (judge.spent() >= effort) return;
    const chosen = Object.values(cast);
    const [part, ...rest] = free;
    if (part) {
      for (const { plant } of from.ranked[part.role].slice(0, among)) {
        if (!mayJoin(from.kin, chosen, plant) || judge.hopeless([...chosen, plant], asked())) continue;
        fill(pattern, { ...cast, [part.id]: plant }, rest);
      }
      return;
    }
    if (!must.every((id) => chosen.some((p) => p.id === id))) return;
    for (const small of [undefined, true]) {
      const c: Candidate = { ...from, pattern, cast, small };
      const j = judge(c, asked(against(c)));
      if (j && (!best || mayFollow(j, best))) best = j;
    }
  };
  for (const pattern of among === Infinity ? patterns : []) if (!best) fill(pattern, {}, pattern.parts);
  for (let before: Judged | null = null; best !== before && judge.spent() < effort;) {
    before = best;
    for (const pattern of patterns)
      for (const pair of pairsOf(pattern.parts)) {
        const kept = pattern.parts.filter((p) => !pair.includes(p));
        for (const cast of best ? castsOf(kept, pattern, best) : []) fill(pattern, cast, pair);
      }
  }
  const poor = best ? worth(best) < POOR : true;
  if (among === Infinity && poor) for (const pattern of patterns) fill(pattern, {}, pattern.parts);
  return best ?? from;
}

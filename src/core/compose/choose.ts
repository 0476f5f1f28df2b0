import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { signature } from '../plants/signature';
import { type Idea, leadOf } from './candidate';
import { type ThemeId, THEME_IDS } from './themes';
import { worth } from './worth';

/** A choice is this many at least. */
export const LEAST = 4;
/**
 * Two proposals that share more than this of their species are one idea; where too few differ, less
 * difference must do.
 */
const ALIKE = 0.4;
const LESS_DIFFERENT = [ALIKE, 0.6, 0.99] as const;
/** Nothing under this is offered where there is anything over it. Practice: two good ones beat five. */
const WORTH_OFFERING = 75;
/** What is so much worse than the best is offered only where there is little else. Working figure. */
const FURTHEST = 8;

/** So many of the kinds of a safe planting are on every bench. Practice. */
const STAPLES = 0.7;

/** Shared species over all species of two casts: another colour of the same petunia is no other idea. */
function likeness(a: Idea, b: Idea, by: 'botanical' | 'id' = 'botanical'): number {
  const kinds = (j: Idea) => new Set(Object.values(j.cast).map((p) => p[by]));
  const [x, y] = [kinds(a), kinds(b)];
  const both = [...x].filter((id) => y.has(id)).length;
  return both / (x.size + y.size - both);
}

/** The safe one is whatever is easily found; another theme is what was cast for it. */
const isOf = (j: Idea, theme: ThemeId): boolean => {
  if (theme !== 'classic') return j.theme === theme;
  const kinds = Object.values(j.cast);
  return kinds.filter((p) => factsOf(p).ease === 'staple').length >= STAPLES * kinds.length;
};

/** The safest first: cast as such, and led by what is on every bench. Working figures, in points of the score. */
const safe = (j: Idea): number => {
  const lead = j.cast.T ?? j.cast.F0;
  return worth(j) + (j.theme === 'classic' ? 2 : 0) + (lead && factsOf(lead).ease === 'staple' ? 3 : 0);
};

/** The colours of a cast, as families, to tell one mood from another. */
const mood = (j: Idea): string =>
  [...new Set(Object.values(j.cast).map((p) => family(lch(signature(p)))))]
    .filter((f) => f !== 'green')
    .sort()
    .join();

/**
 * The species that fills it, or where nothing does what there is most of round the lead: what a pot is
 * remembered by beside it.
 */
function bodyOf({ pattern, cast }: Idea): string {
  const most = (role: (r: string) => boolean) =>
    pattern.parts.filter((p) => role(p.role)).sort((a, b) => b.count - a.count)[0];
  const round = most((r) => r === 'filler') ?? most((r) => r !== 'thriller');
  return (round && cast[round.id]?.botanical) ?? '';
}

/**
 * A species that is on every bench is in no more of the proposals than this while there is another choice,
 * and each time in another colour; any other in one. Working figure.
 */
const OFTEN = 2;
const plays = ({ cast }: Idea, botanical: string): boolean =>
  Object.values(cast).some((p) => p.botanical === botanical);
/**
 * Two proposals share no more than one plant while there is another choice: the same two together are the
 * same idea under another lead.
 */
const TOGETHER = 1;
const inBoth = (a: Idea, b: Idea): number =>
  new Set(Object.values(a.cast).flatMap((p) => (holds(b, p) ? [p.id] : []))).size;
const holds = ({ cast }: Idea, { id }: Plant): boolean => Object.values(cast).some((p) => p.id === id);

/** Two ideas: another lead, and few kinds in common. */
const apart = (a: Idea, b: Idea): boolean => leadOf(a) !== leadOf(b) && likeness(a, b) <= ALIKE;

/** The first, then the first that is another idea, and so on; the best first when they are sorted. */
export function pick<I extends Idea>(sorted: readonly I[], want: number): I[] {
  const out: I[] = [];
  for (const limit of LESS_DIFFERENT) {
    for (const j of sorted) {
      if (out.length >= want) return out;
      const differs = out.every((o) => likeness(o, j) <= limit && (limit > 0.9 || leadOf(o) !== leadOf(j)));
      if (!out.includes(j) && differs) out.push(j);
    }
    if (out.length >= Math.min(LEAST, want)) return out;
  }
  return out;
}

/**
 * After the safe one comes the best there is, where that is another idea; where it is the same one bettered,
 * and as safe, it takes its place.
 */
function withBest<I extends Idea>(out: I[], best: I | undefined, want: number): void {
  const [first] = out;
  if (!first || !best || worth(best) <= worth(first)) return;
  if (apart(first, best)) {
    if (want > 1) out.push({ ...best, theme: best.theme === first.theme ? null : best.theme });
  } else if (leadOf(first) === leadOf(best) || likeness(first, best) === 1 || isOf(best, 'classic'))
    out[0] = { ...best, theme: first.theme };
}

/**
 * A few that differ as ideas: one of each theme in turn, the safe one first, each with another lead, another mood and
 * few kinds in common. What is not worth offering is left out where enough is.
 */
export function ideas<I extends Idea>(found: readonly I[], want: number): I[] {
  const sorted = [...found].sort((a, b) => worth(b) - worth(a));
  const worthy = sorted.filter((j) => j.measured.score >= WORTH_OFFERING);
  // One that is worth it stands before any number that are not.
  const list = worthy.length > 0 ? worthy : sorted;
  const out: I[] = [];
  const best = list[0] ? worth(list[0]) : 0;
  const unused = (j: Idea): ThemeId | null => (out.some((o) => o.theme === j.theme) ? null : j.theme);
  const often = (j: Idea): boolean =>
    Object.values(j.cast).some((p) => {
      const others = out.filter((o) => plays(o, p.botanical));
      return others.length >= (factsOf(p).ease === 'staple' ? OFTEN : 1) || others.some((o) => holds(o, p));
    });
  const take = (theme: ThemeId | null, limit: number, moods: boolean) => {
    const fits = (o: Idea, j: Idea) =>
      leadOf(o) !== leadOf(j) &&
      likeness(o, j) <= limit &&
      inBoth(o, j) <= TOGETHER &&
      (!moods || (mood(o) !== mood(j) && bodyOf(o) !== bodyOf(j)));
    const from = theme === 'classic' ? [...list].sort((a, b) => safe(b) - safe(a)) : list;
    const next = from.find(
      (j) =>
        (theme === null || (isOf(j, theme) && worth(j) >= best - FURTHEST)) &&
        !(moods && often(j)) &&
        out.every((o) => fits(o, j)),
    );
    if (next) out.push({ ...next, theme: theme === 'classic' ? theme : unused(next) });
  };
  for (const theme of THEME_IDS) {
    if (out.length < want) take(theme, ALIKE, true);
    if (out.length === 1) withBest(out, list[0], want);
  }
  for (const [limit, moods] of [
    [ALIKE, true],
    [ALIKE, false],
  ] as const)
    while (out.length < want) {
      const before = out.length;
      take(null, limit, moods);
      if (out.length === before) break;
    }
  // Where too few differ so much, less difference must do, and at the last another colour of the same.
  for (const [limit, by] of [
    [0.6, 'botanical'],
    [0.99, 'botanical'],
    [0.99, 'id'],
  ] as const) {
    for (const j of list) {
      if (out.length >= Math.min(LEAST, want)) return out;
      if (out.every((o) => likeness(o, j, by) <= limit)) out.push({ ...j, theme: unused(j) });
    }
  }
  return out;
}

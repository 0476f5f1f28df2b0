import { type Asked, type Candidate, type Cast, type Judge, type Judged, mayJoin } from './candidate';
import { isClean } from './clean';
import type { Pattern } from './patterns';
import { worth } from './worth';

/**
 * The best that may be offered of every way to fill the patterns with the plants of a small library, or where there is
 * none what it began from. From the most promising on: what cannot come to more than the best so far by what two of its
 * plants are to each other is left out with all that holds them. Ends when the effort is spent.
 */
export function sweep(
  from: Judged,
  patterns: readonly Pattern[],
  judge: Judge,
  must: readonly string[],
  effort: number,
): Judged {
  let best = isClean(from) ? from : null;
  const asked = (): Asked => ({ over: best ? worth(best) : -Infinity, clean: true });
  const fill = (pattern: Pattern, cast: Cast, at: number): void => {
    if (judge.spent() >= effort) return;
    const chosen = Object.values(cast);
    const part = pattern.parts[at];
    if (part) {
      for (const { plant } of from.ranked[part.role]) {
        if (!mayJoin(from.kin, chosen, plant) || judge.hopeless([...chosen, plant], asked())) continue;
        fill(pattern, { ...cast, [part.id]: plant }, at + 1);
      }
      return;
    }
    if (!must.every((id) => chosen.some((p) => p.id === id))) return;
    for (const small of [undefined, true]) {
      const c: Candidate = { ...from, pattern, cast, small };
      best = judge(c, asked()) ?? best;
    }
  };
  for (const pattern of patterns) fill(pattern, {}, 0);
  return best ?? from;
}

import { isWherever, type Measure, measureUnless } from '../balance/assess';
import type { Reading } from '../balance/finding';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import type { AskedOfCandidate, Candidate, Judge, Judged } from './candidate';
import { isClean, isSpoilt } from './clean';
import { countFails, oddsOf, spoil } from './odds';
import { placerOf } from './place';
import { watchedIn, worth, worthOf } from './worth';

const keyOf = (c: Candidate): string =>
  `${c.small ?? ''}|${c.pattern.id}|${c.pattern.parts.map((p) => c.cast[p.id]?.id).join(',')}`;

/** Who plays what, how many of each and from which starts, whatever the pattern. */
const crowdOf = ({ pattern, cast, small }: Candidate): string =>
  pattern.parts
    .map((p) => `${p.role} ${cast[p.id]?.id}×${p.count}`)
    .sort()
    .concat(`${small ?? ''}`)
    .join();

const keepsToBudget = ({ readings }: Pick<Measure, 'readings'>): boolean =>
  readings.every((f) => f.check !== 'cost' || f.severity === 'good');

/**
 * How large plants grow hardly hangs on where each stands: what is off its band by this much is so in every
 * pattern. Working figure.
 */
const FAR = 1.05;
const BY_SIZE: ReadonlySet<Reading['check']> = new Set<Reading['check']>(['spread', 'steps', 'height']);
const isFarOff = ({ check, measured, band: [low, high] }: Reading): boolean =>
  BY_SIZE.has(check) && (measured > high * FAR || measured < low / FAR);

/** In another pattern it could come to so much more. Working figure, in points of the score. */
const ELSEWHERE = 2;

/** Whether it was given up for what is so wherever each of them stands. */
const isSoWherever = ({ readings }: Pick<Measure, 'readings'>): boolean =>
  readings.every((r) => r.severity === 'good' || isWherever(r.check) || isFarOff(r)) &&
  readings.slice(-1).every((r) => isWherever(r.check) || r.severity !== 'good');

/**
 * What looking at a planting costs that is given up before anything is grown, and after; one that is measured
 * whole costs 1. Measured.
 */
const COSTS = { atOnce: 0.08, grown: 0.6 } as const;

/** Given up: what it is worth at the most, and whether it was for something that is not offered. */
interface GivenUp {
  most: number;
  spoilt: boolean;
}

/** What is known of a candidate: it does not fit, how it is judged, or that it was given up. */
type Known = Judged | GivenUp | null;
const isGivenUp = (known: Judged | GivenUp): known is GivenUp => 'most' in known;

/** No planting scores more. */
const BEST = 100;
const ANY: AskedOfCandidate = { over: -Infinity, clean: false };

/** A judge of candidates for one planting, trying cheaper starts when one is over budget. */
export function judgeOf(base: Planting): Judge {
  const kept = new Map<string, Known>();
  const place = placerOf(base);
  const odds = oddsOf(base);
  // Given up for what is so wherever each stands, and not for what the starts cost.
  const crowds = new Map<string, GivenUp>();
  let spent = 0;
  const look = (c: Candidate, { over, clean }: AskedOfCandidate): Known => {
    let out: Known = null;
    const crowd = crowdOf(c);
    const alike = crowds.get(crowd);
    if (alike && (alike.most <= over || (alike.spoilt && clean))) return alike;
    for (const cheap of c.small === undefined ? [false, true] : [c.small]) {
      const placements = place(c.pattern, c.cast, cheap);
      if (!placements) continue;
      let spoilt = false;
      const found = measureUnless({ ...base, placements }, (most, watched, readings) => {
        spoilt = clean && readings.some(isSpoilt);
        return spoilt || worthOf(most, watched) <= over;
      });
      if ('most' in found) {
        const givenUp = { most: worthOf(found.most, watchedIn(found)), spoilt };
        spent += found.grown ? COSTS.grown : COSTS.atOnce;
        if (isSoWherever(found) && keepsToBudget(found))
          crowds.set(crowd, { ...givenUp, most: givenUp.most + ELSEWHERE });
        out ??= givenUp;
      } else {
        spent += 1;
        if (!out || isGivenUp(out) || found.score > out.measured.score) out = { ...c, placements, measured: found };
      }
      if (keepsToBudget(found)) break;
    }
    return out;
  };
  const hopeless = (plants: readonly Plant[], { over, clean }: AskedOfCandidate): boolean => {
    if (over === -Infinity && !clean) return false;
    const fails = odds(plants);
    return (clean && spoil(fails)) || worthOf(BEST, countFails(fails)) <= over;
  };
  const judge = (c: Candidate, asked = ANY): Judged | null => {
    const key = keyOf(c);
    let known = kept.get(key);
    const again = known && isGivenUp(known) && known.most > asked.over && !(known.spoilt && asked.clean);
    if (known === undefined || again) {
      if (hopeless(Object.values(c.cast), asked)) return null;
      known = look(c, asked);
      kept.set(key, known);
    }
    return known && !isGivenUp(known) && worth(known) > asked.over && (!asked.clean || isClean(known)) ? known : null;
  };
  return Object.assign(judge, { hopeless, spent: () => spent });
}

/** Better first. */
export const byWorth = (a: Judged, b: Judged): number => worth(b) - worth(a);

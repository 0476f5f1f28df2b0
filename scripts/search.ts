// What the search finds against every way there is to fill a pot from two dozen plants, and on the whole
// library against chance, as JSON lines.
// `npm run search` tries a few briefs; `npm run search -- 0 40` tries briefs 0 to 39, which takes some minutes.
import { measure, measureUnless } from '../src/core/balance/assess';
import type { Cast } from '../src/core/compose/candidate';
import { isClean, isSpoilt } from '../src/core/compose/clean';
import { compose } from '../src/core/compose/compose';
import { offer, whyNot } from '../src/core/compose/filter';
import { patternsFor, type Pattern } from '../src/core/compose/patterns';
import { type Placer, placerOf } from '../src/core/compose/place';
import { worth, worthOf } from '../src/core/compose/worth';
import { LIBRARY } from '../src/core/plants';
import type { Plant } from '../src/core/plants/schema';
import { freshPlanting } from '../src/core/plantings/fresh';
import { SchemeIdSchema, type Planting } from '../src/core/plantings/schema';
import { mean, median, seeded } from '../src/core/units/number';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const round = (n: number, digits = 2) => Number(n.toFixed(digits));

function timed<T>(work: () => T): [T, number] {
  const from = performance.now();
  const out = work();
  return [out, performance.now() - from];
}

/** Two dozen plants with every role among them, drawn by seed from those that suit the planting. */
function smallLibrary(base: Planting, random: () => number): Plant[] {
  const fit = LIBRARY.filter((p) => whyNot(p, base).length === 0);
  const draw = (role: 'thriller' | 'filler' | 'spiller', n: number, taken: Plant[]) => {
    const pool = fit.filter((p) => p.roles.includes(role) && !taken.includes(p));
    return Array.from(
      { length: Math.min(n, pool.length) },
      () => pool.splice(Math.floor(random() * pool.length), 1)[0],
    ).filter((p) => p !== undefined);
  };
  const t = draw('thriller', 6, []);
  const f = draw('filler', 11, t);
  return [...t, ...f, ...draw('spiller', 7, [...t, ...f])];
}

/**
 * What a cast is worth if it is worth more than `best` and may be offered; else `best`. Given up as soon as
 * that is certain: it changes nothing in what is found.
 */
function bettered(base: Planting, stand: Placer, pattern: Pattern, cast: Cast, cheap: boolean, best: number): number {
  const placements = stand(pattern, cast, cheap);
  if (!placements) return best;
  const found = measureUnless(
    { ...base, placements },
    (most, watched, readings) => readings.some(isSpoilt) || worthOf(most, watched) <= best,
  );
  return 'most' in found || !isClean({ measured: found }) ? best : Math.max(best, worth({ measured: found }));
}

/** So many ways, spread over all there are, are tried plainly to tell what all of them would take. */
const TIMED = 200;

/**
 * The best of every way to fill every pattern, how many ways there are, and what trying them all plainly
 * would take, ms.
 */
function exhaustive(base: Planting, library: readonly Plant[]): { best: number; ways: number; plainMs: number } {
  const ways: [Pattern, Cast][] = [];
  const fill = (pattern: Pattern, at: number, cast: Cast): void => {
    const part = pattern.parts[at];
    if (!part) {
      ways.push([pattern, cast]);
      return;
    }
    for (const plant of library) {
      if (plant.roles.includes(part.role) && !Object.values(cast).some((o) => o.botanical === plant.botanical))
        fill(pattern, at + 1, { ...cast, [part.id]: plant });
    }
  };
  for (const pattern of patternsFor(base)) fill(pattern, 0, {});
  const stand = placerOf(base);
  let best = -Infinity;
  for (const [pattern, cast] of ways)
    for (const cheap of [false, true]) best = bettered(base, stand, pattern, cast, cheap, best);
  const step = Math.max(1, Math.floor(ways.length / TIMED));
  const each = ways
    .filter((_, i) => i % step === 0)
    .map(
      ([pattern, cast]) =>
        timed(() => {
          for (const cheap of [false, true]) {
            const placements = stand(pattern, cast, cheap);
            if (placements) measure({ ...base, placements });
          }
        })[1],
    );
  return { best, ways: ways.length, plainMs: mean(each) * ways.length };
}

/** Chance plantings set beside each brief on the whole library. */
const CHANCE = Number(process.env.SEARCH_CHANCE ?? 20_000);
const [FROM = 0, TO = 4] = process.argv.slice(2).map(Number);

/** A seeded brief: a small pot, so that everything can be tried. */
function briefOf(i: number): Planting {
  const fresh = freshPlanting(`search-${i}`, 'Search', '2026-05-16');
  const scheme = SchemeIdSchema.options[i % 9] ?? 'warm';
  const hours = i % 3 === 0 ? [8, 9, 10] : [9, 10, 11, 12, 13, 14, 15];
  return {
    ...fresh,
    spot: { ...fresh.spot, light: { kind: 'noted', hours, dappled: false } },
    container: { ...fresh.container, shape: { kind: 'round', topMm: 250 + (i % 3) * 10, baseMm: 190, depthMm: 240 } },
    brief: {
      ...fresh.brief,
      budget: null,
      scheme,
      from: scheme === 'from-colour' ? '#d3202b' : null,
      school: i % 4 === 3 ? 'level-dome' : 'tall-centre',
      density: i % 2 ? 'full now' : 'room to grow',
    },
  };
}

/** The best score of so many plantings made by chance of what may be offered. */
function bestByChance(base: Planting, random: () => number): number {
  const pick = <T>(of: readonly T[]): T | undefined => of[Math.floor(random() * of.length)];
  const { offered } = offer(base, LIBRARY);
  const patterns = patternsFor(base);
  const stand = placerOf(base);
  let [best, tried] = [0, 0];
  for (let i = 0; i < CHANCE * 4 && tried < CHANCE; i += 1) {
    const pattern = pick(patterns);
    if (!pattern) break;
    const cast: Cast = {};
    for (const part of pattern.parts) {
      const plant = pick(offered.filter((p) => p.roles.includes(part.role)));
      if (plant) cast[part.id] = plant;
    }
    if (!stand(pattern, cast, false)) continue;
    tried += 1;
    best = bettered(base, stand, pattern, cast, false, best);
  }
  return best;
}

const bestOf = (base: Planting, seed: number, library: readonly Plant[]): number =>
  Math.max(
    0,
    ...compose(base, { library, seed }).proposals.map(({ report }) =>
      worth({ measured: { score: report.score, readings: report.findings } }),
    ),
  );

const [ratios, speed]: [number[], number[]] = [[], []];
const against = { better: 0, equal: 0 };
for (let i = FROM; i < TO; i += 1) {
  const base = briefOf(i);
  const chance = bestByChance(base, seeded(20261123 + i));
  const whole = bestOf(base, i + 1, LIBRARY);
  if (whole > chance) against.better += 1;
  else if (whole === chance) against.equal += 1;
  say({ case: 'compose-vs-chance', brief: i, chance: CHANCE, best: round(chance, 1), found: whole });
  const library = smallLibrary(base, seeded(777 + i));
  const [found, searchMs] = timed(() => bestOf(base, i + 1, library));
  const { best, ways, plainMs } = exhaustive(base, library);
  if (best <= 0) continue;
  ratios.push(found / best);
  speed.push(plainMs / searchMs);
  say({
    case: 'compose-vs-all',
    brief: i,
    scheme: base.brief.scheme,
    plants: library.length,
    ways,
    found: round(found, 1),
    best: round(best, 1),
    ratio: round(found / best, 4),
    searchMs: round(searchMs, 0),
    timesFaster: round(plainMs / searchMs, 1),
  });
}
say({
  case: 'compose-vs-all',
  briefs: ratios.length,
  optimum: ratios.filter((r) => r >= 0.9995).length,
  median: round(median(ratios), 4),
  worst: round(Math.min(...ratios), 4),
  timesFaster: round(median(speed), 1),
});
say({ case: 'compose-vs-chance', chance: CHANCE, briefs: TO - FROM, ...against });

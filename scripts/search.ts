// What the search seeks is worth: the score, less for what is to be watched. The search against every way there is to fill a pot from two dozen plants, and on the whole library against chance, as JSON lines.
// `npm run search` tries a few briefs; `npm run search -- 0 40` tries briefs 0 to 39, which takes hours.
import { measure } from '../src/core/balance/assess';
import type { Cast } from '../src/core/compose/candidate';
import { compose } from '../src/core/compose/compose';
import { offer, whyNot } from '../src/core/compose/filter';
import { isClean } from '../src/core/compose/clean';
import { patternsFor, type Pattern } from '../src/core/compose/patterns';
import { worth } from '../src/core/compose/worth';
import { place } from '../src/core/compose/place';
import { LIBRARY } from '../src/core/plants';
import type { Plant } from '../src/core/plants/schema';
import { freshPlanting } from '../src/core/plantings/fresh';
import { SchemeIdSchema, type Planting } from '../src/core/plantings/schema';
import { median, seeded } from '../src/core/units/number';

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

/** The best score of every way to fill every pattern: what the search is measured against. */
function exhaustive(base: Planting, library: readonly Plant[]): number {
  let best = -Infinity;
  const fill = (pattern: Pattern, at: number, cast: Cast): void => {
    const part = pattern.parts[at];
    if (!part) {
      for (const cheap of [false, true]) {
        const placements = place(pattern, cast, base, cheap);
        const measured = placements && measure({ ...base, placements });
        // What would not be offered is no better answer.
        if (measured && isClean({ measured })) best = Math.max(best, worth({ measured }));
      }
      return;
    }
    for (const plant of library) {
      if (plant.roles.includes(part.role) && !Object.values(cast).some((o) => o.botanical === plant.botanical))
        fill(pattern, at + 1, { ...cast, [part.id]: plant });
    }
  };
  for (const pattern of patternsFor(base)) fill(pattern, 0, {});
  return best;
}

/** Chance plantings set beside each brief on the whole library. */
const CHANCE = Number(process.env.SEARCH_CHANCE ?? 500);
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
  let [best, tried] = [0, 0];
  for (let i = 0; i < CHANCE * 4 && tried < CHANCE; i += 1) {
    const pattern = pick(patterns);
    if (!pattern) break;
    const cast: Cast = {};
    for (const part of pattern.parts) {
      const plant = pick(offered.filter((p) => p.roles.includes(part.role)));
      if (plant) cast[part.id] = plant;
    }
    const placements = place(pattern, cast, base, false);
    const measured = placements && measure({ ...base, placements });
    if (!measured) continue;
    tried += 1;
    if (isClean({ measured })) best = Math.max(best, worth({ measured }));
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

const [ratios, speed, beaten]: [number[], number[], boolean[]] = [[], [], []];
for (let i = FROM; i < TO; i += 1) {
  const random = seeded(20261123 + i);
  const base = briefOf(i);
  const chance = bestByChance(base, random);
  const whole = bestOf(base, i + 1, LIBRARY);
  beaten.push(whole > chance);
  say({ case: 'compose-vs-chance', brief: i, chance: CHANCE, best: round(chance, 1), found: whole });
  const library = smallLibrary(base, random);
  const [found, searchMs] = timed(() => bestOf(base, i + 1, library));
  const [best, allMs] = timed(() => exhaustive(base, library));
  if (best <= 0) continue;
  ratios.push(found / best);
  speed.push(allMs / searchMs);
  say({
    case: 'compose-vs-all',
    brief: i,
    scheme: base.brief.scheme,
    plants: library.length,
    found,
    best: round(best, 1),
    ratio: round(found / best, 4),
    timesFaster: round(allMs / searchMs, 1),
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
say({ case: 'compose-vs-chance', chance: CHANCE, briefs: beaten.length, better: beaten.filter(Boolean).length });

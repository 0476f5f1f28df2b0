// Ratios and times of the core as JSON lines, measured side by side in one run. `npm run bench`
import { assess, measure } from '../src/core/balance/assess';
import { raised, sunByMonth } from '../src/core/spots/sun-clock';
import { sprout } from '../src/core/canopy/sprout';
import { compose } from '../src/core/compose/compose';
import { whyNot } from '../src/core/compose/filter';
import { patternsFor, type Pattern } from '../src/core/compose/patterns';
import type { Cast } from '../src/core/compose/candidate';
import { isClean } from '../src/core/compose/judge';
import { place } from '../src/core/compose/place';
import { standIns } from '../src/core/compose/changes/stand-ins';
import { guessMapping, plantsCsv, readPlantRows, readSheet } from '../src/core/formats/plants-csv';
import { grow } from '../src/core/growth/season';
import { LIBRARY } from '../src/core/plants';
import type { Plant } from '../src/core/plants/schema';
import { finderOf } from '../src/core/plants/search';
import { relativesIn } from '../src/core/plants/tag';
import { plantIdOf } from '../src/core/plantings/resolve';
import { manyPlants } from '../src/core/testing/many';
import { freshPlanting } from '../src/core/plantings/fresh';
import { SchemeIdSchema, type Planting } from '../src/core/plantings/schema';
import { median, seeded } from '../src/core/units/number';
import { jobsOf } from '../src/core/jobs';
import { stateOf } from '../src/core/jobs/state';
import { frameOf } from '../src/features/pictures/frame';
import { lido } from '../src/demo/lido';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const round = (n: number, digits = 2) => Number(n.toFixed(digits));

function timed<T>(work: () => T): [T, number] {
  const from = performance.now();
  const out = work();
  return [out, performance.now() - from];
}

/** Middle time of several runs after a warm-up, ms. */
function typical(runs: number, work: () => unknown): number {
  for (let i = 0; i < runs; i += 1) work();
  return median(Array.from({ length: runs }, () => timed(work)[1]));
}

/** Twenty plants with every role among them, drawn by seed from those that suit the planting. */
function smallLibrary(base: Planting, random: () => number): Plant[] {
  const fit = LIBRARY.filter((p) => whyNot(p, base).length === 0);
  const draw = (role: 'thriller' | 'filler' | 'spiller', n: number, taken: Plant[]) => {
    const pool = fit.filter((p) => p.roles.includes(role) && !taken.includes(p));
    return Array.from(
      { length: Math.min(n, pool.length) },
      () => pool.splice(Math.floor(random() * pool.length), 1)[0],
    ).filter((p) => p !== undefined);
  };
  const t = draw('thriller', 5, []);
  const f = draw('filler', 9, t);
  return [...t, ...f, ...draw('spiller', 6, [...t, ...f])];
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
        if (measured && isClean({ measured })) best = Math.max(best, measured.score);
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

/** Seeded briefs measured against trying everything. `npm run bench -- 5` does the first five. */
const BRIEFS = Number(process.argv[2] ?? 20);
const random = seeded(20261123);
const ratios: number[] = [];
const speed: number[] = [];
for (let i = 0; i < BRIEFS; i += 1) {
  const fresh = freshPlanting(`bench-${i}`, 'Bench', '2026-03-01');
  const scheme = SchemeIdSchema.options[i % 9] ?? 'warm';
  const hours = i % 3 === 0 ? [8, 9, 10] : [9, 10, 11, 12, 13, 14, 15];
  const base: Planting = {
    ...fresh,
    spot: { ...fresh.spot, light: { kind: 'noted', hours, dappled: false } },
    container: { ...fresh.container, shape: { kind: 'round', topMm: 250 + (i % 3) * 10, baseMm: 190, depthMm: 240 } },
    brief: {
      ...fresh.brief,
      scheme,
      school: i % 4 === 3 ? 'level-dome' : 'tall-centre',
      density: i % 2 ? 'full now' : 'room to grow',
    },
  };
  const library = smallLibrary(base, random);
  const [found, searchMs] = timed(() =>
    Math.max(0, ...compose(base, { library, seed: i + 1 }).proposals.map((p) => p.report.score)),
  );
  const [best, allMs] = timed(() => exhaustive(base, library));
  if (best <= 0) continue;
  ratios.push(found / best);
  speed.push(allMs / searchMs);
  say({
    case: 'compose-vs-all',
    brief: i,
    scheme,
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
  median: round(median(ratios), 4),
  worst: round(Math.min(...ratios), 4),
  timesFaster: round(median(speed), 1),
});

const MANY = 5000;
const many = manyPlants(MANY);
const [find, indexMs] = timed(() => finderOf(many));
const typed = ['p', 'petuina', 'lobelia blue', 'begonai', 'salvia farin', 'white', 'coleus lime', 'xyzzy'];
const searches = typed.map((text) => typical(9, () => find(text)));
say({
  case: 'search',
  plants: MANY,
  indexMs: round(indexMs, 0),
  medianMs: round(median(searches), 1),
  worstMs: round(Math.max(...searches), 1),
  indexOverSearch: round(indexMs / median(searches), 0),
});
const csv = plantsCsv(many);
const sheet = readSheet(csv + csv.slice(csv.indexOf('\r\n') + 2));
const rows = sheet.rows.map((r, i) => [`own-${i}`, ...r.slice(1)]);
const [read, readMs] = timed(() =>
  readPlantRows(rows, {
    headings: sheet.headings,
    mapping: guessMapping(sheet.headings),
    units: 'metric',
    relatives: relativesIn(LIBRARY),
    own: new Set(),
  }),
);
say({
  case: 'import',
  rows: rows.length,
  plants: read.plants.length,
  ms: round(readMs, 0),
  usPerRow: round((readMs / rows.length) * 1000, 0),
});

const pot = lido[0];
if (pot) {
  const season = grow(pot);
  let first = 0;
  const from = performance.now();
  compose(
    { ...pot, placements: [] },
    {
      onProgress: (_, sofar) => {
        if (sofar.length > 0 && first === 0) first = performance.now() - from;
      },
    },
  );
  const cold = performance.now() - from;
  say({
    case: 'compose',
    plants: LIBRARY.length,
    firstProposalMs: round(first, 0),
    allMs: round(
      typical(3, () => compose({ ...pot, placements: [] })),
      0,
    ),
    coldMs: round(cold, 0),
  });
  let firstOfMany = 0;
  const began = performance.now();
  compose(
    { ...pot, placements: [] },
    {
      library: many,
      onProgress: (_, sofar) => {
        if (sofar.length > 0 && firstOfMany === 0) firstOfMany = performance.now() - began;
      },
    },
  );
  const allOfMany = typical(3, () => compose({ ...pot, placements: [] }, { library: many }));
  say({ case: 'compose', plants: MANY, firstProposalMs: round(firstOfMany, 0), allMs: round(allOfMany, 0) });
  const swapped = pot.placements[1];
  if (swapped)
    say({
      case: 'stand-ins',
      plants: LIBRARY.length,
      ms: round(
        typical(9, () => standIns(pot, plantIdOf(swapped), LIBRARY)),
        0,
      ),
    });
  const sky = {
    kind: 'clock' as const,
    latitude: 52,
    facing: 90,
    wall: true,
    skyline: Array<number>(36).fill(8),
    roofDeg: 50,
    trees: [],
    dappled: false,
  };
  sunByMonth(sky);
  let dragged = 0;
  say({
    case: 'sun-year',
    of: 'twelve months again after a drag of the skyline',
    ms: round(typical(100, () => sunByMonth({ ...sky, skyline: raised(sky.skyline, 60, 120, (dragged += 0.1)) }))),
  });
  say({ case: 'assess', ms: round(typical(100, () => assess(pot))) });
  // Edited ones, so that they are grown and not remembered.
  const edited = (): Planting => ({ ...pot, placements: [...pot.placements] });
  const anew = Array.from({ length: 200 }, edited);
  const growMs = median(anew.map((p) => timed(() => grow(p))[1]));
  say({ case: 'grow', ms: round(growMs) });
  const benchOf = (p: Planting) => [stateOf(p, '2026-07-01'), jobsOf(p, '2026-07-01'), frameOf(p, grow(p))];
  const shelves = Array.from({ length: 60 }, edited);
  const anewMs = median(shelves.map((p) => timed(() => benchOf(p))[1]));
  const againMs = median(shelves.map((p) => timed(() => benchOf(p))[1]));
  say({
    case: 'bench-growths',
    of: 'state, jobs and frame of a container on the bench',
    anewMs: round(anewMs),
    againMs: round(againMs),
    growths: round((anewMs - againMs) / growMs, 1),
  });
  say({
    case: 'canopy',
    pieces: sprout(pot, season, season.peak).batches.reduce((s, b) => s + b.count, 0),
    ms: round(
      typical(20, () => sprout(pot, season, season.peak)),
      1,
    ),
  });
}

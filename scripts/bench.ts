// Ratios and times of the core as JSON lines, measured side by side in one run. `npm run bench`
import { assess } from '../src/core/balance/assess';
import { ordinaryDay } from '../src/core/climate/days';
import { addDays } from '../src/core/units/date';
import { balanceOf } from '../src/core/water/balance';
import { raised, sunByMonth } from '../src/core/spots/sun-clock';
import { sprout } from '../src/core/canopy/sprout';
import { compose } from '../src/core/compose/compose';
import { standIns } from '../src/core/compose/changes/stand-ins';
import { guessMapping, plantsCsv, readPlantRows, readSheet } from '../src/core/formats/plants-csv';
import { grow } from '../src/core/growth/season';
import { LIBRARY } from '../src/core/plants';
import { finderOf } from '../src/core/plants/search';
import { relativesIn } from '../src/core/plants/tag';
import { plantIdOf } from '../src/core/plantings/resolve';
import { manyPlants } from '../src/core/testing/many';
import type { Planting } from '../src/core/plantings/schema';
import { median } from '../src/core/units/number';
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

const SEASON_DAYS = 175;
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
  const dozen = {
    ...pot,
    placements: Array.from({ length: 12 }, (_, i) => ({
      ...(pot.placements[i % pot.placements.length] ?? pot.placements[0]),
      id: `d${i}`,
      xMm: 150 * Math.cos(i),
      yMm: 150 * Math.sin(i),
    })),
  } as Planting;
  const dozens = Array.from({ length: 60 }, (): Planting => ({ ...dozen, placements: [...dozen.placements] }));
  say({
    case: 'grow',
    of: '12 plants over 40 weeks',
    ms: round(median(dozens.map((p) => timed(() => grow(p, 40))[1]))),
  });
  const seasons = Array.from({ length: 200 }, (): Planting => ({ ...dozen, placements: [...dozen.placements] }));
  say({
    case: 'season',
    of: '12 plants in one container over 25 weeks',
    ms: round(median(seasons.map((p) => timed(() => grow(p, 25))[1]))),
  });
  const watered = Array.from({ length: SEASON_DAYS }, (_, i) => ordinaryDay(dozen.spot, addDays(dozen.startDate, i)));
  const season25 = grow(dozen, 25);
  say({
    case: 'water-season',
    of: `${SEASON_DAYS} days of its water, day by day`,
    ms: round(typical(50, () => balanceOf(dozen, watered, {}, season25))),
  });
  const benchOf = (p: Planting) => [stateOf(p, '2026-07-01'), jobsOf(p, { today: '2026-07-01' }), frameOf(p, grow(p))];
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

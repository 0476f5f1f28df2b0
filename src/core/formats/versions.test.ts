import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { assess } from '../balance/assess';
import { headspaceMm } from '../containers';
import { depthOf } from '../containers/outline';
import { grow } from '../growth/season';
import { PLANTING_FORMAT, PLANTING_VERSION, type Planting } from '../plantings/schema';
import { readBench, writeBackup } from './backup';
import { BadInputError } from './parse';
import { readPlanting } from './planting';
import { BACKUP_LADDER, climbed, newestOf, PLANTING_LADDER } from './versions';

const fixture = (name: string): string => readFileSync(join(__dirname, 'fixtures', name), 'utf8');

/** What version 1 said of its plantings, written by the last release that wrote version 1. */
interface Told {
  id: string;
  week: number;
  peak: number;
  frostWeek: number | null;
  levels: [check: string, severity: string, measured: number][];
}
type Size = [heightMm: number, spreadMm: number, trailMm: number, bloom: number, light: number, alive: number];

const told: Told[] = JSON.parse(fixture('levels-1.json'));
const grown: Record<string, Size[][]> = JSON.parse(fixture('growth-1.json'));
const opened: Planting[] = JSON.parse(fixture('plantings-1.json')).map(readPlanting);
const thousandth = (x: number): number => Math.round(x * 1000) / 1000 + 0;

test('the fixtures hold what they are meant to', () => {
  expect(opened).toHaveLength(10);
  expect(told.map((t) => t.id)).toEqual(opened.map((p) => p.id));
  expect(Object.keys(grown)).toHaveLength(opened.length);
});

test('the newest version of a ladder is the one its schema writes', () => {
  expect([PLANTING_LADDER.format, newestOf(PLANTING_LADDER)]).toEqual([PLANTING_FORMAT, PLANTING_VERSION]);
  expect(JSON.parse(writeBackup({ pots: [], plants: [], stock: null, settings: {} }, '2026-06-01')).version).toBe(
    newestOf(BACKUP_LADDER),
  );
});

describe.each(opened.map((p, i) => [p.id, p, told[i] as Told] as const))('%s of version 1', (id, planting, was) => {
  test('opens with nothing lost, and with an empty memory', () => {
    const raw = JSON.parse(fixture('plantings-1.json')).find((p: { id: string }) => p.id === id);
    expect(planting).toMatchObject({ ...raw, version: PLANTING_VERSION });
    expect(planting.deeds).toEqual([]);
    expect(planting.placements.every((p) => p.part === null && p.from === null && p.until === null)).toBe(true);
    expect(planting.nextId).toBeGreaterThan(0);
  });

  test('grows as it did, to the millimetre', () => {
    const season = grow(planting);
    expect([season.peak, season.frostWeek]).toEqual([was.peak, was.frostWeek]);
    const now = season.weeks.map((w) =>
      w.plants.map((g) => [
        Math.round(g.heightMm),
        Math.round(g.spreadMm),
        Math.round(g.trailMm),
        thousandth(g.bloom),
        thousandth(g.light),
        g.alive ? 1 : 0,
      ]),
    );
    expect(now).toEqual(grown[id]);
  });

  test('says the same levels as it did, but that height now counts from the rim', () => {
    const { findings, week } = assess(planting);
    expect(week).toBe(was.week);
    const said = findings.map((f) => [f.check, f.severity, thousandth(f.measured)]);
    const without = (list: (string | number)[][]) => list.filter(([check]) => check !== 'height');
    expect(without(said)).toEqual(without(was.levels));
    const height = (list: (string | number)[][]) => Number(list.find(([check]) => check === 'height')?.[2]);
    const rim = headspaceMm(planting.container) / depthOf(planting.container.shape);
    expect(height(said)).toBeCloseTo(height(was.levels) - rim, 2);
  });
});

describe('backups', () => {
  test('of version 1 opens: plain fields filled in, everything on the bench, nothing of one’s own', () => {
    const bench = readBench(fixture('backup-1.json'));
    expect(bench.pots.map((p) => [p.planting.id, p.away, p.changedAt])).toEqual([
      ['lido-entrance-left', false, '2026-03-01T10:00:00Z'],
      ['lido-boiler-square', false, '2026-03-01T10:00:00Z'],
    ]);
    expect(bench.pots[0]?.planting.container).toMatchObject({ mount: 'ground', liner: false, refill: 'all' });
    expect([bench.plants, bench.stock, bench.settings]).toEqual([[], null, {}]);
  });
  test('of version 2 opens with its own plants and their photographs', () => {
    const bench = readBench(fixture('backup-2.json'));
    expect(bench.pots.map((p) => p.planting.version)).toEqual([2, 2]);
    expect(bench.plants.map((o) => [o.plant.id, o.photo?.slice(0, 10)])).toEqual([['own-salmon', 'data:image']]);
  });
  test('a planting in one that cannot be read is told by its place', () => {
    const data = JSON.parse(fixture('backup-2.json'));
    data.plantings[1].placements[0].plant = 'triffid';
    expect(() => readBench(JSON.stringify(data))).toThrow(/^pots\.1\.planting\.placements\.0\.plant: .*"triffid"/);
  });
  test('goes out and comes back the same, put away and stock and settings with it', () => {
    const bench = readBench(fixture('backup-2.json'));
    const more = {
      ...bench,
      pots: bench.pots.map((p, i) => ({ ...p, away: i === 1 })),
      stock: { keepTo: true, stock: { nursery: 'The plant barrow', askedAt: '2026-05-01', lines: [] } },
      settings: { units: 'imperial', theme: 'dark' } as const,
    };
    expect(readBench(writeBackup(more, '2026-07-01T10:00:00Z'))).toEqual(more);
  });
});

describe('the ladder', () => {
  test('ids of version 1 count up from the highest that is in use', () => {
    const raw = JSON.parse(fixture('plantings-1.json'))[0];
    const last = raw.placements.length;
    expect(readPlanting(raw).nextId).toBe(last + 1);
    expect(readPlanting({ ...raw, placements: [{ ...raw.placements[0], id: 'p41' }] }).nextId).toBe(42);
    expect(readPlanting({ ...raw, placements: [{ ...raw.placements[0], id: 'left' }] }).nextId).toBe(1);
  });
  test.each([
    [{}, /expected "rillbank\.planting", found nothing/],
    [{ format: 'rillbank.brief', version: 1 }, /of another kind/],
    [{ format: PLANTING_FORMAT }, /whole number from 1 to 2, found nothing/],
    [{ format: PLANTING_FORMAT, version: 1.5 }, /whole number from 1 to 2, found 1\.5/],
    [{ format: PLANTING_FORMAT, version: 0 }, /whole number/],
    [{ format: PLANTING_FORMAT, version: 3 }, /version 3; this Rillbank reads up to 2\. Update/],
    [[], /one JSON object/],
    [null, /one JSON object/],
  ])('%j is refused in words', (data, why) => {
    expect(() => climbed(PLANTING_LADDER, data)).toThrow(BadInputError);
    expect(() => climbed(PLANTING_LADDER, data)).toThrow(why);
  });
  test.each([
    ['placements', 7],
    ['placements', [null]],
    ['placements', ['p1']],
    ['startDate', '2026-02-30'],
    ['startDate', '12026-02-03'],
  ])('version 1 with %s of %j is refused by the field, and nothing throws but that', (field, value) => {
    const raw = { ...JSON.parse(fixture('plantings-1.json'))[0], [field]: value };
    expect(() => readPlanting(raw)).toThrow(BadInputError);
    expect(() => readPlanting(raw)).toThrow(new RegExp(`^${field}`));
  });
  test('an id lower than one that is in use is refused, for it would be given out again', () => {
    const planting = readPlanting(JSON.parse(fixture('plantings-1.json'))[0]);
    expect(() => readPlanting({ ...planting, nextId: 1 })).toThrow(/^nextId: must be over every id in use: 8 or more/);
  });
});

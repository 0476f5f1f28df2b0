import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { assess } from '../balance/assess';
import { grow } from '../growth/season';
import { newPlacement } from '../plantings/fresh';
import { PLANTING_FORMAT, PLANTING_VERSION, type Planting } from '../plantings/schema';
import { pot } from '../testing/pots';
import { backupText } from '../testing/backup';
import { readBench } from './backup';
import { BadInputError } from './parse';
import { readPlanting } from './planting';
import { BACKUP_LADDER, climbed, newestOf, PLANTING_LADDER } from './versions';

const fixture = (name: string): string => readFileSync(join(__dirname, 'fixtures', name), 'utf8');

const opened: Planting[] = JSON.parse(fixture('plantings-1.json')).map(readPlanting);

test('the fixtures hold what they are meant to', () => {
  expect(opened).toHaveLength(10);
});

test('the newest version of a ladder is the one its schema writes', () => {
  expect([PLANTING_LADDER.format, newestOf(PLANTING_LADDER)]).toEqual([PLANTING_FORMAT, PLANTING_VERSION]);
  expect(JSON.parse(backupText({ pots: [], plants: [], stock: null, settings: {} }, '2026-06-01')).version).toBe(
    newestOf(BACKUP_LADDER),
  );
});

describe.each(opened.map((p) => [p.id, p] as const))('%s of version 1', (id, planting) => {
  test('opens with nothing lost, and with an empty memory', () => {
    const raw = JSON.parse(fixture('plantings-1.json')).find((p: { id: string }) => p.id === id);
    expect(planting).toMatchObject({ ...raw, version: PLANTING_VERSION });
    expect(planting.deeds).toEqual([]);
    expect(planting.placements.every((p) => p.part === null && p.from === null && p.until === null)).toBe(true);
    expect(planting.nextId).toBeGreaterThan(0);
  });

  test('grows and is judged as the same planting written today', () => {
    const today = {
      ...pot(),
      ...planting,
      placements: planting.placements.map(({ id: name, plant, start, xMm, yMm, role, locked }) => ({
        ...newPlacement(name, { plant, start, xMm, yMm, role }),
        ...(locked === undefined ? {} : { locked }),
      })),
    };
    expect(grow(planting)).toEqual(grow(today));
    expect(assess(planting)).toEqual(assess(today));
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
    expect(readBench(backupText(more, '2026-07-01T10:00:00Z'))).toEqual(more);
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
    [{ format: 'rillbank.brief', version: 1 }, /a different kind of file/],
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
    expect(() => readPlanting({ ...planting, nextId: 1 })).toThrow(
      /^nextId: must be greater than every id in use: at least 8/,
    );
  });
});

import { csvOf } from './csv';
import Papa from 'papaparse';
import { z } from 'zod';
import { orderFor, toPay } from '../buying/order';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { PlantingSchema } from '../plantings/schema';
import { placed, pot, warmPot } from '../testing/pots';
import { backupText } from '../testing/backup';
import { readBench } from './backup';
import { readBrief } from './brief';
import { readPlants } from './own-plants';
import { BadInputError } from './parse';
import { readPlanting } from './planting';
import { orderCsv } from './order-csv';

const why = (f: () => unknown): string => {
  try {
    f();
  } catch (e) {
    if (e instanceof BadInputError) return e.message;
    throw e;
  }
  return 'it was taken';
};

describe('a bench out and in', () => {
  const bench = {
    pots: [
      { planting: warmPot(), changedAt: '2026-05-20T10:00:00Z', away: false },
      { planting: pot({ id: 'other', name: 'Empty pot' }), changedAt: '2026-05-21T10:00:00Z', away: true },
    ],
    stock: null,
    settings: { units: 'imperial' as const },
    plants: [
      {
        plant: { ...(LIBRARY[0] as Plant), id: 'own-one', note: 'By the gate.' },
        updatedAt: '2026-11-23T10:00:00Z',
        photo: 'data:image/jpeg;base64,/9j/AAAA',
      },
    ],
  };
  test.each<[string, object, RegExp]>([
    [
      'plants where containers are looked for',
      { format: 'rillbank.plants', version: 1 },
      /^format: .*Open it from Files in the Library/,
    ],
    ['an id that is no address', { ...warmPot(), id: '../other' }, /^id: may contain only letters, digits, - and _/],
    ['a blank name', { ...warmPot(), name: '  ' }, /^name: needs a name/],
    ['a day that never comes', { ...warmPot(), startDate: '2026-02-30' }, /^startDate: is not a date between/],
    ['a year of two digits', { ...warmPot(), startDate: '0026-05-14' }, /^startDate: is not a date between/],
    [
      'a frost that never comes',
      { ...warmPot(), spot: { ...warmPot().spot, lastFrost: '02-30' } },
      /^spot\.lastFrost: is not a date that occurs every year/,
    ],
  ])('%s: says what and where', (_, data, says) => expect(why(() => readBench(JSON.stringify(data)))).toMatch(says));
  test('is the same bench', () => expect(readBench(backupText(bench, '2026-11-23T10:00:00Z'))).toEqual(bench));
  test('a single planting is read too', () =>
    expect(readBench(JSON.stringify(warmPot())).pots).toEqual([{ planting: warmPot(), changedAt: null, away: false }]));
});

const FREE = { kind: 'free', depthMm: 200 };
const one = LIBRARY[0] as Plant;
const plantsOf = (change: object, photo: string | null = null): string =>
  JSON.stringify({
    format: 'rillbank.plants',
    version: 1,
    savedAt: 'x',
    plants: [{ plant: { ...one, ...change }, updatedAt: 'x', photo }],
  });

describe('bad files say what, where and what to do', () => {
  const good = warmPot();
  const text = backupText(
    { pots: [{ planting: good, changedAt: null, away: false }], plants: [], stock: null, settings: {} },
    '2026-11-23T10:00:00Z',
  );
  test.each<[string, () => unknown, RegExp]>([
    [
      'truncated',
      () => readBench(text.slice(0, text.length / 2)),
      /file: The file is incomplete|file: This is not a JSON file/,
    ],
    ['not JSON', () => readBench('hello'), /not a JSON file/],
    [
      'another kind',
      () => readBench('{"format":"something.else","version":1}'),
      /format: expected "rillbank\.planting"/,
    ],
    ['no object', () => readBench('[1,2]'), /file: must contain one JSON object/],
    [
      'later version',
      () => readBench(JSON.stringify({ format: 'rillbank.backup', version: 9, plantings: [] })),
      /version 9; this Rillbank reads up to 3/,
    ],
    [
      'unknown plant',
      () =>
        readBench(
          JSON.stringify({
            ...JSON.parse(text),
            pots: [
              {
                planting: { ...good, placements: [placed('a', 'triffid', 'filler', 0, 0)] },
                changedAt: '2026-05-20',
                away: false,
              },
            ],
          }),
        ),
      /pots\.0\.planting\.placements\.0\.plant: there is no plant "triffid"/,
    ],
    [
      'negative size',
      () =>
        readPlanting({
          ...good,
          container: { ...good.container, shape: { kind: 'round', topMm: -4, baseMm: 100, depthMm: 100 } },
        }),
      /container\.shape\.topMm: must be 60 mm or more/,
    ],
    ['bad date', () => readPlanting({ ...good, startDate: '16 May' }), /startDate: must be a date as YYYY-MM-DD/],
    [
      'a place used twice',
      () =>
        readPlanting({
          ...good,
          placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('a', 'petunia-white', 'filler', 9, 0)],
        }),
      /placements\.1\.id: "a" is used twice/,
    ],
    [
      'an outline that is a point',
      () =>
        readPlanting({
          ...good,
          container: {
            ...good.container,
            shape: {
              ...FREE,
              corners: [
                [1, 1],
                [1, 1],
                [1, 1],
              ],
            },
          },
        }),
      /^container\.shape\.corners: must enclose at least 36 cm²/,
    ],
    [
      'an outline that goes there and back',
      () =>
        readPlanting({
          ...good,
          container: {
            ...good.container,
            shape: {
              ...FREE,
              corners: [
                [0, 0],
                [500, 0],
                [0, 0],
              ],
            },
          },
        }),
      /must enclose/,
    ],
    [
      'a field in a plant that nobody knows',
      () => readPlants(plantsOf({ bloms: 3 })),
      /plants\.0\.plant: has an unknown field.*"bloms"/,
    ],
    [
      'a field in a leaf that nobody knows',
      () => readPlants(plantsOf({ leaf: { ...one.leaf, hue: 'red' } })),
      /plants\.0\.plant\.leaf: has an unknown field.*"hue"/,
    ],
    ['a plant of no size', () => readPlants(plantsOf({ heightMm: [0, 0] })), /heightMm: must reach 10 mm or more/],
    [
      'a photograph that is none',
      () => readPlants(plantsOf({}, 'data:image/png;base64,AAAA')),
      /photo: is not a picture/,
    ],
    ['50 MB of rubbish', () => readBench('x'.repeat(50_000_000)), /50 MB is too big to be a backup/],
    ['an extra field', () => readPlanting({ ...good, mood: 'blue' }), /mood/],
  ])('%s', (_, read, message) => expect(why(read)).toMatch(message));
});

describe('a brief file', () => {
  test('stands on what a new container starts with', () => {
    const { planting, seed } = readBrief(
      {
        format: 'rillbank.brief',
        version: 1,
        seed: 4,
        startDate: '2026-05-20',
        brief: { scheme: 'cool' },
        container: { count: 3 },
      },
      '2026-01-01',
    );
    expect(seed).toBe(4);
    expect(planting).toMatchObject({
      startDate: '2026-05-20',
      brief: { scheme: 'cool', school: 'tall-centre' },
      container: { count: 3, material: 'glazed' },
    });
  });
  test('names the field that is wrong', () =>
    expect(why(() => readBrief({ format: 'rillbank.brief', version: 1, brief: { budget: -5 } }, '2026-01-01'))).toMatch(
      /brief\.budget: must be more than zero/,
    ));
});

test('the planting schema is published as JSON Schema', () => {
  const schema = z.toJSONSchema(PlantingSchema, { io: 'input' }) as { required: string[]; properties: object };
  expect(schema.required).toEqual(expect.arrayContaining(['spot', 'container', 'brief', 'placements', 'startDate']));
});

test('the shopping list as CSV reads back row by row, in the currency asked for', () => {
  const order = orderFor([{ planting: warmPot(), count: 2 }]);
  const { data, errors } = Papa.parse<Record<string, string>>(orderCsv(order, {}, { code: 'EUR', perPound: 1.2 }), {
    header: true,
    skipEmptyLines: true,
  });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(order.lines.length);
  const open = data.filter((r) => r.have === 'no');
  expect(open.reduce((s, r) => s + Number(r.price), 0)).toBeCloseTo(toPay(order) * 1.2, 1);
  expect(data[0]).toMatchObject({ shop: 'Nursery', item: 'Canna, dwarf, scarlet', need: '2', currency: 'EUR' });
  expect(data.find((r) => r.item?.includes('pot') && r.size === 'each')?.have).toBe('yes');
});

test('a table has its headings first, ends its last line, and hands a spreadsheet no formula to run', () => {
  expect(
    csvOf(
      ['week', '=CMD()'],
      [
        [1, 'a, b'],
        [2, -3],
      ],
    ),
  ).toBe(`week,"'=CMD()"\r\n1,"a, b"\r\n2,-3\r\n`);
});

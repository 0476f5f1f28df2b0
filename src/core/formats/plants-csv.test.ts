import Papa from 'papaparse';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { relativesIn } from '../plants/tag';
import { manyPlants } from '../testing/many';
import { BadInputError } from './parse';
import {
  errorsCsv,
  guessMapping,
  LONGEST,
  ownId,
  plantsCsv,
  readPlantRows,
  readSheet,
  type ReadPlants,
} from './plants-csv';

const relatives = relativesIn(LIBRARY);
function read(
  text: string,
  {
    units = 'metric' as const,
    own = [] as string[],
    onProgress,
  }: { units?: 'metric' | 'imperial'; own?: string[]; onProgress?: (n: number) => void } = {},
): ReadPlants {
  const sheet = readSheet(text);
  return readPlantRows(sheet.rows, {
    headings: sheet.headings,
    mapping: guessMapping(sheet.headings),
    units,
    relatives,
    own: new Set(own),
    ...(onProgress ? { onProgress } : {}),
  });
}
const one = (head: string, cells: string, units: 'metric' | 'imperial' = 'metric'): Plant => {
  const { plants, errors } = read(`${head}\n${cells}\n`, { units });
  expect(errors).toEqual([]);
  return plants[0]?.plant as Plant;
};
const wrong = (head: string, cells: string): string => read(`${head}\n${cells}\n`).errors[0]?.message ?? 'it was taken';

test('the whole library goes out and comes back identical', () => {
  const { plants, errors } = read(plantsCsv(LIBRARY));
  expect(errors).toEqual([]);
  expect(plants.map((p) => p.plant)).toEqual(LIBRARY);
  expect(plants.every((p) => p.instead === 'shipped' && p.doubts.length === 0)).toBe(true);
});

test('it comes back identical through a spreadsheet’s semicolons and byte order mark', () => {
  const { data } = Papa.parse<string[]>(plantsCsv(LIBRARY.slice(0, 30)).trim());
  expect(read(`\uFEFF${Papa.unparse(data, { delimiter: ';', quotes: true })}`).plants.map((p) => p.plant)).toEqual(
    LIBRARY.slice(0, 30),
  );
});

describe('2,000 rows of which 40 are bad', () => {
  const rows = manyPlants(2000);
  const bad: [string, RegExp][] = [
    ['habit', /habit: “wobbly” must be one of fan/],
    ['height', /height: “wobbly” is not a length/],
    ['sun', /sun: “wobbly” is not a sun level/],
    ['flower_size', /flower_size: “wobbly” is not a length/],
    ['colours', /colours: “wobbly” is not a coloured part/],
    ['bloom', /bloom: “wobbly” is not a range of months/],
    ['starts', /starts: “wobbly” is not a size to buy/],
    ['poison_cats', /poison_cats: “wobbly” must be one of none, irritant/],
  ];
  const { data } = Papa.parse<string[]>(plantsCsv(rows).trim());
  const [headings = [], ...cells] = data;
  const spoilt = Array.from({ length: 40 }, (_, i) => ({
    at: i * 49 + 3,
    ...{ column: bad[i % bad.length]?.[0] ?? '', says: bad[i % bad.length]?.[1] ?? /x/ },
  }));
  for (const s of spoilt) (cells[s.at] as string[])[headings.indexOf(s.column)] = 'wobbly';
  const out = read(Papa.unparse([headings, ...cells]));

  test('brings 1,960 plants and 40 clear errors, each with its row and what to do', () => {
    expect(out.plants).toHaveLength(1960);
    expect(out.errors.map((e) => e.row)).toEqual(spoilt.map((s) => s.at + 2));
    out.errors.forEach((e, i) => {
      expect(e.message).toMatch(spoilt[i]?.says ?? /never/);
      expect(e.name).toBe(rows[spoilt[i]?.at ?? 0]?.common);
    });
  });
  test('the rows left out can be saved, mended and read again', () => {
    const csv = errorsCsv({ headings, rows: cells }, out.errors);
    const back = Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data;
    expect(back).toHaveLength(40);
    expect(back[0]).toMatchObject({
      row: String((spoilt[0]?.at ?? 0) + 2),
      trouble: expect.stringMatching(/wobbly/),
      common: rows[spoilt[0]?.at ?? 0]?.common,
    });
  });
});

test('ten thousand rows are read, with progress', () => {
  const told: number[] = [];
  const head = 'Name,Height (cm),Exposure,Colour';
  const { plants } = read(
    `${head}\n${Array.from({ length: 10_000 }, (_, i) => `Petunia,${20 + (i % 20)},full sun,rose pink`).join('\n')}`,
    { onProgress: (n) => told.push(n) },
  );
  expect(plants).toHaveLength(10_000);
  expect(new Set(plants.map((p) => p.plant.id)).size).toBe(10_000);
  expect(told.length).toBe(20);
  expect([...told].sort((a, b) => a - b)).toEqual(told);
});

describe('what people write is understood', () => {
  test.each<[string, string, Partial<Plant>]>([
    ['name,height (cm)', 'Petunia,30-45', { heightMm: [300, 450] }],
    ['name,height', 'Petunia,12–18 in', { heightMm: [304.8, 457.2] }],
    ['name,Height mm', 'Petunia,250 to 400', { heightMm: [250, 400] }],
    ['name,height', 'Petunia,30 cm', { heightMm: [240, 300] }],
    ['name,exposure', 'Petunia,Part shade', { sunHours: [1, 2, 5, 8] }],
    ['name,exposure', 'Petunia,Full sun to part shade', { sunHours: [2, 3, 12, 14] }],
    ['name,light', 'Petunia,4-8', { sunHours: [2.5, 4, 8, 10] }],
    ['name,hardiness', 'Petunia,zone 8a', { coldestWinterC: -12.2 }],
    ['name,hardiness', 'Petunia,−5 °C', { coldestWinterC: -5 }],
    ['name,flowering', 'Petunia,Jun–Aug', { bloom: [0, 0, 0, 0, 0, 0.6, 1, 0.6, 0, 0, 0, 0] }],
    ['name,flowering', 'Petunia,Nov to Feb', { bloom: [1, 0.6, 0, 0, 0, 0, 0, 0, 0, 0, 0.6, 1] }],
    ['name,price,pot size', 'Petunia,£2.50,9 cm', { starts: [{ size: 'p9', price: 2.5 }] }],
    ['name,pot', 'Petunia,quart', { starts: [{ size: 'l1', price: 4 }] }],
    ['name,water', 'Petunia,drought tolerant', { water: 'dry' }],
    ['name,role', 'Petunia,filler/spiller', { roles: ['filler', 'spiller'] }],
  ])('%s: %s', (head, cells, wanted) => expect(one(head, cells)).toMatchObject(wanted));
  test('bare figures are inches where that is chosen', () =>
    expect(one('name,height', 'Petunia,12-18', 'imperial').heightMm).toEqual([304.8, 457.2]));
  test('a colour word', () =>
    expect(one('name,colour', 'Petunia,deep rose pink').colours.find((c) => c.part === 'flower')?.hex).toBe('#d9597f'));
});

describe('what cannot be read says what to write instead', () => {
  test.each<[string, string, RegExp]>([
    ['name,height', 'Petunia,tall', /height: “tall” is not a length\. Use the form 30–60 cm\./],
    ['name,height', 'Petunia,60-30 cm', /has the larger number first/],
    ['name,colour', 'Petunia,blurple', /not a colour\. Use a name such as rose pink/],
    ['name,colour', ',red', /no name/],
    ['name,price', 'Petunia,-2', /not a price from 0\.01 to 500/],
    ['name,hardiness', 'Petunia,very', /not a temperature/],
    ['name,exposure', 'Petunia,9-20', /sunHours|least to most/],
    ['name,id', 'Petunia,Not An Id', /not a valid id/],
  ])('%s: %s', (head, cells, says) => expect(wrong(head, cells)).toMatch(says));
  test('an id twice', () =>
    expect(read('id,name\nx-one,Petunia\nx-one,Salvia\n').errors).toEqual([
      { row: 3, name: 'Salvia', message: expect.stringMatching(/twice/) },
    ]));
  test.each<[string, string, RegExp]>([
    ['no table', 'hello', /no table/],
    ['no rows', 'name,height\n', /headings but no rows/],
    ['too many', `name,height\n${'a,1\n'.repeat(50_001)}`, /the limit is 50000/],
  ])('%s', (_, text, says) => {
    expect(() => readSheet(text)).toThrow(BadInputError);
    expect(() => readSheet(text)).toThrow(says);
  });
});

test('a spreadsheet cannot be made to run a formula', () => {
  const trick = { ...(LIBRARY[0] as Plant), id: 'own-trick', note: '=1+1' };
  const csv = plantsCsv([trick]);
  expect(csv).toContain("'=1+1");
  expect(read(csv).plants[0]?.plant).toEqual(trick);
});

test('headings are matched once each, exact names first', () => {
  expect(
    guessMapping(['Plant name', 'Latin name', 'Colour', 'Height (cm)', 'Spread_cm', 'Hardy to', 'whatever']),
  ).toEqual({ common: 0, botanical: 1, flower_colour: 2, height: 3, spread: 4, coldest_winter: 5 });
  expect(guessMapping(['name', 'common'])).toMatchObject({ common: 1 });
});

test('an id nobody has', () => {
  expect(ownId('Pétunia, double apricot', () => false)).toBe('own-petunia-double-apricot');
  expect(ownId('Petunia', (x) => ['own-petunia', 'own-petunia-2'].includes(x))).toBe('own-petunia-3');
});

test('one of your own in the file takes its own place', () =>
  expect(read('id,name\nown-mine,Petunia\n', { own: ['own-mine'] }).plants[0]?.instead).toBe('own'));

test('a heading or a cell of prose takes no longer than any other, and says so', () => {
  const long = '('.repeat(200_000);
  const sheet = readSheet(`common,${long}\n${'a '.repeat(100_000)},3\n`);
  expect(sheet.headings[1]).toHaveLength(LONGEST);
  const { errors } = readPlantRows(sheet.rows, {
    headings: sheet.headings,
    mapping: guessMapping(sheet.headings),
    units: 'metric',
    relatives: relativesIn(LIBRARY),
    own: new Set(),
  });
  expect(errors[0]?.message).toMatch(/characters is too long for one cell/);
});

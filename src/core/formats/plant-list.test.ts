import { LIBRARY } from '../plants';
import { finderOf } from '../plants/search';
import { MOST_OF_ONE, readPlantList } from './plant-list';

const find = finderOf(LIBRARY);
const read = (text: string) =>
  readPlantList(text, find).map(({ count, found }) => [count, found[0]?.botanical ?? null]);

test.each([
  [
    '3 petunia purple, 1 canna, 2 bacopa',
    [
      [3, /^Petunia/],
      [1, /^Canna/],
      [2, /^Chaenostoma/],
    ],
  ],
  [
    'three purple petunias\na canna\n- 2 × bacopa',
    [
      [3, /^Petunia/],
      [1, /^Canna/],
      [2, /^Chaenostoma/],
    ],
  ],
  [
    'petunia x3; canna (2) and ivy',
    [
      [3, /^Petunia/],
      [2, /^Canna/],
      [1, /^Hedera/],
    ],
  ],
  [
    '2x coleus + dahlias: 4',
    [
      [2, /^Coleus/],
      [4, /^Dahlia/],
    ],
  ],
  ['geraniums', [[1, /^Pelargonium|^Geranium/]]],
] as [string, [number, RegExp][]][])('%s is read', (text, lines) => {
  const got = read(text);
  expect(got.map(([count]) => count)).toEqual(lines.map(([count]) => count));
  lines.forEach(([, botanical], i) => expect(got[i]?.[1]).toMatch(botanical));
});

test('the colour that was written chooses the variety', () => {
  const [line] = readPlantList('2 petunia white', find);
  expect(line?.found[0]?.variety).toMatch(/white/);
  expect(line?.found.length).toBeGreaterThan(1);
});

test('what no plant is called is kept with nothing found, and blanks are passed over', () => {
  expect(readPlantList('3 triffids, ,\n\n', find)).toEqual([{ text: '3 triffids', count: 3, found: [] }]);
  expect(readPlantList('', find)).toEqual([]);
});

test('a number that no container holds is the most there is', () => {
  expect(readPlantList('900 violas', find)[0]?.count).toBe(MOST_OF_ONE);
  expect(readPlantList('0 violas', find)[0]?.count).toBe(1);
});

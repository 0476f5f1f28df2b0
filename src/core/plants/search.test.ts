import { LIBRARY } from '.';
import { alsoCalled } from './names';
import { plantName } from './schema';
import { finderOf } from './search';

const find = finderOf(LIBRARY);
const names = (text: string) => find(text).slice(0, 8).map(plantName);

test('nothing typed is everything, in its own order', () => expect(find('  ')).toEqual(LIBRARY));

test.each<[string, string, RegExp]>([
  ['the common name', 'petunia', /Petunia/],
  ['a beginning', 'calib', /Calibrachoa/],
  ['two letters changed about', 'petuina', /Petunia/],
  ['a letter left out', 'begnia', /egonia/],
  ['a wrong letter', 'lobelea', /obelia/],
  ['the botanical name', 'farinacea', /Salvia/],
  ['a botanical name misspelt', 'pelargoniun', /Pelargonium/],
])('%s finds it: %s', (_, text, wanted) => {
  const found = names(text);
  expect(found.length).toBeGreaterThan(0);
  expect(found.slice(0, 3).some((n) => wanted.test(n))).toBe(true);
});

test.each<[string, RegExp]>([
  ['snap dragon', /^Antirrhinum/],
  ['million bells', /^Calibrachoa/],
  ['bizzy lizzy', /^Impatiens/],
  ['busy lizzie', /^Impatiens/],
  ['fuschia', /^Fuchsia/],
  ['african daisy', /^Osteospermum/],
  ['coral bells', /^Heuchera/],
  ['sweet potato', /^Ipomoea batatas/],
  ['dusty miller', /^Jacobaea|^Artemisia|^Centaurea/],
])('people who say “%s” find it', (text, genus) => {
  const found = find(text).slice(0, 3);
  expect(found.map((p) => p.botanical)).toEqual(found.map(() => expect.stringMatching(genus)));
  expect(found.length).toBeGreaterThan(0);
});

test('“geranium” finds both that are called so, and a colour word narrows it', () => {
  const genera = new Set(find('geranium').map((p) => p.botanical.split(' ')[0]));
  expect([...genera]).toEqual(expect.arrayContaining(['Geranium', 'Pelargonium']));
  const red = find('red geranium').slice(0, 3);
  expect(red.map((p) => [p.botanical.split(' ')[0], p.variety])).toContainEqual(['Pelargonium', 'dark red']);
});

test('every other name is of a genus that is on the shelves', () => {
  const known = LIBRARY.filter((p) => alsoCalled(p.botanical).length > 0);
  expect(known.length).toBeGreaterThan(200);
});

test('every word must be found, and the best comes first', () => {
  const found = find('petunia white');
  expect(plantName(found[0] as (typeof found)[number])).toMatch(/etunia, white/);
  expect(found.every((p) => [p.common, ...alsoCalled(p.botanical)].some((name) => /petunia/i.test(name)))).toBe(true);
  expect(find('petunia xylophone')).toEqual([]);
});

test('marks in names are no hindrance', () =>
  expect(
    finderOf([{ ...(LIBRARY[0] as (typeof LIBRARY)[number]), common: 'Crocosmia × crocosmiiflora Éclair' }])('eclair'),
  ).toHaveLength(1));

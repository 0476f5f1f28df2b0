import { LIBRARY } from '.';
import { familiesOf, hasFacets, LIGHT_CLASSES, NO_FACETS, type Facets } from './facets';
import type { Plant } from './schema';
import { isSpiny } from './spines';

const by = (id: string) => LIBRARY.find((p) => p.id === id) as Plant;
const with_ = (change: Partial<Facets>) => LIBRARY.filter((p) => hasFacets(p, { ...NO_FACETS, ...change }));

test('nothing asked keeps everything', () => expect(with_({})).toHaveLength(LIBRARY.length));

test.each<[string, Partial<Facets>, (p: Plant) => boolean]>([
  ['role', { roles: ['spiller'] }, (p) => p.roles.includes('spiller')],
  ['light', { light: ['shade'] }, (p) => p.sunHours[0] <= 1 && p.sunHours[3] >= 1],
  ['water', { water: ['dry'] }, (p) => p.water === 'dry'],
  ['season', { seasons: ['cool', 'year-round'] }, (p) => p.season === 'cool' || p.season === 'year-round'],
  ['habit', { habits: ['frond'] }, (p) => p.habit === 'frond'],
  ['height', { heightMm: [900, 2000] }, (p) => p.heightMm[1] >= 900 && p.heightMm[0] <= 2000],
  ['to eat', { edible: true }, (p) => p.edible !== 'no'],
  [
    'safe for pets',
    { petSafe: true },
    (p) => p.poison.cats === 'none' && p.poison.dogs === 'none' && p.irritantSap === 'no' && !isSpiny(p),
  ],
  ['colour', { colours: ['blue'] }, (p) => familiesOf(p).includes('blue')],
])('%s keeps just those', (_, facet, rule) => {
  const kept = with_(facet);
  expect(kept.length).toBeGreaterThan(0);
  expect(kept).toEqual(LIBRARY.filter(rule));
});

test('several of one kind widen, several kinds narrow', () => {
  const either = with_({ colours: ['red', 'white'] }).length;
  expect(either).toBeGreaterThan(with_({ colours: ['red'] }).length);
  expect(with_({ colours: ['red', 'white'], roles: ['thriller'] }).length).toBeLessThan(either);
});

test('what is unknown is not safe', () => {
  const unknown = { ...by('petunia-white'), poison: { ...by('petunia-white').poison, cats: 'unknown' as const } };
  expect(hasFacets(by('petunia-white'), { ...NO_FACETS, petSafe: true })).toBe(true);
  expect(hasFacets(unknown, { ...NO_FACETS, petSafe: true })).toBe(false);
});

test('near a colour: the same red is near, a blue is not', () => {
  const red = by('petunia-red').colours.find((c) => c.part === 'flower')?.hex ?? '';
  const near = with_({ near: red });
  expect(near).toContain(by('petunia-red'));
  expect(near).not.toContain(by('lobelia-white'));
  expect(near.length).toBeLessThan(LIBRARY.length / 3);
});

test('green counts as seen only where nothing else is', () => {
  expect(familiesOf(by('ivy-green'))).toEqual(['green']);
  expect(familiesOf(by('petunia-red'))).not.toContain('green');
});

test('each light class has plants for it', () => {
  for (const light of LIGHT_CLASSES) expect(with_({ light: [light] }).length).toBeGreaterThan(30);
});

import { judgeScheme } from '../judge';
import { lch } from '../oklch';
import { SCHEMES, schemeOf } from '.';
import type { Scheme } from './scheme';

const flowers = (...list: [hex: string, area: number][]) =>
  list.map(([hex, area]) => ({ colour: lch(hex), area, isFlower: true }));
const read = (scheme: Scheme, list: ReturnType<typeof flowers>, kinds?: number) =>
  judgeScheme(scheme, list, null, kinds);

const RED = '#d0202c';
const BLUE = '#3f50c0';
const WHITE = '#f7f6f0';
const YELLOW = '#f5cf35';
const ORANGE = '#f07f1d';
const PINK = '#e0568f';
const MAUVE = '#b98ccb';

describe('red, white and blue', () => {
  const { 'red-white-blue': scheme } = SCHEMES;
  test('all three, and nothing else', () =>
    expect(read(scheme, flowers([RED, 3], [WHITE, 3], [BLUE, 3]))).toMatchObject({ stray: 0, missing: [] }));
  test('a mauve is no blue and a dusky pink no red', () => {
    const names = read(scheme, flowers([PINK, 3], [WHITE, 3], [MAUVE, 3])).missing.map((m) => m.name);
    expect(names).toEqual(['red', 'blue']);
  });
  test('yellow strays', () =>
    expect(read(scheme, flowers([RED, 3], [WHITE, 3], [BLUE, 3], [YELLOW, 3])).stray).toBeCloseTo(0.25, 6));
});

describe('everything bright', () => {
  const { 'everything-bright': scheme } = SCHEMES;
  const five = flowers([RED, 2], [ORANGE, 2], [YELLOW, 2], [BLUE, 2], [PINK, 2], [WHITE, 2]);
  test('five hues and a rest of white', () => expect(read(scheme, five)).toMatchObject({ stray: 0, missing: [] }));
  test('two hues are not many', () => {
    const { missing } = read(scheme, flowers([RED, 3], [YELLOW, 3], [WHITE, 2]));
    expect(missing.map((m) => m.name)).toEqual(['different hues']);
  });
  test('a little of everything in much grey leaf is not bright', () => {
    const grey = { colour: lch('#7d9c98'), area: 88, isFlower: false };
    const { missing, stray } = read(scheme, [...five, grey]);
    expect(missing).toEqual([{ name: 'bright flower', has: 0.1, least: 0.15, by: 'all' }]);
    expect(stray).toBe(0);
  });
  test('a coral between red and pink is one hue', () => {
    const r = read(scheme, flowers(['#ea4f5f', 3], [YELLOW, 3], [BLUE, 3], [WHITE, 2]));
    expect(r.missing).toEqual([{ name: 'different hues', has: 3, least: 4, by: 'count' }]);
  });
  test('a small pot of few kinds may show three', () => {
    const three = flowers([RED, 3], [YELLOW, 3], [BLUE, 3], [WHITE, 2]);
    expect(read(scheme, three).missing).toHaveLength(1);
    expect(read(scheme, three, 4).missing).toEqual([]);
  });
});

describe('pink and purple', () => {
  const { 'pink-purple': scheme } = SCHEMES;
  test('pink, mauve, wine and white belong; orange does not', () => {
    expect(read(scheme, flowers([PINK, 3], [MAUVE, 3], ['#5e1a2b', 1], [WHITE, 2])).stray).toBeCloseTo(0, 2);
    // What shouts counts twice.
    expect(read(scheme, flowers([PINK, 3], [ORANGE, 1])).stray).toBeCloseTo(0.5, 6);
  });
});

describe('colours of one’s own', () => {
  const own = schemeOf({ scheme: 'palette', palette: [PINK, BLUE] });
  test('what is near one of them belongs, each must be there', () => {
    expect(read(own, flowers([PINK, 3], [BLUE, 3]))).toMatchObject({ stray: 0, missing: [] });
    expect(read(own, flowers([PINK, 3])).missing.map((m) => m.name)).toEqual(['your second colour']);
    expect(read(own, flowers([PINK, 3], [BLUE, 3], [YELLOW, 6])).stray).toBeCloseTo(0.5, 6);
  });
  test('none chosen asks for nothing', () =>
    expect(read(schemeOf({ scheme: 'palette', palette: [] }), flowers([YELLOW, 1]))).toMatchObject({
      stray: 0,
      missing: [],
    }));
  test('another scheme is as it is for everybody', () => expect(schemeOf({ scheme: 'warm' })).toBe(SCHEMES.warm));
});

describe('too much of one thing', () => {
  test('everything bright may rest on white, and not be half white', () => {
    const scheme = SCHEMES['everything-bright'];
    const hues = flowers([RED, 2], [ORANGE, 2], [YELLOW, 2], [PINK, 2]);
    expect(read(scheme, [...hues, ...flowers([WHITE, 4])]).over).toEqual([]);
    const [over] = read(scheme, [...hues, ...flowers([WHITE, 12])]).over;
    expect(over).toMatchObject({ name: 'white or deep blue', has: 0.6, most: 0.42 });
  });
  test('a coloured leaf is no hue of a bright planting', () => {
    const lime = { colour: lch('#b9d233'), area: 3, isFlower: false };
    const r = read(SCHEMES['everything-bright'], [...flowers([RED, 3], [BLUE, 3]), lime], 3);
    expect(r.missing[0]).toMatchObject({ name: 'different hues', has: 2, least: 3, by: 'count' });
  });
  test('in all white a blush is little, and a red flower shouts', () => {
    const all = SCHEMES['all-white'];
    expect(read(all, flowers([WHITE, 9], ['#f6dfe2', 1])).stray).toBeLessThanOrEqual(0.1);
    expect(read(all, flowers([WHITE, 9], [RED, 1])).stray).toBeCloseTo(0.2, 6);
  });
});

test('a burgundy flower is a deep pink, a near black one is none', () => {
  const pink = SCHEMES['pink-purple'].poles.find((p) => p.name === 'pink');
  const flower = (hex: string) => pink?.test({ colour: lch(hex), area: 1, isFlower: true }, 0);
  expect([flower('#7d1636'), flower('#f48db4')]).toEqual([true, true]);
  expect([flower('#5a1f6e'), flower('#2b1730')]).toEqual([false, false]);
});

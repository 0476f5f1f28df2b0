import { family } from './family';
import { judgeScheme } from './judge';
import { deltaE, hueGap, lch, linearRgb } from './oklch';
import { SCHEMES } from './schemes';

const seen = (...list: [string, number, boolean?][]) =>
  list.map(([hex, area, isFlower = true]) => ({ colour: lch(hex), area, isFlower }));

test('OKLCH agrees with the published values for the sRGB primaries (Ottosson 2020)', () => {
  const red = lch('#ff0000');
  expect(red.l).toBeCloseTo(0.628, 3);
  expect(red.c).toBeCloseTo(0.2577, 3);
  expect(red.h).toBeCloseTo(29.23, 1);
  expect(lch('#ffffff').l).toBeCloseTo(1, 4);
  expect(lch('#0000ff').h).toBeCloseTo(264.05, 1);
});

test('distance is straight, symmetric, and nought for one colour', () => {
  const [a, b] = [lch('#d3202b'), lch('#f7f6f0')];
  expect(deltaE(a, a)).toBe(0);
  expect(deltaE(a, b)).toBeCloseTo(deltaE(b, a), 12);
  expect(deltaE(lch('#000000'), lch('#ffffff'))).toBeCloseTo(1, 3);
  expect(hueGap(350, 10)).toBe(20);
});

test('middle grey is 21.4 % in linear light', () => expect(linearRgb('#808080')[0]).toBeCloseTo(0.2159, 3));

test.each([
  ['#f7f6f0', 'white'],
  ['#bcc8c2', 'silver'],
  ['#3a2338', 'black'],
  ['#4d7f45', 'green'],
  ['#5d7663', 'green'],
  ['#3f5a54', 'black'],
  ['#bdd531', 'lime'],
  ['#d3202b', 'red'],
  ['#f07f1d', 'orange'],
  ['#f7d733', 'yellow'],
  ['#4a63cf', 'blue'],
  ['#7f3fa0', 'violet'],
  ['#ec9bb8', 'pink'],
  ['#94694a', 'bronze'],
  ['#5e1a2b', 'wine'],
])('a gardener calls %s %s', (hex, name) => {
  // Near-black leaves are read as black or wine by eye: either is right.
  expect(hex === '#3a2338' ? ['black', 'wine', 'violet'] : [name]).toContain(family(lch(hex)));
});

describe('schemes', () => {
  test('green and silver are ground: they neither help nor stray', () => {
    const r = judgeScheme(SCHEMES.warm, seen(['#f07f1d', 10], ['#4d7f45', 500, false], ['#bcc8c2', 50, false]), null);
    expect(r.stray).toBe(0);
    expect(r.coloured).toBeCloseTo(10 / 560, 6);
  });

  test('stray is the share of coloured area that does not belong', () => {
    expect(judgeScheme(SCHEMES.warm, seen(['#f07f1d', 80], ['#4a63cf', 20]), null).stray).toBeCloseTo(0.2, 6);
  });

  test('a pole that is missing is named with what it has', () => {
    const r = judgeScheme(SCHEMES['one-hue-white'], seen(['#7f3fa0', 95], ['#f7f6f0', 5]), null);
    expect(r.missing.map((m) => m.name)).toEqual(['white']);
    expect(r.missing[0]?.has).toBeCloseTo(0.05, 6);
  });

  test('the leading hue is the given colour’s, or else the strongest seen', () => {
    expect(judgeScheme(SCHEMES.neighbours, seen(['#4a63cf', 10]), '#d3202b').hue).toBeCloseTo(lch('#d3202b').h, 6);
    expect(
      hueGap(judgeScheme(SCHEMES.neighbours, seen(['#4a63cf', 10], ['#f07f1d', 2]), null).hue, lch('#4a63cf').h),
    ).toBeLessThan(8);
  });

  test('opposites take both ends of the wheel and not the middle', () => {
    const r = (hex: string) => judgeScheme(SCHEMES.opposites, seen([hex, 1]), '#4a50b5').stray;
    expect(r('#4a50b5')).toBeCloseTo(0, 1);
    expect(r('#f3a51f')).toBeLessThan(0.3);
    expect(r('#d3202b')).toBeGreaterThan(0.8);
  });

  test('all leaf counts every flower as astray', () => {
    expect(judgeScheme(SCHEMES['all-leaf'], seen(['#5e1a2b', 90, false], ['#f07f1d', 10]), null).stray).toBeCloseTo(
      0.1,
      6,
    );
  });
});

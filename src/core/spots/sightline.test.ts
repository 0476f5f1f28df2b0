import { assess } from '../balance/assess';
import { heightBand } from '../balance/height-band';
import { placed, pot } from '../testing/pots';
import { leastUsefulMm, PLAIN_WINDOW, usefulFor, worstPlaced } from './sightline';
import type { Sight } from './schema';

// Eyes 1520 and 1190 mm over the floor, 820 mm from a sill at 960; the box 190 mm beyond it, soil at 770.
const sight: Sight = {
  viewers: [
    { name: 'tall', eyeMm: 1520 },
    { name: 'short', eyeMm: 1190 },
  ],
  distanceMm: 820,
  sillMm: 960,
  beyondMm: 190,
  soilMm: 770,
};

test('two viewers by hand: 960 − 560·190/820 − 770 = 60 mm, and 960 − 230·190/820 − 770 = 137 mm', () => {
  expect(usefulFor(sight).map((u) => [u.name, Math.round(u.leastMm)])).toEqual([
    ['tall', 60],
    ['short', 137],
  ]);
  expect(worstPlaced(sight).name).toBe('short');
});

test('nearer the sill more is hidden: 960 − 230·130/820 − 770 = 154 mm', () =>
  expect(leastUsefulMm(sight, 1190, 60)).toBeCloseTo(153.5, 0));

test('an eye below the sill looks upward, and needs more the further out a plant stands', () => {
  expect(leastUsefulMm(sight, 800)).toBeGreaterThan(960 - 770);
  expect(leastUsefulMm(sight, 800, -200)).toBeGreaterThan(leastUsefulMm(sight, 800));
});

test('from a tall stool the soil itself shows: never less than nothing', () =>
  expect(leastUsefulMm({ ...sight, soilMm: 1000 }, 1900)).toBe(0));

const box = pot({
  spot: { ...pot().spot, seen: 'inside', sight },
  container: {
    ...pot().container,
    shape: { kind: 'box', lengthMm: 900, widthMm: 210, baseLengthMm: 870, baseWidthMm: 180, depthMm: 200 },
    mount: 'sill',
  },
  brief: { ...pot().brief, school: 'tall-only' },
  placements: [
    placed('a', 'salvia-blue', 'thriller', -200, 0),
    placed('b', 'thyme-creeping', 'filler', 0, 0),
    placed('c', 'thyme-creeping', 'filler', 200, 0),
  ],
});

test('plants below the line are told on as unseen; the tall one is not', () => {
  const f = assess(box).findings.find((x) => x.check === 'sightline');
  expect(f?.culprits).toEqual(expect.arrayContaining(['b']));
  expect(f?.culprits).not.toContain('a');
  expect(f?.message).toMatch(/viewer sees only/);
});

test('another window, another box: each plant is measured where it stands, for the viewer who sees least', () => {
  // Eyes at 1600 and 1250, 1400 from a sill at 1000; the middle of a round tub 500 beyond, soil at 640.
  // Tall: 1000 − 600·500/1400 − 640 = 146. Short: 1000 − 250·500/1400 − 640 = 271; 100 mm nearer the sill
  // 289, 100 further out 253.
  const yard: Sight = {
    viewers: [
      { name: 'tall', eyeMm: 1600 },
      { name: 'seated', eyeMm: 1250 },
    ],
    distanceMm: 1400,
    sillMm: 1000,
    beyondMm: 500,
    soilMm: 640,
  };
  expect(
    [
      leastUsefulMm(yard, 1600),
      leastUsefulMm(yard, 1250),
      leastUsefulMm(yard, 1250, 100),
      leastUsefulMm(yard, 1250, -100),
    ].map(Math.round),
  ).toEqual([146, 271, 289, 253]);
  const tub = pot({
    spot: { ...pot().spot, seen: 'inside', sight: yard },
    placements: [
      placed('low', 'petunia-white', 'filler', 0, 100, 'p9'),
      placed('high', 'canna-dwarf-red', 'thriller', 0, -100, 'l1'),
      placed('flat', 'thyme-creeping', 'filler', -110, -60),
    ],
  });
  const f = assess(tub).findings.find((x) => x.check === 'sightline');
  expect(f?.culprits).toEqual(expect.arrayContaining(['low', 'flat']));
  expect(f?.culprits).not.toContain('high');
  expect(f).toMatchObject({ severity: 'watch', facts: { who: 'seated' } });
});

test('the band for height is raised to what shows, and is plain when nobody looks from inside', () => {
  const low = { ...sight, sillMm: 1100, soilMm: 700 };
  const need = Math.max(...usefulFor(low).map((u) => u.leastMm));
  expect(heightBand({ ...box, spot: { ...box.spot, sight: low } })[0]).toBeCloseTo((need * 1.25 - 25) / 200, 6);
  // 20 to 50 cm over a box 20 cm deep.
  expect(heightBand({ ...box, spot: { ...box.spot, seen: 'wall' } })).toEqual([1, 2.5]);
  expect(usefulFor(PLAIN_WINDOW).every((u) => u.leastMm > 0)).toBe(true);
});

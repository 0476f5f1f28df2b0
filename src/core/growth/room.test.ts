import { placed, pot, roundPot } from '../testing/pots';
import { containerSums as containerSumsOf } from '../containers';
import { roomShareOf, wantedLOf } from './room';
import { grow } from './season';
import { plantOf } from '../testing/plant-of';

describe('soil a plant wants', () => {
  test.each([
    ['petunia-violet', 2.5, 4.5],
    ['pelargonium-scarlet', 2.5, 4.5],
    ['canna-bronze-orange', 13, 25],
    ['abelia', 9, 20],
    ['echeveria-dark', 0.3, 1.2],
  ])('%s', (id, low, high) => {
    expect(wantedLOf(plantOf(id))).toBeGreaterThan(low);
    expect(wantedLOf(plantOf(id))).toBeLessThan(high);
  });
});

describe('crowding costs', () => {
  const shareIn = (litresOver: number) => {
    const plant = plantOf('petunia-violet');
    const container = roundPot(300, 220, 280);
    const [p] = grow(pot({ placements: [placed('a', plant.id, 'filler', 0, 0)] })).placed;
    if (!p) throw new Error('no plant');
    const { fillL } = containerSumsOf(container);
    const crowd = Array.from({ length: Math.round((fillL * litresOver) / wantedLOf(plant)) }, () => p);
    return roomShareOf(p, crowd, container);
  };
  test('half the soil: 0.8 of width, 0.9 of height, three quarters of the flower', () => {
    const half = shareIn(2);
    expect(half.wide).toBeGreaterThan(0.76);
    expect(half.wide).toBeLessThan(0.86);
    expect(half.high).toBeCloseTo(0.9, 1);
    expect(half.flower).toBeGreaterThan(0.7);
    expect(half.flower).toBeLessThan(0.81);
  });
  test('a quarter of it: 0.6 of width', () => expect(shareIn(4).wide).toBeCloseTo(0.62, 1));
  test('room to spare makes nothing bigger', () =>
    expect(shareIn(0.4)).toEqual({ share: 1, wide: 1, high: 1, flower: 1 }));
  test('five cannas in a 40 cm pot are lower, much narrower and flower less than one', () => {
    const at = (n: number) =>
      grow(
        pot({
          startDate: '2026-05-16',
          placements: Array.from({ length: n }, (_, i) =>
            placed(`c${i}`, 'canna-bronze-orange', 'thriller', i, 0, 'l1'),
          ),
        }),
      ).weeks[16]?.plants[0];
    const [one, five] = [at(1), at(5)];
    expect((five?.heightMm ?? 0) / (one?.heightMm ?? 1)).toBeCloseTo(0.84, 1);
    expect((five?.spreadMm ?? 0) / (one?.spreadMm ?? 1)).toBeCloseTo(0.68, 1);
    expect((five?.bloom ?? 0) / (one?.bloom ?? 1)).toBeLessThan(0.75);
  });
  test('what likes its roots tight is no smaller for it', () => {
    const plant = { ...plantOf('petunia-violet'), facts: { tight: 'likes it' as const } };
    const [p] = grow(pot({ placements: [placed('a', 'petunia-violet', 'filler', 0, 0)] })).placed;
    if (!p) throw new Error('no plant');
    const mine = { ...p, plant };
    expect(roomShareOf(mine, Array<typeof mine>(20).fill(mine), roundPot(200, 150, 180)).wide).toBe(1);
  });
});

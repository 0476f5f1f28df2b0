import { LIBRARY } from '../plants';
import { type StartSize, STARTS } from '../plants/starts';
import { middleOf } from '../units/number';
import { onTheDay, sizeInLeaf } from './bench';
import { plantOf } from '../testing/plant-of';

/** Mid-May, as the north reads it. */
const MAY = 4;
const tall = (id: string, start: StartSize, day = MAY) => onTheDay(plantOf(id), start, day).heightMm;
const wide = (id: string, start: StartSize, day = MAY) => onTheDay(plantOf(id), start, day).spreadMm;

describe('size on the day', () => {
  test.each<[string, StartSize, number, number]>([
    ['petunia-violet', 'plug', 35, 65],
    ['marigold-orange', 'pack6', 50, 90],
    ['salvia-blue', 'pack6', 50, 95],
    ['petunia-violet', 'p9', 80, 140],
    ['pelargonium-scarlet', 'p9', 80, 170],
    ['angelonia-purple', 'p9', 80, 170],
    ['dahlia-red-dark', 'p10', 130, 170],
    ['canna-bronze-orange', 'l1', 180, 290],
    ['abelia', 'l1', 180, 290],
    ['cypress-dwarf', 'l2', 300, 420],
    ['windmill-palm', 'l3', 430, 580],
  ])('%s in a %s', (id, start, low, high) => {
    expect(tall(id, start)).toBeGreaterThan(low);
    expect(tall(id, start)).toBeLessThan(high);
  });
  test('comes from the pot alone: no month changes it', () =>
    expect(onTheDay(plantOf('petunia-violet'), 'p9', 1)).toEqual(onTheDay(plantOf('petunia-violet'), 'p9', MAY)));
  test('a bigger pot carries a bigger plant', () => {
    const sizes = (['pack6', 'p9', 'p10', 'l1', 'l2'] as const).map((s) => wide('pelargonium-scarlet', s));
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
    expect(wide('pelargonium-scarlet', 'p9') / wide('pelargonium-scarlet', 'pack6')).toBeGreaterThan(1.4);
  });
  test('a taller kind is sold taller, but not by as much', () => {
    const [low, high] = [plantOf('begonia-red'), plantOf('angelonia-purple')];
    const grown = high.heightMm[1] / low.heightMm[1];
    const sold = sizeInLeaf(high, 'p9').heightMm / sizeInLeaf(low, 'p9').heightMm;
    expect(sold).toBeGreaterThan(1.2);
    expect(sold).toBeLessThan(grown);
  });
  test('what lasts is sold wider than bedding of its size', () => {
    const bedding = plantOf('petunia-violet');
    const lasting = { ...bedding, facts: { seasons: 3 } };
    expect(sizeInLeaf(lasting, 'p9').spreadMm).toBeGreaterThan(sizeInLeaf(bedding, 'p9').spreadMm * 1.05);
  });
  test('swords, conifers, tropical leaf and climbers on canes are sold tall', () => {
    expect(tall('cordyline-green', 'p10')).toBeGreaterThan(225);
    expect(tall('yew-column', 'l2')).toBeGreaterThan(300);
    expect(tall('caladium-white', 'p10')).toBeGreaterThan(180);
    expect(tall('mandevilla-red', 'l1')).toBeGreaterThan(300);
    expect(tall('black-eyed-susan', 'p9')).toBeLessThan(200);
  });
  test('heather and cabbage are sold grown', () => {
    for (const [id, start] of [['heather-bud-pink', 'p9'] as const, ['cabbage-white', 'p10'] as const]) {
      const [low, high] = plantOf(id).spreadMm;
      expect(wide(id, start)).toBeGreaterThan(((low + high) / 2) * 0.7);
    }
  });
  test('a pansy for October is further on than one for June, a nemesia is not', () => {
    const further = (id: string) => wide(id, 'p9', 9) / wide(id, 'p9', 5);
    expect(further('pansy-yellow')).toBeGreaterThan(1.05);
    expect(further('nemesia-pink')).toBe(1);
  });
  test('in March a hosta is a crown and a dry grass is cut down', () => {
    const march = 2.3;
    expect(tall('hosta-white-edge', 'l1', march)).toBeLessThan(50);
    expect(tall('miscanthus-dwarf', 'l2', march)).toBeLessThan(150);
    expect(tall('miscanthus-dwarf', 'l2')).toBeGreaterThan(220);
  });
  test('nothing stands taller than four times its ball, nor is narrower than it', () => {
    for (const p of LIBRARY) {
      const { ballMm, is } = STARTS.p9;
      const size = sizeInLeaf(p, 'p9');
      expect(is).toBe('plant');
      expect(size.heightMm).toBeLessThanOrEqual(ballMm * 5);
      expect(size.spreadMm).toBeGreaterThanOrEqual(Math.min(middleOf(p.spreadMm) * 0.6, ballMm * 0.85));
    }
  });
  test('a tuber and seed have hardly begun', () => {
    expect(tall('dahlia-yellow', 'bare')).toBeLessThan(20);
    expect(tall('petunia-violet', 'seed')).toBeLessThan(10);
  });
  test('what runs hangs a hand, what only leans hangs nothing yet', () => {
    expect(onTheDay(plantOf('ivy-variegated'), 'p9', MAY).trailMm).toBeGreaterThan(25);
    expect(onTheDay(plantOf('petunia-violet'), 'p9', MAY).trailMm).toBeLessThan(10);
  });
});

import { pot } from '@/core/testing/pots';
import { assess } from '@/core/balance/assess';
import { drawingsOf } from './drawing';

const proposal = (spread: number) => {
  const planting = pot();
  const { shape } = planting.container;
  const wide = { ...planting, container: { ...planting.container, shape: { ...shape, topMm: spread } } };
  return { planting: wide as typeof planting, report: assess(planting), reason: '' };
};

test('all are drawn at one scale, at which the largest fits its place; smaller places see the same still smaller', () => {
  const list = [proposal(300), proposal(600)];
  const drawing = drawingsOf(list, { width: 600, height: 500 }, (i) => i > 0);
  const [small, large] = [drawing.at(0, { width: 60, height: 50 }), drawing.at(1, { width: 600, height: 500 })];
  expect(small.scale).toBe(large.scale);
  expect(large.shown).toBeCloseTo(1);
  expect(small.shown).toBeCloseTo(0.1);
  expect([small.flat, large.flat]).toEqual([false, true]);
});

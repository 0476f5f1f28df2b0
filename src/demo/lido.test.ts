import { assess } from '@/core/balance/assess';
import { SOLD } from '@/core/containers/sold';
import { PlantingSchema } from '@/core/plantings/schema';
import { lido } from './lido';

test('the lido has all five places and a container of every kind', () => {
  expect(new Set(lido.map((p) => p.spot.name)).size).toBe(5);
  expect(new Set(lido.map((p) => p.container.shape.kind))).toEqual(new Set(Object.keys(SOLD)));
});

test.each(lido.map((p) => [p.name, p] as const))('%s is whole, planted, and nothing in it is wrong', (_, p) => {
  expect(PlantingSchema.safeParse(p).error?.issues).toBeUndefined();
  expect(p.placements.length).toBeGreaterThan(2);
  expect(assess(p).findings.filter((f) => f.severity === 'wrong')).toEqual([]);
});

test.each(lido.map((p) => [p.name, p] as const))('%s is one to stop for: nothing in it to be watched', (_, p) => {
  const { score, findings } = assess(p);
  expect(findings.filter((f) => f.severity !== 'good')).toEqual([]);
  expect(score).toBeGreaterThan(90);
});

import { measure } from '../../balance/assess';
import { misfits } from '../../layout/packing';
import { libraryPlant } from '../../plants';
import { apply } from '../../plantings/commands';
import { resolve } from '../../plantings/resolve';
import { pot } from '../../testing/pots';
import { laidOut, type KindPlanted } from './planted';

const kind = (id: string, count: number): KindPlanted => {
  const plant = libraryPlant(id);
  if (!plant) throw new Error(id);
  return { plant, count };
};
const round = (topMm: number) => ({
  ...pot().container,
  shape: { kind: 'round' as const, topMm, baseMm: topMm * 0.75, depthMm: topMm * 0.85 },
});
const trough = {
  ...pot().container,
  shape: { kind: 'box' as const, lengthMm: 800, widthMm: 200, depthMm: 200, baseLengthMm: 780, baseWidthMm: 180 },
};
const SUMMER = [
  kind('canna-dwarf-red', 1),
  kind('petunia-white', 3),
  kind('pelargonium-scarlet', 2),
  kind('bacopa-white', 3),
];

test('all that stands there is laid out, each as often as it was said, and nothing in another’s place', () => {
  const base = pot({ container: round(460) });
  const { placements, left } = laidOut(base, SUMMER);
  expect(left).toEqual([]);
  const counts = new Map<string, number>();
  for (const p of resolve({ ...base, placements })) counts.set(p.plant.id, (counts.get(p.plant.id) ?? 0) + 1);
  expect([...counts].sort()).toEqual(SUMMER.map((k) => [k.plant.id, k.count]).sort());
  expect(misfits(base.container, placements)).toEqual([]);
  expect(new Set(placements.map((p) => p.id)).size).toBe(placements.length);
});

test('the tallest stands in the middle, what trails at the rim, and one kind is not all on one side', () => {
  const base = pot({ container: round(460) });
  const placed = resolve({ ...base, placements: laidOut(base, SUMMER).placements });
  const out = (id: string) => placed.filter((p) => p.plant.id === id).map((p) => Math.hypot(p.xMm, p.yMm));
  expect(Math.max(...out('canna-dwarf-red'))).toBeLessThan(20);
  expect(Math.min(...out('bacopa-white'))).toBeGreaterThan(Math.max(...out('petunia-white')) - 20);
  const petunias = placed.filter((p) => p.plant.id === 'petunia-white');
  const lean = Math.hypot(
    petunias.reduce((s, p) => s + p.xMm, 0) / petunias.length,
    petunias.reduce((s, p) => s + p.yMm, 0) / petunias.length,
  );
  expect(lean).toBeLessThan(60);
});

test.each([
  ['a box of one kind', pot({ container: trough }), [kind('pelargonium-scarlet', 6)]],
  ['a bowl of many small ones', pot({ container: round(300) }), [kind('viola-yellow', 4), kind('ivy-green', 2)]],
  ['a pot of one tree', pot({ container: round(400) }), [kind('canna-dwarf-red', 1)]],
])('%s can be judged', (_, base, kinds) => {
  const { placements, left } = laidOut(base, kinds);
  expect(left).toEqual([]);
  const planted = apply(base, { do: 'plant', placements });
  expect(measure(planted).score).toBeGreaterThan(0);
});

test('the brief becomes what is there: its colours, and how it is arranged', () => {
  const base = pot({ container: round(460) });
  expect(laidOut(base, SUMMER).brief).toMatchObject({ scheme: 'palette', school: 'tall-centre' });
  expect(laidOut(base, SUMMER).brief.palette.length).toBeGreaterThanOrEqual(2);
  expect(laidOut(base, [kind('petunia-white', 5)]).brief).toMatchObject({ school: 'level-dome' });
  expect(laidOut(base, [kind('canna-dwarf-red', 1)]).brief).toMatchObject({ school: 'specimen' });
});

test('what there is no room for is told, and the rest stands', () => {
  const base = pot({ container: round(160) });
  const { placements, left } = laidOut(base, [kind('petunia-white', 30)]);
  expect(placements.length).toBeGreaterThan(0);
  expect(left[0]?.count).toBe(30 - placements.length);
});

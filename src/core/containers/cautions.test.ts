import { roundPot } from '../testing/pots';
import { cautionsFor } from './cautions';
import { mountsFor } from './mounts';
import type { Container } from './schema';

const mild = { coldestWinterC: 0, walkway: false };
const cold = { coldestWinterC: -9, walkway: false };
const pot = (change: Partial<Container> = {}) => roundPot(400, 290, 360, change);
const ids = (c: Container, around = mild, balls = 2) => cautionsFor(c, balls, around).map((x) => x.id);
const text = (c: Container, id: string, around = mild, units: 'metric' | 'imperial' = 'metric') =>
  cautionsFor(c, 2, around, units).find((x) => x.id === id)?.text;

test('a pot without holes is wrong, with eye protection for whoever drills', () => {
  const [first] = cautionsFor(pot({ drains: false }), 2, mild);
  expect(first).toMatchObject({ id: 'holes', severity: 'wrong', text: expect.stringMatching(/eye protection/) });
});
test('what is too heavy for one is told with its figure and who decides on a roof', () => {
  expect(text(pot({ material: 'concrete' }), 'lift')).toMatch(
    /^At \d+ kg when watered, it is too heavy for one person.*structural engineer/,
  );
  expect(text(pot({ material: 'concrete' }), 'lift', mild, 'imperial')).toMatch(/^At \d+ lb when watered/);
  expect(ids(roundPot(200, 150, 180, { material: 'plastic' }))).not.toContain('lift');
});
test('a load is told where it hangs, and never called safe', () => {
  const basket = { ...pot(), shape: { kind: 'basket', topMm: 350, depthMm: 190 }, mount: 'hook' } as Container;
  expect(text(basket, 'load')).toMatch(
    /kg on the hook when just watered, before wind\. .*cannot tell you it is safe\.$/,
  );
  expect(text(basket, 'load', { ...mild, walkway: true })).toMatch(/People walk underneath: hang it above head height/);
  expect(ids(basket)).not.toContain('lift');
  const rail = { ...pot(), mount: 'rail' } as Container;
  expect(text(rail, 'load')).toMatch(/on each metre of rail when just watered/);
  expect(ids(pot())).not.toContain('load');
});
test('clay cracks where winters are cold, and not where they are mild', () => {
  expect(text(pot({ material: 'terracotta' }), 'frost', cold)).toBe(
    'Terracotta can crack in frost unless sold as frost-proof; winters here reach −9°C. Raise it on pot feet or bring it under cover.',
  );
  expect(ids(pot({ material: 'terracotta' }))).not.toContain('frost');
  expect(ids(pot({ material: 'plastic' }), cold)).not.toContain('frost');
});
test('timber wants a liner, crocks are argued with, a reservoir wants its overflow', () => {
  expect(ids(pot({ material: 'timber' }))).toContain('timber');
  expect(ids(pot({ material: 'timber', liner: true }))).not.toContain('timber');
  expect(ids(pot({ base: 'crocks' }))).toEqual(expect.arrayContaining(['crocks']));
  expect(ids(pot({ base: 'crocks' }))).not.toContain('mesh');
  expect(ids(pot({ reservoirL: 4 }))).toContain('overflow');
});
test('each shape is kept up as it can be, the usual way first', () => {
  expect(mountsFor(pot().shape)).toEqual(['ground', 'wall']);
  expect(mountsFor({ kind: 'basket', topMm: 350, depthMm: 190 })[0]).toBe('hook');
  expect(mountsFor({ kind: 'wall-basket', widthMm: 500, projectionMm: 250, depthMm: 210 })).toEqual(['wall']);
  expect(mountsFor({ kind: 'bowl', topMm: 400, depthMm: 160 })).toEqual(['ground']);
});

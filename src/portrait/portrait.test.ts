import { some } from '@/core/testing/some';
import type { BufferGeometry } from 'three';
import { InstancedMesh } from 'three';
import { sprout } from '@/core/canopy/sprout';
import { KINDS } from '@/core/canopy/kinds';
import { grow } from '@/core/growth/season';
import { roundPot, warmPot } from '@/core/testing/pots';
import { rimOf } from '@/core/containers/outline';
import type { Shape } from '@/core/containers/schema';
import { SOLD } from '@/core/containers/sold';
import { createBody } from './body';
import { footMm } from '@/core/containers/outline';
import { fittingsOf } from './fittings';
import { hookMm } from '@/core/containers/outline';
import { createFoliage, mixed } from './foliage';
import { flowers } from './geometry/flowers';
import { leaves } from './geometry/leaves';
import type { Detail } from './geometry/shape';
import { offset } from './loft';

const shapes: Record<string, (detail: Detail) => BufferGeometry> = { ...leaves, ...flowers };
const faces = (g: BufferGeometry): number => (g.getIndex()?.count ?? 0) / 3;

/** Least and most of each axis. */
function extent(g: BufferGeometry): { min: number[]; max: number[] } {
  g.computeBoundingBox();
  const b = g.boundingBox;
  return { min: b?.min.toArray() ?? [], max: b?.max.toArray() ?? [] };
}

test('there is a shape for every kind that a canopy may ask for', () =>
  expect(Object.keys(shapes).sort()).toEqual([...KINDS].sort()));

const looked = Object.entries(shapes).flatMap(([name, build]) =>
  (['near', 'far'] as const).map((detail) => [name, detail, build] as const),
);

describe.each(looked)('%s %s', (name, detail, build) => {
  const g = build(detail);
  test('is finite, has faces, and is light enough to draw by the thousand', () => {
    const { array } = g.getAttribute('position');
    expect([...array].every(Number.isFinite)).toBe(true);
    expect([...g.getAttribute('normal').array].every(Number.isFinite)).toBe(true);
    expect(faces(g)).toBeGreaterThan(3);
    expect(faces(g)).toBeLessThan(name === 'barrel' ? 800 : detail === 'near' ? 140 : 40);
    expect(faces(build('far'))).toBeLessThanOrEqual(faces(build('near')));
  });

  test('keeps to its unit: no longer than it says, and weights are shares', () => {
    const { min, max } = extent(g);
    const flat = ['trumpet', 'face', 'daisy', 'floret'].includes(name);
    expect(max[1]).toBeLessThanOrEqual(flat ? 0.56 : 1.14);
    expect(min[1]).toBeGreaterThanOrEqual(flat ? -0.56 : -0.16);
    expect(Math.max(max[0] ?? 9, -(min[0] ?? -9))).toBeLessThanOrEqual(0.62);
    expect([...g.getAttribute('mixv').array].every((w) => w >= 0 && w <= 1)).toBe(true);
  });

  test('every corner of every face exists', () => {
    const count = g.getAttribute('position').count;
    expect([...(g.getIndex()?.array ?? [])].every((i) => i < count)).toBe(true);
  });
});

test('leaves that carry an edge or veins have both to show', () => {
  for (const name of ['ovate', 'heart', 'lobed', 'round'] as const) {
    const mix = leaves[name]('near').getAttribute('mixv');
    const column = (k: 0 | 1) => Array.from({ length: mix.count }, (_, i) => (k === 0 ? mix.getX(i) : mix.getY(i)));
    expect([name, Math.max(...column(0)), Math.min(...column(0)), Math.max(...column(1))]).toEqual([name, 1, 0, 1]);
  }
});

describe('foliage', () => {
  const planting = warmPot();
  const season = grow(planting);
  const canopy = sprout(planting, season, season.peak);
  const meshes = (f: ReturnType<typeof createFoliage>) =>
    f.group.children.filter((c): c is InstancedMesh => c instanceof InstancedMesh);

  test('is one mesh a kind, with an instance for each piece', () => {
    const f = createFoliage(canopy);
    expect(meshes(f).map((m) => m.count)).toEqual(canopy.batches.map((b) => b.count));
    f.dispose();
  });

  test('thinned, it is a fair sample of each kind of which there are many, whole again on asking', () => {
    const f = createFoliage(canopy);
    f.thin(0.4);
    expect(meshes(f).map((m) => m.count)).toEqual(
      canopy.batches.map((b) => (b.count > 240 ? Math.ceil(b.count * 0.4) : b.count)),
    );
    const big = [...canopy.batches].sort((a, b) => b.count - a.count)[0];
    if (!big) throw new Error('no leaves');
    const share = (owners: Uint16Array, of: number) => owners.filter((o) => o === of).length / owners.length;
    const sample = mixed(big).owner.slice(0, Math.ceil(big.count * 0.4));
    for (const owner of some(new Set(big.owner)))
      expect(Math.abs(share(sample, owner) - share(big.owner, owner))).toBeLessThan(0.06);
    f.thin(1);
    expect(meshes(f).map((m) => m.count)).toEqual(canopy.batches.map((b) => b.count));
    f.dispose();
  });

  test('lighting one plant fades the others, and letting go brings their colours back', () => {
    const f = createFoliage(canopy);
    const tints = () => meshes(f).map((m) => [...m.geometry.getAttribute('tintA').array]);
    const before = tints();
    f.light(new Set([0]));
    const lit = tints();
    canopy.batches.map(mixed).forEach((b, k) => {
      for (let i = 0; i < b.count; i += 1) {
        const same = [0, 1, 2].every(
          (c) => Math.abs((lit[k]?.[i * 3 + c] ?? 0) - (before[k]?.[i * 3 + c] ?? 1)) < 1e-6,
        );
        if (b.owner[i] === 0) expect(same).toBe(true);
      }
    });
    expect(lit).not.toEqual(before);
    f.light(null);
    expect(tints()).toEqual(before);
    f.dispose();
  });
});

describe('the body of a pot', () => {
  test.each(['terracotta', 'glazed', 'concrete', 'timber', 'metal', 'plastic'] as const)(
    'in %s is as wide and deep as its measures, plus its wall',
    (material) => {
      const c = roundPot(400, 290, 360, { material });
      const body = createBody(c);
      const wall = body.group.children[0];
      const { min, max } = extent((wall as unknown as { geometry: BufferGeometry }).geometry);
      expect(max[0]).toBeGreaterThan(200);
      expect(max[0]).toBeLessThan(240);
      expect(max[1]).toBeCloseTo(2, 5);
      expect(min[1]).toBeCloseTo(-footMm(c), 3);
      body.dispose();
    },
  );
});

describe('the body of every shape', () => {
  test.each(Object.values(SOLD).map((list) => [list[0]?.kind ?? '', list[0] as Shape] as const))(
    '%s is as wide, as deep from front to back and as tall as its measures, plus its wall',
    (_, shape) => {
      const c = { ...roundPot(400, 290, 360), shape, material: 'plastic' as const };
      const body = createBody(c);
      const { min, max } = extent((body.group.children[0] as unknown as { geometry: BufferGeometry }).geometry);
      const { wide, deep } = rimOf(shape);
      expect((max[0] ?? 0) - (min[0] ?? 0)).toBeGreaterThan(wide);
      expect((max[0] ?? 0) - (min[0] ?? 0)).toBeLessThan(wide + 40);
      expect((max[2] ?? 0) - (min[2] ?? 0)).toBeGreaterThan(deep);
      expect((max[2] ?? 0) - (min[2] ?? 0)).toBeLessThan(deep + 40);
      expect(min[1]).toBeCloseTo(-footMm(c), 0);
      body.dispose();
    },
  );

  test('a basket hangs by three chains from a ring over its middle; a sill lies under its box', () => {
    const hung = fittingsOf({ ...roundPot(400, 290, 360), shape: SOLD.basket[2] as Shape, mount: 'hook' }, 200);
    expect(hung.children).toHaveLength(4);
    const c = { ...roundPot(400, 290, 360), shape: SOLD.box[3] as Shape, mount: 'sill' as const };
    expect(hookMm(c)).toBe(0);
    expect(fittingsOf(c, 215).children[0]?.position.y).toBeLessThan(-215);
  });

  test('a mitred offset of a square stands off every side by the same', () => {
    const out = offset(
      [
        { x: 100, y: -100 },
        { x: 100, y: 100 },
        { x: -100, y: 100 },
        { x: -100, y: -100 },
      ],
      10,
    );
    for (const p of out)
      expect([Math.abs(p.x), Math.abs(p.y)]).toEqual([expect.closeTo(110, 6), expect.closeTo(110, 6)]);
  });
});

import { some } from '@/core/testing/some';
import type { BufferGeometry } from 'three';
import { InstancedMesh, Mesh } from 'three';
import { sprout } from '@/core/canopy/sprout';
import { KINDS, OPEN_KINDS } from '@/core/canopy/kinds';
import { grow } from '@/core/growth/season';
import { roundPot, warmPot } from '@/core/testing/pots';
import { rimOf } from '@/core/containers/outline';
import type { Shape } from '@/core/containers/schema';
import { SOLD } from '@/core/containers/sold';
import { createBody } from './body';
import { footMm } from '@/core/containers/outline';
import { fittingPieces } from './fittings';
import { hookMm } from '@/core/containers/outline';
import { createFoliage, mixed } from './foliage';
import { PIECES, geometryOf, paintOf } from './pieces';
import { offset } from './loft';

const pointsOf = (g: BufferGeometry): number => g.getAttribute('position').count;
const faces = (g: BufferGeometry): number => (g.getIndex()?.count ?? 0) / 3;

/** Least and most of each axis. */
function extent(g: BufferGeometry): { min: number[]; max: number[] } {
  g.computeBoundingBox();
  const b = g.boundingBox;
  return { min: b?.min.toArray() ?? [], max: b?.max.toArray() ?? [] };
}

const looked = KINDS.flatMap((kind) => (['near', 'far'] as const).map((detail) => [kind, detail] as const));

/** What is round and looks outward. */
const flat: readonly string[] = OPEN_KINDS;

describe.each(looked)('%s %s', (kind, detail) => {
  const g = geometryOf(kind, detail);
  test('is finite, has faces, and is light enough to draw by the thousand', () => {
    const { array } = g.getAttribute('position');
    expect([...array].every(Number.isFinite)).toBe(true);
    expect([...g.getAttribute('normal').array].every(Number.isFinite)).toBe(true);
    expect(faces(g)).toBeGreaterThan(3);
    expect(faces(g)).toBeLessThan(kind === 'barrel' ? 800 : detail === 'near' ? 140 : 60);
    expect(faces(geometryOf(kind, 'far'))).toBeLessThanOrEqual(faces(geometryOf(kind, 'near')));
  });

  test('keeps to its unit: no longer than it says, and weights are shares', () => {
    const { min, max } = extent(g);
    expect(max[1]).toBeLessThanOrEqual(flat.includes(kind) ? 0.56 : 1.2);
    expect(min[1]).toBeGreaterThanOrEqual(flat.includes(kind) ? -0.56 : -0.16);
    expect(Math.max(max[0] ?? 9, -(min[0] ?? -9))).toBeLessThanOrEqual(0.62);
    expect([...g.getAttribute('mixv').array].every((w) => w >= 0 && w <= 1)).toBe(true);
  });

  test('every corner of every face exists, and lies on its tile', () => {
    const count = g.getAttribute('position').count;
    expect([...(g.getIndex()?.array ?? [])].every((i) => i < count)).toBe(true);
    expect([...g.getAttribute('uv').array].every((t) => t > -0.06 && t < 1.06)).toBe(true);
  });
});

const tiles = KINDS.filter((k) => PIECES[k].painted);
/** Each pixel of a tile: edge, vein, light, cover, 0–255. */
const pixels = (kind: (typeof KINDS)[number]): number[][] => {
  const { data } = paintOf(kind)?.image as { data: Uint8Array };
  return Array.from({ length: data.length / 4 }, (_, i) => [...data.subarray(i * 4, i * 4 + 4)]);
};

describe.each(tiles)('what is painted on %s', (kind) => {
  const all = pixels(kind);
  const there = all.filter((p) => (p[3] ?? 0) > 127);
  test('is a fair part of its tile, and not all of it', () => {
    expect(there.length / all.length).toBeGreaterThan(0.12);
    expect(there.length / all.length).toBeLessThan(0.97);
  });
  test('is neither flat nor black nor burnt out', () => {
    const light = there.map((p) => p[2] ?? 0);
    expect(Math.max(...light) - Math.min(...light)).toBeGreaterThan(12);
    expect(light.reduce((a, b) => a + b, 0) / light.length).toBeGreaterThan(85);
    expect(light.reduce((a, b) => a + b, 0) / light.length).toBeLessThan(160);
  });
  test('lies inside its shape: what is cut off by the hull is next to nothing', () => {
    const { wide = 0, high = 0, round } = PIECES[kind].painted ?? {};
    const g = geometryOf(kind, 'near');
    const uv = g.getAttribute('uv');
    const index = [...(g.getIndex()?.array ?? [])];
    const at = (i: number) => [uv.getX(i), uv.getY(i)] as const;
    const inside = (x: number, y: number) => {
      for (let f = 0; f < index.length; f += 3) {
        const [a, b, c] = [at(index[f] ?? 0), at(index[f + 1] ?? 0), at(index[f + 2] ?? 0)];
        const side = (p: readonly [number, number], q: readonly [number, number]) =>
          (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0]);
        const s = [side(a, b), side(b, c), side(c, a)];
        if (s.every((k) => k >= -1e-6) || s.every((k) => k <= 1e-6)) return true;
      }
      return false;
    };
    let [seen, lost] = [0, 0];
    for (let y = 0; y < high; y += 4)
      for (let x = 0; x < wide; x += 4)
        if ((all[y * wide + x]?.[3] ?? 0) > 127) {
          seen += 1;
          if (!inside((x + 0.5) / wide, (y + 0.5) / high)) lost += 1;
        }
    expect(lost / seen).toBeLessThan(round ? 0.06 : 0.05);
  });
});

test('leaves that carry an edge or veins have both to show', () => {
  for (const kind of ['ovate', 'heart', 'lobed', 'round', 'scalloped', 'ribbed', 'ivy'] as const) {
    const there = pixels(kind).filter((p) => (p[3] ?? 0) > 127);
    const share = (k: number) => there.filter((p) => (p[k] ?? 0) > 150).length / there.length;
    for (const k of [0, 1]) {
      expect([kind, k, share(k) > 0.04]).toEqual([kind, k, true]);
      expect([kind, k, share(k) < 0.75]).toEqual([kind, k, true]);
    }
  }
});

describe('a card', () => {
  test.each(tiles)('of %s is four points in the middle of what it stands for', (kind) => {
    const [card, far] = [geometryOf(kind, 'card'), geometryOf(kind, 'far')];
    expect(card.getAttribute('position').count).toBe(4);
    const [a, b] = [extent(card), extent(far)];
    for (const k of [0, 1]) {
      const size = (b.max[k] ?? 0) - (b.min[k] ?? 0);
      const off = (a.max[k] ?? 0) + (a.min[k] ?? 0) - (b.max[k] ?? 0) - (b.min[k] ?? 0);
      expect(Math.abs(off) / 2).toBeLessThan(size * 0.25);
      expect((a.max[k] ?? 0) - (a.min[k] ?? 0)).toBeGreaterThanOrEqual(size * 0.5);
    }
  });
  test('is cut from nothing that is solid', () =>
    expect(geometryOf('berry', 'card').getAttribute('position').count).toBe(
      geometryOf('berry', 'far').getAttribute('position').count,
    ));
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

  test('few leaves are drawn larger, and no stem stands higher for it', () => {
    const many = canopy.batches.map((b) => (b.kind === 'stem' ? { ...b, count: Math.max(b.count, 241) } : b));
    const stems = many.find((b) => b.kind === 'stem');
    if (!stems) throw new Error('no stems');
    const f = createFoliage({ ...canopy, batches: many });
    const top = () =>
      Math.max(
        ...f.group.children
          .filter((c): c is Mesh => c instanceof Mesh && c.visible)
          .map((m, k) => (many[k]?.kind === 'stem' ? (extent(m.geometry).max[1] ?? 0) : -Infinity)),
      );
    f.thin(1, true);
    const whole = top();
    f.thin(0.3, true);
    expect(whole).toBeGreaterThan(0);
    expect(top()).toBeLessThanOrEqual(whole + 1e-3);
    f.dispose();
  });

  test('in passing it is cards in their places, as many as are asked for, lit as the whole leaves are', () => {
    const f = createFoliage(canopy);
    const seen = () => f.group.children.filter((c): c is Mesh => c instanceof Mesh && c.visible);
    f.thin(0.4, true);
    expect(seen().some((m) => m instanceof InstancedMesh)).toBe(false);
    seen().forEach((m, k) => {
      const { kind, count } = canopy.batches[k] as (typeof canopy.batches)[number];
      const shown = count > 240 ? Math.ceil(count * 0.4) : count;
      expect(pointsOf(m.geometry)).toBe(shown * pointsOf(geometryOf(kind, 'card')));
    });
    const { min, max } = extent(seen()[0]?.geometry as BufferGeometry);
    expect([...min, ...max].every((x) => Math.abs(x) < 1500)).toBe(true);
    const tints = () => seen().map((m) => [...m.geometry.getAttribute('tintA').array]);
    const before = tints();
    f.light(new Set([0]));
    expect(tints()).not.toEqual(before);
    f.thin(1);
    expect(seen().every((m) => m instanceof InstancedMesh)).toBe(true);
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

  test.each(Object.values(SOLD).map((list) => [list[0]?.kind ?? '', list[0] as Shape] as const))(
    '%s keeps its measures in few faces while it is turned, and has all of them again',
    (_, shape) => {
      const body = createBody({ ...roundPot(400, 290, 360), shape });
      const wall = body.group.children[0] as unknown as { geometry: BufferGeometry };
      const whole = wall.geometry;
      body.plainly(true);
      expect(pointsOf(wall.geometry)).toBeLessThan(pointsOf(whole) * 0.5);
      const [few, all] = [extent(wall.geometry), extent(whole)];
      for (const k of [0, 1, 2]) {
        expect(Math.abs((few.max[k] ?? 0) - (all.max[k] ?? 0))).toBeLessThan(3);
        expect(Math.abs((few.min[k] ?? 0) - (all.min[k] ?? 0))).toBeLessThan(3);
      }
      body.plainly(false);
      expect(wall.geometry).toBe(whole);
      body.dispose();
    },
  );

  test('a basket hangs by three chains from a ring over its middle; a sill lies under its box', () => {
    const hung = fittingPieces({ ...roundPot(400, 290, 360), shape: SOLD.basket[2] as Shape, mount: 'hook' }, 200);
    expect(hung.children).toHaveLength(4);
    const c = { ...roundPot(400, 290, 360), shape: SOLD.box[3] as Shape, mount: 'sill' as const };
    expect(hookMm(c)).toBe(0);
    expect(fittingPieces(c, 215).children[0]?.position.y).toBeLessThan(-215);
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

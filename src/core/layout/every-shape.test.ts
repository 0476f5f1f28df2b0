import fc from '../testing/fc';
import { clearOf, depthOf, heartOf, rimOf, rimPoints } from '../containers/outline';
import type { Container, Shape } from '../containers/schema';
import { SOLD, takeShape } from '../containers/sold';
import { LIBRARY } from '../plants';
import { STARTS, type StartSize } from '../plants/starts';
import { apply } from '../plantings/commands';
import { pot } from '../testing/pots';
import { some } from '../testing/some';
import { groundOf, sharedEdges } from './neighbours';
import { apartMm, goesIn, misfits, reachMm, roomAt, settle } from './packing';
import { roomFor } from './room-for';
import { pressTurn, turned } from './turn';

/** Every container that is sold, as it usually stands. */
const EVERY: [string, Container][] = (Object.keys(SOLD) as Shape['kind'][]).flatMap((kind) =>
  SOLD[kind].map((shape, i): [string, Container] => [
    `${kind} ${i + 1}`,
    { ...takeShape(pot().container, kind), shape },
  ]),
);
const SIZES = Object.keys(STARTS) as StartSize[];
const angles = fc.double({ min: -Math.PI, max: Math.PI, noNaN: true });

describe.each(EVERY)('%s', (_, container) => {
  const { shape } = container;
  const heart = heartOf(shape);

  test('its heart lies in the soil, its rim on its wall, and nothing outside is inside', () => {
    expect(clearOf(shape, 0, heart.x, heart.y).mm).toBeGreaterThan(0);
    for (const p of some(rimPoints(shape))) {
      expect(Math.abs(clearOf(shape, 0, p.x, p.y).mm)).toBeLessThan(2);
      expect(clearOf(shape, 0, p.x + p.nx * 20, p.y + p.ny * 20).mm).toBeLessThan(0);
    }
    expect(depthOf(shape)).toBeGreaterThan(0);
  });

  test('a start that goes in reaches some way in every direction and fits wherever it reaches', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SIZES),
        angles,
        fc.double({ min: 0, max: 1, noNaN: true }),
        (start, angle, out) => {
          const reach = reachMm(container, start, angle);
          if (!goesIn(container, start)) return;
          expect(reach).toBeGreaterThanOrEqual(0);
          const [x, y] = [heart.x + Math.cos(angle) * reach * out, heart.y + Math.sin(angle) * reach * out];
          expect(roomAt(container, start, x, y).mm).toBeGreaterThan(-0.5);
          expect(misfits(container, [{ id: 'a', start, xMm: x, yMm: y }])).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('what settles fits, stays apart, and leaves alone what is fixed', () => {
    const { wide, deep } = rimOf(shape);
    const place = fc.record({
      start: fc.constantFrom<StartSize>('pack6', 'p9'),
      xMm: fc.double({ min: heart.x - wide / 3, max: heart.x + wide / 3, noNaN: true }),
      yMm: fc.double({ min: heart.y - deep / 3, max: heart.y + deep / 3, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(place, { minLength: 1, maxLength: 5 }), (slots) => {
        const settled = settle(container, slots);
        if (!settled) return;
        settled.forEach((a, i) => {
          expect(roomAt(container, a.start, a.xMm, a.yMm).mm).toBeGreaterThan(-0.5);
          for (const b of settled.slice(i + 1))
            expect(Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm)).toBeGreaterThan(apartMm(a.start, b.start) - 0.6);
        });
      }),
      { numRuns: 25 },
    );
    const fixed = { start: 'pack6' as const, xMm: heart.x, yMm: heart.y, fixed: true };
    const beside = { start: 'pack6' as const, xMm: heart.x + 5, yMm: heart.y };
    expect(settle(container, [fixed, beside])?.[0]).toMatchObject({ xMm: heart.x, yMm: heart.y });
  });

  test('its soil is divided among those who stand in it: shares of borders add to one', () => {
    const { cells } = groundOf(container);
    expect(cells.length).toBeGreaterThan(20);
    for (const c of some(cells)) expect(clearOf(shape, 0, c.x, c.y).mm).toBeGreaterThan(0);
    const near = { xMm: heart.x - rimOf(shape).wide * 0.2, yMm: heart.y };
    const far = { xMm: heart.x + rimOf(shape).wide * 0.2, yMm: heart.y };
    const edges = sharedEdges([near, far], groundOf(container));
    expect(edges.map(({ i, j }) => [i, j])).toEqual([[0, 1]]);
    expect(edges.reduce((sum, e) => sum + e.share, 0)).toBeCloseTo(1, 9);
  });

  test('plants put in one after the other have ids of their own and fit, until there is no room', () => {
    const plant = LIBRARY.find((p) => p.id === 'petunia-white');
    if (!plant) throw new Error('no petunia');
    let p = pot({ container });
    for (let n = 0; n < 6; n += 1) {
      const all = roomFor(p, plant, 'filler');
      if (!all) break;
      p = apply(p, { do: 'plant', placements: all });
      expect(new Set(all.map((x) => x.id)).size).toBe(n + 1);
      expect(misfits(container, all).filter((m) => m.kind !== 'too deep')).toEqual([]);
    }
    expect(p.placements.length).toBeGreaterThan(0);
    const by = pressTurn(shape);
    const moves = by === null ? null : turned(p, by);
    // Where a press turns it, nothing that stood leaves the soil.
    const after = (moves ?? []).reduce(apply, p);
    expect(misfits(container, after.placements).filter((m) => m.kind === 'outside')).toEqual([]);
  });
});

import fc from '../testing/fc';
import { STARTS, type StartSize } from '../plants/starts';
import { roundPot } from '../testing/pots';
import { groundIn, sharedEdges } from './neighbours';
import { apartMm, misfits, reachMm, settle } from './packing';

const ring = (n: number, r: number, start: StartSize) =>
  Array.from({ length: n }, (_, i) => ({
    id: `b${i}`,
    start,
    xMm: r * Math.cos((2 * Math.PI * i) / n),
    yMm: r * Math.sin((2 * Math.PI * i) / n),
  }));

test('how far out a 9 cm start may stand in a 40 cm pot: 196.2 − 12 − 40 = 144.2 mm', () =>
  expect(reachMm(roundPot(400, 290, 360), 'p9')).toBeCloseTo(144.18, 1));

test('in a steep taper the foot of the ball decides, not the rim', () => {
  const steep = roundPot(400, 120, 200);
  // At 25 + 105 mm down the pot is 218 mm across: 109 less 0.8 × 56 = 64.2 mm.
  expect(reachMm(steep, 'l1')).toBeCloseTo(109 - 44.8, 1);
  expect(reachMm(steep, 'l1')).toBeLessThan(reachMm(roundPot(400, 390, 200), 'l1'));
});

test('seven quart starts do not fit a 25 cm pot, however they are stood', () => {
  const c = roundPot(250, 180, 230);
  expect(settle(c, [{ id: 'm', start: 'l1' as const, xMm: 0, yMm: 0 }, ...ring(6, 70, 'l1')])).toBeNull();
  expect(misfits(c, [{ id: 'm', start: 'l1', xMm: 0, yMm: 0 }, ...ring(6, 70, 'l1')])[0]?.teased).toBe(false);
});

test('four 9 cm starts do fit a 25 cm pot', () => {
  const four = settle(roundPot(250, 180, 230), ring(4, 40, 'p9'));
  expect(four).not.toBeNull();
  expect(
    misfits(
      roundPot(250, 180, 230),
      (four ?? []).map((b, i) => ({ ...b, id: `b${i}` })),
    ),
  ).toEqual([]);
});

test('two balls that overlap a little can be teased; a lot, not', () => {
  const c = roundPot(400, 290, 360);
  const pair = (d: number) =>
    misfits(c, [
      { id: 'a', start: 'p9', xMm: -d / 2, yMm: 0 },
      { id: 'b', start: 'p9', xMm: d / 2, yMm: 0 },
    ]);
  expect(pair(86)).toEqual([]);
  expect(pair(75)[0]).toMatchObject({ kind: 'overlap', teased: true, byMm: 10 });
  expect(pair(50)[0]).toMatchObject({ kind: 'overlap', teased: false });
});

test('a ball too deep for a shallow bowl is told', () =>
  expect(misfits(roundPot(400, 380, 100), [{ id: 'a', start: 'l2', xMm: 0, yMm: 0 }])[0]?.kind).toBe('too deep'));

test('what settle returns always fits, whatever it is given', () => {
  const sizes = Object.keys(STARTS) as StartSize[];
  fc.assert(
    fc.property(
      fc.integer({ min: 220, max: 700 }),
      fc.array(
        fc.record({
          start: fc.constantFrom(...sizes),
          xMm: fc.integer({ min: -300, max: 300 }),
          yMm: fc.integer({ min: -300, max: 300 }),
        }),
        { maxLength: 9 },
      ),
      (top, slots) => {
        const c = roundPot(top, top * 0.75, top * 0.9);
        const out = settle(c, slots);
        if (out)
          expect(
            misfits(
              c,
              out.map((s, i) => ({ ...s, id: `${i}` })),
            ).filter((m) => m.kind !== 'too deep'),
          ).toEqual([]);
      },
    ),
    { numRuns: 60 },
  );
});

test('apart is half of each and a finger', () => expect(apartMm('p9', 'l1')).toBe(101));

const disc = groundIn(180, 180, (x, y) => Math.hypot(x, y) <= 180);

describe('shared edges', () => {
  test('two plants share all of the border', () =>
    expect(
      sharedEdges(
        [
          { xMm: -50, yMm: 0 },
          { xMm: 50, yMm: 0 },
        ],
        disc,
      ),
    ).toEqual([{ i: 0, j: 1, share: 1 }]));

  test('a plant behind another shares no border with one beyond it', () => {
    const edges = sharedEdges(
      [
        { xMm: -120, yMm: 0 },
        { xMm: 0, yMm: 0 },
        { xMm: 120, yMm: 0 },
      ],
      disc,
    );
    expect(edges.find((e) => e.i === 0 && e.j === 2)).toBeUndefined();
    expect(edges.reduce((s, e) => s + e.share, 0)).toBeCloseTo(1, 9);
  });

  test('what was found for some places is found again for the same, and not on other soil', () => {
    const three = [
      { xMm: -90, yMm: 30 },
      { xMm: 90, yMm: 30 },
      { xMm: 0, yMm: -90 },
    ];
    const again = three.map((p) => ({ ...p }));
    const wide = groundIn(360, 180, (x, y) => Math.hypot(x / 2, y) <= 180);
    expect(sharedEdges(again, disc)).toEqual(sharedEdges(three, disc));
    expect(sharedEdges(three, wide)).not.toEqual(sharedEdges(three, disc));
  });

  test('one plant has no border', () => expect(sharedEdges([{ xMm: 0, yMm: 0 }], disc)).toEqual([]));
});

test('root balls share soil only where one is lifted before the other comes', () => {
  const c = roundPot(400, 290, 360);
  const here = { start: 'p9' as const, xMm: 0, yMm: 0 };
  const both = (until: string | null, from: string | null) =>
    misfits(c, [
      { id: 'a', ...here, until },
      { id: 'b', ...here, from },
    ]).length;
  expect(both(null, null)).toBe(1);
  expect(both('2026-09-01', '2026-09-01')).toBe(0);
  expect(both('2026-09-02', '2026-09-01')).toBe(1);
  expect(both(null, '2026-09-01')).toBe(1);
});

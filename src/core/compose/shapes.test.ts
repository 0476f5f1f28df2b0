import { some } from '../testing/some';
import { misfits } from '../layout/packing';
import { SOLD, takeShape } from '../containers/sold';
import type { Container, Shape } from '../containers/schema';
import { freshPlanting } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { PLAIN_WINDOW } from '../spots/sightline';
import { compose } from './compose';
import { isLong, usualStarts } from '../containers/counts';
import { patternsFor } from './patterns';
import { worthOf } from './worth';

const fresh = freshPlanting('x', 'X', '2026-03-01');
const noted = (hours: number[]): Planting['spot']['light'] => ({ kind: 'noted', hours, dappled: false });
const box90 = SOLD.box[3] as Shape;

const pot = (
  shape: Shape,
  container: Partial<Container>,
  spot: Partial<Planting['spot']>,
  brief: Partial<Planting['brief']>,
): Planting => ({
  ...fresh,
  container: { ...fresh.container, shape, ...container },
  spot: { ...fresh.spot, ...spot },
  brief: { ...fresh.brief, budget: null, ...brief },
});

const CASES: [string, Planting][] = [
  [
    'a 90 cm window box against a wall in four hours of morning sun',
    pot(
      box90,
      { mount: 'sill', material: 'timber' },
      { light: noted([7, 8, 9, 10]), seen: 'wall' },
      { school: 'tall-back' },
    ),
  ],
  [
    'the same box seen from inside',
    pot(
      box90,
      { mount: 'sill', material: 'timber' },
      { light: noted([7, 8, 9, 10]), seen: 'inside', sight: PLAIN_WINDOW },
      { school: 'tall-only' },
    ),
  ],
  [
    'a 30 cm basket in north shade',
    pot(
      SOLD.basket[1] as Shape,
      { mount: 'hook', material: 'coir' },
      { light: noted([]) },
      { school: 'level-dome', scheme: 'cool' },
    ),
  ],
  [
    'a 40 cm low bowl in full sun with dry plants',
    pot(
      SOLD.bowl[2] as Shape,
      { material: 'terracotta', colour: '#b5654a' },
      { light: noted([8, 9, 10, 11, 12, 13, 14, 15]) },
      { school: 'level-dome', scheme: 'all-leaf' },
    ),
  ],
  [
    'a 45 cm square year-round in part shade at −20°C',
    pot(
      SOLD.square[4] as Shape,
      { material: 'fibre' },
      { light: noted([9, 10, 11]), coldestWinterC: -20, lastFrost: '05-12', firstFrost: '10-08' },
      { scheme: 'all-leaf', lasting: true },
    ),
  ],
  ['a barrow', pot(SOLD.free[0] as Shape, { material: 'metal' }, {}, {})],
];

describe.each(CASES)('%s', (_, base) => {
  const { proposals } = compose(base);

  test('gets two proposals or more, with nothing wrong in them', () => {
    expect(proposals.length).toBeGreaterThanOrEqual(2);
    for (const p of some(proposals))
      expect(p.report.findings.filter((f) => f.severity === 'wrong').map((f) => f.check)).toEqual([]);
  });

  test('what is far behind the best is shown only where there would be one alone', () => {
    const worths = proposals.map(({ report }) =>
      worthOf(report.score, report.findings.filter((f) => f.severity !== 'good').length),
    );
    for (const is of worths.slice(2)) expect(is).toBeGreaterThanOrEqual(Math.max(...worths) - 20);
  });

  test('every root ball stands in the soil, and counts are what is usual', () => {
    const [few, many] = usualStarts(base.container);
    for (const p of some(proposals)) {
      expect(misfits(base.container, p.planting.placements)).toEqual([]);
      expect(p.planting.placements.length).toBeGreaterThanOrEqual(few);
      expect(p.planting.placements.length).toBeLessThanOrEqual(many);
    }
  });
});

/** The smallest of each kind is the hardest to plant. */
const SMALLEST: [Shape['kind'], Shape][] = (['basket', 'wall-basket', 'bowl', 'free'] as const).map((kind) => [
  kind,
  (kind === 'free' ? SOLD.free[2] : SOLD[kind][0]) as Shape,
]);
const SCHOOLS_TRIED = ['tall-centre', 'level-dome'] as const;

describe.each(SMALLEST)('the smallest %s', (kind, shape) => {
  test.each(
    SCHOOLS_TRIED.flatMap((school) => ([[9, 10, 11, 12, 13, 14, 15], []] as const).map((h) => [school, h] as const)),
  )('%s in the sun of %j is no dead end', (school, hours) => {
    const container = { ...takeShape(fresh.container, kind), shape };
    const { proposals, problem } = compose({
      ...fresh,
      container,
      spot: { ...fresh.spot, light: noted([...hours]) },
      brief: { ...fresh.brief, school },
    });
    expect(problem).toBeNull();
    expect(proposals.length).toBeGreaterThanOrEqual(2);
    for (const p of some(proposals))
      expect(p.report.findings.filter((f) => f.severity === 'wrong').map((f) => f.check)).toEqual([]);
  });
});

test('usual counts: a 90 cm box 9 to 14, a 30 cm basket 4 to 7 or nearly, a 40 cm basket 7 to 11', () => {
  const of = (shape: Shape): Container => ({ ...fresh.container, shape });
  const [few, many] = usualStarts(of(box90));
  expect(few).toBeGreaterThanOrEqual(9);
  expect(many).toBeLessThanOrEqual(14);
  expect(usualStarts(of(SOLD.basket[1] as Shape))[1]).toBeLessThanOrEqual(7);
  expect(usualStarts(of(SOLD.basket[3] as Shape))[1]).toBeLessThanOrEqual(11);
  expect(isLong(box90)).toBe(true);
  expect(isLong(SOLD.oval[1] as Shape)).toBe(false);
});

describe('patterns that fit the shape', () => {
  const rows = (school: Planting['brief']['school']) =>
    patternsFor({ ...(CASES[0] as [string, Planting])[1], brief: { ...fresh.brief, school } });

  test('in a box the tall stand behind and the trailers along the front edge', () => {
    for (const { slots } of some(rows('tall-back'))) {
      for (const s of slots) {
        if (s.role === 'thriller') expect(s.row?.across).toBeLessThan(0);
        if (s.role === 'spiller') expect(s.row?.across).toBe(1);
      }
    }
  });

  test('a box has a pattern whose ends match kind for kind', () => {
    const mirrored = rows('tall-centre').filter(({ slots }) =>
      slots.every(
        (s) =>
          Math.abs(s.row?.along ?? 0) < 0.01 ||
          slots.some((o) => o.part === s.part && Math.abs((o.row?.along ?? 0) + (s.row?.along ?? 0)) < 0.02),
      ),
    );
    expect(mirrored.length).toBeGreaterThan(0);
  });

  test('seen from inside nothing hangs', () =>
    expect(rows('tall-only').every(({ slots }) => slots.every((s) => s.role !== 'spiller'))).toBe(true));

  test('off-centre, the tall one stands a third along', () => {
    const talls = rows('off-centre').map(({ slots }) =>
      slots.filter((s) => s.role === 'thriller').map((s) => s.row?.along ?? 0),
    );
    expect(talls.some(([x]) => x !== undefined && Math.abs(Math.abs(x) - 0.35) < 0.15)).toBe(true);
  });

  test('a square plants its four corners', () => {
    const square = {
      ...(CASES[4] as [string, Planting])[1],
      brief: { ...fresh.brief, school: 'tall-centre' as const },
    };
    const five = { ...square, container: { ...square.container, shape: SOLD.square[1] as Shape } };
    const corner = patternsFor(five).some(
      ({ slots }) =>
        slots.filter((s) => Math.abs(((((s.angle / (Math.PI / 2)) % 1) + 1) % 1) - 0.5) < 0.01).length >= 2,
    );
    expect(corner).toBe(true);
  });
});

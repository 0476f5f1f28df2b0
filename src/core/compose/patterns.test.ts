import { some } from '../testing/some';
import { misfits } from '../layout/packing';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot } from '../testing/pots';
import { isLong, kindsFor, rowsIn, usualCount, usualStarts } from '../containers/counts';
import { patternsFor, type Pattern } from './patterns';
import { place } from './place';
import { SCHOOLS, type SchoolId } from '../schools';

const box = (lengthMm: number, widthMm: number): Planting['container'] => ({
  ...pot().container,
  shape: { kind: 'box', lengthMm, widthMm, baseLengthMm: lengthMm - 40, baseWidthMm: widthMm - 30, depthMm: 200 },
});
const by = (id: string) => LIBRARY.find((p) => p.id === id) as Plant;
const CAST: Record<string, Plant> = {
  T: by('canna-dwarf-red'),
  F0: by('pelargonium-salmon'),
  F1: by('marigold-orange'),
  F2: by('salvia-white'),
  S0: by('calibrachoa-yellow'),
  S1: by('lobelia-white'),
};

describe('ordinary counts', () => {
  test.each([
    [250, 3, 4],
    [300, 3, 5],
    [350, 4, 7],
    [400, 6, 9],
    [500, 8, 13],
  ])('a %i mm pot takes %i to %i starts', (width, few, many) => expect(usualCount(width)).toEqual([few, many]));
  test('between sizes in between, outside them no wilder', () => {
    expect(usualCount(325)).toEqual([4, 6]);
    expect(usualCount(80)).toEqual(usualCount(150));
    expect(usualCount(2000)).toEqual(usualCount(800));
  });
  test('a 90 cm box takes 9 to 14, a narrow one a single row, a deep one three', () => {
    const [few, many] = usualStarts(box(900, 200));
    expect(few).toBeGreaterThanOrEqual(8);
    expect(many).toBeLessThanOrEqual(14);
    expect(rowsIn(box(900, 140).shape)).toBe(1);
    expect(rowsIn(box(900, 350).shape)).toBe(3);
  });
  test('kinds: one for each 8 cm, three at least and seven at most', () => {
    expect(kindsFor(roundPot(250, 190, 240))).toBe(3);
    expect(kindsFor(roundPot(400, 290, 360))).toBe(5);
    expect(kindsFor(roundPot(900, 700, 600))).toBe(7);
  });
  test('long is longer than 1.8 times its width', () => {
    expect(isLong(box(900, 200).shape)).toBe(true);
    expect(isLong(box(350, 200).shape)).toBe(false);
  });
});

describe('patterns of each school', () => {
  const roles = (p: Pattern) => p.slots.map((s) => s.role);
  const of = (school: Planting['brief']['school'], change: Partial<Planting> = {}) =>
    patternsFor(pot({ ...change, brief: { ...pot().brief, school } }));
  test('a tall centre has one thriller in the middle and spillers at the rim', () => {
    for (const p of some(of('tall-centre'))) {
      expect(roles(p).filter((r) => r === 'thriller')).toHaveLength(1);
      expect(p.slots.find((s) => s.role === 'thriller')?.out).toBe(0);
      expect(p.slots.filter((s) => s.role === 'spiller').every((s) => s.out === 1)).toBe(true);
    }
  });
  test('a tall back stands behind the middle, and nothing hangs at the back', () => {
    for (const p of some(of('tall-back'))) {
      const t = p.slots.find((s) => s.role === 'thriller');
      expect(Math.sin(t?.angle ?? 0)).toBeLessThan(-0.9);
      for (const s of p.slots.filter((x) => x.role === 'spiller')) expect(Math.sin(s.angle)).toBeGreaterThan(0);
    }
  });
  test('a level dome has no thriller; tall only has no spiller', () => {
    for (const p of some(of('level-dome'))) expect(roles(p)).not.toContain('thriller');
    for (const p of some(of('tall-only'))) expect(roles(p)).not.toContain('spiller');
  });
  test('counts keep to what is usual for the density', () => {
    const [few, many] = usualStarts(pot().container);
    for (const p of some(of('tall-centre'))) expect(p.slots.length).toBeLessThanOrEqual(few + 2);
    for (const p of some(patternsFor(pot({ brief: { ...pot().brief, density: 'full now' } }))))
      expect(p.slots.length).toBeGreaterThanOrEqual(many - 1);
  });
  test('all round, kinds repeat so that opposites match; against a wall they stand in clumps', () => {
    const parts = (seen: Planting['spot']['seen']) =>
      patternsFor(pot({ spot: { ...pot().spot, seen }, brief: { ...pot().brief, density: 'full now' } }))
        .find((p) => p.parts.filter((x) => x.role === 'filler').length === 2)
        ?.slots.filter((s) => s.role === 'filler')
        .map((s) => s.part) ?? [];
    const round = parts('all-round');
    const wall = parts('wall');
    expect(round.length).toBeGreaterThanOrEqual(3);
    expect(round.slice(0, 3)).toEqual(['F0', 'F1', 'F0']);
    expect(wall).toEqual([...wall].sort());
  });
});

describe('rows for a long box', () => {
  const lay = { n: 11, spillers: 4, kinds: { filler: 2, spiller: 2 }, opposite: true };
  const rowsOf = (school: SchoolId) => SCHOOLS[school].lays(box(900, 200).shape, lay);
  test('tall ones behind, trailers along the front edge', () => {
    for (const slots of some(rowsOf('tall-centre'))) {
      expect(slots).toHaveLength(11);
      for (const s of slots) {
        if (s.role === 'thriller') expect(s.row?.across).toBeLessThan(-0.8);
        if (s.role === 'spiller') expect(s.row?.across).toBe(1);
      }
    }
  });
  test('mirrored ends match in kind', () => {
    const [mirrored] = rowsOf('tall-centre');
    for (const s of some(mirrored)) {
      const twin = (mirrored ?? []).find(
        (o) =>
          o !== s &&
          o.role === s.role &&
          Math.abs((o.row?.along ?? 9) + (s.row?.along ?? 0)) < 0.02 &&
          o.row?.across === s.row?.across,
      );
      if (twin) expect(twin.part).toBe(s.part);
    }
  });
  test('off-centre, the peak stands a third along', () => {
    const [slots] = rowsOf('off-centre');
    const t = (slots ?? []).filter((s) => s.role === 'thriller').map((s) => s.row?.along ?? 0);
    expect(Math.min(...t.map((x) => Math.abs(x + 0.33)))).toBeLessThan(0.2);
  });
  test('tall only: a zigzag row with nothing in front and nothing hanging', () => {
    for (const slots of some(rowsOf('tall-only'))) {
      expect(slots.every((s) => s.role !== 'spiller')).toBe(true);
      expect(new Set(slots.map((s) => s.row?.across)).size).toBe(2);
    }
  });
});

describe('placing a cast', () => {
  test('stands in the soil and on no neighbour, in every pattern of a pot', () => {
    const p = pot();
    let placedOnce = 0;
    for (const pattern of some(patternsFor(p))) {
      const placements = place(pattern, CAST, p, false);
      if (!placements) continue;
      placedOnce += 1;
      expect(placements).toHaveLength(pattern.slots.length);
      expect(misfits(p.container, placements)).toEqual([]);
    }
    expect(placedOnce).toBeGreaterThan(5);
  });
  test('keeps what is locked where it is and gives it no second place', () => {
    const p = pot({
      placements: [{ ...placed('kept', 'petunia-white', 'filler', 90, 60), locked: true }],
    });
    const pattern = patternsFor(p).find((x) => x.slots.length >= 6) as Pattern;
    const placements = place(pattern, CAST, p, false);
    expect(placements?.[0]).toEqual(p.placements[0]);
    expect(placements).toHaveLength(pattern.slots.length);
  });
  test('cheap, it takes the smallest starts that are sold', () => {
    const p = pot();
    const pattern = patternsFor(p)[0] as Pattern;
    const dear = place(pattern, CAST, p, false) ?? [];
    const cheap = place(pattern, CAST, p, true) ?? [];
    expect(cheap.filter((x) => x.start === 'pack6').length).toBeGreaterThan(
      dear.filter((x) => x.start === 'pack6').length,
    );
  });
  test('without a plant for a part there is no placing', () =>
    expect(place(patternsFor(pot())[0] as Pattern, {}, pot(), false)).toBeNull());
});

test('more spill in what hangs than in a pot of as many', () => {
  const most = (shape: Planting['container']['shape']) =>
    Math.max(
      ...patternsFor(pot({ container: { ...pot().container, shape } })).map(
        (p) => p.slots.filter((s) => s.role === 'spiller').length / p.slots.length,
      ),
    );
  expect(most({ kind: 'basket', topMm: 400, depthMm: 220 })).toBeGreaterThan(
    most({ kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 }) + 0.05,
  );
});

describe('what stands alone', () => {
  const most = (container: Planting['container'], school: SchoolId) =>
    Math.max(
      ...patternsFor(pot({ container, brief: { ...pot().brief, school } })).map(
        ({ parts }) => parts.filter((p) => p.role !== 'thriller' && p.count === 1).length,
      ),
    );
  test('beside a star, and in a box, nothing does', () => {
    expect(most(roundPot(400, 300, 360), 'tall-centre')).toBe(0);
    expect(most(box(900, 200), 'two-rows')).toBe(0);
  });
  test('where no star leads, one may, in the middle', () =>
    expect(most(roundPot(400, 300, 360), 'level-dome')).toBe(1));
});

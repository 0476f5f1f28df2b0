import { SOLD } from '../containers/sold';
import type { Shape } from '../containers/schema';
import { some } from '../testing/some';
import { SCHOOLS } from '.';
import type { Slot } from './lays/slot';

const round = SOLD.round[2] as Shape;
const box = SOLD.box[2] as Shape;
const lay = { n: 9, spillers: 4, kinds: { filler: 2, spiller: 2 }, opposite: true };
const roles = (slots: readonly Slot[]) => slots.map((s) => s.role);

test('two rows: an even back row, and a front row over the edge, mirrored or in a beat', () => {
  const lays = some(SCHOOLS['two-rows'].lays(box, lay));
  for (const slots of lays) {
    expect(slots).toHaveLength(9);
    expect(roles(slots)).not.toContain('thriller');
    const back = slots.filter((s) => s.role === 'filler').map((s) => s.row?.across);
    const front = slots.filter((s) => s.role === 'spiller').map((s) => s.row?.across ?? 0);
    expect(new Set(back).size).toBe(1);
    expect(Math.min(...front)).toBeGreaterThan(Math.max(...back.map((b) => b ?? 0)));
  }
  const [mirrored = []] = lays;
  for (const s of mirrored) {
    const twin = mirrored.find((o) => o.role === s.role && Math.abs((o.row?.along ?? 0) + (s.row?.along ?? 0)) < 1e-9);
    expect(twin?.part).toBe(s.part);
  }
});

test('thirds: three kinds in turn, each as often as the others', () => {
  for (const slots of some(SCHOOLS['one-kind-thirds'].lays(round, { ...lay, n: 3 })))
    expect(slots.map((s) => s.part.slice(1)).sort()).toEqual(['0', '1', '2']);
});

test('a specimen stands alone in the middle, with a carpet of one kind where there is more', () => {
  const [alone = []] = SCHOOLS.specimen.lays(round, { ...lay, n: 1 });
  expect(alone).toMatchObject([{ role: 'thriller', out: 0 }]);
  const [carpet = []] = SCHOOLS.specimen.lays(round, { ...lay, n: 4 });
  expect(carpet.map((s) => s.part)).toEqual(['T', 'F0', 'F0', 'F0']);
});

test('a weave is low at the rim and see-through within; three of a kind never stand in a row', () => {
  for (const shape of [round, box])
    for (const slots of some(SCHOOLS.weave.lays(shape, { ...lay, n: 12, spillers: 5 }))) {
      expect(slots).toHaveLength(12);
      expect(roles(slots)).toEqual(expect.arrayContaining(['thriller', 'filler', 'spiller']));
      const middle = slots.filter((s) => s.role === 'filler').map((s) => s.part);
      middle.slice(2).forEach((part, i) => expect([middle[i], middle[i + 1]]).not.toEqual([part, part]));
    }
});

test('every arrangement says what it is, and puts no plant twice in one place', () => {
  for (const school of some(Object.values(SCHOOLS))) {
    expect(school.about.length).toBeGreaterThan(12);
    for (const slots of some(school.lays(round, lay))) {
      const places = slots.map((s) => `${s.out === 0 ? 'middle' : s.angle.toFixed(3)}|${s.out.toFixed(3)}`);
      expect(new Set(places).size).toBe(places.length);
    }
  }
});

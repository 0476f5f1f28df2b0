import { whyNot } from '../filter';
import { libraryPlant } from '../../plants';
import { placed, pot } from '../../testing/pots';
import { sortOut } from './sort-out';

const known = (id: string) => {
  const plant = libraryPlant(id);
  if (!plant) throw new Error(`There is no ${id}.`);
  return plant;
};
const winterPot = pot({
  startDate: '2026-10-02',
  placements: [
    placed('s', 'spruce-dwarf', 'thriller', 0, 0, 'l2'),
    placed('h', 'heather-winter-white', 'filler', -110, 0),
    placed('c', 'heuchera-silver', 'filler', 110, 0),
    placed('v', 'viola-white', 'spiller', 0, 115),
  ],
});
const fates = (on: string, planting = winterPot) =>
  Object.fromEntries(sortOut(planting, on).map((s) => [s.id, s.goes]));

describe('at the turn to summer', () => {
  test('a heath whose flower is over gives way, leaf and what leads stay, spring bedding goes', () => {
    expect(fates('2027-05-18')).toEqual({ s: null, h: 'garden', c: null, v: 'garden' });
  });
  test('where a container is to stand all year the heath stays', () => {
    expect(fates('2027-05-18', { ...winterPot, brief: { ...winterPot.brief, lasting: true } }).h).toBeNull();
  });
  test('where all would stay and nothing flowers, the plainest kind makes room, and never what leads', () => {
    const green = pot({
      startDate: '2026-10-02',
      placements: [
        placed('s', 'spruce-dwarf', 'thriller', 0, 0, 'l2'),
        placed('c', 'heuchera-silver', 'filler', 110, 0),
        placed('i', 'ivy-green', 'spiller', 0, 115),
      ],
    });
    const sorted = sortOut(green, '2027-05-18');
    expect(sorted.filter((s) => s.goes !== null).map((s) => s.id)).toEqual(['i']);
    expect(sorted.find((s) => s.id === 'i')?.why).toBe('it makes room for summer flowers');
    const leaf = { ...green, brief: { ...green.brief, scheme: 'all-leaf' as const } };
    expect(sortOut(leaf, '2027-05-18').every((s) => s.goes === null)).toBe(true);
  });
});

const refusedOn = (id: string, startDate: string) =>
  whyNot(known(id), { ...winterPot, startDate, placements: [] }).some((r) => r.rule === 'season');

test.each(['hosta-blue', 'hakone-gold', 'hydrangea-blue'])('%s is bare in winter and not set out for it', (id) => {
  expect([refusedOn(id, '2026-10-05'), refusedOn(id, '2027-05-20')]).toEqual([true, false]);
});

test.each(['dogwood-winter', 'crocus-purple'])('%s shows in the cold months and is', (id) => {
  expect(refusedOn(id, '2026-10-05')).toBe(false);
});

import { turnOn } from '../../growth/turn';
import { grow } from '../../growth/season';
import { LIBRARY } from '../../plants';
import type { StartSize } from '../../plants/starts';
import { resolve } from '../../plantings/resolve';
import { placed, pot, roundPot } from '../../testing/pots';
import { some } from '../../testing/some';
import { secondAct, secondActOn } from './second-act';

/** A 40 cm pot for spring or winter: a star that lasts, two in its middle, trailing violas. */
const cold = (startDate: string, star: [id: string, start: StartSize], body: string) =>
  pot({
    startDate,
    container: roundPot(400, 290, 360),
    placements: [
      placed('p1', star[0], 'thriller', 0, 0, star[1]),
      placed('p2', body, 'filler', -110, 0),
      placed('p3', body, 'filler', 110, 0),
      placed('p4', 'viola-trailing-yellow', 'spiller', 0, 120),
    ],
  });
const spring = cold('2026-03-10', ['phormium-bronze', 'l1'], 'pansy-crimson');

test('summer follows what is for spring, in mid-May, and nothing follows what is for summer', () => {
  const day = secondActOn(spring);
  expect(day?.slice(0, 7)).toBe('2026-05');
  expect(secondActOn({ ...spring, startDate: '2026-10-01' })?.slice(0, 7)).toBe('2027-05');
  expect(secondActOn({ ...spring, startDate: '2026-05-20' })).toBeNull();
});

test.each([
  ['stays all year', { lasting: true }],
  ['is changed over on a day of its own', { changeOver: '2026-06-01' }],
  ['is for one day', { bestOn: '2026-04-20' }],
])('nor what %s', (_, change) => {
  expect(secondActOn({ ...spring, brief: { ...spring.brief, ...change } })).toBeNull();
});

describe('what follows', () => {
  const act = secondAct(spring, 1, LIBRARY);
  if (!act) throw new Error('Nothing was found to follow the spring pot.');
  const both = { ...spring, placements: act.after.placements };

  test('what lasts stays, spring bedding goes though it still flowers', () => {
    expect(Object.fromEntries(act.sorted.map((s) => [s.id, s.goes]))).toMatchObject({ p1: null });
    expect(some(act.sorted.filter((s) => s.id !== 'p1')).every((s) => s.goes !== null)).toBe(true);
  });
  test('what is new stands from the day on, under ids of its own, and costs what it says', () => {
    expect(new Set(act.after.placements.map((p) => p.id)).size).toBe(act.after.placements.length);
    expect(some(act.after.placements.filter((p) => act.fresh.includes(p.id))).every((p) => p.from === act.on)).toBe(
      true,
    );
    expect(act.cost).toBeGreaterThan(0);
    expect(act.score).toBeGreaterThanOrEqual(75);
  });
  test('on the day itself the one has gone and the other stands', () => {
    const { planting } = turnOn(both, grow(both), act.on);
    const ids = resolve(planting).map((p) => p.id);
    expect(ids).toEqual(expect.arrayContaining(['p1', ...act.fresh]));
    expect(ids).not.toContain('p2');
  });
});

test('what would spoil the summer is planted out, and the pot begins anew', () => {
  const winter = cold('2026-10-01', ['spruce-dwarf', 'l2'], 'leucothoe');
  const act = secondAct(winter, 1, LIBRARY);
  expect(act?.sorted.find((s) => s.id === 'p1')).toMatchObject({ goes: 'garden', why: 'summer is better without it' });
  expect(act?.score).toBeGreaterThanOrEqual(85);
});

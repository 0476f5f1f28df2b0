import { coverings } from '../../growth/covering';
import { bestWeeks } from '../../growth/stretches';
import { grow } from '../../growth/season';
import { misfits } from '../../layout/packing';
import { apply } from '../../plantings/commands';
import type { Planting } from '../../plantings/schema';
import { placed, pot } from '../../testing/pots';
import { some } from '../../testing/some';
import { addDays } from '../../units/date';
import { readyFor } from './ready';
import { uncover } from './uncover';

const START = '2026-05-16';
const bed = (placements: Planting['placements']): Planting => pot({ startDate: START, placements, nextId: 20 });

describe('what helps against a covering', () => {
  const p = bed([
    placed('tall', 'petunia-trailing-blue', 'filler', 0, 0, 'p10'),
    placed('low', 'sanvitalia-yellow', 'filler', 100, 0),
  ]);
  const [covering] = coverings(p);
  test('each way gives light back and fits, what gives most first', () => {
    if (!covering) throw new Error('nothing is covered');
    const ways = some(uncover(p, covering));
    for (const way of ways) {
      const after = way.commands.reduce(apply, p);
      expect(misfits(after.container, after.placements)).toEqual([]);
      expect(way.lost).toBeLessThan(covering.lost);
    }
    expect(ways.map((w) => w.lost)).toEqual([...ways.map((w) => w.lost)].sort((a, b) => a - b));
  });
  test('what is kept where it is, is not moved', () => {
    if (!covering) throw new Error('nothing is covered');
    const locked = { ...p, placements: p.placements.map((o) => ({ ...o, locked: true })) };
    for (const { commands } of uncover(locked, covering)) expect(commands.map((c) => c.do)).not.toContain('move');
  });
});

describe('a day to be ready for', () => {
  const SET_OUT = '2026-06-13';
  const p = { ...bed([placed('a', 'petunia-white', 'filler', 0, 0)]), startDate: SET_OUT };
  const best = bestWeeks(grow(p));
  const day = (week: number) => addDays(SET_OUT, week * 7);
  test('within its best weeks it is ready, and nothing is to be done', () =>
    expect(readyFor(p, day((best?.from ?? 0) + 1))).toMatchObject({ ready: true, ways: [] }));
  test('before them a bigger start or an earlier day brings it there, and no frost is risked', () => {
    const { ready, ways } = readyFor(p, day((best?.from ?? 2) - 1));
    expect(ready).toBe(false);
    for (const way of some(ways)) {
      const after = way.commands.reduce(apply, p);
      expect(readyFor(after, day((best?.from ?? 2) - 1)).ready).toBe(true);
      expect(after.startDate >= `2026-${p.spot.lastFrost}`).toBe(true);
    }
  });
  test('in the depth of winter nothing brings it there, and an empty pot is never ready', () => {
    expect(readyFor(p, '2027-01-20')).toMatchObject({ ready: false, ways: [] });
    expect(readyFor(bed([]), day(8))).toEqual({ ready: false, best: null, ways: [] });
  });
});

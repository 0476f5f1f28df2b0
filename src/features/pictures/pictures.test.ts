import { some } from '@/core/testing/some';
import { grow } from '@/core/growth/season';
import { pot, roundPot, warmPot } from '@/core/testing/pots';
import { accountOf } from './account';
import { frameOf } from './frame';

describe('the portrait in words', () => {
  const p = warmPot();
  const s = grow(p);
  test('says the pot, each plant, where it stands, how tall and what it does', () => {
    const text = accountOf(p, s, s.peak, 'metric');
    expect(text).toContain('glazed stoneware 40 cm pot, 36 cm deep');
    expect(text).toMatch(/Canna, dwarf, scarlet in the middle, \d+ cm tall/);
    expect(text).toMatch(/Calibrachoa, lemon front left, .*trailing \d+ cm, in flower/);
  });
  test('measures in inches for those who do', () => {
    const text = accountOf(p, s, s.peak, 'imperial');
    expect(text).toContain('glazed stoneware 15.5 in pot, 14 in deep');
    expect(text).not.toMatch(/\d cm/);
  });
  test('says what frost has killed, and that an empty pot is empty', () => {
    expect(accountOf(p, s, s.weeks.length - 1, 'metric')).toContain('killed by frost');
    expect(accountOf(pot(), grow(pot()), 0, 'metric')).toContain('not planted yet');
  });
});

test('the frame holds the tallest and widest of any week, and leaves room over an empty pot', () => {
  const p = warmPot();
  const s = grow(p);
  const f = frameOf(p, s);
  for (const w of some(s.weeks))
    for (const g of w.plants) expect(f.top).toBeGreaterThanOrEqual(g.alive ? g.heightMm : 0);
  expect(f.reach).toBeGreaterThan(200);
  const empty = pot({ container: roundPot(300, 215, 280) });
  expect(frameOf(empty, grow(empty)).top).toBe(420);
});

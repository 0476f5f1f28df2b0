import { bestWeeks } from '../growth/stretches';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { placed, pot } from '../testing/pots';
import { some } from '../testing/some';
import { sum } from '../units/number';
import { barest, byMonth, peaking } from './by-month';

const START = '2026-05-16';
const bed = (placements: Planting['placements'], brief: Partial<Planting['brief']> = {}): Planting =>
  pot({ startDate: START, placements, brief: { ...pot().brief, scheme: 'cool', ...brief } });
const told = (p: Planting) => byMonth(p, grow(p));

describe('colour by month', () => {
  const cool = bed([placed('a', 'petunia-violet', 'filler', 60, 0), placed('b', 'salvia-blue', 'thriller', 0, 0)]);
  test('one line a month from planting to the frost, each with a week in it', () => {
    const months = told(cool).map((m) => m.month);
    expect(months[0]).toBe('2026-05');
    expect(months).toEqual([...new Set(months)].sort());
    for (const m of some(told(cool))) expect(grow(cool).weeks[m.week]?.date.slice(0, 7)).toBe(m.month);
  });
  test('a cool pot holds in August; the same pot does not hold to warm', () => {
    const august = (p: Planting) => told(p).find((m) => m.month === '2026-08')?.verdict;
    expect(august(cool)).toBe('holds');
    expect(august(bed(cool.placements, { scheme: 'warm' }))).toBe('off');
  });
  test('shares of what is shown add up to no more than all', () => {
    for (const { swatches, flower } of some(told(cool))) {
      expect(sum(swatches.map((s) => s.share))).toBeLessThanOrEqual(1 + 1e-9);
      expect(flower).toBeGreaterThanOrEqual(0);
    }
  });
  test('once the tulips are over, green or bare is said, not that the scheme holds', () => {
    const tulips = bed([placed('a', 'tulip-red', 'thriller', 0, 0), placed('b', 'ivy-green', 'spiller', 90, 0)], {
      scheme: 'warm',
      lasting: true,
    });
    const august = told({ ...tulips, startDate: '2026-03-10' }).find((m) => m.month === '2026-08');
    expect(['green', 'bare']).toContain(august?.verdict);
  });
});

describe('when it peaks', () => {
  const petunias = bed([placed('a', 'petunia-violet', 'filler', 0, 0)]);
  test('best weeks at the very start or end are too early or too late', () => {
    expect(peaking(petunias, { from: 1, to: 6 })).toBe('early');
    expect(peaking(petunias, { from: 18, to: 22 })).toBe('late');
    const best = bestWeeks(grow(petunias));
    expect(best && peaking(petunias, best)).toBe('in time');
  });
});

describe('the barest month', () => {
  test('an evergreen holds up a lasting pot, a hosta does not', () => {
    const of = (plant: string) => {
      const p = bed([placed('a', plant, 'filler', 0, 0)], { lasting: true });
      return barest(p, grow(p));
    };
    expect(of('box-ball')?.share).toBeGreaterThan(0.5);
    expect(of('hosta-blue')).toMatchObject({ share: 0, names: [] });
  });
  test('is not asked of one summer', () => {
    const p = bed([placed('a', 'petunia-violet', 'filler', 0, 0)]);
    expect(barest(p, grow(p))).toBeNull();
  });
});

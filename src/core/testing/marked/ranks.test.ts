import { firstIsBest, rankOverAll, rankWithin, refused, scored } from './ranks';

const all = scored();

describe('the score beside what two experts give', () => {
  test('it ranks as they do, over all and within a brief', () => {
    expect(all).toHaveLength(105);
    expect(rankOverAll(all)).toBeGreaterThan(0.6);
    expect(rankWithin(all)).toBeGreaterThan(0.5);
  });
  test('its first is the best marked, or as good, in two briefs of three', () =>
    expect(firstIsBest(all)).toBeGreaterThanOrEqual(0.65));
  test('what both refuse it does not praise, but for one in ten', () => {
    const praised = refused(all).filter((s) => s.score > 80);
    expect(praised.length / refused(all).length).toBeLessThan(0.1);
  });
});

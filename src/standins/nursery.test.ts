import { some } from '@/core/testing/some';
import { LIBRARY } from '../core/plants';
import { simulatedNursery } from './nursery';

describe('the simulated nursery', () => {
  test('tells the same on the same day and other things on another', async () => {
    const [a, b, c] = await Promise.all(
      ['2026-05-01', '2026-05-01', '2026-05-02'].map((day) => simulatedNursery.ask(LIBRARY, day)),
    );
    expect(a).toEqual(b);
    expect(a?.lines).not.toEqual(c?.lines);
  });
  test('lists every plant in every size it is sold in; about a quarter is out; prices are near the ordinary', async () => {
    const { lines } = await simulatedNursery.ask(LIBRARY, '2026-05-01');
    expect(lines).toHaveLength(LIBRARY.reduce((n, p) => n + p.starts.length, 0));
    const out = lines.filter((l) => l.available === 0).length / lines.length;
    expect(out).toBeGreaterThan(0.22);
    expect(out).toBeLessThan(0.34);
    for (const l of some(lines)) {
      const usual = LIBRARY.find((p) => p.id === l.plantId)?.starts.find((s) => s.size === l.start)?.price ?? 0;
      expect(Math.abs(l.price / usual - 1)).toBeLessThan(0.2);
    }
  });
});

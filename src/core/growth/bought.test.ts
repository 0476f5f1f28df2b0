import { believed, type GrowerPoint, readMeasured } from '../testing/growers/growth';
import { MEASURED } from '../testing/growers/measured';
import { placed, pot } from '../testing/pots';
import { sum } from '../units/number';
import { daylight } from './model';
import { grow } from './season';

const weeksOf = (plant: string, start: 'pack6' | 'p9' | 'p10' | 'l1' | 'l2' | 'l3', change = {}, span?: number) =>
  grow(
    pot({ startDate: '2026-05-16', placements: [placed('a', plant, 'filler', 0, 0, start)], ...change }),
    span,
  ).weeks.map((w) => {
    const [g] = w.plants;
    if (!g) throw new Error(plant);
    return g;
  });
const height = (plant: string, start: Parameters<typeof weeksOf>[1], week: number) =>
  weeksOf(plant, start)[week]?.heightMm ?? 0;

describe('beside what growers measure', () => {
  const points = MEASURED.flatMap(readMeasured);
  const share = (list: readonly GrowerPoint[]) => list.filter(believed).length / list.length;
  test('four in five of all heights, widths, trails and flowers are as they give them', () =>
    expect(share(points)).toBeGreaterThan(0.79));
  test.each(['high', 'wide', 'hangs', 'bloom'] as const)('and of %s alone three in four', (what) =>
    expect(share(points.filter((p) => p.what === what))).toBeGreaterThan(0.72),
  );
  test.each([...new Set(MEASURED.map((m) => m.kind))])('of %s more than a third', (kind) =>
    expect(share(points.filter((p) => p.kind === kind))).toBeGreaterThan(0.33),
  );
  test('neither too large nor too small in the mean of any week', () => {
    for (const week of [0, 8, 16]) {
      const at = points.filter((p) => p.week === week && (p.what === 'high' || p.what === 'wide'));
      const off = sum(at.map((p) => Math.log(p.is / ((p.span[0] + p.span[1]) / 2)))) / at.length;
      expect(Math.abs(off)).toBeLessThan(0.06);
    }
  });
});

describe('what takes more than a summer', () => {
  test('a spike in a 10 cm pot is a hand and a half taller by autumn, and not grown', () => {
    expect(height('cordyline-green', 'p10', 0)).toBeLessThan(320);
    expect(height('cordyline-green', 'p10', 16)).toBeLessThan(500);
  });
  test.each(['box-ball', 'cypress-dwarf', 'yew-column', 'windmill-palm', 'bay'])('%s gains a tenth or so', (id) => {
    const start = id === 'windmill-palm' || id === 'bay' ? 'l3' : id === 'box-ball' ? 'l1' : 'l2';
    const gain = height(id, start, 18) / height(id, start, 0) - 1;
    expect(gain).toBeGreaterThan(0.02);
    expect(gain).toBeLessThan(0.45);
  });
  test('a bigger start is bigger all summer', () =>
    [0, 8, 16].forEach((w) =>
      expect(height('cordyline-green', 'l2', w)).toBeGreaterThan(height('cordyline-green', 'p10', w)),
    ));
  test('the second summer goes on where the first ended', () => {
    const lasting = { brief: { ...pot().brief, lasting: true } };
    const weeks = weeksOf('box-ball', 'l1', lasting, 104);
    expect(weeks[70]?.heightMm).toBeGreaterThan((weeks[30]?.heightMm ?? 0) * 1.02);
    weeks.forEach((g, i) => {
      if (i > 0 && g.alive && weeks[i - 1]?.alive)
        expect(g.heightMm).toBeGreaterThanOrEqual((weeks[i - 1]?.heightMm ?? 0) - 1e-6);
    });
  });
});

describe('a start', () => {
  test('spikes and climbers are sold short: a canna in a litre is a foot, not three', () => {
    expect(height('canna-bronze-orange', 'l1', 0)).toBeLessThan(290);
    expect(height('black-eyed-susan', 'p9', 0)).toBeLessThan(190);
  });
  test('stands still for a week, then grows slowly, then at its pace', () => {
    const [w0, w1, w2, w3, w4] = weeksOf('petunia-violet', 'p9').map((g) => g.heightMm) as [
      number,
      number,
      number,
      number,
      number,
    ];
    expect(w1 - w0).toBeLessThan((w4 - w3) * 0.6);
    expect(w2 - w1).toBeLessThan(w4 - w3);
  });
  test('autumn bedding is sold half grown and hardly grows again until spring', () => {
    const autumn = { startDate: '2026-10-01' };
    const weeks = weeksOf('pansy-yellow', 'p9', autumn);
    expect(weeks[0]?.heightMm).toBeGreaterThan(85);
    expect((weeks[10]?.heightMm ?? 0) / (weeks[0]?.heightMm ?? 1)).toBeLessThan(1.3);
  });
});

describe('daylight', () => {
  test('is whole in June, a sixth in December at 50°, and hardly less in the tropics; the south mirrors it', () => {
    expect(daylight(50, 5)).toBe(1);
    expect(daylight(50, 11)).toBeCloseTo(0.16, 9);
    expect(daylight(0, 11)).toBe(1);
    expect(daylight(-37, 11)).toBe(daylight(37, 11));
  });
});

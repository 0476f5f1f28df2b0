import { ordinaryDay } from '@/core/climate/days';
import { pot } from '@/core/testing/pots';
import { some } from '@/core/testing/some';
import { mean, sum } from '@/core/units/number';
import { simulatedProbe } from './probe';
import { simulatedWeather } from './weather';

const place = pot().spot;
const between = (from: string, to: string) => simulatedWeather.days(place, from, to);

describe('the simulated weather', () => {
  test('is the same whenever it is asked, and from whichever day', async () => {
    const all = await between('2026-06-01', '2026-08-31');
    const part = await between('2026-07-10', '2026-07-20');
    expect(part).toEqual(all.filter((d) => d.date >= '2026-07-10' && d.date <= '2026-07-20'));
    for (const d of some(all)) expect(d.highC).toBeGreaterThan(d.lowC);
  });
  test('has a heat wave every summer and a frost after the last ordinary one; in the south half a year on', async () => {
    const july = await between('2026-07-01', '2026-07-31');
    expect(july.filter((d) => d.highC > ordinaryDay(place, d.date).highC + 5)).toHaveLength(7);
    const may = await between('2026-05-05', '2026-05-20');
    expect(may.filter((d) => d.lowC < 0).map((d) => d.date)).toEqual(['2026-05-12']);
    const south = {
      ...place,
      light: { kind: 'clock' as const, latitude: -37 },
      lastFrost: '09-10',
    };
    const january = await simulatedWeather.days(south, '2027-01-01', '2027-01-31');
    expect(january.filter((d) => d.highC > ordinaryDay(south, d.date).highC + 5)).toHaveLength(7);
  });
  test('over a year it comes near to what is ordinary, in warmth and in rain', async () => {
    const year = await between('2026-01-01', '2026-12-31');
    expect(mean(year.map((d) => d.highC - ordinaryDay(place, d.date).highC))).toBeCloseTo(0, 0);
    const rain = sum(year.map((d) => d.rainMm)) / sum(year.map((d) => ordinaryDay(place, d.date).rainMm));
    expect(rain).toBeGreaterThan(0.8);
    expect(rain).toBeLessThan(1.2);
  });
});

test('the simulated probe is near what is reckoned, never outside what can be, and the same on the same day', async () => {
  const read = (reckoned: number) => simulatedProbe.read('pot', '2026-07-10', reckoned);
  expect(await read(0.6)).toBe(await read(0.6));
  for (const share of [0, 0.3, 0.6, 1]) {
    const told = await read(share);
    expect(Math.abs(told - share)).toBeLessThanOrEqual(0.2);
    expect(told >= 0 && told <= 1).toBe(true);
  }
});

import { placed, pot, roundPot } from '../testing/pots';
import { plantedMass } from '../containers';
import { STARTS } from '../plants/starts';
import { assess } from './assess';

const one = (wind: 'sheltered' | 'windy') =>
  pot({
    container: roundPot(400, 300, 360),
    spot: { ...pot().spot, wind },
    placements: [placed('t', 'cordyline-wine', 'thriller', 0, 0, 'l2')],
  });
const ratio = (p: ReturnType<typeof one>) => assess(p).findings.find((f) => f.check === 'steady')?.measured ?? 0;

test('the pot’s own wall bounds the answer: weight times half the base over the push on the bare pot', () => {
  const p = one('windy');
  // q = ½ × 1.225 × 23² = 324 Pa; bare pot 0.4 × 0.36 m² × 0.9 × 0.18 m = 0.0233 m³: 7.56 N m without a leaf on it.
  const bare = (plantedMass(p.container, STARTS.l2.litres, 'dry').totalKg * 9.81 * 0.155) / 7.56;
  expect(ratio(p)).toBeLessThan(bare);
  expect(ratio(p)).toBeGreaterThan(bare / 8);
});

test('push goes with the square of the gust', () => {
  // 23² ÷ 12² = 3.67; both ratios are rounded to a tenth.
  expect(ratio(one('sheltered')) / ratio(one('windy'))).toBeGreaterThan(3.67 * 0.9);
  expect(ratio(one('sheltered')) / ratio(one('windy'))).toBeLessThan(3.67 * 1.1);
});

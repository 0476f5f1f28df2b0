import { PIECES } from '.';
import { HALF, levelsOf } from './levels';

const covered = ({ data }: { data: Uint8Array }): number =>
  data.reduce((n, v, i) => n + (i % 4 === 3 && v >= HALF ? 1 : 0), 0) / (data.length / 4);

describe.each(['feather', 'frond', 'needles', 'ovate', 'daisy'] as const)('the tile of %s', (kind) => {
  const { painted } = PIECES[kind];
  if (!painted) throw new Error(`nothing is painted on ${kind}`);
  const sizes = levelsOf(painted);

  test('has every size down to one pixel, each half the one before', () => {
    expect(sizes.at(-1)).toMatchObject({ wide: 1, high: 1 });
    sizes.slice(1).forEach((s, i) => {
      expect(s.wide).toBe(Math.max(1, (sizes[i]?.wide ?? 0) >> 1));
      expect(s.data).toHaveLength(s.wide * s.high * 4);
    });
  });

  test('covers as much when it is small as when it is large', () => {
    const whole = covered(sizes[0] ?? { data: new Uint8Array() });
    for (const s of sizes.filter((x) => x.wide >= 8 && x.high >= 8)) expect(covered(s)).toBeGreaterThan(whole * 0.9);
  });
});

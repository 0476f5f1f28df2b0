import { CLIMATES, spotIn } from '../testing/growers/places';
import { placed, pot } from '../testing/pots';
import { addDays } from '../units/date';
import { grow } from './season';

const highOf = (plant: string, hours: number, cut?: number): number[] =>
  grow(
    pot({
      startDate: CLIMATES.temperate.plantOut,
      spot: spotIn('temperate', hours),
      placements: [placed('a', plant, 'filler', 0, 0, 'p9')],
      deeds: cut
        ? [
            {
              id: 'd',
              what: 'cut-back',
              to: 'a',
              on: addDays(CLIMATES.temperate.plantOut, cut * 7),
              done: null,
              leave: 0.8,
            },
          ]
        : [],
    }),
    23,
  ).weeks.map((w) => w.plants[0]?.heightMm ?? 0);

describe('in autumn', () => {
  test('a hosta loses a fifth before it is gone, an evergreen nothing', () => {
    const hosta = highOf('hosta-gold', 2);
    const most = Math.max(...hosta);
    expect((hosta[16] ?? 0) / most).toBeGreaterThan(0.98);
    expect((hosta[21] ?? 0) / most).toBeLessThan(0.9);
    expect((hosta[21] ?? 0) / most).toBeGreaterThan(0.7);
    const heuchera = highOf('heuchera-plum', 2);
    expect(heuchera[21]).toBe(Math.max(...heuchera));
  });
  test('lavender that is clipped when it fades stays clipped until spring', () => {
    const left = highOf('lavender', 6);
    const clipped = highOf('lavender', 6, 12);
    expect((clipped[22] ?? 0) / (left[22] ?? 1)).toBeLessThan(0.85);
    expect((clipped[22] ?? 0) / (left[22] ?? 1)).toBeGreaterThan(0.75);
  });
});

import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { seeded } from '../units/number';

/**
 * A library of any size for tests and the bench: the shipped plants, and after them varieties of them with
 * other sizes, under ids of their own.
 */
export function manyPlants(count: number, seed = 7): Plant[] {
  const random = seeded(seed);
  return Array.from({ length: count }, (_, i) => {
    const p = LIBRARY[i % LIBRARY.length];
    if (!p) throw new Error('The library is empty.');
    if (i < LIBRARY.length) return p;
    const k = 0.85 + 0.3 * random();
    const sized = ([a, b]: [number, number]): [number, number] => [Math.round(a * k), Math.round(b * k)];
    return {
      ...p,
      id: `${p.id}-v${Math.floor(i / LIBRARY.length)}`,
      variety: `${p.variety || p.group} ${i}`,
      heightMm: sized(p.heightMm),
      spreadMm: sized(p.spreadMm),
      trailMm: sized(p.trailMm),
    };
  });
}

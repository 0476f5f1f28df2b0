import { maxBy, mean } from '../units/number';
import type { GroupCheck } from './check';
import { nameOf } from './scene';
import { shadesOf } from './shade';

/** Neighbours take a little of each other’s sun; more than a fifth of it and it is another spot. Working figure. */
const LOST_SHARE = 0.2;
const LOST_MOST = 0.6;
/**
 * With less sun than this it is a shady place, and what lives there does not miss it. Practice: under two
 * hours is shade.
 */
const SUNNY_H = 2;

/** Nobody stands in another’s light. */
export const shaded: GroupCheck = {
  name: 'Shading',
  rule: 'No container takes more than a fifth of another’s sun, May to September',
  source: 'the sun clock of the spot; the fifth is our own estimate',
  of: (scene) => {
    const shades = shadesOf(scene);
    const worst = maxBy(shades, (s) => mean(s.lostH));
    if (!worst) return null;
    const lost = mean(worst.lostH);
    const called = (id: string | null): string => {
      const body = scene.bodies.find((b) => b.id === id);
      return body ? nameOf(body) : '';
    };
    const share = lost / Math.max(1e-6, mean(worst.sunH));
    const bad = share > LOST_SHARE && mean(worst.sunH) >= SUNNY_H;
    return {
      severity: bad ? 'watch' : 'good',
      measured: share,
      band: [0, LOST_SHARE],
      scale: [0, LOST_MOST],
      figure: `${lost.toFixed(1)} h a day`,
      message: bad
        ? `${called(worst.by)} takes ${lost.toFixed(1)} of the ${mean(worst.sunH).toFixed(1)} hours of sun a day from ${called(worst.id)}.`
        : 'No container shades another for long.',
      culprits: bad ? [worst.id, ...(worst.by ? [worst.by] : [])] : [],
      moves: [],
    };
  },
};

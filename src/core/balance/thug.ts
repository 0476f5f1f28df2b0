import { plantName } from '../plants/schema';
import { check, count } from './check';

/** What runs at the root and takes the box. Ordinary garden knowledge. */
const RUNNERS = /^(Mentha|Houttuynia|Aegopodium|Equisetum|Imperata)\b/;

/** Root-runners loose among others. Absent where there is none. */
export const thug = check({
  name: 'Spreading roots',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ placed: plants }) => {
    const running = plants.filter((p) => RUNNERS.test(p.plant.botanical));
    const first = running[0];
    if (!first || running.length === plants.length) return [];
    return [
      {
        severity: 'watch',
        measured: running.length,
        band: [0, 0],
        unit: 'plants',
        scale: [0, plants.length],
        culprits: running.map((p) => p.id),
        says: 'loose',
        facts: { plant: plantName(first.plant) },
        rule: 'Plants with spreading roots are sunk in pots of their own',
        source: 'common practice',
        quality: 0.4,
      },
    ];
  },
  words: {
    loose: (f) => `${f.text('plant')} spreads by its roots and fills the container by August. Sink it in its own pot.`,
  },
  figure: count,
  bandless: true,
  ideas: ['swap', 'take one of many out'],
});

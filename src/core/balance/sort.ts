import { plantName } from '../plants/schema';
import { isOfSort, ONLY_WORDS } from '../plants/sorts';
import { check, percent } from './check';

/** What each share of a different kind costs, and what is left where the star is of another. Working figures. */
const COSTS = 3;
const STAR_LEAVES = 0.12;
const LEAST = 0.2;

/** All of it is of the sort that was asked for. Absent where anything goes. */
export const sort = check({
  name: 'Kind of plant',
  facet: 'scheme',
  weight: 8,
  at: 'plants',
  of: ({ planting: { brief }, placed: plants }) => {
    if (brief.only === 'anything' || plants.length === 0) return [];
    const off = plants.filter((p) => !isOfSort(p.plant, brief.only));
    const share = off.length / plants.length;
    const star = off.some((p) => p.role === 'thriller');
    return [
      {
        severity: off.length > 0 ? 'watch' : 'good',
        measured: share,
        band: [0, 0],
        unit: 'of a different kind',
        scale: [0, 1],
        culprits: off.map((p) => p.id),
        says: off.length > 0 ? 'off' : 'good',
        facts: { plant: off[0] ? plantName(off[0].plant) : '', sort: ONLY_WORDS[brief.only] },
        rule: 'If the brief asks for one kind of plant, every plant is of that kind',
        source: 'the brief',
        quality: star ? STAR_LEAVES : Math.max(LEAST, 1 - COSTS * share),
      },
    ];
  },
  words: {
    good: (f) => `Only ${f.text('sort')}, as you asked.`,
    off: (f) => `You asked for ${f.text('sort')}: ${f.text('plant')} is something else.`,
  },
  figure: percent,
  bandless: true,
  ideas: ['swap', 'swap them all', 'take one of many out'],
});

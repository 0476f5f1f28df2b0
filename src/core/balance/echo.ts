import { answers } from '../plants/leaf-colours';
import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { check, percent } from './check';

/** Where a leaf leads, so many of the others repeat a colour of it. Practice; the figure is a working one. */
const LEAST = 0.3;
/** A colour is repeated from here up. Working figure. */
const REPEATED = 0.25;

/** A leaf that leads has its hidden colours repeated. Absent where no leaf is meant to lead. */
export const echo = check({
  name: 'Leaf colour echoed',
  facet: 'scheme',
  weight: 6,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    const lead = plants.find((p) => p.role === 'thriller');
    const others = plants.filter((p) => p.role !== 'thriller');
    if (!schoolOf(planting.brief).asks?.leafLeads || !lead || others.length === 0) return [];
    const repeating = others.filter((p) => answers(lead.plant, p.plant) >= REPEATED);
    const share = repeating.length / others.length;
    return [
      {
        severity: share >= LEAST ? 'good' : 'watch',
        measured: share,
        band: [LEAST, 1],
        unit: 'of the others',
        scale: [0, 1],
        culprits: share >= LEAST ? [] : others.map((p) => p.id),
        says: share >= LEAST ? 'good' : 'none',
        facts: { plant: plantName(lead.plant), other: repeating[0] ? plantName(repeating[0].plant) : '' },
        rule: 'At least 30% of the other plants repeat a colour from the star leaf: its edge, veins, stems or surface',
        source: 'common practice; the figure is our own estimate',
        quality: share >= LEAST ? 1 : 0.6 + share,
      },
    ];
  },
  words: {
    good: (f) => `${f.text('other')} repeats a colour from the leaves of ${f.text('plant')}.`,
    none: (f) => `Few other plants repeat a colour from the leaves of ${f.text('plant')}.`,
  },
  figure: percent,
  ideas: ['swap', 'swap them all', 'take one of many out'],
});

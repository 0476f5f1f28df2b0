import { factsOf } from '../plants/facts';
import { plantName } from '../plants/schema';
import { check, count } from './check';

/** Lime-haters and what cannot live in their peaty mix. Working figure: half of the quality goes. */
const AT_ODDS = 0.5;

/** Plants that cannot share one mix: lime-haters beside lime-lovers, or beside what must have grit. */
export const mix = check({
  name: 'Mix',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ placed: plants }) => {
    const acid = plants.filter((p) => factsOf(p.plant).mix === 'acid');
    const against = plants.filter((p) => ['limy', 'gritty'].includes(factsOf(p.plant).mix));
    if (acid.length === 0) return [];
    const [hater, lover] = [acid[0], against[0]];
    const few = acid.length <= against.length ? acid : against;
    return [
      {
        severity: lover ? 'watch' : 'good',
        measured: lover ? few.length : 0,
        band: [0, 0],
        unit: 'at odds',
        scale: [0, plants.length],
        culprits: lover ? few.map((p) => p.id) : [],
        says: lover ? 'odds' : 'good',
        facts: { plant: hater ? plantName(hater.plant) : '', other: lover ? plantName(lover.plant) : '' },
        rule: 'Lime-hating and lime-loving plants do not share a container',
        source: 'common practice, mixes',
        quality: lover ? AT_ODDS : 1,
      },
    ];
  },
  words: {
    good: (f) =>
      `${f.text('plant')} needs ericaceous (acid) mix, and the other plants will grow in it too. In hard-water areas, use rainwater.`,
    odds: (f) =>
      `${f.text('plant')} needs an acid mix and ${f.text('other')} cannot grow in one. Plant one of them in its own container.`,
  },
  figure: count,
  ideas: ['swap', 'take one of many out'],
});

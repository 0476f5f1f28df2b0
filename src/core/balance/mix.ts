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
        rule: 'Lime-haters and lime-lovers do not share a pot',
        source: 'practice, mixes',
        quality: lover ? AT_ODDS : 1,
      },
    ];
  },
  words: {
    good: (f) =>
      `${f.text('plant')} wants ericaceous mix, and nothing here minds it. Water with rain where taps are hard.`,
    odds: (f) =>
      `${f.text('plant')} wants an acid mix and ${f.text('other')} cannot live in one. Give one of them a pot of its own.`,
  },
  figure: count,
  ideas: ['swap', 'take one of many out'],
});

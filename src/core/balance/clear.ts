import { check, percent } from './check';
import { seenColours } from './seen-colours';
import { isColour, standsClear } from './stands-clear';

/** A plant of which this much hangs is seen before the pot. Working figure. */
const HANGS = 0.1;

/** Flower and leaf colour low at the front against the pot behind it. */
export const clear = check({
  name: 'Stands out from the container',
  facet: 'backdrop',
  weight: 4,
  at: 'plants',
  of: (standing) => {
    const { container } = standing.planting;
    if (container.liner || container.material === 'coir') return [];
    return standsClear(standing, {
      behind: container.colour,
      least: 0.6,
      list: seenColours(standing.moments[2]).filter((c) => c.belowShare > HANGS && isColour(c)),
      weight: (c) => c.area * c.belowShare,
      rule: 'Trailing plants differ clearly from the colour of the container (at least 0.13 ΔE-OK)',
      source: 'common practice, white flowers disappear against a white container; threshold is our own estimate',
    });
  },
  words: {
    good: () => 'The trailing colours show up against the container.',
    low: (f) => `${f.text('plant')} disappears against the container: the colours are too similar.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});

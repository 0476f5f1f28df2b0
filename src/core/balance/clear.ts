import { check, percent } from './check';
import { seenColours } from './seen-colours';
import { isColour, standsClear } from './stands-clear';

/** A plant of which this much hangs is seen before the pot. Working figure. */
const HANGS = 0.1;

/** Flower and leaf colour low at the front against the pot behind it. */
export const clear = check({
  name: 'Against the pot',
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
      rule: 'Colours that hang before the pot differ from it by ΔE_OK 0.13 or more',
      source: 'practice, white flowers are lost on a white pot; threshold is a working figure',
    });
  },
  words: {
    good: () => 'What hangs before the pot stands clear of its colour.',
    low: (f) => `${f.text('plant')} is lost against the pot: too close in colour.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});

import { addDays } from '../units/date';
import { check, percent } from './check';
import { seenColours } from './seen-colours';
import { isColour, standsClear } from './stands-clear';

/** A coloured leaf tells less than a flower before a wall. Working figure. */
const LEAF_TELLS = 0.3;

/**
 * What stands above the rim against a wall, or against what blossoms behind it in the judged week. Absent where it is
 * not seen before one backdrop.
 */
export const against = check({
  name: 'Stands out from the background',
  facet: 'backdrop',
  weight: 3,
  at: 'plants',
  of: (standing) => {
    const { spot, startDate } = standing.planting;
    if (spot.seen !== 'wall' && spot.seen !== 'row') return [];
    const month = Number(addDays(startDate, standing.week * 7).slice(5, 7));
    const blossom = spot.backdropBloom?.months.includes(month) ? spot.backdropBloom.colour : null;
    return standsClear(standing, {
      behind: blossom ?? spot.backdrop,
      least: 0.7,
      list: seenColours(standing.moments[2]).filter(isColour),
      weight: (c) => c.area * (1 - c.belowShare) * (c.isFlower ? 1 : LEAF_TELLS),
      rule: 'Plant colours differ clearly from the background (at least 0.13 ΔE-OK)',
      source: 'colour separation in OKLab (Ottosson 2020); threshold is our own estimate',
      facts: { bloom: blossom ? 1 : 0 },
    });
  },
  words: {
    good: () => 'The planting shows up well against the background.',
    low: (f) =>
      `${f.text('plant')} disappears against ${f.num('bloom') ? 'the blossom' : 'the wall'}: the colours are too similar.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});

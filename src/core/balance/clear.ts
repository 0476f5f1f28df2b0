import { check, percent } from './check';
import { seenColours } from './seen-colours';
import { FLOWER_TELLS, standsClear } from './stands-clear';

/** A plant of which this much hangs is seen before the pot; a spiller always is, by at least the second. Working figures. */
const HANGS = 0.15;
const SPILLS = 0.35;

/** Flower and leaf colour low at the front against the pot behind it. */
export const clear = check({
  name: 'Against the pot',
  weight: 4,
  at: 'plants',
  of: (standing) => {
    const spilling = new Set(standing.plants.filter((p) => p.role === 'spiller').map((p) => p.id));
    return standsClear(standing, {
      behind: standing.planting.container.colour,
      least: 0.65,
      list: seenColours(standing).filter((c) => c.part !== 'throat' && (c.belowShare > HANGS || spilling.has(c.id))),
      weight: (c) => c.area * Math.max(SPILLS, c.belowShare) * (c.isFlower ? FLOWER_TELLS : 1),
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

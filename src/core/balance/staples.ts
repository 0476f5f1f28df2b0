import { factsOf } from '../plants/facts';
import { plantName } from '../plants/schema';
import type { Ease } from '../plants/traits';
import { clamp01 } from '../units/number';
import { check, percent } from './check';
import type { Placed } from '../plantings/resolve';

/** How far each goes toward being sure of finding it. Working figures. */
const SURE: Record<Ease, number> = { staple: 1, common: 0.3, occasional: 0.25, specialist: 0.2, 'from seed': 0.3 };
const CURIOUS = new Set<Ease>(['occasional', 'specialist', 'from seed']);
/** One curiosity, and so much of the plants. Practice. */
const MOST_KINDS = 1;
const MOST_SHARE = 0.15;
/** Sure of so much of it, nobody looks twice. Working figure. */
const SURE_ENOUGH = 1;

const ease = (p: Placed): Ease => factsOf(p.plant).ease;

/** Whether a gardener can buy it: staples before curiosities. */
export const staples = check({
  name: 'Availability',
  facet: 'repetition',
  weight: 3,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    if (plants.length === 0) return [];
    const asked = new Set(planting.brief.must);
    const curious = plants.filter((p) => CURIOUS.has(ease(p)) && !asked.has(p.plant.id));
    const kinds = new Set(curious.map((p) => p.plant.id)).size;
    const share = curious.length / plants.length;
    const sure = plants.reduce((s, p) => s + SURE[ease(p)], 0) / plants.length;
    const many =
      plants.length > 2 &&
      (kinds > MOST_KINDS || (kinds === 1 && share > MOST_SHARE && share * plants.length > 1.5 && share > 0.34));
    const first = curious[0];
    return [
      {
        severity: many ? 'watch' : 'good',
        measured: 1 - share,
        band: [1 - MOST_SHARE, 1],
        unit: 'easily found',
        scale: [0, 1],
        culprits: many ? curious.map((p) => p.id) : [],
        says: many ? 'rare' : 'good',
        facts: { share: 1 - share, plant: first ? plantName(first.plant) : '' },
        rule: 'At most one unusual plant; the rest sold at any nursery',
        source: 'common practice, staples first',
        quality: many ? 0.35 : 0.55 + 0.45 * clamp01(sure / SURE_ENOUGH),
      },
    ];
  },
  words: {
    good: (f) => `Any nursery sells ${f.pct('share')} of these plants.`,
    rare: (f) => `Hard to find: ${f.text('plant')} and others may take some searching for.`,
  },
  figure: percent,
  bandless: true,
  ideas: ['swap', 'take one of many out'],
});

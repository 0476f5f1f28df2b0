import { plantName } from '../plants/schema';
import { check, percent } from './check';

/** Something blooms when this much of a plant's outside is flower. Working figure. */
const IN_BLOOM = 0.06;
const LEAST = 0.6;
/** A warm-season plant that takes no colder nights than this is tender. °C, working figure. */
const TENDER_OVER_C = 1;
const MIXED_COSTS = 0.75;

/** How much of the season something blooms; cool and warm kept apart. Absent for schemes of leaf. */
export const season = check({
  name: 'Bloom',
  weight: 6,
  at: 'plants',
  of: ({ planting, season: s, plants }) => {
    if (planting.brief.scheme === 'all-leaf' || plants.length === 0) return [];
    const weeks = s.weeks.filter((w) => s.frostWeek === null || w.week < s.frostWeek);
    const blooming = weeks.filter((w) =>
      w.plants.some((g, i) => g.bloom * (plants[i]?.plant.flower.show ?? 0) > IN_BLOOM),
    );
    const share = weeks.length > 0 ? blooming.length / weeks.length : 0;
    const cool = plants.filter((p) => p.plant.season === 'cool');
    const tender = plants.some((p) => p.plant.season === 'warm' && p.plant.coldestNightC > TENDER_OVER_C);
    const mixed = cool.length > 0 && tender && planting.spot.summer !== 'cool';
    return [
      {
        severity: share < LEAST || mixed ? 'watch' : 'good',
        measured: share,
        band: [LEAST, 1],
        unit: 'of the weeks in bloom',
        scale: [0, 1],
        culprits: mixed ? cool.map((p) => p.id) : [],
        says: share < LEAST ? 'gap' : mixed ? 'mixed' : 'good',
        facts: { weeks: weeks.length, bloom: blooming.length, plant: cool[0] ? plantName(cool[0].plant) : '' },
        rule: 'Something blooms in at least 60 % of the weeks; cool and tender warm plants are kept apart',
        source: 'practice, months of bloom',
        quality: Math.min(1, share) * (mixed ? MIXED_COSTS : 1),
      },
    ];
  },
  words: {
    good: (f) => `In bloom ${f.num('bloom')} of ${f.num('weeks')} weeks.`,
    gap: (f) => `In bloom only ${f.num('bloom')} of ${f.num('weeks')} weeks.`,
    mixed: (f) => `${f.text('plant')} is a cool-season plant among summer ones: it tires as they start.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});

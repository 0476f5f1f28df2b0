import { keptBy } from '../units/keep';
import { GENERA } from './genera';
import type { Plant } from './schema';
import type { Facts } from './traits';
import { genusOf, type Known as Lived, speciesOf, waysOf } from './ways';

export { genusOf } from './ways';

type Group = Plant['group'];
/** What decides who stands beside whom, and whether it can be bought. */
type Company = Pick<Facts, 'rhythm' | 'mix' | 'worlds' | 'ease'>;

/** What is usual for a group, where neither the record nor its genus says. Working figures: the careful middle. */
const USUAL: Record<Group, Company> = {
  'warm bedding': { rhythm: 'evenly moist', mix: 'ordinary', worlds: ['bedding'], ease: 'common' },
  'cool bedding': { rhythm: 'evenly moist', mix: 'ordinary', worlds: ['bedding', 'winter'], ease: 'common' },
  foliage: { rhythm: 'evenly moist', mix: 'ordinary', worlds: ['bedding'], ease: 'common' },
  grass: { rhythm: 'dries slightly', mix: 'ordinary', worlds: ['meadow', 'bedding'], ease: 'common' },
  tropical: { rhythm: 'evenly moist', mix: 'ordinary', worlds: ['tropical'], ease: 'occasional' },
  succulent: { rhythm: 'dries out', mix: 'gritty', worlds: ['succulent'], ease: 'common' },
  shade: { rhythm: 'evenly moist', mix: 'ordinary', worlds: ['woodland'], ease: 'common' },
  perennial: { rhythm: 'dries slightly', mix: 'ordinary', worlds: ['meadow'], ease: 'common' },
  shrub: { rhythm: 'dries slightly', mix: 'ordinary', worlds: ['shrub'], ease: 'common' },
  herb: { rhythm: 'dries slightly', mix: 'ordinary', worlds: ['kitchen'], ease: 'staple' },
  bulb: { rhythm: 'dries slightly', mix: 'ordinary', worlds: ['bedding', 'winter'], ease: 'common' },
  climber: { rhythm: 'evenly moist', mix: 'ordinary', worlds: ['bedding'], ease: 'occasional' },
};

type Known = Lived & Pick<Plant, 'facts'>;

/**
 * The facts of a plant: as its record says, else as its species or genus has them, else as is usual for its
 * group. Kept by the record.
 */
export const factsOf: (p: Known) => Facts = keptBy((p: Known) => {
  const company = GENERA[speciesOf(p.botanical)] ?? GENERA[genusOf(p.botanical)];
  return { ...USUAL[p.group], ...waysOf(p), ...company, ...p.facts };
});

/** Whether two plants belong in one planting. */
export const shareWorld = (a: Facts, b: Facts): boolean => a.worlds.some((w) => b.worlds.includes(w));

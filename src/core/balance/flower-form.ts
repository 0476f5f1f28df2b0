import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import { check, count } from './check';

/** Fewer flowering species than this are let be alike. Practice. */
const FEWEST = 3;
/** A plant that flowers less than this is no part of it. */
const FLOWERS = 0.12;

/** Flowers differ in form: not one form in three species or more. Absent where fewer flower. */
export const flowerForm = check({
  name: 'Flower form',
  facet: 'contrast',
  weight: 4,
  at: 'plants',
  of: ({ planting, placed }) => {
    const { asks } = schoolOf(planting.brief);
    const flowering = placed.filter((p) => p.plant.flower.form !== 'none' && p.plant.flower.show >= FLOWERS);
    const species = new Map(flowering.map((p) => [p.plant.botanical, p]));
    if (species.size < FEWEST || asks?.kin) return [];
    const kinds = [...species.values()];
    const forms = new Set(kinds.map((p) => p.plant.flower.form));
    const alike = forms.size === 1;
    const [one, other] = kinds;
    return [
      {
        severity: alike ? 'watch' : 'good',
        measured: forms.size,
        band: [2, 6],
        unit: 'forms',
        scale: [0, 6],
        culprits: alike ? flowering.map((p) => p.id) : [],
        says: alike ? 'alike' : 'good',
        facts: {
          forms: forms.size,
          plant: one ? plantName(one.plant) : '',
          other: other ? plantName(other.plant) : '',
          form: one?.plant.flower.form ?? '',
        },
        rule: 'With three flowering species, more than one form of flower',
        source: 'common practice, spike with large round and small froth',
        quality: alike ? 0.12 : forms.size >= 3 ? 1 : 0.9,
      },
    ];
  },
  words: {
    good: (f) => `${f.num('forms')} ${f.num('forms') === 1 ? 'form' : 'forms'} of flower.`,
    alike: (f) =>
      `All the same flower shape: ${f.text('plant')}, ${f.text('other')} and the rest are ${f.text('form')}. Add spikes or tiny, airy flowers.`,
  },
  figure: count,
  bandless: true,
  ideas: ['swap', 'take one of many out'],
});

import { plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import { check, count, type Measured } from './check';
import type { Standing } from './standing';
import { harm } from './suits';

type Says = 'good' | 'care' | 'sap' | 'toxic' | 'edible';

/** What a plant to be careful with leaves of the quality. Working figure. */
const CARE = 0.65;

const qualityOf = (level: 0 | 1 | 2 | undefined): number => (!level ? 1 : level === 2 ? 0 : CARE);

/** Something to eat beside something poisonous. */
function edibleBesidePoison({ plants }: Standing): Measured<Says>[] {
  // A tomato’s leaves are no reason to keep it from the basil: what is eaten is known by its parts.
  const poisonous = plants.filter(
    ({ plant }) => (plant.poison.people === 'toxic' || plant.poison.people === 'mild') && plant.edible === 'no',
  );
  const eaten = plants.filter((p) => p.plant.edible !== 'no');
  const [poison, food] = [poisonous[0], eaten[0]];
  if (!poison || !food) return [];
  return [
    {
      severity: 'wrong',
      measured: poisonous.length,
      band: [0, 0],
      unit: 'plants',
      scale: [0, plants.length],
      culprits: [...eaten, ...poisonous].map((p) => p.id),
      says: 'edible',
      facts: { plant: plantName(poison.plant), other: plantName(food.plant) },
      rule: 'Nothing to eat beside a poisonous plant',
      source: 'practice, care for people',
      quality: 0,
    },
  ];
}

/** Poison and irritant sap for who is about. */
function whoIsAbout({ planting: { spot }, plants }: Standing): Measured<Says>[] {
  if (!spot.children && !spot.cats && !spot.dogs && !spot.eaten) return [];
  const risky = plants.map((p) => ({ p, ...harm(p.plant, spot) })).filter((x) => x.level > 0);
  const worst = maxBy(risky, (x) => x.level);
  const says = !worst ? 'good' : worst.level === 2 ? 'toxic' : worst.p.plant.irritantSap === 'yes' ? 'sap' : 'care';
  return [
    {
      severity: !worst ? 'good' : worst.level === 2 ? 'wrong' : 'watch',
      measured: risky.length,
      band: [0, 0],
      unit: 'plants',
      scale: [0, plants.length],
      culprits: risky.map((x) => x.p.id),
      says,
      facts: {
        plant: worst ? plantName(worst.p.plant) : '',
        who: worst?.who.join(' and ') ?? '',
        count: risky.length,
      },
      rule: 'Nothing poisonous within reach; unknown counts as unsafe',
      source: 'each plant’s record, kept conservative',
      quality: qualityOf(worst?.level),
    },
  ];
}

/** Poison, irritant sap and spines for who is about; edibles beside poisonous plants. */
export const safety = check<Says>({
  name: 'Safety',
  weight: 6,
  at: 'plants',
  of: (standing) => {
    const refused = edibleBesidePoison(standing);
    return refused.length > 0 ? refused : whoIsAbout(standing);
  },
  words: {
    good: () => 'Nothing here is known to harm those who are about.',
    care: (f) =>
      `${f.text('plant')} may harm ${f.text('who')}, or is not known to be safe. Check, and keep it out of reach.`,
    sap: (f) => `The sap of ${f.text('plant')} irritates skin and eyes: keep it from ${f.text('who')}, wear gloves.`,
    toxic: (f) =>
      `${f.text('plant')} is poisonous to ${f.text('who')}. Choose another; in an emergency call a doctor, vet or poison line.`,
    edible: (f) => `${f.text('plant')} is poisonous and ${f.text('other')} is there to be eaten. Never in one pot.`,
  },
  figure: count,
  ideas: ['swap', 'take one of many out'],
});

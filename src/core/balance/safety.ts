import { type Plant, plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import { check, count, type Measured } from './check';
import { type Cause, harm, harmEaten, type HarmLevel } from './harm';
import type { Sentence } from './speak';
import type { Standing } from './standing';

type Says = 'good' | 'care' | 'sap' | 'spines' | 'mild' | 'irritant' | 'toxic' | 'deadly' | 'edible' | 'bulb' | 'doubt';

/** What a plant to be careful with leaves of the quality. Working figure. */
const CARE = 0.65;

const qualityOf = (level: HarmLevel): number => (level === 0 ? 1 : level >= 2 ? 0 : CARE);

/** What is said of each cause. */
const SAID: Record<Cause, Says> = {
  deadly: 'deadly',
  toxic: 'toxic',
  mild: 'mild',
  irritant: 'irritant',
  spines: 'spines',
  sap: 'sap',
  'sap unknown': 'care',
  unknown: 'care',
};

/** Bulbs look like these herbs, and these like bulbs. */
const onionLike = ({ botanical, edible }: Plant): boolean => edible !== 'no' && /^Allium\b/.test(botanical);

/**
 * Whether a pot is there to be eaten from: the spot says so, or a leaf or fruit crop stands in it. A flower
 * that may be eaten is no crop.
 */
const isCrop = ({ edible }: Plant): boolean => edible === 'leaf' || edible === 'fruit';

/** Something to eat beside something that harms who eats it. What is not known counts as well. */
function edibleBesidePoison({ placed: plants, planting: { spot } }: Standing): Measured<Says>[] {
  const eaten = plants.filter((p) => isCrop(p.plant) || (spot.eaten && p.plant.edible !== 'no'));
  const harmful = plants
    .map((p) => ({ p, level: harmEaten(p.plant) }))
    .filter((x) => x.level > 0)
    .sort((a, b) => b.level - a.level);
  const [worst, food] = [harmful[0], eaten.find((p) => onionLike(p.plant)) ?? eaten[0]];
  if (!worst || !food) return [];
  const bulb = harmful.find((x) => x.level >= 2 && x.p.plant.group === 'bulb');
  const mistaken = bulb && onionLike(food.plant);
  const poisonous = worst.level >= 2;
  return [
    {
      severity: poisonous ? 'wrong' : 'watch',
      measured: harmful.length,
      band: [0, 0],
      unit: 'plants',
      scale: [0, plants.length],
      culprits: [...eaten, ...harmful.map((x) => x.p)].map((p) => p.id),
      says: mistaken ? 'bulb' : poisonous ? 'edible' : 'doubt',
      facts: {
        plant: plantName((mistaken ? bulb : worst).p.plant),
        other: plantName(food.plant),
        unknown: worst.p.plant.poison.people === 'unknown' ? 1 : 0,
      },
      rule: 'No food crop next to a plant that is harmful to eat; unknown counts as harmful',
      source: 'common practice, care for people',
      quality: poisonous ? 0 : CARE,
    },
  ];
}

/** Poison, spines and irritant sap for who is about. */
function whoIsAbout({ planting: { spot }, placed: plants }: Standing): Measured<Says>[] {
  if (!spot.children && !spot.cats && !spot.dogs && !spot.eaten) return [];
  const risky = plants.map((p) => ({ p, ...harm(p.plant, spot) })).filter((x) => x.level > 0);
  const worst = maxBy(risky, (x) => x.level);
  const level = worst?.level ?? 0;
  return [
    {
      severity: level === 0 ? 'good' : level >= 2 ? 'wrong' : 'watch',
      measured: risky.length,
      band: [0, 0],
      unit: 'plants',
      scale: [0, plants.length],
      culprits: risky.map((x) => x.p.id),
      says: worst?.cause ? SAID[worst.cause] : 'good',
      facts: {
        plant: worst ? plantName(worst.p.plant) : '',
        part: worst?.p.plant.poisonPart ?? '',
        who: worst?.who.join(' and ') ?? '',
        count: risky.length,
      },
      rule: 'Nothing poisonous within reach; unknown counts as unsafe',
      source: 'each plant’s record, kept conservative',
      quality: qualityOf(level),
    },
  ];
}

/** “Tulip, scarlet (the bulb)”. */
const withPart: (f: Parameters<Sentence>[0]) => string = (f) =>
  f.text('part') ? `${f.text('plant')} (${f.text('part')})` : f.text('plant');

/** Poison, irritant sap and spines for who is about; edibles beside poisonous plants. */
export const safety = check<Says>({
  name: 'Safety',
  facet: 'gate',
  weight: 6,
  at: 'plants',
  of: (standing) => {
    const beside = edibleBesidePoison(standing);
    const about = whoIsAbout(standing);
    // The graver of the two is told; beside food is told first where both are as grave.
    return beside[0] && (beside[0].severity === 'wrong' || about[0]?.severity !== 'wrong') ? beside : about;
  },
  words: {
    good: () => 'Nothing here is known to harm anyone you said can reach it.',
    care: (f) =>
      `Nobody has recorded whether ${f.text('plant')} harms ${f.text('who')}. Treat it as harmful and keep it out of reach.`,
    irritant: (f) => `${withPart(f)} irritates the mouth or skin of ${f.text('who')}. Keep it out of reach.`,
    mild: (f) => `${withPart(f)} upsets the stomach of ${f.text('who')} if eaten. Keep it out of reach.`,
    spines: (f) => `${f.text('plant')} has spines or thorns. Keep it away from the faces and feet of ${f.text('who')}.`,
    sap: (f) =>
      `The sap of ${f.text('plant')} irritates skin and eyes. Keep it away from ${f.text('who')}, and wear gloves.`,
    toxic: (f) =>
      `${withPart(f)} is poisonous to ${f.text('who')}. Choose another plant. If any is eaten, call a doctor, vet or poisons helpline.`,
    deadly: (f) =>
      `A small amount of ${withPart(f)} can kill ${f.text('who')}. Do not plant it here. If any is eaten, call a doctor, vet or poisons helpline at once.`,
    edible: (f) => `${f.text('plant')} is poisonous and ${f.text('other')} is a food crop. Never plant them together.`,
    bulb: (f) =>
      `The bulbs of ${f.text('plant')} look like onions and are next to ${f.text('other')}, so someone could eat one by mistake. Never plant them together.`,
    doubt: (f) =>
      f.num('unknown') > 0
        ? `${f.text('other')} is a food crop, and ${f.text('plant')} is not known to be safe to eat. Keep them apart.`
        : `${f.text('other')} is a food crop, and ${f.text('plant')} next to it irritates the mouth if eaten. Keep them apart.`,
  },
  figure: count,
  ideas: ['swap', 'swap them all', 'take one of many out'],
});

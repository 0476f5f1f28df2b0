import { LIGHT_CLASSES, takes } from '@/core/plants/facets';
import { factsOf } from '@/core/plants/facts';
import { flowerWords } from '@/core/plants/flower-words';
import { HABITS } from '@/core/plants/habits';
import { isSpiny } from '@/core/plants/spines';
import type { Plant, Poison } from '@/core/plants/schema';
import type { Facts } from '@/core/plants/traits';
import { MONTHS_SHORT } from '@/core/units/date';
import { STARTS } from '@/core/plants/starts';
import { lengthNumber, lengthUnit, type UnitSystem } from '@/core/units/length';
import { formatMoney, formatTemperature } from '@/core/units/quantity';

const between = ([a, b]: readonly [number, number], units: UnitSystem): string =>
  `${lengthNumber(a, units)}–${lengthNumber(b, units)} ${lengthUnit(units)}`;

const POISON: Record<Poison, string> = {
  none: 'called safe',
  irritant: 'irritates mouth or skin',
  mild: 'upsets the stomach',
  toxic: 'poisonous',
  deadly: 'deadly: a little can kill',
  unknown: 'unknown: treat as unsafe',
};

const WINTER: Record<Facts['winterLook'], string> = {
  evergreen: 'keeps its leaf',
  'semi-evergreen': 'keeps some leaf in a mild one',
  'bare stems': 'bare stems',
  gone: 'nothing to be seen',
};

const KEPT: Record<Facts['kept'], string> = {
  outdoors: 'stays out',
  'frost-free': 'somewhere light and frost-free',
  'lifted dry': 'lifted, dried off and kept from frost',
  indoors: 'indoors',
  'not kept': 'for one season',
};

const HEAT: Record<Facts['heat'], string> = {
  thrives: 'thrives in it',
  stands: 'stands it',
  tires: 'flowers less above 30 °C',
  stops: 'is over above 27 °C',
};

const SUPPORT: Record<Facts['support'], string> = {
  none: '',
  stake: 'tie it to a stake',
  frame: 'tie it to a frame',
  twines: 'twines up a frame or canes',
};

const shownIn = ({ what, months }: NonNullable<Facts['display']>): string =>
  `${what} in ${months.flatMap((m, i) => (m > 0.2 ? [MONTHS_SHORT[i]] : [])).join(', ')}`;

const escapes = (where: Facts['runsWild']): string =>
  where.length === 0
    ? 'check your local list'
    : `has run wild in ${where.join(' and ')} climates: check your local list`;

/** The light a plant takes, as it is said on a tag. */
const lightOf = (p: Plant): string => {
  const taken = LIGHT_CLASSES.filter((l) => takes(p, l));
  const [first = 'shade', last = first] = [taken[0], taken[taken.length - 1]];
  return first === last ? first : `${first} to ${last}`;
};

/** A plant's facts as lines of a table: what it is called, and what it is for this one. */
export function sheetOf(p: Plant, units: UnitSystem): { name: string; text: string; warn?: boolean }[] {
  const [, low, high] = p.sunHours;
  const facts = factsOf(p);
  const bad = (x: Poison) => x !== 'none';
  return [
    { name: 'Grown height', text: between(p.heightMm, units) },
    { name: 'Spread', text: between(p.spreadMm, units) },
    ...(p.trailMm[1] > 0 ? [{ name: 'Hangs', text: between(p.trailMm, units) }] : []),
    { name: 'Habit', text: HABITS[p.habit].label.toLowerCase() },
    { name: 'Sun', text: `${lightOf(p)}; best with ${low}–${high} h a day` },
    {
      name: 'Afternoon sun',
      text: p.scorchAfternoonH === null ? 'does not scorch' : `up to ${p.scorchAfternoonH} h, less in a hot summer`,
    },
    { name: 'Water', text: `${p.water}; ${facts.rhythm}; feed: ${p.feed}` },
    { name: 'Mix', text: facts.mix },
    { name: 'Goes in', text: `${facts.worlds.join(', ')} pots` },
    { name: 'To buy', text: facts.ease },
    { name: 'Life', text: `${facts.life}; ${facts.pace === 'ordinary' ? 'ordinary pace' : facts.pace}` },
    {
      name: 'Winter',
      text: `lives to ${formatTemperature(p.coldestWinterC, units)} in the ground; ${WINTER[facts.winterLook]}`,
    },
    { name: 'Kept', text: KEPT[facts.kept] },
    { name: 'Heat', text: HEAT[facts.heat] },
    { name: 'Cold nights', text: `out from ${formatTemperature(p.coldestNightC, units)} up` },
    { name: 'Vigour', text: `${p.vigour} of 5` },
    { name: 'Leaf', text: `${p.leaf.size}, ${p.leaf.form}, ${p.leaf.surface}` },
    ...(p.flower.form === 'none' ? [] : [{ name: 'Flower', text: flowerWords(p, units) }]),
    { name: 'Deadhead', text: p.deadhead === 'no' ? 'no need: it drops its own' : p.deadhead },
    { name: 'Cut back', text: facts.cutBack },
    ...(facts.support === 'none' ? [] : [{ name: 'Support', text: SUPPORT[facts.support] }]),
    ...(facts.scent === 'none' ? [] : [{ name: 'Scent', text: `of the ${facts.scent}` }]),
    ...(facts.bees === 'yes' ? [{ name: 'Bees', text: 'come to it' }] : []),
    ...(facts.display ? [{ name: 'After flower', text: shownIn(facts.display) }] : []),
    ...(facts.cuttings === 'no' ? [] : [{ name: 'Cuttings', text: facts.cuttings }]),
    ...(p.edible === 'no'
      ? []
      : [
          {
            name: 'To eat',
            text: p.edible === 'flower' ? 'flower, of plants raised to be eaten: ornamentals are sprayed' : p.edible,
          },
        ]),
    {
      name: 'Poison, people',
      text: POISON[p.poison.people] + (p.poisonPart ? ` (${p.poisonPart})` : ''),
      warn: bad(p.poison.people),
    },
    { name: 'Poison, cats', text: POISON[p.poison.cats], warn: bad(p.poison.cats) },
    { name: 'Poison, dogs', text: POISON[p.poison.dogs], warn: bad(p.poison.dogs) },
    {
      name: 'Sap',
      text:
        p.irritantSap === 'yes'
          ? 'irritates: wear gloves'
          : p.irritantSap === 'no'
            ? 'harmless'
            : 'unknown: wear gloves',
      warn: p.irritantSap !== 'no',
    },
    ...(isSpiny(p) ? [{ name: 'Spines', text: 'spines, thorns or hooked points', warn: true }] : []),
    ...(p.spreadRisk === 'none known' && facts.runsWild.length === 0
      ? []
      : [{ name: 'May escape', text: escapes(facts.runsWild), warn: true }]),
    { name: 'Sold as', text: p.starts.map((s) => `${STARTS[s.size].label} ${formatMoney(s.price)}`).join(', ') },
  ];
}

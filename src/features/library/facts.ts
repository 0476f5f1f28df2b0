import { LIGHT_CLASSES, takes } from '@/core/plants/facets';
import { factsOf } from '@/core/plants/facts';
import { flowerWords } from '@/core/plants/flower-words';
import { HABITS } from '@/core/plants/habits';
import { PESTS } from '@/core/plants/pests';
import type { Plant, Poison } from '@/core/plants/schema';
import { isSpiny } from '@/core/plants/spines';
import { STARTS } from '@/core/plants/starts';
import type { Facts, Forage } from '@/core/plants/traits';
import { MONTH_NAMES, MONTHS_SHORT } from '@/core/units/date';
import { lengthNumber, lengthUnit, type UnitSystem } from '@/core/units/length';
import { formatMoney, formatTemperature, formatVolume } from '@/core/units/quantity';

const between = ([a, b]: readonly [number, number], units: UnitSystem): string =>
  `${lengthNumber(a, units)}–${lengthNumber(b, units)} ${lengthUnit(units)}`;

const POISON: Record<Poison, string> = {
  none: 'listed as safe',
  irritant: 'irritates mouth or skin',
  mild: 'upsets the stomach',
  toxic: 'poisonous',
  deadly: 'deadly: a little can kill',
  unknown: 'unknown: treat as unsafe',
};

const WINTER: Record<Facts['winterLook'], string> = {
  evergreen: 'evergreen',
  'semi-evergreen': 'semi-evergreen in mild winters',
  'stands dry': 'stands dry until March',
  'bare stems': 'bare stems',
  gone: 'dies down',
};

const KEPT: Record<Facts['kept'], string> = {
  outdoors: 'stays out',
  'frost-free': 'somewhere light',
  'lifted dry': 'lift and store dry',
  indoors: 'indoors',
  'not kept': 'grown for one season',
};

const HEAT: Record<Facts['heat'], string> = {
  thrives: 'thrives',
  stands: 'copes',
  tires: 'flowers less above 30°C',
  stops: 'stops flowering above 27°C',
};

const SUPPORT: Record<Facts['support'], string> = {
  none: '',
  stake: 'tie it to a stake',
  frame: 'tie it to a frame',
  twines: 'twines up a frame or canes',
};

const WIND: Record<Facts['wind'], string> = {
  stands: 'copes',
  tears: 'tears its leaves: give it shelter',
  snaps: 'snaps its stems: give it shelter',
};

const RAIN: Record<Facts['rain'], string> = {
  stands: 'copes',
  bruises: 'bruises its flowers',
  rots: 'rots in long wet spells',
  shuts: 'flowers stay shut on dull days',
};

const WILT: Record<Facts['wilt'], string> = {
  recovers: 'recovers from wilting once',
  'drops its flowers': 'drops its flowers if it wilts',
  dies: 'never let it wilt: it dies',
};

const TIGHT: Record<Facts['tight'], string> = {
  'likes it': 'likes a tight fit',
  'bears it': 'copes with a tight fit',
  sulks: 'dislikes a tight fit',
};

const CUT: Record<Facts['cutBack'], string> = {
  'to the base': 'to the leaves at the base',
  'by half': 'by half',
  'in leaf only': 'lightly, never into bare wood',
  never: 'never: it does not regrow',
};

const DEADHEAD: Record<Plant['deadhead'], string> = { needed: 'every week', helps: 'helps', no: 'not needed' };

const FORAGE: Record<Forage, string> = { none: '', some: 'a little', good: 'good', best: 'among the best' };

const shownIn = ({ what, months }: NonNullable<Facts['display']>): string =>
  `${what} in ${months.flatMap((m, i) => (m > 0.2 ? [MONTHS_SHORT[i]] : [])).join(', ')}`;

const escapes = (where: Facts['runsWild']): string =>
  where.length === 0
    ? 'check your local list'
    : `has spread from gardens in ${where.join(' and ')} climates: check your local list of invasive plants`;

/** The light a plant takes, as it is said on a tag. */
const lightOf = (p: Plant): string => {
  const taken = LIGHT_CLASSES.filter((l) => takes(p, l));
  const [first = 'shade', last = first] = [taken[0], taken[taken.length - 1]];
  return first === last ? first : `${first} to ${last}`;
};

const bad = (x: Poison): boolean => x !== 'none';

/** What grows on in colder nights than this is set out whenever it is bought, °C. */
const ALWAYS_OUT_C = 3;

/** A line of a plant's card: what it is called, and what it is for this one. */
export interface CardLine {
  name: string;
  text: string;
  warn?: boolean;
}

/** What a plant's card tells, group by group. */
const GROUPS = {
  'Size and place': (p: Plant, facts: Facts, units: UnitSystem): CardLine[] => [
    { name: 'Height when grown', text: between(p.heightMm, units) },
    { name: 'Spread', text: between(p.spreadMm, units) },
    ...(p.trailMm[1] > 0 ? [{ name: 'Trails', text: between(p.trailMm, units) }] : []),
    { name: 'Habit', text: HABITS[p.habit].label.toLowerCase() },
    { name: 'Sun', text: `${lightOf(p)}; best with ${p.sunHours[1]}–${p.sunHours[2]} h a day` },
    {
      name: 'Afternoon sun',
      text: p.scorchAfternoonH === null ? 'does not scorch' : `up to ${p.scorchAfternoonH} h, less in a hot summer`,
    },
    { name: 'Wind', text: WIND[facts.wind] },
    { name: 'Rain', text: RAIN[facts.rain] },
  ],
  Safety: (p: Plant, facts: Facts): CardLine[] => [
    {
      name: 'Poison, people',
      text: POISON[p.poison.people] + (p.poisonPart ? ` (${p.poisonPart})` : ''),
      warn: bad(p.poison.people),
    },
    { name: 'Poison, cats', text: POISON[p.poison.cats], warn: bad(p.poison.cats) },
    { name: 'Poison, dogs', text: POISON[p.poison.dogs], warn: bad(p.poison.dogs) },
    ...(facts.poisonClass === 'none known' || facts.poisonClass === 'other'
      ? []
      : [{ name: 'Kind of poison', text: facts.poisonClass, warn: true }]),
    ...(Object.values(p.poison).includes('unknown') ? [{ name: 'Unknown means', text: facts.unknownMeans }] : []),
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
    ...(isSpiny(p) ? [{ name: 'Spines', text: 'spines, thorns, cutting edges or hooked points', warn: true }] : []),
    ...(p.edible === 'no'
      ? []
      : [
          {
            name: 'Edible',
            text:
              p.edible === 'flower'
                ? 'flowers, but only from plants grown for eating; ornamentals may be sprayed'
                : p.edible,
          },
        ]),
    ...(p.spreadRisk === 'none known' && facts.runsWild.length === 0
      ? []
      : [{ name: 'May spread', text: escapes(facts.runsWild), warn: true }]),
  ],
  'Water and roots': (p: Plant, facts: Facts, units: UnitSystem): CardLine[] => [
    { name: 'Water', text: `${p.water}; ${facts.rhythm}` },
    { name: 'If it dries', text: WILT[facts.wilt] },
    { name: 'Feed', text: p.feed },
    { name: 'Mix', text: facts.mix },
    { name: 'Minimum mix', text: `${formatVolume(facts.rootL, units)} each; ${TIGHT[facts.tight]}` },
  ],
  'Leaf, flower and visitors': (p: Plant, facts: Facts, units: UnitSystem): CardLine[] => [
    { name: 'Leaf', text: `${p.leaf.size}, ${p.leaf.form}, ${p.leaf.surface}` },
    ...(p.flower.form === 'none' ? [] : [{ name: 'Flower', text: flowerWords(p, units) }]),
    ...(facts.display ? [{ name: 'After flowering', text: shownIn(facts.display) }] : []),
    ...(facts.scent === 'none'
      ? []
      : [
          {
            name: 'Scent',
            text: `of the ${facts.scent}, ${facts.scentStrength}, ${facts.scentTime}; noticed ${facts.scentReach}`,
          },
        ]),
    ...(['bees', 'butterflies', 'moths'] as const).flatMap((who) =>
      facts[who] === 'none' ? [] : [{ name: `For ${who}`, text: FORAGE[facts[who]] }],
    ),
  ],
  Care: (p: Plant, facts: Facts): CardLine[] => [
    {
      name: 'Life',
      text: `${facts.life}; ${facts.seasons === 1 ? 'full-grown in its first season' : `${facts.seasons} seasons to full size`}`,
    },
    { name: 'Vigour', text: `${p.vigour} of 5; ${facts.pace === 'ordinary' ? 'average pace' : facts.pace}` },
    ...(p.flower.form === 'none'
      ? []
      : [
          {
            name: 'Deadhead',
            text: `${DEADHEAD[p.deadhead]}; ${facts.spent === 'falls' ? 'old flowers drop' : 'old flowers stay on'}`,
          },
        ]),
    {
      name: 'After cutting back',
      text: CUT[facts.cutBack] + (facts.cutBack === 'never' ? '' : `, in ${MONTH_NAMES[facts.cutMonth - 1] ?? ''}`),
    },
    ...(facts.support === 'none' ? [] : [{ name: 'Support', text: SUPPORT[facts.support] }]),
    ...(facts.cuttings === 'no' ? [] : [{ name: 'Cuttings', text: facts.cuttings }]),
    ...(facts.pests.length === 0
      ? []
      : [
          {
            name: 'Pests',
            text: facts.pests
              .map((pest) => `${pest} (${PESTS[pest].months.map((m) => MONTHS_SHORT[m - 1]).join(', ')})`)
              .join(', '),
          },
        ]),
  ],
  'Heat, cold and winter': (p: Plant, facts: Facts, units: UnitSystem): CardLine[] => [
    ...(facts.outFromC > ALWAYS_OUT_C
      ? [{ name: 'Plant out', text: `once nights are above ${formatTemperature(facts.outFromC, units)}` }]
      : []),
    { name: 'Cold nights', text: `survives ${formatTemperature(p.coldestNightC, units)} while growing` },
    {
      name: 'Winter',
      text: `hardy to ${formatTemperature(p.coldestWinterC, units)} in the ground; ${WINTER[facts.winterLook]}`,
    },
    ...(facts.rootsToC === null
      ? []
      : [{ name: 'Roots in a pot', text: `die at ${formatTemperature(facts.rootsToC, units)}` }]),
    {
      name: 'Over winter',
      text:
        KEPT[facts.kept] +
        (facts.kept === 'outdoors' || facts.kept === 'not kept'
          ? ''
          : `, at ${formatTemperature(facts.keptAtC, units)} or more, ${facts.keptWet}`),
    },
    { name: 'Heat', text: HEAT[facts.heat] },
    {
      name: 'Warm nights',
      text:
        facts.warmestNightC === null
          ? 'no upper limit'
          : `copes with ${formatTemperature(facts.warmestNightC, units)} for months`,
    },
    ...(facts.chill
      ? [
          {
            name: 'Needs cold',
            text: `${facts.chill.weeks} weeks below ${formatTemperature(facts.chill.belowC, units)} to flower again`,
          },
        ]
      : []),
  ],
  Buying: (p: Plant, facts: Facts): CardLine[] => [
    { name: 'Type of planting', text: facts.worlds.join(', ') },
    { name: 'Availability', text: facts.ease },
    { name: 'Sold as', text: p.starts.map((s) => `${STARTS[s.size].label} ${formatMoney(s.price)}`).join(', ') },
  ],
};

/** A plant's card in groups, each with its lines. */
export function plantCard(p: Plant, units: UnitSystem): { title: string; lines: CardLine[] }[] {
  const facts = factsOf(p);
  return Object.entries(GROUPS).map(([title, of]) => ({ title, lines: of(p, facts, units) }));
}

/** A plant's facts as lines of one table. */
export const factSheet = (p: Plant, units: UnitSystem): CardLine[] => plantCard(p, units).flatMap(({ lines }) => lines);

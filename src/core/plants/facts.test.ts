import { LIBRARY } from '.';
import { some } from '../testing/some';
import { safeForPets } from './facets';
import { factsOf } from './facts';
import { isForage } from './forage';
import { americanName, alsoCalled } from './names';
import { PESTS } from './pests';
import { implausible } from './plausible';
import { type Plant, PlantSchema } from './schema';
import { FACT_CHOICES, FACT_FIGURES, type Facts, FactsSchema } from './traits';
import { LISTED, genusOf, speciesOf } from './ways';
import { listedWays } from './ways/lists';

const by = (id: string): Plant => {
  const p = LIBRARY.find((q) => q.id === id);
  if (!p) throw new Error(`no ${id}`);
  return p;
};
const f = (id: string) => factsOf(by(id));

describe('each kind of slip the records were once full of is caught', () => {
  test.each<[string, string, Partial<Plant>]>([
    ['its note has it cut, and it is never cut', 'canna-dwarf-red', { note: 'Shear it hard after flowering.' }],
    ['its note has it cut, and it is never cut', 'aubrieta-purple', { facts: { cutBack: 'never' } }],
    ['its note forbids old wood, and it is cut deeper', 'lavender', { facts: { cutBack: 'by half' } }],
    ['scented in its note alone', 'skimmia', { facts: { scent: 'none' } }],
    ['its note warns of its sap, and the sap is harmless', 'calendula-orange', { irritantSap: 'no' }],
    ['flowers in months in which its top is down', 'brunnera', { facts: { top: [4, 11] } }],
    ['wants a room, and is kept frost-free', 'croton', { facts: { kept: 'frost-free' } }],
    ['left out, and dies in an ordinary winter', 'petunia-white', { facts: { kept: 'outdoors' } }],
    ['kept colder than it bears', 'caladium-white', { facts: { keptAtC: 5 } }],
    ['goes out in nights colder than it survives', 'basil-green', { facts: { outFromC: 6 } }],
    ['lives one season, and is kept', 'sweet-pea', { facts: { kept: 'frost-free' } }],
    ['may spread, and nobody says where', 'miscanthus-dwarf', { facts: { runsWild: [] } }],
    [
      'runs wild somewhere, and is said not to spread',
      'ivy-green',
      { spreadRisk: 'none known', facts: { runsWild: ['temperate'] } },
    ],
    ['poisonous, and of no kind of poison', 'foxglove', { facts: { poisonClass: 'none known' } }],
    ['feeds bees without a flower', 'fern-shield', { facts: { bees: 'good' } }],
    ['a shrub that is over in a season', 'box-ball', { facts: { kept: 'not kept' } }],
  ])('%s: %s', (slip, id, change) => {
    expect(implausible(by(id))).not.toContain(slip);
    expect(implausible({ ...by(id), ...change })).toContain(slip);
  });
});

/** What sisters of one species, sold under one name, may differ in beside colour, size and form; each with why. */
const MAY_DIFFER: Record<string, readonly string[]> = {
  // The scent of a lily or a nemesia goes with its colour.
  'Lilium hybrid': ['scent'],
  'Nemesia hybrid': ['scent'],
  'Nicotiana alata': ['scent'],
  // Variegated ivies are less hardy; on canes it wants more root run, and is dearer.
  'Hedera helix': ['group', 'coldestWinterC', 'coldestNightC', 'keptAtC', 'outFromC', 'rootL', 'worlds', 'ease'],
  // A blue hosta is blue by its wax.
  'Hosta hybrid': ['surface'],
  // Single dahlias and lacecaps feed bees; doubles and mopheads do not.
  'Dahlia × hybrida': ['bees'],
  'Hydrangea macrophylla': ['bees'],
};

const sameIn = (p: Plant): Record<string, unknown> => {
  const facts: Partial<Facts> = { ...factsOf(p) };
  delete facts.display;
  const { group, water, feed, coldestWinterC, coldestNightC, season, deadhead, pinch, edible } = p;
  const { poison, poisonPart, irritantSap, spreadRisk } = p;
  return {
    ...facts,
    ...{ group, water, feed, coldestWinterC, coldestNightC, season, deadhead, pinch, edible },
    ...{ poison, poisonPart, irritantSap, spreadRisk, surface: p.leaf.surface },
  };
};

/** Where sisters contradict each other: “Petunia: water”. */
function quarrels(library: readonly Plant[]): string[] {
  const families = new Map<string, Plant[]>();
  for (const p of library) {
    const key = `${p.botanical}, ${p.common}`;
    families.set(key, [...(families.get(key) ?? []), p]);
  }
  return [...families.values()].flatMap((sisters) => {
    const [first, ...rest] = sisters.map(sameIn);
    const botanical = sisters[0]?.botanical ?? '';
    return Object.keys(first ?? {})
      .filter((field) => !MAY_DIFFER[botanical]?.includes(field))
      .filter((field) => rest.some((r) => JSON.stringify(r[field]) !== JSON.stringify(first?.[field])))
      .map((field) => `${botanical}: ${field}`);
  });
}

test('sisters of a species differ in colour, size and form alone', () => {
  expect(quarrels(LIBRARY)).toEqual([]);
  const petunia = by('petunia-white');
  expect(quarrels([petunia, { ...petunia, id: 'x', water: 'dry' }])).toEqual(['Petunia × atkinsiana: water']);
});

test('every name in a list of ways is that of a plant that is here', () => {
  const here = new Set(some(LIBRARY).flatMap((p) => [genusOf(p.botanical), speciesOf(p.botanical)]));
  expect([...LISTED].map((n) => n.replace(/^-/, '')).filter((n) => !here.has(n))).toEqual([]);
});

describe('lists', () => {
  test('a species says otherwise than its genus, with nothing too', () => {
    const at = listedWays<number | null>([
      [1, 'Salvia'],
      [null, 'Salvia officinalis, Begonia × semperflorens'],
    ]);
    const said = (botanical: string) => at({ botanical });
    expect([said('Salvia nemorosa'), said('Salvia officinalis'), said('Rosa hybrid')]).toEqual([1, null, undefined]);
    expect(said('Begonia × semperflorens')).toBeNull();
  });
  test('a name that is said twice is a mistake', () =>
    expect(() =>
      listedWays([
        [1, 'Salvia'],
        [2, 'Salvia'],
      ]),
    ).toThrow('Salvia is said twice'));
});

describe('what a grower asks', () => {
  test.each<[string, Partial<ReturnType<typeof factsOf>>]>([
    ['thyme-lemon', { cutBack: 'in leaf only', life: 'shrub', winterLook: 'evergreen' }],
    ['rosemary-upright', { cutBack: 'in leaf only', mix: 'limy', rhythm: 'dries out' }],
    ['catmint', { cutBack: 'to the base', cutMonth: 7 }],
    ['dogwood-winter', { cutBack: 'to the base', cutMonth: 3, cuttings: 'root easily' }],
    ['begonia-red', { cutBack: 'never', cuttings: 'no', heat: 'stands', kept: 'not kept' }],
    ['begonia-tuber-red', { heat: 'tires', kept: 'lifted dry', keptAtC: 10, keptWet: 'dry' }],
    ['croton', { kept: 'indoors', keptAtC: 15, outFromC: 13 }],
    ['pelargonium-scarlet', { kept: 'frost-free', keptAtC: 4, tight: 'likes it', spent: 'stays' }],
    ['agapanthus-blue', { tight: 'likes it' }],
    ['calibrachoa-orange', { spent: 'falls' }],
    ['bacopa-white', { wilt: 'drops its flowers' }],
    ['fern-maidenhair', { wilt: 'dies' }],
    ['canna-bronze-orange', { wind: 'tears', rootL: 8 }],
    ['begonia-wing-red', { wind: 'snaps' }],
    ['gazania-orange', { rain: 'shuts' }],
    ['petunia-violet', { rain: 'bruises' }],
    ['petunia-small-violet', { rain: 'stands' }],
    ['hosta-gold', { warmestNightC: 21, chill: { weeks: 9, belowC: 7 }, seasons: 3 }],
    ['begonia-white', { warmestNightC: null }],
    ['box-ball', { rootsToC: -10, seasons: 6, pests: ['box caterpillar'] }],
    ['petunia-white', { seasons: 1, rootsToC: null }],
    ['nicotiana-white', { scent: 'flower', scentTime: 'at dusk', moths: 'best' }],
    ['sarcococca', { scentStrength: 'strong', scentReach: 'across a terrace' }],
    ['lily-orange', { scent: 'none' }],
    ['verbena-tall', { butterflies: 'best' }],
    ['pennisetum-purple', { bees: 'none' }],
    ['dahlia-pink', { bees: 'good' }],
    ['foxglove', { poisonClass: 'cardiac glycosides', life: 'annual' }],
    ['lily-white', { poisonClass: 'kidney poison' }],
    ['miscanthus-dwarf', { winterLook: 'stands dry', runsWild: ['temperate', 'subtropical'] }],
  ])('%s', (id, facts) => expect(f(id)).toMatchObject(facts));

  test('what is unknown of a shipped plant was looked up; of one nobody knows it was not', () => {
    const unknown = LIBRARY.filter((p) => Object.values(p.poison).includes('unknown'));
    expect(unknown.filter((p) => factsOf(p).unknownMeans !== 'looked up, not listed').map((p) => p.id)).toEqual([]);
    expect(factsOf({ ...by('petunia-white'), botanical: 'Nobodyknows alba' }).unknownMeans).toBe('not looked up');
  });
  test('every pest is looked for in some month on some plant', () => {
    const sought = new Set(LIBRARY.flatMap((p) => factsOf(p).pests));
    expect(Object.keys(PESTS).filter((pest) => !sought.has(pest as keyof typeof PESTS))).toEqual([]);
    expect(Object.values(PESTS).every(({ months }) => months.every((m) => m >= 1 && m <= 12))).toBe(true);
  });
  test('good forage is asked of a pot for bees', () => {
    expect(['some', 'none'].map((g) => isForage(g as 'some'))).toEqual([false, false]);
    expect(isForage('best')).toBe(true);
  });
});

test('about thirty species come back to gardens with cats and dogs', () =>
  expect(LIBRARY.filter(safeForPets).length).toBeGreaterThan(320));

test('a record of an older version is read in today’s words, and an odd one is not', () => {
  const old = FactsSchema.parse({ cutBack: 'comes again', bees: 'yes', cuttings: 'no' });
  expect(old).toEqual({ cutBack: 'by half', bees: 'good', cuttings: 'no' });
  expect(FactsSchema.parse({ cutBack: 'no', bees: 'no' })).toEqual({ cutBack: 'never', bees: 'none' });
  expect(FactsSchema.safeParse({ cutBack: 'now and then' }).success).toBe(false);
  expect(PlantSchema.parse({ ...by('canna-dwarf-red'), facts: { bees: 'yes' } }).facts).toEqual({ bees: 'good' });
});

test('every fact is a word of a few, a figure, or in a writing of its own', () => {
  const own = ['worlds', 'top', 'display', 'chill', 'pests', 'runsWild'];
  const said = [...Object.keys(FACT_CHOICES), ...Object.keys(FACT_FIGURES), ...own];
  expect(Object.keys({ ...f('prickly-heath-pink') }).sort()).toEqual(said.sort());
});

describe('names', () => {
  test('American ones stand beside ours and are found, where they are other', () => {
    expect(americanName('Pelargonium × hortorum')).toBe('Zonal geranium');
    expect(alsoCalled('Helichrysum petiolare')).toContain('licorice plant');
    expect(americanName('Petunia × atkinsiana')).toBeNull();
  });
  test('the root that is eaten lends its name to no other', () =>
    expect(alsoCalled('Alocasia odora')).not.toContain('taro'));
  test('a hybrid genus has its other names', () =>
    expect(alsoCalled('× Heucherella hybrid')).toEqual(alsoCalled('Heucherella hybrid')));
});

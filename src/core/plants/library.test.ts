import { LIBRARY } from '.';
import { implausible } from './plausible';
import { PlantSchema, plantName, type Plant } from './schema';
import { coverage, thinnest } from './coverage';

test('every record is complete', () => {
  for (const p of LIBRARY) expect([p.id, PlantSchema.safeParse(p).error?.issues ?? []]).toEqual([p.id, []]);
});

test('every record is plausible', () => {
  expect(LIBRARY.map((p) => [p.id, implausible(p)]).filter(([, f]) => f?.length)).toEqual([]);
});

test('ids and names are each used once', () => {
  expect(new Set(LIBRARY.map((p) => p.id)).size).toBe(LIBRARY.length);
  const names = LIBRARY.map((p) => `${plantName(p)} / ${p.botanical}`);
  expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
});

describe('there is enough to choose from', () => {
  const count = (f: (p: Plant) => boolean) => LIBRARY.filter(f).length;
  test.each<[string, number, (p: Plant) => boolean]>([
    ['plants', 750, () => true],
    ['thrillers', 45, (p) => p.roles.includes('thriller')],
    ['fillers', 110, (p) => p.roles.includes('filler')],
    ['spillers', 70, (p) => p.roles.includes('spiller')],
    ['thirsty', 40, (p) => p.water === 'thirsty'],
    ['dry', 50, (p) => p.water === 'dry'],
    ['to eat', 15, (p) => p.edible !== 'no'],
    [
      'safe for people, cats and dogs',
      90,
      (p) => Object.values(p.poison).every((x) => x === 'none') && p.irritantSap === 'no',
    ],
    ['bulbs', 15, (p) => p.group === 'bulb'],
    ['climbers', 8, (p) => p.habit === 'climber'],
    ['species', 400, (p) => LIBRARY.find((q) => q.botanical === p.botanical) === p],
  ])('%s: %i at least', (_, least, f) => expect(count(f)).toBeGreaterThanOrEqual(least));

  test('every scheme has each role in full sun, part shade and shade, for each season', () =>
    expect(thinnest(coverage(LIBRARY)).count).toBeGreaterThan(0));
});

describe('the test catches seeded errors', () => {
  const by = (id: string) => LIBRARY.find((p) => p.id === id) as Plant;
  const good = by('lobelia-white');
  test.each<[string, Plant, Partial<Plant>]>([
    ['marked as trailing, but trail length is 0', good, { trailMm: [0, 10] }],
    ['a spiller that does not hang', by('aubrieta-purple'), { trailMm: [0, 20] }],
    ['a warm-season plant in winter bloom', good, { season: 'warm', bloom: [1, 1, 0, 0, 0, 1, 1, 1, 0, 0, 0, 0] }],
    [
      'a cool-season plant that blooms only in high summer',
      by('pansy-blue'),
      { bloom: [0, 0, 0, 0, 0, 1, 1, 1, 0, 0, 0, 0] },
    ],
    [
      'named “white” but its colours disagree',
      good,
      { colours: good.colours.map((c) => (c.part === 'flower' ? { ...c, hex: '#2040ff' } : c)) },
    ],
    [
      'named “scarlet” but its colours disagree',
      by('salvia-scarlet'),
      { colours: by('salvia-scarlet').colours.map((c) => (c.part === 'flower' ? { ...c, hex: '#3050d0' } : c)) },
    ],
    ['flower colours do not add to 1', good, { colours: good.colours.filter((c) => c.part !== 'throat') }],
    ['leaf colours do not add to 1', good, { colours: good.colours.filter((c) => c.part !== 'leaf') }],
    ['edible and poisonous to people, without saying which part', good, { edible: 'leaf' }],
    ['edible and poisonous to people, without saying which part', by('tomato-trailing'), { poisonPart: '' }],
    ['a thriller under 30 cm', good, { roles: ['thriller'] }],
    ['has a flower but no flowering months', good, { bloom: new Array<number>(12).fill(0) }],
    ['blooms without a flower', by('ivy-green'), { bloom: new Array<number>(12).fill(1) }],
    ['winter hardiness is less than its coldest growing night', good, { coldestWinterC: 10 }],
    ['hardy to -30°C for a tender group', by('petunia-white'), { coldestWinterC: -30 }],
    ['year-round, and dies above freezing', by('ivy-green'), { coldestWinterC: 4, coldestNightC: 4 }],
    [
      'height over spread 5.0 is not that of a mound',
      by('petunia-white'),
      { heightMm: [700, 1000], spreadMm: [150, 200] },
    ],
    [
      'height over spread 0.3 is not that of a climber',
      by('mandevilla-red'),
      { heightMm: [100, 120], spreadMm: [350, 400] },
    ],
    ['a height range too wide to mean anything', by('petunia-white'), { heightMm: [50, 300] }],
    ['a leaf longer than the plant', by('petunia-white'), { leaf: { ...by('petunia-white').leaf, lengthMm: 900 } }],
    ['irritant sap, and nothing said of it', by('petunia-white'), { irritantSap: 'yes' }],
  ])('%s', (fault, plant, change) => {
    expect(implausible(plant)).not.toContain(fault);
    expect(implausible({ ...plant, ...change })).toContain(fault);
  });

  test('start sizes missing, or one that is not sold, is no record at all', () => {
    expect(PlantSchema.safeParse({ ...good, starts: [] }).success).toBe(false);
    expect(PlantSchema.safeParse({ ...good, starts: [{ size: 'bucket', price: 3 }] }).success).toBe(false);
  });
});

describe('poison is kept conservative', () => {
  const spurges = LIBRARY.filter((p) => p.botanical.startsWith('Euphorbia'));
  test('every spurge irritates and is poisonous, the poinsettia mildly', () => {
    expect(spurges.filter((p) => p.irritantSap !== 'yes')).toEqual([]);
    expect(spurges.filter((p) => p.poison.people !== 'toxic').map((p) => [p.id, p.poison.people])).toEqual([
      ['poinsettia-red', 'mild'],
    ]);
  });
  test.each([
    'ivy-variegated',
    'colocasia-black',
    'caladium-white',
    'lantana-sunset',
    'string-of-pearls',
    'catharanthus-pink',
    'azalea-pink',
    'yew-column',
    'daffodil-dwarf',
    'mandevilla-red',
    'nicotiana-white',
    'apple-dwarf',
    'bean-french',
    'wallflower-orange',
    'foxglove',
    'oleander-pink',
    'angels-trumpet',
    'daphne',
    'grape-vine',
  ])('%s is poisonous to cats and dogs', (id) => {
    const p = LIBRARY.find((q) => q.id === id);
    for (const who of ['cats', 'dogs'] as const) expect(['toxic', 'deadly']).toContain(p?.poison[who]);
  });
  test('lilies and chives are never thought safe for cats', () => {
    expect(
      LIBRARY.filter(
        (p) =>
          /^(Lilium|Allium|Kalanchoe|Begonia|Hedera|Cyclamen)/.test(p.botanical) &&
          !['toxic', 'deadly'].includes(p.poison.cats),
      ).map((p) => p.id),
    ).toEqual([]);
  });
  test('nothing with irritant sap is called harmless without a word', () =>
    expect(
      LIBRARY.filter(
        (p) => p.irritantSap === 'yes' && p.poison.people === 'none' && !/sap|skin|itch/i.test(p.note),
      ).map((p) => p.id),
    ).toEqual([]));
});

import { LIBRARY } from '.';
import { some } from '../testing/some';
import { factsOf } from './facts';
import { GENERA } from './genera';
import { implausible } from './plausible';
import type { Plant } from './schema';
import { isSpiny } from './spines';
import { safeForPets, takes } from './facets';
import { flowerInHeat } from './heat';
import { ROLES } from './traits';
import { asleep } from './sleep';
import { speciesOf } from './ways';

const genus = (p: Plant): string => p.botanical.replace(/^× ?/, '').split(' ')[0] ?? '';
const by = (id: string): Plant => {
  const p = LIBRARY.find((q) => q.id === id);
  if (!p) throw new Error(`no ${id}`);
  return p;
};

/** Genera whose species truly differ, each with why. */
const DIFFER = new Set([
  'Allium', // chives are eaten; ornamental onions are not
  'Artemisia', // tarragon is eaten; wormwood is not
  'Euphorbia', // a poinsettia upsets the stomach; the milk of the others is worse
  'Ipomoea', // sweet potato against morning glory
  'Sedum', // biting ones against the trailing house plant
]);

/** Grades that contradict each other inside a genus. */
const contradictions = (library: readonly Plant[]): string[] => {
  const out: string[] = [];
  for (const who of ['people', 'cats', 'dogs'] as const) {
    const seen = new Map<string, Set<string>>();
    for (const p of library) seen.set(genus(p), (seen.get(genus(p)) ?? new Set<string>()).add(p.poison[who]));
    for (const [name, grades] of seen)
      if (grades.size > 1 && !DIFFER.has(name)) out.push(`${name} ${who}: ${[...grades].join(', ')}`);
  }
  return out;
};

test('no genus is called safe in one record and harmful in another', () => {
  expect(contradictions(LIBRARY)).toEqual([]);
  const petunia = by('petunia-white');
  expect(contradictions([petunia, { ...petunia, id: 'x', poison: { ...petunia.poison, cats: 'toxic' } }])).toEqual([
    'Petunia cats: none, toxic',
  ]);
});

describe('each kind of slip is caught', () => {
  test.each<[string, Partial<Plant> & { of: string }]>([
    ['a spiller that does not hang', { of: 'calibrachoa-white', trailMm: [40, 90] }],
    ['a bulb that leads: it is over in weeks', { of: 'tulip-red', roles: ['thriller'], heightMm: [250, 450] }],
    ['comes again each year, and is grown as summer bedding', { of: 'hosta-blue', season: 'warm' }],
    ['called poisonous in its note alone', { of: 'petunia-white', note: 'Poisonous in every part.' }],
    ['eaten for its fruit, and none is shown', { of: 'chilli', facts: {} }],
    ['year-round, and gone in winter', { of: 'box-ball', facts: { winterLook: 'gone' } }],
    [
      'has berries or seed heads but no months for them',
      {
        of: 'chilli',
        facts: { display: { what: 'fruit', hex: '#d9261c', sizeMm: 30, show: 0.2, months: Array<number>(12).fill(0) } },
      },
    ],
    ['called spiny in its note alone', { of: 'petunia-white', note: 'Spiny: wear gloves.' }],
  ])('%s', (slip, { of, ...change }) => {
    expect(implausible(by(of))).not.toContain(slip);
    expect(implausible({ ...by(of), ...change })).toContain(slip);
  });
});

test('every genus in the library is read for rhythm, mix, company and ease, and none is told for nothing', () => {
  const named = new Set(LIBRARY.flatMap((p) => [genus(p), speciesOf(p.botanical)]));
  expect([...new Set(some(LIBRARY).map(genus))].filter((g) => !GENERA[g])).toEqual([]);
  expect(Object.keys(GENERA).filter((g) => !named.has(g))).toEqual([]);
});

describe('facts', () => {
  test('a record says otherwise than its genus, a genus otherwise than its group', () => {
    expect(factsOf(by('heather-winter')).mix).toBe('ordinary');
    expect(factsOf({ ...by('heather-winter'), facts: undefined, botanical: 'Erica gracilis' }).mix).toBe('acid');
    expect(factsOf({ ...by('jade'), botanical: 'Nobodyknows alba' })).toMatchObject({
      rhythm: 'dries out',
      mix: 'gritty',
    });
  });
  test('calibrachoa dries slightly, petunia and papyrus share no class', () => {
    const rhythm = (id: string) => factsOf(by(id)).rhythm;
    expect([rhythm('calibrachoa-white'), rhythm('petunia-white'), rhythm('papyrus-dwarf')]).toEqual([
      'dries slightly',
      'evenly moist',
      'stands wet',
    ]);
  });
});

test('spines go by genus and species', () => {
  const armed = [
    'rose-patio-pink',
    'cactus-golden',
    'agave-blue',
    'juniper-column',
    'prickly-heath-pink',
    'duranta-gold',
  ];
  expect(armed.filter((id) => !isSpiny(by(id)))).toEqual([]);
  const soft = ['spurge-purple', 'petunia-white', 'holly-box', 'mahonia', 'juniper-trailing', 'gaultheria'];
  expect(soft.filter((id) => isSpiny(by(id)))).toEqual([]);
});

test('the worst for cats and people are deadly, and nothing is deadly that is eaten', () => {
  expect(by('lily-white').poison.cats).toBe('deadly');
  expect(by('yew-column').poison.people).toBe('deadly');
  for (const p of LIBRARY)
    if (Object.values(p.poison).includes('deadly')) expect([p.id, p.edible]).toEqual([p.id, 'no']);
});

describe('ways of life by genus and habit', () => {
  const f = (id: string) => factsOf(by(id));
  test.each<[string, Partial<ReturnType<typeof factsOf>>]>([
    ['tulip-red', { life: 'bulb', winterLook: 'gone', heat: 'stops', scent: 'none' }],
    ['hosta-blue', { life: 'hardy perennial', winterLook: 'gone', top: [4, 10], kept: 'outdoors' }],
    ['box-ball', { life: 'shrub', winterLook: 'evergreen', pace: 'slow', top: [1, 12] }],
    ['clematis-blue', { winterLook: 'bare stems', support: 'frame' }],
    ['petunia-violet', { life: 'tender perennial', heat: 'stands', pace: 'fast', cutBack: 'by half', cutMonth: 7 }],
    ['pelargonium-scarlet', { kept: 'frost-free', cuttings: 'root easily', bees: 'none', cutMonth: 3 }],
    ['dahlia-pink', { kept: 'lifted dry', support: 'stake' }],
    ['angelonia-pink', { heat: 'thrives' }],
    ['fuchsia-trailing-pink', { heat: 'tires', support: 'none' }],
    ['heliotrope-violet', { scent: 'flower', bees: 'good' }],
    ['lantana-sunset', { runsWild: ['subtropical', 'tropical', 'dry summer'] }],
    ['cyclamen-hardy-pink', { top: [10, 5] }],
  ])('%s', (id, ways) => expect(f(id)).toMatchObject(ways));
  test('a dwarf iris is in leaf from before it flowers until after', () => {
    const [from, to] = f('iris-dwarf-blue').top;
    expect(from).toBe(11);
    expect(to).toBeLessThanOrEqual(6);
  });
});

test('heat leaves a fuchsia a third of its flower, a pansy less, and a canna all', () => {
  const at = (id: string) => flowerInHeat(factsOf(by(id)).heat, 33);
  expect([at('canna-bronze-orange'), at('pelargonium-scarlet')]).toEqual([1, 0.75]);
  expect(at('fuchsia-trailing-pink')).toBeCloseTo(0.35, 9);
  expect(at('pansy-blue')).toBeCloseTo(0.3, 9);
});

test('there is a choice of leads in every light and season, and of pet-safe plants in every role', () => {
  const leads = (light: 'full sun' | 'shade', seasons: readonly Plant['season'][]) =>
    LIBRARY.filter((p) => p.roles.includes('thriller') && takes(p, light) && seasons.includes(p.season)).length;
  const warm = ['warm', 'hardy', 'year-round'] as const;
  for (const light of ['full sun', 'shade'] as const) {
    expect(leads(light, warm)).toBeGreaterThanOrEqual(12);
    expect(leads(light, ['cool', 'year-round'])).toBeGreaterThanOrEqual(12);
  }
  for (const role of ROLES)
    expect(LIBRARY.filter((p) => p.roles.includes(role) && safeForPets(p)).length).toBeGreaterThan(30);
});

test('months are as a gardener reads them, over the turn of the year too', () => {
  expect([asleep({ top: [4, 11] }, 0), asleep({ top: [4, 11] }, 6)]).toEqual([true, false]);
  expect([asleep({ top: [10, 5] }, 0), asleep({ top: [10, 5] }, 6)]).toEqual([false, true]);
});

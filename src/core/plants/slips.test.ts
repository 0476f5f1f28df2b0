import { LIBRARY } from '.';
import { some } from '../testing/some';
import { factsOf } from './facts';
import { GENERA } from './genera';
import { implausible } from './plausible';
import type { Plant } from './schema';
import { isSpiny } from './spines';

const genus = (p: Plant): string => p.botanical.replace(/^× ?/, '').split(' ')[0] ?? '';
const by = (id: string): Plant => {
  const p = LIBRARY.find((q) => q.id === id);
  if (!p) throw new Error(`no ${id}`);
  return p;
};

/** Genera whose species truly differ, each with why. */
const DIFFER = new Set([
  'Allium', // chives are eaten; ornamental onions are not
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
    ['called spiny in its note alone', { of: 'petunia-white', note: 'Spiny: wear gloves.' }],
  ])('%s', (slip, { of, ...change }) => {
    expect(implausible(by(of))).not.toContain(slip);
    expect(implausible({ ...by(of), ...change })).toContain(slip);
  });
});

test('every genus in the library is read for rhythm, mix, company and ease, and none is told for nothing', () => {
  const genera = new Set(some(LIBRARY).map(genus));
  expect([...genera].filter((g) => !GENERA[g])).toEqual([]);
  expect(Object.keys(GENERA).filter((g) => !genera.has(g))).toEqual([]);
});

describe('facts', () => {
  test('a record says otherwise than its genus, a genus otherwise than its group', () => {
    expect(factsOf(by('heather-winter')).mix).toBe('ordinary');
    expect(factsOf({ botanical: 'Erica gracilis', group: 'shrub' }).mix).toBe('acid');
    expect(factsOf({ botanical: 'Nobodyknows alba', group: 'succulent' })).toMatchObject({
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
  expect(['rose-patio-pink', 'cactus-golden', 'agave-blue', 'juniper-column'].map((id) => isSpiny(by(id)))).toEqual([
    true,
    true,
    true,
    true,
  ]);
  expect([
    isSpiny({ botanical: 'Euphorbia milii' }),
    isSpiny(by('spurge-purple')),
    isSpiny(by('petunia-white')),
  ]).toEqual([true, false, false]);
});

test('the worst for cats and people are deadly, and nothing is deadly that is eaten', () => {
  expect(by('lily-white').poison.cats).toBe('deadly');
  expect(by('yew-column').poison.people).toBe('deadly');
  for (const p of LIBRARY)
    if (Object.values(p.poison).includes('deadly')) expect([p.id, p.edible]).toEqual([p.id, 'no']);
});

import { newPlacement } from '../plantings/fresh';
import type { Planting } from '../plantings/schema';
import { pot } from '../testing/pots';
import { restored } from './later';
import { BadInputError } from './parse';
import { readPlanting } from './planting';
import type { Raw } from './versions';

const petunia = newPlacement('p1', { plant: 'petunia-violet', start: 'p9', xMm: 0, yMm: 0, role: 'filler' });
const today: Planting = { ...pot(), placements: [petunia], nextId: 9 };
const deed = { id: 'd2', what: 'feed', to: null, on: '2026-07-01', done: null, leave: 0.5 };

/**
 * A planting as the next minor version might write it: a school, a deed, a plant and three fields that nobody
 * knows yet.
 */
const tomorrow = {
  ...today,
  minor: 1,
  scented: true,
  brief: { ...today.brief, school: 'tower', slope: 12 },
  placements: [
    { ...petunia, tilt: 5 },
    { ...petunia, id: 'p3', plant: 'moon-lily' },
  ],
  deeds: [deed, { ...deed, id: 'd4', what: 'slug-hunt' }, { ...deed, id: 'd5', to: 'p3' }],
} as unknown as Raw;

test('a planting of a later minor version opens, with what is known of it', () => {
  const read = readPlanting(tomorrow);
  expect(read.placements.map((p) => p.id)).toEqual(['p1']);
  expect(read.deeds.map((d) => d.id)).toEqual(['d2']);
  expect(read.brief.school).toBe('tall-centre');
  expect(read.minor).toBe(1);
  expect(read.later?.map((l) => l.at.join('.')).sort()).toEqual(
    ['scented', 'brief.school', 'brief.slope', 'placements.p1.tilt', 'placements', 'deeds', 'deeds'].sort(),
  );
});

test('what was set aside comes through every saving and reading, and back whole to who knows it', () => {
  let read = readPlanting(tomorrow);
  for (let i = 0; i < 3; i += 1) read = readPlanting(JSON.parse(JSON.stringify(read)));
  expect(read.later).toHaveLength(7);
  const back = restored(JSON.parse(JSON.stringify(read))) as unknown as typeof tomorrow;
  expect(back).toMatchObject({ scented: true, brief: { school: 'tower', slope: 12 } });
  expect(back.placements).toEqual(tomorrow.placements);
  expect(new Set(back.deeds as object[])).toEqual(new Set(tomorrow.deeds as object[]));
  expect(back.later).toBeUndefined();
});

test('a choice made meanwhile stands, and what lost its place is dropped', () => {
  const read = readPlanting(tomorrow);
  const edited = { ...read, brief: { ...read.brief, school: 'level-dome' as const }, placements: [] };
  const back = restored(JSON.parse(JSON.stringify(edited))) as unknown as typeof tomorrow;
  expect((back.brief as Raw).school).toBe('level-dome');
  expect(back.placements).toEqual([{ ...petunia, id: 'p3', plant: 'moon-lily' }]);
});

test('an entry whose id was given again meanwhile does not come back beside it', () => {
  const read = readPlanting(tomorrow);
  const again = { ...read, deeds: [...read.deeds, { ...read.deeds[0], id: 'd4' }] };
  const back = restored(JSON.parse(JSON.stringify(again))) as unknown as { deeds: { id: string }[] };
  expect(back.deeds.filter((d) => d.id === 'd4')).toHaveLength(1);
});

test('a new kind of measure without an id is kept whole', () => {
  const learned = [{ plant: 'petunia-violet', heightBy: 1.1, spreadBy: 1, paceBy: 1, thirstBy: 1.2 }];
  const read = readPlanting({ ...today, minor: 3, learned });
  expect([read.learned, read.later]).toEqual([[], [{ at: ['learned'], is: learned[0] }]]);
  expect((restored(read as unknown as Raw) as { learned: unknown }).learned).toEqual(learned);
});

test.each([
  ['a number that is none', { startDate: 'soon' }],
  ['a shape nobody knows', { container: { ...today.container, shape: { kind: 'half-round', topMm: 400 } } }],
  ['a place that is none', { placements: [{ ...petunia, xMm: 'left' }] }],
])('%s is refused in a later file too', (_, change) => {
  expect(() => readPlanting({ ...today, minor: 1, ...change })).toThrow(BadInputError);
});

test('in a file of this version everything unknown is still refused, so that a misspelt field is not lost', () => {
  for (const minor of [undefined, 0])
    expect(() => readPlanting({ ...tomorrow, ...(minor === undefined ? { minor: undefined } : { minor }) })).toThrow(
      BadInputError,
    );
  expect(() => readPlanting({ ...today, deeds: [{ ...deed, what: 'slug-hunt' }] })).toThrow(/deeds\.0\.what/);
});

test('what is planted by this Rillbank says nothing of minor versions', () => {
  expect(readPlanting(JSON.parse(JSON.stringify(today)))).not.toHaveProperty('minor');
});

import { LIBRARY, libraryWith, referTo } from '.';
import { PlantSchema, type Plant } from './schema';
import { fromTag, relativesIn, type Tag } from './tag';

const kin = relativesIn(LIBRARY);
const make = (tag: Tag) => fromTag(tag, kin, 'own-test');
const by = (id: string) => LIBRARY.find((p) => p.id === id) as Plant;

test('a name alone makes a whole record, from its species', () => {
  const { plant, from } = make({ common: 'Petunia', variety: 'double apricot', flowerHex: '#f4b183' });
  expect(PlantSchema.parse(plant)).toEqual(plant);
  expect(from.kind).toBe('species');
  expect(plant).toMatchObject({
    id: 'own-test',
    botanical: 'Petunia × atkinsiana',
    habit: 'mound',
    heightMm: by('petunia-white').heightMm,
    poison: by('petunia-white').poison,
  });
  expect(plant.colours.filter((c) => c.part === 'flower')).toEqual([{ part: 'flower', hex: '#f4b183', share: 1 }]);
  expect(plant.colours.find((c) => c.part === 'leaf')).toEqual(by('petunia-violet').colours[0]);
});

test('of a genus, only the harm is inherited', () => {
  const { plant, from } = make({ common: 'Garden spurge', botanical: 'Euphorbia nova' });
  expect(from.kind).toBe('genus');
  expect(plant.poison.people).toBe('toxic');
  expect(plant.irritantSap).toBe('yes');
  const mild = make({ common: 'New petunia', botanical: 'Petunia nova' }).plant;
  expect(mild.poison).toEqual({ people: 'unknown', cats: 'unknown', dogs: 'unknown' });
});

test('nothing of a genus is thought good to eat because its kin is', () => {
  expect(by('rosemary-upright')?.edible ?? 'leaf').not.toBe('no');
  expect(make({ common: 'Meadow sage', botanical: 'Salvia nova' }).plant.edible).toBe('no');
});

test('kin of the same common name come before other kin', () => {
  expect(make({ common: 'Salvia', botanical: 'Salvia nova' }).from).toMatchObject({
    name: expect.stringMatching(/^Salvia/),
  });
});

test('a stranger is what its habit is, and poison is unknown', () => {
  const { plant, from } = make({ common: 'Triffid', habit: 'trail' });
  expect(from).toEqual({ kind: 'habit', name: 'trail' });
  expect(PlantSchema.safeParse(plant).success).toBe(true);
  expect(plant.roles).toEqual(['spiller']);
  expect(plant.poison.cats).toBe('unknown');
});

test('what the tag says goes before what is usual', () => {
  const { plant } = make({
    common: 'Petunia',
    heightMm: [400, 500],
    water: 'dry',
    coldestWinterC: -12,
    habit: 'trail',
    trailMm: [300, 500],
  });
  expect(plant).toMatchObject({ heightMm: [400, 500], water: 'dry', coldestWinterC: -12, roles: ['spiller'] });
  expect(plant.coldestNightC).toBeGreaterThanOrEqual(plant.coldestWinterC);
});

test('without a flower there is no bloom and no flower colour', () => {
  const { plant } = make({ common: 'Petunia', flower: { form: 'none', sizeMm: 30, show: 0.3 }, flowerHex: '#ff0000' });
  expect(plant.bloom.every((b) => b === 0)).toBe(true);
  expect(plant.colours.some((c) => c.part === 'flower')).toBe(false);
});

describe('how a planting refers to a plant', () => {
  const shipped = by('petunia-white');
  test('a shipped one by its id, also with a nursery’s starts', () => {
    expect(referTo(shipped)).toBe('petunia-white');
    expect(referTo({ ...shipped, starts: [{ size: 'p9', price: 9 }] })).toBe('petunia-white');
  });
  test('somebody’s own, and a corrected one, by the whole record', () => {
    const corrected = { ...shipped, heightMm: [500, 600] as [number, number] };
    expect(referTo(corrected)).toBe(corrected);
    expect(referTo({ ...shipped, id: 'own-x' })).toMatchObject({ id: 'own-x' });
  });
  test('own plants come first, corrected ones in the place of the shipped', () => {
    const all = libraryWith([
      { ...shipped, note: 'corrected' },
      { ...shipped, id: 'own-x' },
    ]);
    expect(all).toHaveLength(LIBRARY.length + 1);
    expect(all[0]?.id).toBe('own-x');
    expect(all.find((p) => p.id === 'petunia-white')?.note).toBe('corrected');
    expect(LIBRARY.find((p) => p.id === 'petunia-white')?.note).not.toBe('corrected');
  });
});

import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { some } from '../testing/some';
import { placed, pot } from '../testing/pots';
import { assess } from './assess';
import { harm } from './harm';

const plant = (id: string): Plant => {
  const p = LIBRARY.find((q) => q.id === id);
  if (!p) throw new Error(`no ${id}`);
  return p;
};
const NOBODY = { children: false, cats: false, dogs: false, eaten: false };
const base = plant('petunia-violet');
const level = (poison: Partial<Plant['poison']>, who: Partial<typeof NOBODY>, change: Partial<Plant> = {}) =>
  harm(
    { ...base, poison: { people: 'none', cats: 'none', dogs: 'none', ...poison }, ...change },
    { ...NOBODY, ...who },
  );

describe('harm', () => {
  test('what is not known is never safe', () => {
    expect(level({ cats: 'unknown' }, { cats: true })).toEqual({ level: 1, cause: 'unknown', who: ['cats'] });
    expect(level({ cats: 'toxic' }, { cats: true })).toEqual({ level: 2, cause: 'toxic', who: ['cats'] });
  });
  test('only who is about is asked for', () =>
    expect(level({ cats: 'toxic', dogs: 'toxic' }, { children: true })).toEqual({ level: 0, cause: null, who: [] }));
  test('the worst is told, and whom it harms so: no more', () =>
    expect(
      level({ cats: 'deadly', dogs: 'mild', people: 'irritant' }, { cats: true, dogs: true, children: true }),
    ).toEqual({
      level: 3,
      cause: 'deadly',
      who: ['cats'],
    }));
  test('what is known comes before what is not', () =>
    expect(level({ cats: 'unknown', dogs: 'mild' }, { cats: true, dogs: true })).toMatchObject({
      cause: 'mild',
      who: ['dogs'],
    }));
  test('sap and spines harm without being eaten', () => {
    expect(level({}, { children: true }, { irritantSap: 'yes' }).cause).toBe('sap');
    expect(level({}, { dogs: true }, { irritantSap: 'yes' }).cause).toBeNull();
    expect(level({}, { dogs: true }, { botanical: 'Rosa hybrid' }).cause).toBe('spines');
  });
  test('where it is eaten from, an upset stomach is poison enough', () => {
    expect(level({ people: 'mild' }, { eaten: true }).level).toBe(2);
    expect(level({ people: 'mild' }, { eaten: true }, { edible: 'leaf' }).level).toBe(0);
  });
});

/** What is said of two plants in one pot. */
const said = (ids: readonly [string, string], spot: Partial<typeof NOBODY> = {}) => {
  const p = pot({
    spot: { ...pot().spot, ...spot },
    placements: ids.map((id, i) => placed(`p${i}`, id, 'filler', i * 130 - 65, 0)),
  });
  const f = assess(p).findings.find((x) => x.check === 'safety');
  return f ? `${f.severity}: ${f.message}` : 'nothing';
};

describe('beside what is eaten', () => {
  test.each<[string, string, RegExp]>([
    ['chives', 'tulip-red', /^wrong: The bulbs of Tulip.* look like onions.*Chives.*by mistake/],
    ['lettuce-red', 'hyacinth-blue', /^wrong: Hyacinth.*is poisonous and Red lettuce/],
    ['parsley', 'gladiolus-dwarf', /^wrong: /],
    ['sage-purple', 'artemisia-silver', /^wrong: /],
    ['basil-green', 'croton', /^watch: .*irritates the mouth if eaten/],
    ['parsley', 'asparagus-fern', /^wrong: /],
    ['lettuce-red', 'wallflower-orange', /^wrong: /],
    ['lettuce-red', 'daffodil-dwarf', /^wrong: /],
    ['basil-green', 'cleome-rose', /^watch: Basil.*is a food crop, and .* is not known to be safe/],
    ['basil-green', 'plectranthus-trailing', /^wrong: /],
    ['basil-green', 'star-jasmine', /^watch: .*irritates the mouth if eaten/],
  ])('%s with %s', (food, other, says) => expect(said([food, other])).toMatch(says));
  test('a flower that may be eaten is no crop, until the spot says that it is eaten', () => {
    expect(said(['viola-blue', 'ophiopogon'])).toBe('nothing');
    expect(said(['viola-blue', 'ophiopogon'], { eaten: true })).toMatch(/^watch: /);
  });
  test('two to eat are no danger to each other', () => expect(said(['parsley', 'chives'])).toBe('nothing'));
});

describe('words follow the field that raised the level', () => {
  test.each<[string, Partial<typeof NOBODY>, RegExp]>([
    ['tulip-red', { cats: true }, /^wrong: Tulip, scarlet \(bulb most\) is poisonous to cats/],
    ['tulip-red', { children: true }, /^watch: Tulip.*upsets the stomach of children/],
    ['hyacinth-blue', { dogs: true }, /^wrong: Hyacinth.*bulb.* is poisonous to dogs/],
    ['ivy-green', { children: true }, /^wrong: Ivy.* is poisonous to children/],
    ['lily-orange', { cats: true }, /^wrong: A small amount of Lily.*pollen too.* can kill cats/],
    ['yew-column', { children: true }, /can kill children/],
    ['begonia-white', { cats: true }, /^wrong: Bedding begonia.* is poisonous to cats/],
    ['cactus-golden', { cats: true, dogs: true }, /^watch: .*has spines.*cats and dogs/],
    ['rose-patio-pink', { children: true }, /^watch: .*has spines/],
  ])('%s %j', (id, who, says) => expect(said([id, 'petunia-white'], who)).toMatch(says));
});

test('deadly and mild never read alike', () => {
  const words = some(LIBRARY.filter((p) => p.poison.cats === 'deadly')).map((p) =>
    said([p.id, 'petunia-white'], { cats: true }),
  );
  some(words).forEach((w) => expect(w).toMatch(/can kill cats/));
  some(LIBRARY.filter((p) => p.poison.cats === 'mild').slice(0, 12)).forEach((p) =>
    expect(said([p.id, 'petunia-white'], { cats: true })).not.toMatch(/kill/),
  );
});

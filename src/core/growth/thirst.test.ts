import { libraryPlant } from '../plants';
import type { Plant } from '../plants/schema';
import type { Tended } from './grown';
import { UNTENDED } from './step';
import { thirstInWeek } from './thirst';

const petunia = libraryPlant('petunia-violet') as Plant;
const kind = (water: Plant['water'], wilt: 'recovers' | 'drops its flowers' | 'dies' = 'recovers'): Plant => ({
  ...petunia,
  water,
  facts: { wilt },
});
const tended = (change: Partial<Tended> = {}): Tended => ({ ...UNTENDED, ...change });
const flowerAfter = (plant: Plant, sinceDry: number, timesDry = 1) =>
  thirstInWeek(plant, tended({ sinceDry, timesDry }), false).flower;

describe('one drying', () => {
  test('takes a thirsty plant’s flower for a fortnight, and it is whole after five weeks', () => {
    expect([0, 1].map((w) => flowerAfter(kind('thirsty'), w))).toEqual([0, 0]);
    expect(flowerAfter(kind('thirsty'), 4)).toBeLessThan(1);
    expect(flowerAfter(kind('thirsty'), 5)).toBe(1);
  });
  test('leaves a moderate one a third, whole after three', () => {
    expect(flowerAfter(kind('moderate'), 0)).toBeCloseTo(0.3, 9);
    expect(flowerAfter(kind('moderate'), 2)).toBeLessThan(1);
    expect(flowerAfter(kind('moderate'), 3)).toBe(1);
  });
  test('takes nothing from what lives dry', () => {
    const dry = thirstInWeek(kind('dry'), tended(), true);
    expect(dry).toMatchObject({ dies: false, size: 1, flower: 1 });
  });
  test('a second week of it running is the end of what is not made for it', () => {
    expect(thirstInWeek(kind('moderate'), tended({ sinceDry: 1, timesDry: 1 }), true).dies).toBe(true);
    expect(thirstInWeek(kind('moderate'), tended({ sinceDry: 6, timesDry: 1 }), true).dies).toBe(false);
    expect(thirstInWeek(kind('dry'), tended({ sinceDry: 1, timesDry: 1 }), true).dies).toBe(false);
  });
});

describe('one after another', () => {
  test('each takes longer to come back from', () =>
    expect(flowerAfter(kind('moderate'), 4, 2)).toBeLessThan(flowerAfter(kind('moderate'), 4, 1)));
  test('the third of a season ends what drops its flowers', () => {
    const third = (wilt: 'recovers' | 'drops its flowers') =>
      thirstInWeek(kind('moderate', wilt), tended({ sinceDry: 8, timesDry: 2 }), true).dies;
    expect(third('drops its flowers')).toBe(true);
    expect(third('recovers')).toBe(false);
  });
  test('what dies of one wilt is dead of the first', () =>
    expect(thirstInWeek(kind('moderate', 'dies'), tended(), true).dies).toBe(true));
});

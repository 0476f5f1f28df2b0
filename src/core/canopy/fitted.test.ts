import { LIBRARY } from '../plants';
import { HABIT_NAMES } from '../plants/habits';
import type { Plant } from '../plants/schema';
import { median } from '../units/number';
import { alone, fullGrown } from './alone';
import { doseOf, foundDose, shareAt } from './dose';
import { extentOf } from './fitted';

const ofHabit = (habit: Plant['habit']): Plant[] => LIBRARY.filter((p) => p.habit === habit);

/** Three of each habit from over the whole library. */
const some = (habit: Plant['habit']): Plant[] => {
  const all = ofHabit(habit);
  return [0, 0.4, 0.8].flatMap((t) => all[Math.floor(t * all.length)] ?? []);
};
const three = HABIT_NAMES.flatMap((habit) => some(habit).map((p) => [habit, p.id, p] as const));

describe.each(three)('%s: %s', (_, __, plant) => {
  test.each([0.4, 0.7, 1])('at %d of its size it is drawn as tall and as wide as that, within 3 %', (size) => {
    const full = fullGrown(plant);
    const grown = { ...full, heightMm: full.heightMm * size, spreadMm: full.spreadMm * size, trailMm: 0 };
    const is = extentOf(alone(plant, grown, doseOf(plant)), [0, 0, 0]);
    expect(Math.abs(is.heightMm / grown.heightMm - 1)).toBeLessThan(0.03);
    expect(Math.abs(is.spreadMm / grown.spreadMm - 1)).toBeLessThan(0.03);
  });
});

const hanging = three.filter(([habit]) => habit === 'cascade' || habit === 'trail');

test.each(hanging)('%s: %s hangs as far as it has grown, within 3 %', (_, __, plant) => {
  for (const trailMm of [120, 333, 700]) {
    const stems = alone(plant, { ...fullGrown(plant), trailMm }, 1).filter((p) => p.kind === 'stem');
    const lowest = Math.max(...stems.map((p) => -(p.at[1] + p.along[1])));
    expect(Math.abs(lowest / trailMm - 1)).toBeLessThan(0.03);
  }
});

/** Bought by the trayful: what is seen of these must be right. */
const STAPLES = [
  'petunia-violet',
  'petunia-trailing-pink',
  'calibrachoa-orange',
  'pelargonium-scarlet',
  'pelargonium-ivy-lilac',
  'lobelia-blue',
  'bacopa-white',
  'impatiens-coral',
  'begonia-red',
  'fuchsia-trailing-violet',
  'verbena-magenta',
  'marigold-orange',
  'salvia-scarlet',
  'snapdragon-pink',
  'lavender',
  'dahlia-yellow',
  'fan-flower-blue',
  'dianthus-pink',
  'marguerite-white',
  'pansy-yellow',
];

describe('as much of a plant in full flower is flower as its record says', () => {
  const off = (p: Plant): number => Math.abs(shareAt(p, doseOf(p)) / p.flower.show - 1);

  test.each(STAPLES.flatMap((id) => LIBRARY.filter((p) => p.id === id)).map((p) => [p.id, p] as const))(
    '%s, within a tenth',
    (_, plant) => expect(off(plant)).toBeLessThan(0.1),
  );

  test.each(HABIT_NAMES)('%s: in the middle of a sample within three tenths, and none by more than half', (habit) => {
    const all = ofHabit(habit).filter((p) => p.flower.form !== 'none' && p.flower.show > 0);
    const sample = all.filter((_, i) => i % Math.ceil(all.length / 6) === 0);
    const offs = sample.map(off);
    expect(sample.length).toBeGreaterThan(0);
    expect(median(offs)).toBeLessThan(0.3);
    expect([sample[offs.indexOf(Math.max(...offs))]?.id, Math.max(...offs) < 0.5]).toEqual([expect.anything(), true]);
  });
});

test('the dose of a plant of one’s own is found as that of a shipped one was', () => {
  for (const id of ['petunia-violet', 'lavender']) {
    const plant = LIBRARY.find((p) => p.id === id) as Plant;
    expect(doseOf({ ...plant }) / doseOf(plant)).toBeCloseTo(1, 1);
    expect(foundDose(plant) / doseOf(plant)).toBeCloseTo(1, 2);
  }
});

test('nearly nine plants in ten of the whole library show as much flower as their record says, within a tenth', () => {
  const every = LIBRARY.filter((p) => p.flower.form !== 'none' && p.flower.show > 0).filter((_, i) => i % 3 === 0);
  const near = every.filter((p) => Math.abs(shareAt(p, doseOf(p)) / p.flower.show - 1) < 0.1);
  expect(near.length / every.length).toBeGreaterThan(0.87);
});

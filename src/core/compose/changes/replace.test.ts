import { grow } from '../../growth/season';
import { changeOvers } from '../../growth/turn';
import { LIBRARY } from '../../plants';
import { apply } from '../../plantings/commands';
import { warmPot } from '../../testing/pots';
import { addDays } from '../../units/date';
import { replaced } from './replace';

const p = warmPot();
const on = addDays(p.startDate, 49); // week 7
const [first] = grow(p).placed;
const after = (plantId: string) => {
  const plant = LIBRARY.find((x) => x.id === plantId);
  if (!first || !plant) throw new Error('A plant is wanted.');
  const told = replaced(p, first, { plant, start: 'p9' }, on);
  return { told, planting: told.commands.reduce(apply, p) };
};

test('the dead plant keeps its past, and another stands in its place from the next day on', () => {
  const { planting, told } = after('petunia-violet');
  const [was, now] = [planting.placements.find((x) => x.id === first?.id), planting.placements.at(-1)];
  expect(was).toMatchObject({ until: on });
  expect(now).toMatchObject({
    plant: 'petunia-violet',
    start: 'p9',
    from: addDays(on, 1),
    until: null,
    xMm: was?.xMm,
    yMm: was?.yMm,
  });
  expect(now?.id).not.toBe(was?.id);
  expect(told.price).toBeGreaterThan(0);
  // One plant is no change-over of the whole.
  expect(changeOvers(planting)).toEqual([]);
});

test('it grows from its own day: nothing before, small on the day, larger by the end', () => {
  const { planting } = after(first?.plant.id ?? '');
  const season = grow(planting);
  const i = season.placed.findIndex((x) => x.id === planting.placements.at(-1)?.id);
  const at = (week: number) => season.weeks[week]?.plants[i];
  expect(at(6)).toMatchObject({ alive: false });
  expect(at(8)?.alive).toBe(true);
  expect(at(14)?.heightMm ?? 0).toBeGreaterThan(at(8)?.heightMm ?? 0);
});

test('one plant is not bought as a pack of six: a single one in its place', () => {
  const plant = LIBRARY.find((x) => x.id === 'petunia-violet');
  if (!plant || !first) throw new Error('A plant is wanted.');
  expect(plant.starts.map((s) => s.size)).toContain('pack6');
  expect(replaced(p, first, { plant, start: 'pack6' }, on).start).toBe('p9');
});

test('a size that is not sold has no price; a plant that is not there changes nothing', () => {
  const plant = LIBRARY.find((x) => x.id === 'petunia-violet');
  if (!plant || !first) throw new Error('A plant is wanted.');
  expect(replaced(p, first, { plant, start: 'l3' }, on).price).toBeNull();
  expect(replaced(p, { id: 'nobody' }, { plant, start: 'p9' }, on).commands).toEqual([]);
});

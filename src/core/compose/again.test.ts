import type { LogEntry } from '../log/schema';
import { PlantingSchema } from '../plantings/schema';
import { plantIdOf } from '../plantings/resolve';
import { SMALL_LIBRARY } from '../testing/small';
import { warmPot } from '../testing/pots';
import { plantedAgain } from './again';

const TODAY = '2026-09-01';
const AS = { id: 'next', name: 'Next' };
const warm = warmPot();
/** Two of its middle plants are of one kind. */
const pot = {
  ...warm,
  placements: warm.placements.map((p, i) => (i === 2 ? { ...p, plant: warm.placements[1]?.plant ?? p.plant } : p)),
};
const kinds = pot.placements.map(plantIdOf);
const many = kinds.find((k) => kinds.filter((x) => x === k).length > 1) ?? '';
const of = pot.id;
const died = (n: number): LogEntry[] =>
  pot.placements
    .filter((p) => plantIdOf(p) === many)
    .slice(0, n)
    .map((p, i) => ({ id: `d${i}`, of, on: '2026-07-20', kind: 'death', to: p.id, plant: many, why: 'drought' }));
const not: LogEntry = { id: 'v', of, on: '2026-08-20', kind: 'verdict', plant: many, again: false, text: 'Mildew.' };
const again = (log: readonly LogEntry[], planting = pot) => plantedAgain(planting, log, TODAY, AS, SMALL_LIBRARY);

test('where nothing failed, the same stands a year on, and what was learned goes along', () => {
  const learned = [{ plant: many, heightBy: 1.2, spreadBy: 1, paceBy: 1 }];
  const { planting, instead } = again([], { ...pot, learned });
  expect(instead).toEqual([]);
  expect(planting).toMatchObject({ ...AS, startDate: `2027${pot.startDate.slice(4)}`, learned, deeds: [] });
  expect(planting.placements.map(plantIdOf)).toEqual(kinds);
  expect(PlantingSchema.safeParse(planting).success).toBe(true);
});

test('what disappointed gives way everywhere, with why, and is not proposed again', () => {
  const { planting, instead } = again([not]);
  expect(instead).toMatchObject([{ why: 'Mildew.' }]);
  expect(instead[0]?.now).not.toBeNull();
  expect(planting.placements.map(plantIdOf)).not.toContain(many);
  expect(planting.brief.never).toContain(many);
});

test('most of a kind dead, it gives way; one of two dead, another is tried; so it does where one would have it again', () => {
  expect(again(died(2)).instead[0]?.why).toBe('2 of 2 died: drought');
  expect(again([...died(2), { ...not, again: true }]).instead).toEqual([]);
  expect(again(died(1)).instead).toHaveLength(1);
});

test('what replaced a plant in its summer is planted from the start', () => {
  const [first] = pot.placements;
  if (!first) throw new Error('The pot is empty.');
  const heir = { ...first, id: 'heir', plant: 'viola-white', start: 'p9' as const, from: '2026-07-21' };
  const mended = {
    ...pot,
    placements: [{ ...first, until: '2026-07-20' }, ...pot.placements.slice(1), heir],
  };
  const { planting } = again([], mended);
  expect(planting.placements).toHaveLength(pot.placements.length);
  expect(planting.placements.find((p) => p.id === first.id)).toMatchObject({
    plant: 'viola-white',
    from: null,
    until: null,
  });
});

test('before it is planted, the next is a year later still', () => {
  const { planting } = plantedAgain({ ...pot, startDate: '2027-05-14' }, [], TODAY, AS, SMALL_LIBRARY);
  expect(planting.startDate).toBe('2028-05-14');
});

test('a plant that died and was replaced by the same again is wanted still', () => {
  const [, second] = pot.placements;
  if (!second) throw new Error('There is no second plant.');
  const heir = { ...second, id: 'heir', from: '2026-07-21' };
  const mended = {
    ...pot,
    placements: [...pot.placements.map((p) => (p.id === second.id ? { ...p, until: '2026-07-20' } : p)), heir],
  };
  expect(again(died(1), mended).instead).toEqual([]);
  expect(again(died(1), mended).planting.placements.map(plantIdOf)).toEqual(kinds);
});

test('the avoid list never grows past what a file may hold', () => {
  const never = Array.from({ length: 200 }, (_, i) => `plant-${i}`);
  const { planting } = again([not], { ...pot, brief: { ...pot.brief, never } });
  expect(planting.brief.never).toHaveLength(200);
  expect(planting.brief.never).toContain(many);
});

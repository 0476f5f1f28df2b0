import { placed, warmPot } from '../testing/pots';
import type { LogEntry } from './schema';
import { storyOf } from './story';

const TODAY = '2026-09-01';
const first = warmPot();
const [star, second] = first.placements;
const of = first.id;
const log: LogEntry[] = [
  { id: 'w1', of, on: '2026-07-01', kind: 'water', litres: 3 },
  { id: 'w2', of, on: '2026-07-03', kind: 'water', litres: null },
  { id: 'w3', of: 'another', on: '2026-07-03', kind: 'water', litres: 9 },
  { id: 'w4', of, on: '2026-10-03', kind: 'water', litres: 5 },
  { id: 'd', of, on: '2026-08-02', kind: 'death', to: second?.id ?? '', plant: String(second?.plant), why: 'slugs' },
  { id: 'v1', of, on: '2026-08-03', kind: 'verdict', plant: String(star?.plant), again: true, text: '' },
  { id: 'v2', of, on: '2026-08-20', kind: 'verdict', plant: String(star?.plant), again: false, text: 'Too stiff.' },
  { id: 'p', of, on: '2026-07-12', kind: 'note', text: 'Full.', photo: true },
];

describe('what became of a container', () => {
  const { plan, happened } = storyOf(first, log, TODAY);
  test('what was planned: cost, best days and water to the day it is told of', () => {
    expect(plan.cost).toBeGreaterThan(0);
    expect(plan.best && plan.best.from < plan.best.until).toBe(true);
    expect(plan.litresSoFar).toBeGreaterThan(storyOf(first, log, '2026-07-01').plan.litresSoFar);
    expect(plan.litres).toBeGreaterThan(plan.litresSoFar);
    expect(plan.litres).toBeLessThan(storyOf({ ...first, drinksBy: 2 }, log, TODAY).plan.litres);
  });
  test('what happened is its own, to that day; what nobody counted is no litres', () => {
    expect([happened.waterings, happened.counted]).toEqual([2, 3]);
    expect(storyOf(first, log.slice(1, 2), TODAY).happened.counted).toBeNull();
    expect(happened.photos.map((p) => p.id)).toEqual(['p']);
    expect(happened.heights).toBeNull();
  });
  test('who died, with why; of two verdicts the last counts', () => {
    expect(happened.deaths).toMatchObject([{ plant: second?.plant, text: 'slugs' }]);
    expect(happened.again).toEqual([]);
    expect(happened.not).toMatchObject([{ plant: star?.plant, text: 'Too stiff.' }]);
  });
  test('of a container that is changed over, the turn of the day is told', () => {
    const over = {
      ...first,
      placements: [
        ...first.placements.map((p) => ({ ...p, until: '2026-10-02' })),
        { ...placed('v', 'viola-white', 'filler', 0, 0), from: '2026-10-02' },
      ],
    };
    const { plan: turn } = storyOf(over, log, '2026-11-01');
    expect(turn.planting.placements.map((p) => p.id)).toEqual(['v']);
    expect(turn.cost).toBeLessThan(plan.cost);
  });
});

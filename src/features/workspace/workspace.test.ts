import 'fake-indexeddb/auto';
import { assess } from '@/core/balance/assess';
import { LEVELS } from '@/core/balance/finding';
import { grow } from '@/core/growth/season';
import { pot, roundPot, warmPot } from '@/core/testing/pots';
import { readOne } from '@/storage/plantings';
import { accountOf } from '../pictures/account';
import { frameOf } from '../pictures/frame';
import { fileName } from '../shell/download';
import { along, bandOf, CHECK_NAME, ENDS, figureOf } from '../shell/figures';
import { isStation, stationPath } from '../shell/stations';
import { useWorkspace } from '../shell/store';

jest.mock('sonner', () => ({ toast: Object.assign(jest.fn(), { error: jest.fn() }) }));

describe('figures as they are read out', () => {
  const report = assess(warmPot());
  test('every finding has a name, and every level its ends', () => {
    for (const f of report.findings) expect(CHECK_NAME[f.check].length).toBeGreaterThan(2);
    for (const id of LEVELS) expect(ENDS[id]).toHaveLength(2);
  });
  test.each([
    ['height', 1.84, '', '1.8 × its height'],
    ['steps', 2.25, '× fillers', '2.3 × fillers'],
    ['steps', 0.12, 'of the tallest', '12 %'],
    ['cost', 31.912, '£', '£31.91'],
    ['fit', 0, 'mm over', 'fits'],
    ['fit', 18, 'mm over', '1.8 cm over'],
    ['light', 7, 'h sun', '7 h'],
    ['nights', -3.4, '°C', '−3 °C'],
    ['trail', 0.64, 'of the rim', '64 %'],
    ['texture', 0.555, 'contrast', '0.56'],
  ] as const)('%s %p %s is %s', (check, measured, unit, text) =>
    expect(figureOf({ check, measured, unit })).toBe(text),
  );

  test('a band is said from both ends, or from the one that matters', () => {
    const band = (check: string) => bandOf(report.findings.find((f) => f.check === check) as never, 'metric');
    expect(band('height')).toBe('1.0–2.0 × its height');
    expect(band('colour')).toBe('up to 15 %');
    expect(band('vigour')).toBe('at least 45 %');
    expect(band('fit')).toBe('');
  });
  test('a figure stands on its instrument in proportion', () => {
    expect(along(1, [0, 4])).toBe(0.25);
    expect(along(0, [-0.5, 0.5])).toBe(0.5);
  });
});

describe('the portrait in words', () => {
  const p = warmPot();
  const s = grow(p);
  test('says the pot, each plant, where it stands, how tall and what it does', () => {
    const text = accountOf(p, s, s.peak);
    expect(text).toContain('40 cm pot of glazed stoneware, 36 cm deep');
    expect(text).toMatch(/Canna, dwarf, scarlet in the middle, \d+ cm tall/);
    expect(text).toMatch(/Calibrachoa, lemon front left, .*hanging \d+ cm, in flower/);
  });
  test('says what frost has killed, and that an empty pot is empty', () => {
    expect(accountOf(p, s, s.weeks.length - 1)).toContain('dead from frost');
    expect(accountOf(pot(), grow(pot()), 0)).toContain('not planted yet');
  });
});

test('the frame holds the tallest and widest of any week, and leaves room over an empty pot', () => {
  const p = warmPot();
  const s = grow(p);
  const f = frameOf(p, s);
  for (const w of s.weeks) for (const g of w.plants) expect(f.top).toBeGreaterThanOrEqual(g.alive ? g.heightMm : 0);
  expect(f.reach).toBeGreaterThan(200);
  const empty = pot({ container: roundPot(300, 215, 280) });
  expect(frameOf(empty, grow(empty)).top).toBe(420);
});

test('file names are plain', () => {
  expect(fileName('Left-hand pot, 2', 'shopping.csv')).toBe('left-hand-pot-2-shopping.csv');
  expect(fileName('¿?', 'a.json')).toBe('pot-a.json');
});

test('stations are those there are', () => {
  expect(isStation('plants')).toBe(true);
  expect(isStation('season-of-mists')).toBe(false);
  expect(stationPath('x', 'make')).toBe('/pot/x/make');
});

describe('the container on the bench', () => {
  const state = () => useWorkspace.getState();
  beforeEach(() => state().open(warmPot(), 1));

  test('an edit is named, kept at once, undone and redone', async () => {
    state().run('Take out one', { do: 'remove', id: 'a' });
    expect(state().planting?.placements).toHaveLength(4);
    expect(state().past.map((s) => s.name)).toEqual(['Take out one']);
    const kept = async () => (await readOne('test'))?.planting.placements.length;
    for (let i = 0; i < 50 && (await kept()) !== 4; i += 1) await new Promise((r) => setTimeout(r, 10));
    expect(await kept()).toBe(4);
    state().undo();
    expect(state().planting).toEqual(warmPot());
    expect(state().future.map((s) => s.name)).toEqual(['Take out one']);
    state().redo();
    expect(state().planting?.placements).toHaveLength(4);
  });

  test('several commands are one step, and a new edit ends the way forward', () => {
    state().run('Two at once', { do: 'remove', id: 'a' }, { do: 'remove', id: 'b' });
    expect(state().past).toHaveLength(1);
    state().undo();
    state().run('Another', { do: 'remove', id: 'c' });
    expect(state().future).toEqual([]);
  });

  test('undo with nothing behind it changes nothing', () => {
    state().undo();
    expect(state().planting).toEqual(warmPot());
  });

  test('following another tab replaces the planting and forgets the way back', () => {
    state().run('Take out one', { do: 'remove', id: 'a' });
    state().follow(pot({ id: 'test' }), 99);
    expect(state()).toMatchObject({ stamp: 99, past: [], future: [] });
    expect(state().planting?.placements).toEqual([]);
  });
});

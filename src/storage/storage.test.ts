import { apply, type Command } from '@/core/plantings/commands';
import { freeId } from '@/core/plantings/ids';
import type { Planting } from '@/core/plantings/schema';
import { seeded } from '@/core/units/number';
import { some } from '@/core/testing/some';
import 'fake-indexeddb/auto';
import { lido } from '../demo/lido';
import { assess } from '../core/balance/assess';
import { readPlanting } from '../core/formats/planting';
import { placed, pot, warmPot } from '../core/testing/pots';
import { db } from './db';
import type { BenchFile } from '../core/formats/backup';
import { meet, takeIn } from './bench';
import {
  archivePlanting,
  deletePlanting,
  editStored,
  keepEdit,
  loadOnce,
  readOne,
  readShelf,
  rowOf,
  savePlanting,
  savePlantings,
  startPlanting,
} from './plantings';
import { readCards } from './cards';
import { noteNew, noteTold, untold } from './news';
import { stamp } from './rows';

let n = 0;
const newId = () => `new-${(n += 1)}`;

beforeEach(async () => {
  await db.plantings.clear();
  await db.settings.clear();
});

test('what is kept is read back, with its stamp', async () => {
  await savePlanting(warmPot(), 123);
  expect(await readOne('test')).toEqual({ planting: warmPot(), rev: 1 });
  expect((await readShelf()).pots[0]?.updatedAt).toBe(123);
  await deletePlanting('test');
  expect(await readOne('test')).toBeUndefined();
  // Another tab brings one of that id back under the very same stamp: it is read anew.
  await db.plantings.put(rowOf({ ...warmPot(), name: 'Come back' }, 123));
  expect((await readOne('test'))?.planting.name).toBe('Come back');
});

describe('opening a file on a bench that is not empty', () => {
  const bench = (pots: BenchFile['pots'], more: Partial<BenchFile> = {}): BenchFile => ({
    pots,
    plants: [],
    stock: null,
    settings: {},
    ...more,
  });
  const at = (ms: number) => new Date(ms).toISOString();
  const open = async (b: BenchFile) => {
    const merge = await meet(b, newId);
    await takeIn(b, merge);
    return merge.pots.map((p) => p.fate);
  };
  const here = async () => (await readShelf()).pots.map((p) => [p.planting.id, p.planting.name, p.archived]).sort();

  test('a file of one planting that differs from the one here is set beside it', async () => {
    await savePlanting(warmPot(), 5000);
    expect(await open(bench([{ planting: { ...warmPot(), name: 'Other' }, changedAt: null, away: false }]))).toEqual([
      'new',
    ]);
    expect((await here()).map(([, name]) => name).sort()).toEqual(['Other', 'Test pot']);
  });
  test('opened twice it doubles nothing', async () => {
    const file = bench([
      { planting: warmPot(), changedAt: at(5000), away: false },
      { planting: pot({ id: 'b' }), changedAt: at(6000), away: true },
    ]);
    expect(await open(file)).toEqual(['new', 'new']);
    const once = await here();
    expect(await open(file)).toEqual(['same', 'same']);
    expect(await here()).toEqual(once);
    expect(once).toEqual([
      ['b', 'Test pot', true],
      ['test', 'Test pot', false],
    ]);
  });
  test('of two the newer is kept, put away as it was, whichever way round', async () => {
    const renamed = { ...warmPot(), name: 'Renamed' };
    await savePlanting(warmPot(), 5000);
    expect(await open(bench([{ planting: renamed, changedAt: at(4000), away: false }]))).toEqual(['older']);
    expect(await here()).toEqual([['test', 'Test pot', false]]);
    expect(await open(bench([{ planting: renamed, changedAt: at(6000), away: true }]))).toEqual(['newer']);
    expect(await here()).toEqual([['test', 'Renamed', true]]);
    expect((await readShelf()).pots[0]?.updatedAt).toBe(6000);
  });
  test('two containers of one id in one file are told apart', async () => {
    const twins = [pot({ id: 'same' }), pot({ id: 'same', name: 'Twin' })];
    expect(await open(bench(twins.map((planting) => ({ planting, changedAt: at(1), away: false }))))).toEqual([
      'new',
      'new',
    ]);
    expect(await here()).toHaveLength(2);
  });
  test('what fails half way keeps nothing', async () => {
    const merge = await meet(bench([{ planting: warmPot(), changedAt: at(1), away: false }]), newId);
    const broken = { ...merge, pots: [...merge.pots, { ...merge.pots[0], id: undefined } as never] };
    await expect(takeIn(bench([]), broken)).rejects.toThrow();
    expect(await here()).toEqual([]);
  });
});

describe('a container that was started and not touched', () => {
  test('opens by its address, stands on no shelf, and is one like others from the first edit on', async () => {
    await startPlanting(warmPot(), 1000);
    const read = await readOne('test');
    expect(read?.planting).toEqual(warmPot());
    expect([(await readShelf()).pots, await readCards(true)]).toEqual([[], []]);
    if (read) await keepEdit({ ...warmPot(), name: 'Mine' }, read);
    expect((await readShelf()).pots.map((p) => p.planting.name)).toEqual(['Mine']);
  });
  test('is forgotten a day later, when another is started', async () => {
    await startPlanting(warmPot(), 1000);
    await startPlanting(pot({ id: 'b' }), 2000);
    expect(await readOne('test')).toBeDefined();
    await startPlanting(pot({ id: 'c' }), 1500 + 86_400_000);
    expect([await readOne('test'), await readOne('b')].map(Boolean)).toEqual([false, true]);
  });
});

test('a row is read once, and again when it has changed', async () => {
  await savePlanting(warmPot(), 10);
  const first = (await readOne('test'))?.planting;
  expect((await readOne('test'))?.planting).toBe(first);
  expect((await readShelf()).pots[0]?.planting).toBe(first);
  await savePlanting({ ...warmPot(), name: 'Other' }, 11);
  expect((await readOne('test'))?.planting.name).toBe('Other');
  // Another tab writes, and this one hears nothing of it but the row.
  await db.plantings.put(rowOf({ ...warmPot(), name: 'From another tab' }, 12));
  expect((await readOne('test'))?.planting.name).toBe('From another tab');
});

test('several are kept together or not at all, and one that was put away stays so', async () => {
  await savePlanting(warmPot(), 10);
  await archivePlanting('test', true);
  await expect(
    savePlantings([
      { ...warmPot(), name: 'New' },
      { ...pot(), id: undefined as never },
    ]),
  ).rejects.toThrow();
  expect((await readShelf()).pots.map((p) => [p.planting.name, p.archived])).toEqual([['Test pot', true]]);
  await savePlantings([{ ...warmPot(), name: 'New' }, pot({ id: 'b' })]);
  expect((await readShelf()).pots.map((p) => [p.planting.name, p.archived]).sort()).toEqual([
    ['New', true],
    ['Test pot', false],
  ]);
});

describe('two tabs on one container', () => {
  const set = (change: Partial<Planting>): Command => ({ do: 'set', change });

  test('each keeps what the other changed, in the same millisecond and with the clock set back', async () => {
    await savePlanting(warmPot(), 5000);
    const read = await readOne('test');
    if (!read) throw new Error('it is not kept');
    const one = await keepEdit(apply(read.planting, set({ name: 'One' })), read, 5000);
    const other = await keepEdit(apply(read.planting, set({ startDate: '2026-06-01' })), read, 10);
    expect([one.met, other.met]).toEqual([[], []]);
    expect(other.rev).toBe(one.rev + 1);
    expect((await readOne('test'))?.planting).toMatchObject({ name: 'One', startDate: '2026-06-01' });
  });

  test('five hundred edits by turns come to the same in both, and none is lost', async () => {
    await savePlanting(pot());
    const random = seeded(11);
    const first = await readOne('test');
    if (!first) throw new Error('it is not kept');
    const tabs = [first, first];
    for (let i = 0; i < 500; i += 1) {
      const k = random() < 0.5 ? 0 : 1;
      const tab = tabs[k] ?? first;
      const id = freeId(tab.planting);
      const edits: Command[] =
        tab.planting.placements.length > 60
          ? [{ do: 'remove', id: tab.planting.placements[0]?.id ?? '' }]
          : [{ do: 'add', placement: placed(id, 'petunia-white', 'filler', i % 90, k) }];
      const { planting, rev } = await keepEdit(edits.reduce(apply, tab.planting), tab);
      tabs[k] = { planting, rev };
      // Now and then a tab hears of the other.
      if (i % 7 === 0) tabs[1 - k] = (await readOne('test')) ?? first;
    }
    const end = await readOne('test');
    for (const tab of tabs) expect((await keepEdit(tab.planting, tab)).planting).toEqual(end?.planting);
    const ids = some(end?.planting.placements).map((p) => p.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(end?.planting.nextId).toBeGreaterThan(200);
    // A machine that is busy with other things takes its time.
  }, 60_000);

  test('one that was deleted in the other comes back with the edit in it', async () => {
    await savePlanting(warmPot());
    const read = await readOne('test');
    if (!read) throw new Error('it is not kept');
    await deletePlanting('test');
    await keepEdit(apply(read.planting, set({ name: 'Still here' })), read);
    expect((await readOne('test'))?.planting.name).toBe('Still here');
  });

  test('what is put away stays so through an edit, and an edit of what is stored touches nothing else', async () => {
    await savePlanting(warmPot());
    await archivePlanting('test', true);
    await editStored(
      new Map([
        ['test', [set({ name: 'Away' })]],
        ['none', [set({ name: 'x' })]],
      ]),
    );
    expect((await readShelf()).pots.map((p) => [p.planting.name, p.archived])).toEqual([['Away', true]]);
    const read = await readOne('test');
    if (read) await keepEdit(apply(read.planting, set({ name: 'Still away' })), read);
    expect((await readShelf()).pots.map((p) => [p.planting.name, p.archived])).toEqual([['Still away', true]]);
  });
});

test('stamps only rise', () => {
  const clock = jest.spyOn(Date, 'now').mockReturnValue(7);
  const [a, b, c] = [stamp(), stamp(), stamp()];
  clock.mockRestore();
  expect(b).toBe(a + 1);
  expect(c).toBe(b + 1);
});

test('a stored pot that cannot be read is kept and told, and the others are shown', async () => {
  await savePlanting(warmPot());
  await db.plantings.put({
    id: 'odd',
    place: 'x',
    updatedAt: 1,
    planting: { format: 'rillbank.planting', version: 7 },
  });
  const shelf = await readShelf();
  expect(shelf.pots).toHaveLength(1);
  expect(shelf.unreadable[0]?.why).toMatch(/version 7/);
  expect(await db.plantings.count()).toBe(2);
});

test('that forecasts changed is said once, to whom had containers before', async () => {
  await db.settings.delete('forecasts');
  await savePlantings([pot({ id: 'old' })]);
  await savePlantings([pot({ id: 'old', name: 'Changed' })]);
  await noteNew();
  expect(await untold()).toBeGreaterThan(0);
  await noteTold();
  expect(await untold()).toBe(0);
});
test('on a new device there is nothing to say', async () => {
  await db.settings.delete('forecasts');
  await db.plantings.clear();
  await noteNew();
  await savePlantings([pot({ id: 'new' })]);
  await savePlantings([pot({ id: 'new', name: 'Changed' })]);
  expect(await untold()).toBe(0);
});

test('the demonstration is set out once, and never over somebody’s own pots', async () => {
  expect(await loadOnce('demo', lido)).toBe(true);
  // Somebody cleared it: it stays cleared.
  for (const p of some(lido)) await deletePlanting(p.id);
  expect(await loadOnce('demo', lido)).toBe(false);
  await db.settings.clear();
  await savePlanting(pot());
  expect(await loadOnce('demo', lido)).toBe(false);
});

test('the lido’s pots are good files with nothing wrong in them', () => {
  for (const p of some(lido)) {
    expect(readPlanting(JSON.parse(JSON.stringify(p)))).toEqual(p);
    expect([p.id, assess(p).findings.filter((f) => f.severity === 'wrong')]).toEqual([p.id, []]);
  }
});

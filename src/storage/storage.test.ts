import 'fake-indexeddb/auto';
import { lido } from '../demo/lido';
import { assess } from '../core/balance/assess';
import { readPlanting } from '../core/formats/planting';
import { pot, warmPot } from '../core/testing/pots';
import { db } from './db';
import { deletePlanting, importBench, loadOnce, readOne, readShelf, savePlanting } from './plantings';

let n = 0;
const newId = () => `new-${(n += 1)}`;

beforeEach(async () => {
  await db.plantings.clear();
  await db.settings.clear();
});

test('what is kept is read back, with its stamp', async () => {
  await savePlanting(warmPot(), 123);
  expect(await readOne('test')).toEqual({ planting: warmPot(), updatedAt: 123 });
  await deletePlanting('test');
  expect(await readOne('test')).toBeUndefined();
});

test('importing over an id already there keeps both', async () => {
  await savePlanting(warmPot());
  expect(await importBench({ plantings: [warmPot(), pot({ id: 'b' })], plants: [] }, newId)).toEqual({
    plantings: 2,
    plants: 0,
  });
  const ids = (await readShelf()).pots.map((p) => p.planting.id).sort();
  expect(ids).toEqual(['b', 'new-1', 'test']);
});

test('an import that fails half way keeps nothing', async () => {
  const twins = [pot({ id: 'same' }), pot({ id: 'same' })];
  await expect(importBench({ plantings: twins, plants: [] }, newId)).rejects.toThrow();
  expect((await readShelf()).pots).toEqual([]);
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

test('the demonstration is set out once, and never over somebody’s own pots', async () => {
  expect(await loadOnce('demo', lido)).toBe(true);
  await deletePlanting(lido[0]?.id ?? '');
  expect(await loadOnce('demo', lido)).toBe(false);
  await db.settings.clear();
  await savePlanting(pot());
  expect(await loadOnce('demo', lido)).toBe(false);
});

test('the lido’s pots are good files with nothing wrong in them', () => {
  for (const p of lido) {
    expect(readPlanting(JSON.parse(JSON.stringify(p)))).toEqual(p);
    expect([p.id, assess(p).findings.filter((f) => f.severity === 'wrong')]).toEqual([p.id, []]);
  }
});

import 'fake-indexeddb/auto';
import { LIBRARY } from '../core/plants';
import type { OwnPlant } from '../core/plants/own';
import type { Plant } from '../core/plants/schema';
import { warmPot } from '../core/testing/pots';
import { simulatedNursery } from '../standins/nursery';
import { db } from './db';
import { readOwn, removeOwn, saveOwn } from './plants';
import { importBench, readOne, savePlanting } from './plantings';
import { readStock, removeStock, saveStock } from './stock';

const shipped = LIBRARY.find((p) => p.id === 'pelargonium-salmon') as Plant;
const entry = (change: Partial<Plant>): OwnPlant => ({
  plant: { ...shipped, ...change },
  updatedAt: '2026-05-01T10:00:00Z',
  photo: null,
});

beforeEach(async () => {
  await Promise.all([db.plantings.clear(), db.plants.clear(), db.settings.clear()]);
});

test('own plants are kept and read back, photograph and all', async () => {
  const mine = { ...entry({ id: 'own-one' }), photo: 'data:image/jpeg;base64,AAAA' };
  await saveOwn([mine]);
  expect(await readOwn()).toEqual({ own: [mine], unreadable: [] });
});

test('correcting a plant corrects it in the containers that hold it, and putting it back puts it back there', async () => {
  await savePlanting(warmPot());
  const taller = entry({ heightMm: [500, 600] });
  expect(await saveOwn([taller])).toBe(1);
  const held = async () => (await readOne('test'))?.planting.placements.find((p) => p.id === 'a')?.plant;
  expect(await held()).toEqual(taller.plant);
  expect(LIBRARY.find((p) => p.id === shipped.id)).toBe(shipped);
  await removeOwn(shipped.id);
  expect(await held()).toBe(shipped.id);
  expect((await readOwn()).own).toEqual([]);
});

test('deleting a plant of one’s own leaves the containers that hold it whole', async () => {
  const mine = entry({ id: 'own-one' });
  await saveOwn([mine]);
  await savePlanting({
    ...warmPot(),
    placements: warmPot().placements.map((p) => (p.id === 'a' ? { ...p, plant: mine.plant } : p)),
  });
  await removeOwn('own-one');
  expect((await readOne('test'))?.planting.placements.find((p) => p.id === 'a')?.plant).toEqual(mine.plant);
});

test('one that cannot be read is kept as stored and told', async () => {
  await saveOwn([entry({ id: 'own-good' })]);
  await db.plants.put({ id: 'own-odd', own: { plant: { id: 'own-odd' } } });
  const shelf = await readOwn();
  expect(shelf.own.map((o) => o.plant.id)).toEqual(['own-good']);
  expect(shelf.unreadable).toEqual(['own-odd']);
  expect(await db.plants.get('own-odd')).toBeDefined();
});

test('a backup brings own plants, and leaves those already here as they are', async () => {
  await saveOwn([entry({ id: 'own-here', note: 'mine' })]);
  const kept = await importBench(
    { plantings: [warmPot()], plants: [entry({ id: 'own-here', note: 'theirs' }), entry({ id: 'own-new' })] },
    () => 'x',
  );
  expect(kept).toEqual({ plantings: 1, plants: 1 });
  expect((await readOwn()).own.map((o) => [o.plant.id, o.plant.note]).sort()).toEqual([
    ['own-here', 'mine'],
    ['own-new', shipped.note],
  ]);
});

test('ten thousand plants are kept in one go, or none', async () => {
  const many = Array.from({ length: 10_000 }, (_, i) => entry({ id: `own-${i}` }));
  await saveOwn(many);
  expect(await db.plants.count()).toBe(10_000);
  const broken = [
    entry({ id: 'own-last' }),
    { ...entry({ id: 'own-x' }), plant: { ...shipped, id: undefined as unknown as string } },
  ];
  await expect(saveOwn(broken)).rejects.toThrow();
  expect(await db.plants.get('own-last')).toBeUndefined();
});

test('stock is kept with whether to keep to it, forgotten on asking, and not read when it is of another kind', async () => {
  const stock = await simulatedNursery.ask(LIBRARY.slice(0, 5), '2026-05-01');
  await saveStock({ stock, keepTo: true });
  expect(await readStock()).toEqual({ stock, keepTo: true });
  await db.settings.put({ key: 'stock', value: { lines: 'many' } });
  expect(await readStock()).toBeNull();
  await removeStock();
  expect(await db.settings.get('stock')).toBeUndefined();
});

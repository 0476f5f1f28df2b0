import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { LIBRARY } from '../core/plants';
import type { OwnPlant } from '../core/plants/own';
import type { Plant } from '../core/plants/schema';
import { warmPot } from '../core/testing/pots';
import { simulatedNursery } from '../standins/nursery';
import { db } from './db';
import { readOwn, readOwnWhole, readPhoto, removeOwn, saveOwn } from './plants';
import { meet, takeIn } from './bench';
import { readOne, savePlanting } from './plantings';
import { readStock, removeStock, saveStock } from './stock';

const shipped = LIBRARY.find((p) => p.id === 'pelargonium-salmon') as Plant;
const entry = (change: Partial<Plant>): OwnPlant => ({
  plant: { ...shipped, ...change },
  updatedAt: '2026-05-01T10:00:00Z',
  photo: null,
});

beforeEach(async () => {
  await Promise.all([db.plantings.clear(), db.plants.clear(), db.photos.clear(), db.settings.clear()]);
});

const PHOTO = 'data:image/jpeg;base64,/9j/AAAA';

test('own plants are kept and read back, their photographs beside them', async () => {
  const mine = { ...entry({ id: 'own-one' }), photo: PHOTO };
  await saveOwn([mine]);
  expect(await readOwn()).toEqual({ own: [{ plant: mine.plant, updatedAt: mine.updatedAt }], unreadable: [] });
  expect(await readOwnWhole()).toEqual([mine]);
  expect((await db.photos.get('own-one'))?.blob.type).toBe('image/jpeg');
  expect(JSON.stringify(await db.plants.toArray())).not.toContain('base64');
});

test('a photograph is left as it is unless another, or none, is given', async () => {
  const { plant, updatedAt } = entry({ id: 'own-one' });
  await saveOwn([{ plant, updatedAt, photo: PHOTO }]);
  await saveOwn([{ plant, updatedAt }]);
  expect(await readPhoto('own-one')).toBe(PHOTO);
  await saveOwn([{ plant, updatedAt, photo: null }]);
  expect(await readPhoto('own-one')).toBeNull();
  await saveOwn([{ plant, updatedAt, photo: PHOTO }]);
  await removeOwn('own-one');
  expect(await db.photos.count()).toBe(0);
});

test('photographs that an older version kept inside the plants are moved beside them, and nothing is lost', async () => {
  const mine = { ...entry({ id: 'own-old' }), photo: PHOTO };
  db.close();
  await Dexie.delete('rillbank');
  const old = new Dexie('rillbank');
  old.version(1).stores({ plantings: 'id, place, updatedAt', settings: 'key' });
  old.version(2).stores({ plants: 'id' });
  await old.table('plants').bulkPut([
    { id: 'own-old', own: mine },
    { id: 'own-plain', own: entry({ id: 'own-plain' }) },
    { id: 'odd', own: null },
  ]);
  await old.table('plantings').put({ id: 'test', place: 'x', updatedAt: 3, planting: warmPot() });
  old.close();
  await db.open();
  expect((await readOwnWhole()).map((o) => [o.plant.id, o.photo]).sort()).toEqual([
    ['own-old', PHOTO],
    ['own-plain', null],
  ]);
  expect((await readOwn()).unreadable).toEqual(['odd']);
  expect((await readOne('test'))?.planting).toEqual(warmPot());
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

test('a backup brings own plants; of two the newer is kept, photograph and all, and opened twice it doubles nothing', async () => {
  const later = (change: Partial<Plant>, updatedAt: string, photo: string | null = null) => ({
    plant: { ...shipped, ...change },
    updatedAt,
    photo,
  });
  await saveOwn([
    later({ id: 'own-here', note: 'mine' }, '2026-05-01'),
    later({ id: 'own-old', note: 'mine' }, '2026-05-01'),
  ]);
  const file = {
    pots: [],
    stock: null,
    settings: {},
    plants: [
      later({ id: 'own-here', note: 'theirs' }, '2026-04-01'),
      later({ id: 'own-old', note: 'theirs' }, '2026-06-01', PHOTO),
      later({ id: 'own-new' }, '2026-06-01'),
    ],
  };
  const fates = async () => {
    const merge = await meet(file, () => 'x');
    await takeIn(file, merge);
    return merge.plants.map((p) => p.fate);
  };
  expect(await fates()).toEqual(['older', 'newer', 'new']);
  const all = async () => (await readOwnWhole()).map((o) => [o.plant.id, o.plant.note, o.photo]).sort();
  expect(await all()).toEqual([
    ['own-here', 'mine', null],
    ['own-new', shipped.note, null],
    ['own-old', 'theirs', PHOTO],
  ]);
  expect(await fates()).toEqual(['older', 'same', 'same']);
});

test('two thousand plants are kept in one go, or none', async () => {
  const many = Array.from({ length: 2_000 }, (_, i) => entry({ id: `own-${i}` }));
  await saveOwn(many);
  expect(await db.plants.count()).toBe(2_000);
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

import 'fake-indexeddb/auto';
import type { BenchFile } from '@/core/formats/backup';
import type { LogEntry } from '@/core/log/schema';
import { pot, warmPot } from '@/core/testing/pots';
import { takeIn, meet } from './bench';
import { openFile, writeBundle } from './bundle';
import { db } from './db';
import { addEntry, readEntryPhoto, readLaterLog, readLog, removeEntries } from './log';
import { savePlanting, savePlantings } from './plantings';
import { blobOf } from './photos';
import { changeTending, readTending } from './tending';

const JPEG = 'data:image/jpeg;base64,/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAAEBAQEBAQEB/9k=';
const photo = (): Blob => blobOf(JPEG) ?? new Blob();
const note = (id: string, on: string, change: Partial<LogEntry> = {}): LogEntry =>
  ({ id, of: 'test', on, kind: 'note', text: 'High.', photo: true, ...change }) as LogEntry;

beforeEach(async () => {
  for (const table of [db.plantings, db.log, db.photos, db.settings]) await table.clear();
});

test('entries are read of one container or of all, the newest first', async () => {
  await addEntry(note('a', '2026-07-01'), photo());
  await addEntry(note('b', '2026-07-09'));
  await addEntry(note('c', '2026-07-05', { of: 'other' }));
  expect((await readLog('test')).map((e) => e.id)).toEqual(['b', 'a']);
  expect((await readLog()).map((e) => e.id)).toEqual(['b', 'c', 'a']);
  expect(await readEntryPhoto('a')).not.toBeNull();
  expect(await readEntryPhoto('b')).toBeNull();
});

test('what is taken out comes back with its photograph', async () => {
  await addEntry(note('a', '2026-07-01'), photo());
  const back = await removeEntries(['a']);
  expect([await readLog(), await readEntryPhoto('a')]).toEqual([[], null]);
  await back();
  expect((await readLog()).map((e) => e.id)).toEqual(['a']);
  expect(await readEntryPhoto('a')).not.toBeNull();
});

test('what cannot be read is left as it is, and out', async () => {
  await db.log.put({ id: 'odd', of: 'test', on: '2026-07-01', entry: { kind: 'dream' } });
  await addEntry(note('a', '2026-07-02'));
  expect((await readLog()).map((e) => e.id)).toEqual(['a']);
  expect(await db.log.count()).toBe(2);
});

test('what cannot be read goes into a backup as it is stored, and opening that says so', async () => {
  await savePlanting(warmPot());
  await db.log.put({ id: 'odd', of: 'test', on: '2026-07-01', entry: { kind: 'dream' } });
  const { problems } = await openFile(await writeBundle({}, '2026-07-10T08:00:00.000Z'));
  expect(problems).toEqual([expect.stringMatching(/^One item could not be read .* folder unreadable/)]);
});

test('a backup carries the log and its photographs; opened twice it doubles nothing', async () => {
  await savePlanting(warmPot());
  await addEntry(note('a', '2026-07-01'), photo());
  await addEntry({ id: 'w', of: 'test', on: '2026-07-02', kind: 'water', litres: 3 });
  const file = await writeBundle({}, '2026-07-10T08:00:00.000Z');
  for (const table of [db.plantings, db.log, db.photos]) await table.clear();
  for (let i = 0; i < 2; i += 1) {
    const { bench, problems } = await openFile(file);
    expect(problems).toEqual([]);
    await takeIn(bench, await meet(bench, () => 'new-1'));
    expect((await readLog('test')).map((e) => e.id)).toEqual(['w', 'a']);
  }
  expect(await readEntryPhoto('a')).not.toBeNull();
});

test('an entry that a newer Rillbank wrote is kept with its photograph, and goes back into a backup as it came', async () => {
  await savePlanting(warmPot());
  const entry = { id: 'z', of: 'test', on: '2026-07-03', kind: 'scent', strength: 3 };
  const books = (later: object[]) => [{ of: 'test', entries: [note('a', '2026-07-01')], later, photos: { z: JPEG } }];
  const bench = { pots: [], plants: [], stock: null, settings: {}, logs: books([{ entry, minor: 2 }]) } as BenchFile;
  for (let i = 0; i < 2; i += 1) await takeIn(bench, await meet(bench, () => 'new-1'));
  expect((await readLog('test')).map((e) => e.id)).toEqual(['a']);
  expect(await readLaterLog('test')).toEqual([{ entry, minor: 2 }]);
  expect(await readEntryPhoto('z')).not.toBeNull();
  const again = await openFile(await writeBundle({}, '2026-07-10T08:00:00.000Z'));
  expect(again.problems).toEqual([]);
  expect(again.bench.logs?.[0]?.later).toEqual([{ entry, minor: 2 }]);
  expect(Object.keys(again.bench.logs?.[0]?.photos ?? {})).toEqual(['z']);
});

test('where its container gets another id, a log follows it', async () => {
  const entry = note('a', '2026-07-01');
  const bench = {
    pots: [pot(), pot({ name: 'Twin' })].map((planting) => ({ planting, changedAt: null, away: false })),
    plants: [],
    stock: null,
    settings: {},
    logs: [{ of: 'test', entries: [entry], later: [], photos: { a: JPEG } }],
  };
  await savePlantings([warmPot()]);
  let n = 0;
  await takeIn(bench, await meet(bench, () => `new-${(n += 1)}`));
  expect((await readLog()).map((e) => [e.of, e.id])).toEqual([['new-1', 'new-1-a']]);
  expect(await readEntryPhoto('new-1-a')).not.toBeNull();
});

test('how containers are watered is kept by what it is now', async () => {
  expect(await readTending()).toMatchObject({ people: [], drip: {} });
  await Promise.all([
    changeTending((t) => ({ ...t, people: [...t.people, 'Ada'] })),
    changeTending((t) => ({ ...t, people: [...t.people, 'Bo'] })),
  ]);
  expect((await readTending()).people.sort()).toEqual(['Ada', 'Bo']);
});

import 'fake-indexeddb/auto';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { BadInputError } from '../core/formats/parse';
import { backupText } from '../core/testing/backup';
import { LIBRARY } from '../core/plants';
import type { Plant } from '../core/plants/schema';
import { pot, warmPot } from '../core/testing/pots';
import { meet, takeIn } from './bench';
import { openFile, writeBundle } from './bundle';
import { db } from './db';
import { readOwnWhole, saveOwn } from './plants';
import { archivePlanting, readShelf, savePlanting } from './plantings';
import { noteBackup, unsaved } from './room';
import { saveStock } from './stock';

const AT = '2026-07-01T10:00:00.000Z';
const PHOTO = 'data:image/jpeg;base64,/9j/AAAA';
const wipe = () => Promise.all([db.plantings, db.plants, db.photos, db.settings].map((t) => t.clear()));
const plant = { ...(LIBRARY[0] as Plant), id: 'own-one', note: 'By the gate.' };

async function fullBench(): Promise<Blob> {
  await savePlanting(warmPot(), 5000);
  await savePlanting(pot({ id: 'away', name: 'Put away' }), 6000);
  await archivePlanting('away', true);
  await saveOwn([{ plant, updatedAt: AT, photo: PHOTO }]);
  await saveStock({ keepTo: true, stock: { nursery: 'The plant barrow', askedAt: '2026-05-01', lines: [] } });
  return writeBundle({ units: 'imperial' }, AT);
}

const open = async (file: Blob) => {
  const opened = await openFile(file);
  await takeIn(opened.bench, await meet(opened.bench, () => 'fresh'));
  return opened;
};

/** The same bundle with one of its files changed, or taken out. */
async function changed(file: Blob, path: string, to: Uint8Array | null): Promise<Blob> {
  const files = unzipSync(new Uint8Array(await file.arrayBuffer()));
  if (to) files[path] = new Uint8Array(to);
  else Reflect.deleteProperty(files, path);
  return new Blob([new Uint8Array(zipSync(files))]);
}

beforeEach(wipe);

test('what goes out comes back: put away, own plants, photographs, stock and settings', async () => {
  const file = await fullBench();
  const before = await readShelf();
  await wipe();
  const { bench, problems } = await open(file);
  expect(problems).toEqual([]);
  expect(await readShelf()).toEqual(before);
  expect(await readOwnWhole()).toEqual([{ plant, updatedAt: AT, photo: PHOTO }]);
  expect(bench.settings).toEqual({ units: 'imperial' });
  expect(bench.stock?.keepTo).toBe(true);
  expect((await open(file)).problems).toEqual([]);
  expect((await readShelf()).pots).toHaveLength(2);
});

test('each container and plant in it is a file that opens alone', async () => {
  const files = unzipSync(new Uint8Array(await (await fullBench()).arrayBuffer()));
  await wipe();
  await open(new Blob([new Uint8Array(files['containers/test.json'] ?? [])]));
  expect((await readShelf()).pots.map((p) => p.planting.id)).toEqual(['test']);
  expect(Buffer.from(files['photographs/own-one.jpg'] ?? []).subarray(0, 3)).toEqual(Buffer.from([0xff, 0xd8, 0xff]));
});

test('what cannot be read here goes out as stored, and is told when the file is opened', async () => {
  await db.plantings.put({
    id: 'odd',
    place: 'x',
    updatedAt: 1,
    planting: { format: 'rillbank.planting', version: 99 },
  });
  await db.plants.put({ id: 'own-odd', own: { plant: 3 } });
  const file = await fullBench();
  const files = unzipSync(new Uint8Array(await file.arrayBuffer()));
  expect(Object.keys(files).filter((f) => f.startsWith('unreadable/'))).toEqual([
    'unreadable/odd.json',
    'unreadable/own-odd.json',
  ]);
  expect((await openFile(file)).problems).toEqual([
    '2 items could not be read when the backup was made. They are in the folder unreadable/.',
  ]);
});

describe('a damaged file', () => {
  test.each<[string, string, Uint8Array | null, RegExp]>([
    ['a container that is none', 'containers/test.json', strToU8('{"format":"x"}'), /^containers\/test\.json .*format/],
    ['a container that is missing', 'containers/test.json', null, /^containers\/test\.json is missing/],
    ['a photograph that is none', 'photographs/own-one.jpg', strToU8('<svg>'), /is not a supported picture/],
    ['a plant with a figure changed', 'plants/own-one.json', null, /^plants\/own-one\.json is missing/],
    ['no list', 'bench.json', null, /bench\.json/],
    ['no end', 'sums.json', null, /The file is incomplete/],
  ])('%s: told, and the rest is opened', async (_, path, to, says) => {
    const file = await changed(await fullBench(), path, to);
    await wipe();
    const { bench, problems } = await open(file);
    expect(problems.join('\n')).toMatch(says);
    expect(bench.pots.length + bench.plants.length).toBe(/^(containers|plants)/.test(path) ? 2 : 3);
  });
  test('a letter that changed on the way is found by its check sum', async () => {
    const file = await changed(
      await fullBench(),
      'containers/test.json',
      strToU8(JSON.stringify(pot({ name: 'Odd' }))),
    );
    expect((await openFile(file)).problems).toEqual(['containers/test.json has changed since it was saved.']);
  });
  test('cut off anywhere, it says so and brings what came before', async () => {
    const file = await fullBench();
    await wipe();
    for (const share of [0.2, 0.5, 0.8]) {
      const cut = await openFile(file.slice(0, Math.floor(file.size * share))).catch((e: unknown) => e);
      if (cut instanceof BadInputError) expect(share).toBe(0.2);
      else expect((cut as { problems: string[] }).problems.join()).toMatch(/The file is incomplete/);
    }
  });
  test('what is no bench at all is refused', async () => {
    const other = new Blob([new Uint8Array(zipSync({ 'letter.txt': strToU8('Dear all') }))]);
    await expect(openFile(other)).rejects.toThrow(/not a Rillbank backup/);
  });
});

test('a backup of text of an older Rillbank is opened as before', async () => {
  const text = backupText(
    { pots: [{ planting: warmPot(), changedAt: AT, away: false }], plants: [], stock: null, settings: {} },
    AT,
  );
  expect((await open(new Blob([text]))).problems).toEqual([]);
  expect((await readShelf()).pots).toHaveLength(1);
});

describe('a reminder', () => {
  const DAY = 86_400_000;
  const edit = async (id: string, at: number) => {
    await savePlanting(pot({ id }), at);
    await savePlanting(pot({ id, name: 'Changed' }), at);
  };
  test('none for what was only set out, nor for one fresh change', async () => {
    await savePlanting(warmPot(), 1000);
    expect(await unsaved(1000 + 30 * DAY)).toBe(0);
    await edit('a', 2000);
    expect(await unsaved(2000 + DAY)).toBe(0);
  });
  test('after a week, or for several, until a backup is saved', async () => {
    await edit('a', 2000);
    expect(await unsaved(2000 + 8 * DAY)).toBe(1);
    await edit('b', 3000);
    await edit('c', 4000);
    expect(await unsaved(5000)).toBe(3);
    await noteBackup(6000);
    expect(await unsaved(6000 + 30 * DAY)).toBe(0);
  });
});

import { type BenchFile, MOST_BYTES, readBench, type Settings, tooLarge } from '@/core/formats/backup';
import {
  BUNDLE_ENDS,
  bundleReader,
  IN_BUNDLE,
  type Opened,
  jsonBytes,
  writeManifest,
  writePlant,
} from '@/core/formats/bundle';
import { logFile } from '@/core/formats/log-file';
import { sumOf, unzip, zipWriter } from '@/core/formats/zip';
import { endingOf } from '@/core/units/picture';
import { db } from './db';
import { readGroups, readUnreadableGroups } from './groups';
import { readLaterLog, readLog, readUnreadableLog } from './log';
import { readOwn } from './plants';
import { readShelf } from './plantings';
import { readStock } from './stock';

/** So many bytes are gathered before they are handed to the browser, which may lay them on disk. */
const PIECE_BYTES = 4_000_000;

/**
 * All that this browser keeps, as one ZIP: containers, own plants and photographs each a file. Written piece by piece,
 * one photograph in memory at a time.
 */
export async function writeBundle(settings: Settings, savedAt: string): Promise<Blob> {
  const pieces: Blob[] = [];
  let gathered: Uint8Array<ArrayBuffer>[] = [];
  let bytes = 0;
  const hand = () => {
    pieces.push(new Blob(gathered));
    gathered = [];
    bytes = 0;
  };
  const zip = zipWriter((piece) => {
    gathered.push(new Uint8Array(piece));
    bytes += piece.length;
    if (bytes > PIECE_BYTES) hand();
  });
  const sums: Record<string, number> = {};
  const add = (path: string, file: Uint8Array, packed = false) => {
    sums[path] = sumOf(file);
    zip.add(path, file, packed);
  };

  const [shelf, log, later, { own, unreadable }, stock, photographed] = await Promise.all([
    readShelf(),
    readLog(),
    readLaterLog(),
    readOwn(),
    readStock(),
    db.photos.toCollection().primaryKeys(),
  ]);
  const photos = new Map<string, string>();
  for (const id of photographed) {
    const photo = await db.photos.get(id);
    if (photo) photos.set(id, IN_BUNDLE.photo(id, endingOf(photo.blob.type)));
  }
  add(
    IN_BUNDLE.manifest,
    writeManifest({
      savedAt,
      pots: shelf.pots.map((p) => ({
        id: p.planting.id,
        changedAt: new Date(p.updatedAt).toISOString(),
        away: p.archived,
      })),
      plants: own.map(({ plant: { id } }) => ({ id, photo: photos.get(id) ?? null })),
      stock,
      settings,
    }),
  );
  for (const { planting } of shelf.pots) add(IN_BUNDLE.container(planting.id), jsonBytes(planting));
  for (const o of own) {
    add(IN_BUNDLE.plant(o.plant.id), writePlant(o, savedAt));
    const path = photos.get(o.plant.id);
    const photo = path && (await db.photos.get(o.plant.id));
    if (photo) add(path, new Uint8Array(await photo.blob.arrayBuffer()), true);
  }
  for (const group of await readGroups()) add(IN_BUNDLE.group(group.id), jsonBytes(group));
  for (const of of new Set([...log, ...later.map((l) => l.entry)].map((e) => e.of))) {
    const entries = log.filter((e) => e.of === of);
    const aside = later.filter((l) => l.entry.of === of);
    const ids = [...entries, ...aside.map((l) => l.entry)];
    const at = Object.fromEntries(ids.flatMap(({ id }) => (photos.has(id) ? [[id, photos.get(id) ?? '']] : [])));
    add(IN_BUNDLE.log(of), jsonBytes(logFile(of, entries, at, aside)));
    for (const [id, path] of Object.entries(at)) {
      const photo = await db.photos.get(id);
      if (photo) add(path, new Uint8Array(await photo.blob.arrayBuffer()), true);
    }
  }
  for (const { id, stored } of shelf.unreadable) add(IN_BUNDLE.unreadable(id), jsonBytes(stored));
  for (const id of unreadable) add(IN_BUNDLE.unreadable(id), jsonBytes((await db.plants.get(id))?.own));
  for (const row of await readUnreadableGroups()) add(IN_BUNDLE.unreadable(`group-${row.id}`), jsonBytes(row));
  for (const row of await readUnreadableLog()) add(IN_BUNDLE.unreadable(`log-${row.id}`), jsonBytes(row));
  zip.add(IN_BUNDLE.sums, jsonBytes(sums));
  zip.end();
  hand();
  return new Blob(pieces, { type: 'application/zip' });
}

/**
 * So many bytes are read before the page is let do something else. Working figure: some ten milliseconds of
 * reading.
 */
const BREATH_BYTES = 32_000;
const breathe = () => new Promise<void>((done) => setTimeout(done));

/** A Blob from its beginning to its end, in pieces small enough to leave the page awake. */
async function* piecesOf(blob: Blob): AsyncGenerator<Uint8Array> {
  const reader = blob.stream().getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    for (let at = 0; at < value.length; at += BREATH_BYTES) {
      yield value.subarray(at, at + BREATH_BYTES);
      await breathe();
    }
  }
}

/** How every ZIP file begins. */
const isZip = async (file: Blob): Promise<boolean> => (await file.slice(0, 2).text()) === 'PK';

/** Reads a ZIP, a backup of text or one planting. Throws BadInputError where nothing in it can be read. */
export async function openFile(file: Blob): Promise<Opened> {
  if (!(await isZip(file))) {
    if (file.size > MOST_BYTES) throw tooLarge(file.size);
    const bench: BenchFile = readBench(await file.text());
    return { bench, problems: [] };
  }
  const reader = bundleReader();
  return reader.finish(await unzip(piecesOf(file), reader.take, BUNDLE_ENDS));
}

import { Unzip, UnzipInflate, zipSync, ZipPassThrough } from 'fflate';
import { BadInputError } from './parse';

/** Fixed lengths and places in a ZIP file, by its published format (APPNOTE 6.3, sections 4.3.7, 4.3.12 and 4.3.16). */
const END_BYTES = 22;
const END_AT = { entriesHere: 8, entries: 10, size: 12, offset: 16 } as const;
const ENTRY_OFFSET_AT = 42;
const MOST_ENTRIES = 65_535;
const MOST_ZIP_BYTES = 0xffff_ffff;

/** Writes a ZIP as it goes. */
export interface ZipWriter {
  /**
   * Adds a file; what is packed already, as a photograph, is stored as it is. Throws RangeError past the ends
   * of the format.
   */
  add: (path: string, bytes: Uint8Array, packed?: boolean) => void;
  /** Writes the directory. Nothing can be added after it. */
  end: () => void;
}

const viewOf = (bytes: Uint8Array): DataView => new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

/**
 * A writer that hands on each file as it is added, its length told before it. So a file that breaks off, or is damaged
 * in one place, can be read but for that place.
 */
export function zipWriter(emit: (bytes: Uint8Array) => void): ZipWriter {
  const directory: Uint8Array[] = [];
  let at = 0;
  return {
    add: (path, bytes, packed = false) => {
      // An archive of this file alone: its local part is handed on, its line of the directory is kept for the end.
      const alone = zipSync({ [path]: bytes }, { level: packed ? 0 : 6 });
      const end = viewOf(alone).getUint32(alone.length - END_BYTES + END_AT.offset, true);
      const line = alone.slice(end, alone.length - END_BYTES);
      if (directory.length >= MOST_ENTRIES || at + end > MOST_ZIP_BYTES)
        throw new RangeError('A ZIP file holds no more than 65,535 files and 4 GB.');
      viewOf(line).setUint32(ENTRY_OFFSET_AT, at, true);
      directory.push(line);
      emit(alone.subarray(0, end));
      at += end;
    },
    end: () => {
      const end = zipSync({}).slice(-END_BYTES);
      const view = viewOf(end);
      view.setUint16(END_AT.entriesHere, directory.length, true);
      view.setUint16(END_AT.entries, directory.length, true);
      view.setUint32(
        END_AT.size,
        directory.reduce((sum, line) => sum + line.length, 0),
        true,
      );
      view.setUint32(END_AT.offset, at, true);
      directory.forEach(emit);
      emit(end);
    },
  };
}

/** The check sum of ZIP files (CRC-32) of a file. */
export function sumOf(bytes: Uint8Array): number {
  const pass = new ZipPassThrough('');
  pass.ondata = () => undefined;
  pass.push(bytes, true);
  return pass.crc >>> 0;
}

/** Ends to what is unpacked. Working figures: many times what a full bench holds. */
export interface ZipEnds {
  /** Files in it. */
  entries: number;
  /** Bytes of one file. */
  each: number;
  /** Bytes of all files together: so many in any case, or so many times the length of what is read. */
  all: number;
  ratio: number;
}

const tooMuch = () =>
  new BadInputError('file: it is too big to be a backup once unpacked. Choose a file saved by Rillbank.');

/**
 * Reads a ZIP from its pieces, in their order; each whole file in it is handed on. Returns the paths of those that are
 * damaged or break off. Throws BadInputError for one that unpacks to more than `ends`.
 */
export async function unzip(
  pieces: AsyncIterable<Uint8Array>,
  onFile: (path: string, bytes: Uint8Array) => void,
  ends: ZipEnds,
): Promise<string[]> {
  const open = new Set<string>();
  const broken = new Set<string>();
  let entries = 0;
  let read = 0;
  let unpacked = 0;
  let refused: BadInputError | null = null;
  const reader = new Unzip((file) => {
    const path = file.name;
    const chunks: Uint8Array[] = [];
    let length = 0;
    entries += 1;
    if (entries > ends.entries) refused = tooMuch();
    if (path.endsWith('/')) return;
    open.add(path);
    file.ondata = (error, chunk, final) => {
      if (refused || broken.has(path)) return;
      if (error) {
        broken.add(path);
        return;
      }
      length += chunk.length;
      unpacked += chunk.length;
      if (length > ends.each || unpacked > Math.max(ends.all, read * ends.ratio)) {
        refused = tooMuch();
        return;
      }
      chunks.push(chunk);
      if (!final) return;
      open.delete(path);
      onFile(path, joined(chunks, length));
    };
    try {
      file.start();
    } catch {
      broken.add(path);
    }
  });
  reader.register(UnzipInflate);
  for await (const piece of pieces) {
    read += piece.length;
    try {
      reader.push(piece);
    } catch {
      // A file in a way of packing that is not known, or no sense where a file should begin: what follows may be whole.
      open.forEach((path) => broken.add(path));
    }
    if (refused) throw refused;
  }
  return [...new Set([...broken, ...open])];
}

function joined(chunks: readonly Uint8Array[], length: number): Uint8Array {
  const out = new Uint8Array(length);
  let at = 0;
  for (const chunk of chunks) {
    out.set(chunk, at);
    at += chunk.length;
  }
  return out;
}

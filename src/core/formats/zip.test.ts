import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { seeded } from '../units/number';
import { some } from '../testing/some';
import { BadInputError } from './parse';
import { sumOf, unzip, type ZipEnds, zipWriter } from './zip';

const ENDS: ZipEnds = { entries: 50, each: 100_000, all: 200_000, ratio: 20 };

function zipOf(files: Record<string, Uint8Array>, packed: readonly string[] = []): Uint8Array {
  const pieces: Uint8Array[] = [];
  const zip = zipWriter((p) => pieces.push(new Uint8Array(p)));
  for (const [path, bytes] of Object.entries(files)) zip.add(path, bytes, packed.includes(path));
  zip.end();
  return new Uint8Array(Buffer.concat(pieces));
}

/** In pieces of a length that cuts across everything. */
async function* cut(bytes: Uint8Array, length = 37): AsyncGenerator<Uint8Array> {
  for (let at = 0; at < bytes.length; at += length) yield bytes.subarray(at, at + length);
}

async function read(bytes: Uint8Array, ends = ENDS, length?: number) {
  const files: Record<string, string> = {};
  const broken = await unzip(cut(bytes, length), (path, b) => (files[path] = strFromU8(b, true)), ends);
  return { files, broken };
}

/** Bytes that look like heads and tails of files, as a photograph may hold by chance. */
const nasty = new Uint8Array([0x50, 0x4b, 0x07, 0x08, 1, 2, 0x50, 0x4b, 0x03, 0x04, 9, 9, 0x50, 0x4b, 0x01, 0x02, 7]);
const files = {
  'bench.json': strToU8('{"a":1}'.repeat(400)),
  'photographs/x.jpg': nasty,
  'containers/ä.json': strToU8('{}'),
};

test('what is written is read by another reader of ZIP, by its directory', () => {
  const out = unzipSync(zipOf(files, ['photographs/x.jpg']));
  expect(Object.keys(out)).toEqual(Object.keys(files));
  some(Object.entries(files)).forEach(([path, bytes]) => expect([...(out[path] ?? [])]).toEqual([...bytes]));
});

test.each([1, 37, 5000])('what is written is read again, in pieces of %d bytes', async (length) => {
  const out = await read(zipOf(files, ['photographs/x.jpg']), ENDS, length);
  expect(out.broken).toEqual([]);
  expect(out.files['photographs/x.jpg']).toBe(strFromU8(nasty, true));
  expect(Object.keys(out.files)).toEqual(Object.keys(files));
});

test('what another program packed is read too', async () => {
  const out = await read(zipSync({ 'containers/a.json': strToU8('{"b":2}') }));
  expect(out).toEqual({ files: { 'containers/a.json': '{"b":2}' }, broken: [] });
});

test('of one that breaks off, what came before is read and what broke is named', async () => {
  const whole = zipOf(files, ['photographs/x.jpg']);
  const second = zipOf({ 'bench.json': files['bench.json'] }).length;
  const { files: got, broken } = await read(whole.subarray(0, second - 20));
  expect(Object.keys(got)).toEqual(['bench.json']);
  expect(broken).toEqual(['photographs/x.jpg']);
});

test('damage in one file leaves the others whole', async () => {
  const random = seeded(3);
  const three = Object.fromEntries(
    ['a', 'b', 'c'].map((n) => [n, strToU8(Array.from({ length: 900 }, () => String(random())).join())]),
  );
  const whole = zipOf(three);
  const middle = Math.round(whole.length / 2);
  whole.fill(0xff, middle, middle + 200);
  const { files: got, broken } = await read(whole);
  expect(got.a).toBe(strFromU8(three.a as Uint8Array, true));
  expect(got.c).toBe(strFromU8(three.c as Uint8Array, true));
  expect(broken.includes('b') || sumOf(strToU8(got.b ?? '', true)) !== sumOf(three.b as Uint8Array)).toBe(true);
});

test.each<[string, Record<string, Uint8Array>]>([
  ['one file', { big: new Uint8Array(ENDS.each + 1) }],
  ['all files', Object.fromEntries(['a', 'b', 'c'].map((n) => [n, new Uint8Array(90_000)]))],
  ['files', Object.fromEntries(Array.from({ length: 51 }, (_, i) => [`f${i}`, new Uint8Array(1)]))],
])('a bomb is refused before it bursts: too much of %s', async (_, bomb) => {
  await expect(read(zipOf(bomb))).rejects.toThrow(BadInputError);
});

test('the check sum is the published one', () => expect(sumOf(strToU8('123456789'))).toBe(0xcbf43926));

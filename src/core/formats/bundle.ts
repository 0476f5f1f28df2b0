import { strFromU8, strToU8 } from 'fflate';
import { z } from 'zod';
import { type Group, GroupSchema } from '../groups/schema';
import { KeptStockSchema } from '../stock/schema';
import { dataUrlOf, pictureTypeOf } from '../units/picture';
import { type BenchFile, type Pot, SettingsSchema } from './backup';
import { type LogBook, readLogFile } from './log-file';
import { moment } from './moment';
import { readPlants, writePlants } from './own-plants';
import { BadInputError, parseJson, parseWith } from './parse';
import { readPlanting } from './planting';
import { climbed, type Ladder } from './versions';
import { sumOf, type ZipEnds } from './zip';

const LADDER: Ladder = { format: 'rillbank.bundle', rungs: [] };

/** The first file of a bundle: what is in it, and all that is neither a container nor a plant. */
export const ManifestSchema = z
  .object({
    format: z.literal(LADDER.format),
    version: z.literal(1),
    savedAt: moment,
    pots: z.array(z.object({ id: z.string(), changedAt: moment, away: z.boolean() }).strict()),
    plants: z.array(z.object({ id: z.string(), photo: z.string().nullable() }).strict()),
    stock: KeptStockSchema.nullable(),
    settings: SettingsSchema,
  })
  .strict();
export type Manifest = z.infer<typeof ManifestSchema>;

/** Where each thing lies in a bundle. The manifest comes first and the check sums last. */
export const IN_BUNDLE = {
  manifest: 'bench.json',
  container: (id: string) => `containers/${id}.json`,
  plant: (id: string) => `plants/${id}.json`,
  group: (id: string) => `groups/${id}.json`,
  log: (of: string) => `logs/${of}.json`,
  photo: (id: string, ending: string) => `photographs/${id}.${ending}`,
  /** What this browser kept and could not read, as it was stored. */
  unreadable: (id: string) => `unreadable/${id.replace(/[^\w-]/g, '_')}.json`,
  sums: 'sums.json',
} as const;

/** Working figures: a container of 120 placements with its own plants is under 1 MB, a photograph under 0.3 MB. */
export const BUNDLE_ENDS: ZipEnds = { entries: 60_000, each: 4_000_000, all: 256_000_000, ratio: 20 };

export const jsonBytes = (data: unknown): Uint8Array => strToU8(JSON.stringify(data, null, 2));

/** The manifest as a file. */
export const writeManifest = (manifest: Omit<Manifest, 'format' | 'version'>): Uint8Array =>
  jsonBytes({ format: LADDER.format, version: 1, ...manifest });

/** One own plant as a file; it can be opened alone, in the Library. */
export const writePlant = (
  own: Pick<BenchFile['plants'][number], 'plant' | 'updatedAt'>,
  savedAt: string,
): Uint8Array => strToU8(writePlants([{ ...own, photo: null }], savedAt));

/** What was read of a bundle: all that is whole, and a sentence for each thing that is not. */
export interface Opened {
  bench: BenchFile;
  problems: string[];
}

/** Puts a bench together from the files of a bundle, in any order. */
export interface BundleReader {
  take: (path: string, bytes: Uint8Array) => void;
  /** `broken` are the paths that could not be unpacked. Throws BadInputError where nothing in it is a bench’s. */
  finish: (broken: readonly string[]) => Opened;
}

const firstLine = (e: unknown): string => (e instanceof Error ? e.message : String(e)).split('\n')[0] ?? '';

/** A reader of one bundle. */
export function bundleReader(): BundleReader {
  const sums = new Map<string, number>();
  const told = new Map<string, number>();
  const pots = new Map<string, Pot['planting']>();
  const plants = new Map<string, BenchFile['plants'][number]>();
  const photos = new Map<string, string>();
  const logs = new Map<string, LogBook>();
  const groups = new Map<string, Group>();
  const damaged = new Map<string, string>();
  let manifest: Manifest | null = null;
  let ended = false;
  let stored = 0;

  const read: readonly (readonly [RegExp, (bytes: Uint8Array, path: string) => void])[] = [
    [
      /^bench\.json$/,
      (bytes) => {
        manifest = parseWith(ManifestSchema, climbed(LADDER, parseJson(strFromU8(bytes))));
      },
    ],
    [/^containers\/.+\.json$/, (bytes, path) => pots.set(path, readPlanting(parseJson(strFromU8(bytes))))],
    [
      /^plants\/.+\.json$/,
      (bytes, path) => {
        const [own] = readPlants(strFromU8(bytes));
        if (!own) throw new BadInputError('contains no plant.');
        plants.set(path, own);
      },
    ],
    [/^groups\/.+\.json$/, (bytes, path) => groups.set(path, parseWith(GroupSchema, parseJson(strFromU8(bytes))))],
    [/^logs\/.+\.json$/, (bytes, path) => logs.set(path, readLogFile(parseJson(strFromU8(bytes))))],
    [
      /^photographs\/.+$/,
      (bytes, path) => {
        const type = pictureTypeOf(bytes);
        if (!type) throw new BadInputError('is not a supported picture: use a JPEG, PNG or WebP.');
        photos.set(path, dataUrlOf(bytes, type));
      },
    ],
    [/^unreadable\/.+\.json$/, () => void (stored += 1)],
    [
      /^sums\.json$/,
      (bytes) => {
        ended = true;
        const list = parseWith(z.record(z.string(), z.number()), parseJson(strFromU8(bytes)));
        for (const [path, sum] of Object.entries(list)) told.set(path, sum);
      },
    ],
  ];

  return {
    take: (path, bytes) => {
      const [, how] = read.find(([pattern]) => pattern.test(path)) ?? [];
      if (!how) return;
      sums.set(path, sumOf(bytes));
      try {
        how(bytes, path);
      } catch (e) {
        if (!(e instanceof BadInputError)) throw e;
        damaged.set(path, firstLine(e));
      }
    },
    finish: (broken) => {
      for (const path of broken) if (read.some(([pattern]) => pattern.test(path))) damaged.set(path, 'is damaged.');
      // What was read and is not what was written is no better than what could not be read: a figure may have changed.
      for (const [path, sum] of told) {
        if (damaged.has(path)) continue;
        if (sums.has(path) && sums.get(path) !== sum) damaged.set(path, 'has changed since it was saved.');
        else if (!sums.has(path)) damaged.set(path, 'is missing.');
      }
      for (const path of damaged.keys()) [pots, plants, photos, logs, groups].forEach((m) => m.delete(path));
      if (damaged.has(IN_BUNDLE.manifest)) manifest = null;
      return {
        bench: {
          ...benchOf(manifest, pots, plants, photos),
          logs: booksOf(logs, photos),
          groups: [...groups.values()],
        },
        problems: problemsOf(),
      };
    },
  };

  function problemsOf(): string[] {
    const problems = [...damaged].map(([path, why]) => `${path} ${why}`);
    if (!manifest)
      problems.push(
        'Stock, settings, put-away containers and dates are missing, because bench.json is missing or damaged.',
      );
    for (const path of expected(manifest))
      if (!sums.has(path) && !damaged.has(path)) problems.push(`${path} is missing.`);
    if (!ended) problems.push('The file is incomplete. Download it again if you can.');
    if (stored > 0)
      problems.push(
        `${stored === 1 ? 'One item' : `${stored} items`} could not be read when the backup was made. ${stored === 1 ? 'It is' : 'They are'} in the folder unreadable/.`,
      );
    if (pots.size + plants.size === 0 && !manifest)
      throw new BadInputError('file: it is not a Rillbank backup. Choose a file saved by Rillbank.');
    return problems;
  }
}

/** Logs with their photographs; an entry whose photograph is not there stays without it. */
const booksOf = (logs: ReadonlyMap<string, LogBook>, photos: ReadonlyMap<string, string>): LogBook[] =>
  [...logs.values()].map(({ photos: at, ...book }) => ({
    ...book,
    photos: Object.fromEntries(
      Object.entries(at).flatMap(([id, path]) => {
        const photo = photos.get(path);
        return photo === undefined ? [] : [[id, photo]];
      }),
    ),
  }));

const expected = (manifest: Manifest | null): string[] =>
  manifest
    ? [
        ...manifest.pots.map((p) => IN_BUNDLE.container(p.id)),
        ...manifest.plants.flatMap((p) => [IN_BUNDLE.plant(p.id), ...(p.photo === null ? [] : [p.photo])]),
      ]
    : [];

function benchOf(
  manifest: Manifest | null,
  pots: ReadonlyMap<string, Pot['planting']>,
  plants: ReadonlyMap<string, BenchFile['plants'][number]>,
  photos: ReadonlyMap<string, string>,
): BenchFile {
  const potAt = new Map(manifest?.pots.map((p) => [p.id, p]));
  const plantAt = new Map(manifest?.plants.map((p) => [p.id, p]));
  return {
    pots: [...pots.values()].map((planting) => {
      const known = potAt.get(planting.id);
      return { planting, changedAt: known?.changedAt ?? null, away: known?.away ?? false };
    }),
    plants: [...plants.values()].map((own) => {
      const photo = plantAt.get(own.plant.id)?.photo ?? null;
      return { ...own, photo: photo === null ? null : (photos.get(photo) ?? null) };
    }),
    stock: manifest?.stock ?? null,
    settings: manifest?.settings ?? {},
  };
}

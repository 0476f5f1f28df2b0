import { counted } from '../plantings/ids';
import { BadInputError } from './parse';

/** Data of one version of a format: nothing is known of it but that it is an object. */
export type Raw = Record<string, unknown>;

/** One rung: data of a version made into data of the next. Pure; it may add and rename, and loses nothing. */
export type Rung = (data: Raw) => Raw;

/** A format with every version that was ever written: the rung at 0 leads from version 1 to version 2. */
export interface Ladder {
  format: string;
  rungs: readonly Rung[];
}

const list = (x: unknown): Raw[] => (Array.isArray(x) ? (x as Raw[]) : []);

/** The ids that an older planting gave out, as they are counted today. */
const countedFrom = (data: Raw): number =>
  counted({
    nextId: 1,
    placements: list(data.placements).flatMap((p) => (typeof p?.id === 'string' ? [{ id: p.id }] : [])),
    deeds: [],
  }).nextId;

/** A planting had no memory: no deeds, no parts, and ids of what was taken out were given out again. */
const withMemory: Rung = (data) => ({
  ...data,
  nextId: countedFrom(data),
  placements: Array.isArray(data.placements)
    ? list(data.placements).map((p) => ({ part: null, from: null, until: null, ...p }))
    : data.placements,
  deeds: [],
});

export const PLANTING_LADDER: Ladder = { format: 'rillbank.planting', rungs: [withMemory] };

/** A backup had no plants of one's own. */
const withOwnPlants: Rung = (data) => ({ ...data, plants: [] });

/**
 * A backup held bare plantings, and neither what was put away, nor stock, nor settings. All were on the bench
 * when it was saved.
 */
const withShelf: Rung = ({ plantings, ...data }) => ({
  ...data,
  pots: Array.isArray(plantings)
    ? plantings.map((planting: unknown) => ({ planting, changedAt: data.savedAt, away: false }))
    : plantings,
  stock: null,
  settings: {},
});

export const BACKUP_LADDER: Ladder = { format: 'rillbank.backup', rungs: [withOwnPlants, withShelf] };

/** The version that is written today. */
export const newestOf = ({ rungs }: Ladder): number => rungs.length + 1;

/**
 * Data of any version of a format as data of the newest. Throws BadInputError for another format, or for a version
 * that nobody wrote or that is later than this.
 */
export function climbed(ladder: Ladder, data: unknown): Raw {
  const version = versionOf(data, ladder.format, newestOf(ladder));
  const top = ladder.rungs.slice(version - 1).reduce((d, rung) => rung(d), data as Raw);
  return { ...top, version: newestOf(ladder) };
}

/** The version of data of a format. Says plainly when it is of another kind or was written by a later version. */
export function versionOf(data: unknown, format: string, newest: number): number {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    throw new BadInputError('file: must contain one JSON object.');
  const { format: found, version } = data as Raw;
  if (found !== format) {
    const is = JSON.stringify(found) ?? 'nothing';
    throw new BadInputError(`format: expected "${format}", found ${is}. This is a different kind of file.`);
  }
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    const is = JSON.stringify(version) ?? 'nothing';
    throw new BadInputError(`version: expected a whole number from 1 to ${newest}, found ${is}.`);
  }
  if (version > newest) {
    const reads = `this Rillbank reads up to ${newest}`;
    throw new BadInputError(`version: this file is version ${version}; ${reads}. Update Rillbank, then open it again.`);
  }
  return version;
}

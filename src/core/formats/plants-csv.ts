import Papa from 'papaparse';
import { libraryPlant } from '../plants';
import { implausible } from '../plants/plausible';
import { PlantSchema, type Plant } from '../plants/schema';
import { fromTag, type FromTag, type Relatives, type Tag } from '../plants/tag';
import type { UnitSystem } from '../units/length';
import { checkedWith } from '../units/plainly';
import { CellError } from './cells';
import { BadInputError } from './parse';
import type { Cell, Column } from './column';
import { csvOf } from './csv';
import { PLANT_COLUMNS } from './plant-columns';

/**
 * Plants as CSV (RFC 4180), every field, exactly. Cells that a spreadsheet would run as a formula get an
 * apostrophe.
 */
export function plantsCsv(plants: readonly Plant[]): string {
  const columns = PLANT_COLUMNS.filter((c) => c.write);
  return csvOf(
    columns.map((c) => c.key),
    plants.map((p) => columns.map((c) => c.write?.(p) ?? '')),
  );
}

/** A spreadsheet as text: its headings and its rows, nothing understood yet. */
export interface SpreadsheetText {
  headings: string[];
  rows: string[][];
}

/** More rows than this are refused: no nursery lists so many, and a browser would labour. */
const MOST_ROWS = 50_000;

/**
 * Letters in one heading or cell that are read: what is longer is prose in the wrong place, and would take
 * long to understand.
 */
export const LONGEST = 400;

/** Splits CSV text, with commas, semicolons or tabs. Throws BadInputError where there is no table. */
export function readSheet(text: string): SpreadsheetText {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  const [headings, ...rows] = data;
  if (!headings || headings.length < 2)
    throw new BadInputError(
      'file: there is no table in it. The first row must name the columns, such as: common,botanical,height.',
    );
  if (rows.length === 0) throw new BadInputError('file: the file has headings but no rows.');
  if (rows.length > MOST_ROWS)
    throw new BadInputError(`file: ${rows.length} rows is too many; the limit is ${MOST_ROWS}. Split the file.`);
  return { headings: headings.map((h) => h.trim().slice(0, LONGEST)), rows };
}

/** Which heading feeds which column, by column key; a column left out is not read. */
export type Mapping = Record<string, number>;

/** “Height (cm)” and “plant_height” without unit and marks. */
const plainHeading = (h: string): string =>
  h
    .toLowerCase()
    .replace(/\(.*?\)|\[.*?\]/g, ' ')
    .replace(/[_.:/-]+/g, ' ')
    .replace(/\b(mm|cm|in|inches|plant|mature|£|c)\b/g, ' ')
    .replace(/\s+/g, ' ')
    .trim() || h.trim().toLowerCase();

/** The unit a heading gives to bare figures under it. */
const unitIn = (h: string): 'mm' | 'cm' | 'in' | null =>
  /\bmm\b/i.test(h) ? 'mm' : /\bcm\b/i.test(h) ? 'cm' : /\b(in|inch|inches)\b|["″]/i.test(h) ? 'in' : null;

/** The mapping that the headings suggest; each heading is used once. */
export function guessMapping(headings: readonly string[]): Mapping {
  const taken = new Set<number>();
  const mapping: Mapping = {};
  const claim = (c: Column, fits: (h: string) => boolean) => {
    const at = headings.findIndex((h, i) => !taken.has(i) && fits(h));
    if (at < 0 || mapping[c.key] !== undefined) return;
    mapping[c.key] = at;
    taken.add(at);
  };
  for (const c of PLANT_COLUMNS) claim(c, (h) => h.trim().toLowerCase() === c.key);
  for (const c of PLANT_COLUMNS) claim(c, (h) => c.aliases.test(plainHeading(h)));
  return mapping;
}

export interface RowError {
  /** As a spreadsheet counts: the headings are row 1. */
  row: number;
  /** The plant's name where it could be read. */
  name: string;
  message: string;
}

export interface ReadRow extends FromTag {
  row: number;
  /** Told, and kept all the same. */
  doubts: string[];
  /** It takes the place of a shipped plant, or of one of your own. */
  instead: 'shipped' | 'own' | null;
}

export interface ReadPlants {
  plants: ReadRow[];
  errors: RowError[];
}

const slug = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 44)
    .replace(/-$/, '') || 'plant';

/**
 * An id that nobody has: `own-` and the name, numbered when it must be. `used` keeps count of names given out
 * before, so that thousands alike are numbered quickly.
 */
export function ownId(name: string, taken: (id: string) => boolean, used = new Map<string, number>()): string {
  const stem = `own-${slug(name)}`;
  let n = used.get(stem) ?? 1;
  while (taken(n === 1 ? stem : `${stem}-${n}`)) n += 1;
  used.set(stem, n + 1);
  return n === 1 ? stem : `${stem}-${n}`;
}

/** One row's cells together. Throws CellError naming the column. */
function cellsOf(
  row: readonly string[],
  { headings, mapping, units }: Pick<Reading, 'headings' | 'mapping' | 'units'>,
): Cell {
  const out: Cell = {};
  for (const c of PLANT_COLUMNS) {
    const at = mapping[c.key];
    const text = at === undefined ? '' : (row[at] ?? '').trim().replace(/^'(?=[=+\-@])/, '');
    if (at === undefined || text === '') continue;
    const heading = headings[at] ?? c.key;
    if (text.length > LONGEST) throw new CellError(`${heading}: ${text.length} characters is too long for one cell.`);
    const unit = unitIn(heading);
    const withUnit = unit && /\d\s*$/.test(text) ? `${text} ${unit}` : text;
    try {
      const { leafIs, flowerIs, poisonTo, factsAre, ...rest } = c.read(withUnit, units);
      Object.assign(
        out,
        rest,
        leafIs && { leafIs: { ...out.leafIs, ...leafIs } },
        flowerIs && { flowerIs: { ...out.flowerIs, ...flowerIs } },
        poisonTo && { poisonTo: { ...out.poisonTo, ...poisonTo } },
        factsAre && { factsAre: { ...out.factsAre, ...factsAre } },
      );
    } catch (e) {
      if (e instanceof CellError) throw new CellError(`${heading}: ${e.message}.`);
      throw e;
    }
  }
  return out;
}

interface Reading {
  headings: readonly string[];
  mapping: Mapping;
  units: UnitSystem;
  relatives: Relatives;
  /** Ids of the user's own plants. */
  own: ReadonlySet<string>;
  onProgress?: (done: number) => void;
}

/**
 * Rows as plants, each with where its unsaid fields come from; rows that cannot be read as errors, a line
 * each. Reads all, changes nothing.
 */
export function readPlantRows(rows: readonly (readonly string[])[], reading: Reading): ReadPlants {
  const out: ReadPlants = { plants: [], errors: [] };
  const given: Given = { ids: new Set(), names: new Map() };
  rows.forEach((cells, i) => {
    const row = i + 2;
    if (i % 500 === 499) reading.onProgress?.(i / rows.length);
    const nameAt = reading.mapping.common;
    const name = nameAt === undefined ? '' : (cells[nameAt] ?? '').trim();
    try {
      const read = readRow(cells, row, reading, given);
      given.ids.add(read.plant.id);
      out.plants.push(read);
    } catch (e) {
      if (!(e instanceof CellError)) throw e;
      out.errors.push({ row, name, message: e.message });
    }
  });
  return out;
}

/** Ids given out so far, and how often each name was. */
interface Given {
  ids: Set<string>;
  names: Map<string, number>;
}

function readRow(cells: readonly string[], row: number, reading: Reading, given: Given): ReadRow {
  const { id: said, leafIs, flowerIs, poisonTo, factsAre, start, price, common, ...rest } = cellsOf(cells, reading);
  if (!common) throw new CellError('It has no name. Enter one under the common name, or delete the row.');
  if (said && given.ids.has(said))
    throw new CellError(`The id “${said}” appears twice in this file. Change one of them.`);
  const tag: Tag = { common, ...rest };
  // An empty cell there says that no part is, and not that nobody knows.
  if (reading.mapping.poison_part !== undefined) tag.poisonPart ??= '';
  const id =
    said ??
    ownId(
      `${common} ${rest.variety ?? ''}`,
      (x) => given.ids.has(x) || reading.own.has(x) || libraryPlant(x) !== undefined,
      given.names,
    );
  const first = fromTag(tag, reading.relatives, id);
  const from = first.from;
  const parts: Partial<Tag> = {};
  if (leafIs) parts.leaf = { ...first.plant.leaf, ...leafIs };
  if (flowerIs) parts.flower = { ...first.plant.flower, ...flowerIs };
  if (factsAre) parts.facts = { ...first.plant.facts, ...factsAre };
  if (poisonTo) parts.poison = { ...first.plant.poison, ...poisonTo };
  if (start || price) parts.starts = pricedStarts(first.plant, start, price);
  const { plant } = Object.keys(parts).length > 0 ? fromTag({ ...tag, ...parts }, reading.relatives, id) : first;
  const checked = checkedWith(PlantSchema, plant);
  if (!checked.success) {
    const issue = checked.error.issues[0];
    throw new CellError(`${issue?.path.join(' ') ?? 'row'}: ${issue?.message ?? 'cannot be read'}.`);
  }
  return {
    row,
    plant: checked.data,
    from,
    doubts: implausible(checked.data),
    instead: libraryPlant(id) ? 'shipped' : reading.own.has(id) ? 'own' : null,
  };
}

/** A size and a price from columns of their own; either alone goes with what is usual. */
function pricedStarts(p: Plant, size: Cell['start'], price: number | undefined): Plant['starts'] {
  const usual = p.starts.find((s) => s.size === size) ?? p.starts[0];
  const which = size ?? usual?.size ?? 'p9';
  return [{ size: which, price: price ?? p.starts.find((s) => s.size === which)?.price ?? usual?.price ?? 3 }];
}

/** The rows left out, as CSV to mend and read again: the row's number, the trouble, and the row as it was. */
export function errorsCsv(sheet: SpreadsheetText, errors: readonly RowError[]): string {
  return csvOf(
    ['row', 'trouble', ...sheet.headings],
    errors.map((e) => [e.row, e.message, ...(sheet.rows[e.row - 2] ?? [])]),
  );
}

/** In one line: where the rest of a record comes from. */
export const sourceOf = ({ from, plant }: FromTag): string =>
  from.kind === 'habit'
    ? `missing fields: typical for a ${from.name}`
    : `missing fields: copied from ${from.name}${from.kind === 'genus' ? `, another ${plant.botanical.split(' ')[0] ?? ''}` : ''}`;

import { expose } from 'comlink';
import { BadInputError } from '@/core/formats/parse';
import {
  errorsCsv,
  guessMapping,
  readPlantRows,
  readSheet,
  type Mapping,
  type ReadPlants,
  type SpreadsheetText,
} from '@/core/formats/plants-csv';
import { libraryWith } from '@/core/plants';
import type { Plant } from '@/core/plants/schema';
import { relativesIn } from '@/core/plants/tag';
import type { UnitSystem } from '@/core/units/length';

/** Rows shown while columns are matched. */
const SAMPLE = 4;

let sheet: SpreadsheetText = { headings: [], rows: [] };

export type OpenedSheet =
  { ok: true; headings: string[]; sample: string[][]; rows: number; mapping: Mapping } | { ok: false; why: string };

/** Reads a spreadsheet of plants off the main thread, in two steps: its headings, then its rows. */
const api = {
  open: (text: string): OpenedSheet => {
    try {
      sheet = readSheet(text);
      return {
        ok: true,
        headings: sheet.headings,
        sample: sheet.rows.slice(0, SAMPLE),
        rows: sheet.rows.length,
        mapping: guessMapping(sheet.headings),
      };
    } catch (e) {
      if (e instanceof BadInputError) return { ok: false, why: e.message };
      throw e;
    }
  },
  read: (mapping: Mapping, units: UnitSystem, own: readonly Plant[], onProgress: (done: number) => void): ReadPlants =>
    readPlantRows(sheet.rows, {
      headings: sheet.headings,
      mapping,
      units,
      relatives: relativesIn(libraryWith(own)),
      own: new Set(own.map((p) => p.id)),
      onProgress: (done) => void onProgress(done),
    }),
  /** The rows left out, to mend and read again. */
  leftOut: (errors: ReadPlants['errors']): string => errorsCsv(sheet, errors),
};
export type PlantsApi = typeof api;

expose(api);

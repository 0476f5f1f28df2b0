import type { LogEntry } from '../log/schema';
import { plantName } from '../plants/schema';
import { resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { csvOf } from './csv';

const COLUMNS = ['date', 'container', 'kind', 'plant', 'height_mm', 'spread_mm', 'litres', 'share', 'text'] as const;
type Row = Partial<Record<(typeof COLUMNS)[number], string | number | null>>;

function rowOf(entry: LogEntry): Row {
  switch (entry.kind) {
    case 'note':
      return { text: entry.text };
    case 'measure':
      return { height_mm: entry.heightMm, spread_mm: entry.spreadMm };
    case 'death':
      return { text: entry.why };
    case 'water':
      return { litres: entry.litres };
    case 'probe':
      return { share: entry.share };
    case 'verdict':
      return { text: `${entry.again ? 'again' : 'not again'}${entry.text ? `: ${entry.text}` : ''}` };
  }
}

/**
 * A log as CSV, oldest first: one row an entry; photographs stay in the backup. What a spreadsheet would run
 * as a formula is quoted with an apostrophe. Throws UnknownPlantError.
 */
export function logCsv(planting: Planting, log: readonly LogEntry[]): string {
  const names = new Map(resolve(planting).map(({ plant }) => [plant.id, plantName(plant)]));
  const plantOf = (e: LogEntry) => ('plant' in e && e.plant !== null ? (names.get(e.plant) ?? e.plant) : '');
  const rows = [...log]
    .sort((a, b) => a.on.localeCompare(b.on) || a.id.localeCompare(b.id))
    .map((e) => {
      const row: Row = { date: e.on, container: planting.name, kind: e.kind, plant: plantOf(e), ...rowOf(e) };
      return COLUMNS.map((c) => row[c] ?? '');
    });
  return csvOf(COLUMNS, rows);
}

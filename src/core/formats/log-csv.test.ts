import Papa from 'papaparse';
import { warmPot } from '../testing/pots';
import { BadInputError } from './parse';
import { logCsv } from './log-csv';
import { logFile, readLogFile } from './log-file';
import type { LogEntry } from '../log/schema';

const p = warmPot();
const log: LogEntry[] = [
  { id: '3', of: p.id, on: '2026-07-02', kind: 'water', litres: 4.5 },
  { id: '1', of: p.id, on: '2026-06-01', kind: 'note', text: '=SUM(A1)', photo: false },
  {
    id: '2',
    of: p.id,
    on: '2026-07-01',
    kind: 'measure',
    to: 'a',
    plant: 'pelargonium-salmon',
    heightMm: 300,
    spreadMm: null,
  },
  { id: '4', of: p.id, on: '2026-09-01', kind: 'verdict', plant: null, again: false, text: 'too hot' },
];

test('a log as a spreadsheet: oldest first, plants by name, nothing that runs', () => {
  const { data } = Papa.parse<Record<string, string>>(logCsv(p, log), { header: true, skipEmptyLines: true });
  expect(data.map((r) => [r.date, r.kind])).toEqual([
    ['2026-06-01', 'note'],
    ['2026-07-01', 'measure'],
    ['2026-07-02', 'water'],
    ['2026-09-01', 'verdict'],
  ]);
  expect(data[0]?.text).toBe("'=SUM(A1)");
  expect(data[1]).toMatchObject({ plant: expect.stringMatching(/pelargonium/i), height_mm: '300', spread_mm: '' });
  expect([data[2]?.litres, data[3]?.text]).toEqual(['4.5', 'not again: too hot']);
});

test('a log as a file of a bundle is read back as it was, and refused where it is not one', () => {
  const file = logFile(p.id, log, { '1': 'photographs/1.jpg' });
  const photos = { '1': 'photographs/1.jpg' };
  expect(readLogFile(JSON.parse(JSON.stringify(file)))).toEqual({ of: p.id, entries: log, later: [], photos });
  expect(() => readLogFile({ ...file, version: 9 })).toThrow(BadInputError);
  expect(() => readLogFile({ ...file, entries: [{ kind: 'dream' }] })).toThrow(/entries/);
});

describe('a log of a newer minor version', () => {
  const scent = { id: '5', of: p.id, on: '2026-07-03', kind: 'scent', strength: 3 };
  const measure = { ...log[2], id: '6', leafMm: 40 };
  const file = (entries: unknown[], minor?: number) => ({ ...logFile(p.id, [], {}), entries, minor });

  test('gives up what is new in it, and is written with it again under its own version', () => {
    const read = readLogFile(file([log[0], scent, measure], 3));
    expect(read.entries).toEqual([log[0]]);
    expect(read.later).toEqual([scent, measure].map((entry) => ({ entry, minor: 3 })));
    expect(logFile(p.id, read.entries, {}, read.later)).toMatchObject({ minor: 3, entries: [log[0], scent, measure] });
  });
  test('is refused for what is a fault in any version, and one of this version for what is not known', () => {
    expect(() => readLogFile(file([{ ...log[2], heightMm: -1 }], 3))).toThrow(/heightMm/);
    expect(() => readLogFile(file([{ ...scent, on: 'later' }], 3))).toThrow(BadInputError);
    expect(() => readLogFile(file([scent]))).toThrow(BadInputError);
  });
});

// Tries to lose or break something, thousands of times, and counts. Not in `npm test`. `npm run faults`
import 'fake-indexeddb/auto';
import { assess } from '../src/core/balance/assess';
import { readBench } from '../src/core/formats/backup';
import { backupText } from '../src/core/testing/backup';
import { BadInputError } from '../src/core/formats/parse';
import { apply, type Command } from '../src/core/plantings/commands';
import { freeId } from '../src/core/plantings/ids';
import { newPlacement } from '../src/core/plantings/fresh';
import type { Planting } from '../src/core/plantings/schema';
import { seeded } from '../src/core/units/number';
import { same } from '../src/core/units/same';
import { lido } from '../src/demo/lido';
import { db } from '../src/storage/db';
import { type Kept, keepEdit, readOne, savePlanting } from '../src/storage/plantings';

const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const random = seeded(20261125);
const any = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

/** Values that files are spoilt with: wrong kinds, ends, and what looks right. */
const ODD: readonly unknown[] = [
  null,
  true,
  '',
  ' ',
  'x'.repeat(5000),
  -1,
  0,
  1e308,
  0.1,
  '9999-12-31',
  '2026-02-30',
  '0026-05-14',
  [],
  {},
  [[]],
  '__proto__',
  '../..',
  '#zzzzzz',
  '<b>',
];

/** One value somewhere in a piece of data, changed, taken out, doubled or put under another name. */
function spoil(data: unknown): void {
  let at = data as Record<string, unknown>;
  for (;;) {
    const keys = Object.keys(at);
    if (keys.length === 0) return;
    const key = any(keys);
    const inside = at[key];
    if (typeof inside === 'object' && inside !== null && random() < 0.8) {
      at = inside as Record<string, unknown>;
      continue;
    }
    const how = random();
    if (how < 0.6) at[key] = any(ODD);
    else if (how < 0.75) Reflect.deleteProperty(at, key);
    else if (how < 0.9 && Array.isArray(at)) at.push(at[0]);
    else at[`${key}x`] = inside;
    return;
  }
}

const FILES = 10_000;
const SLOW_MS = 1000;

/** Files with one to three faults: each is refused with a message, or what it holds can be grown and judged. */
function spoiltFiles(): void {
  const whole = {
    pots: lido.map((planting) => ({ planting, changedAt: '2026-07-01T10:00:00Z', away: false })),
    plants: [],
    stock: null,
    settings: {},
  };
  const backup = backupText(whole, '2026-07-01T10:00:00Z');
  const count = { refused: 0, read: 0, crashed: 0, speechless: 0, slow: 0 };
  for (let i = 0; i < FILES; i += 1) {
    // Most files are of one planting: a whole bench takes many times as long and spoils no other way.
    const data: unknown = i % 20 === 0 ? JSON.parse(backup) : structuredClone(any(lido));
    for (let n = 1 + Math.floor(random() * 3); n > 0; n -= 1) spoil(data);
    const text = random() < 0.05 ? JSON.stringify(data).slice(0, Math.floor(random() * 4000)) : JSON.stringify(data);
    const from = performance.now();
    try {
      for (const { planting } of readBench(text).pots) assess(planting);
      count.read += 1;
    } catch (e) {
      if (!(e instanceof BadInputError)) {
        count.crashed += 1;
        say({ case: 'spoilt-files', crash: String(e), file: text.slice(0, 200) });
      } else if (e.message.trim().length < 10) count.speechless += 1;
      else count.refused += 1;
    }
    if (performance.now() - from > SLOW_MS) count.slow += 1;
  }
  say({ case: 'spoilt-files', files: FILES, ...count });
}

const EDITS = 500;

/** Two tabs that edit one container by turns, without hearing of each other. */
async function twoTabs(): Promise<void> {
  const first = lido[0];
  if (!first) return;
  await savePlanting(first);
  const read = await readOne(first.id);
  if (!read) return;
  const tabs: [Kept, Kept] = [read, read];
  const added = new Set<string>();
  for (let i = 0; i < EDITS; i += 1) {
    const k = random() < 0.5 ? 0 : 1;
    const { planting } = tabs[k];
    const name = `edit ${i}`;
    const command: Command =
      planting.placements.length < 80
        ? {
            do: 'add',
            placement: newPlacement(freeId(planting), {
              plant: 'petunia-white',
              start: 'p9',
              role: 'filler',
              xMm: i,
              yMm: k,
            }),
          }
        : { do: 'set', change: { name } };
    if (command.do === 'add') added.add(`${i}/${k}`);
    const out = await keepEdit(apply(planting, command), tabs[k]);
    tabs[k] = { planting: out.planting, rev: out.rev };
  }
  const ends: Planting[] = [];
  for (const tab of [0, 1] as const) ends.push((await keepEdit(tabs[tab].planting, tabs[tab])).planting);
  const end = (await readOne(first.id))?.planting;
  const there = new Set(end?.placements.map((p) => `${p.xMm}/${p.yMm}`));
  say({
    case: 'two-tabs',
    edits: EDITS,
    added: added.size,
    lost: [...added].filter((a) => !there.has(a)).length,
    sameInBoth: ends.every((p) => same(p, end)),
  });
  db.close();
}

spoiltFiles();
await twoTabs();

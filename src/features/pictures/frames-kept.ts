import { grow } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import { keptBy } from '@/core/units/keep';
import type { Frame } from '@/portrait/lens';
import { frameOf } from './frame';
import { shortName } from './still-key';

const KEY = 'rillbank.frames';
/** So many are kept: more than any bench. Working figure. */
const MOST = 800;
/** They are written down when nothing new came for so long, ms. */
const SETTLED_MS = 1500;

type Row = [top: number, bottom: number, reach: number];
interface Stored {
  build: string;
  rows: Record<string, Row>;
}

/** Another release may grow them otherwise. */
const build = process.env.NEXT_PUBLIC_BUILD ?? '';

const isRow = (row: unknown): row is Row => Array.isArray(row) && row.length === 3 && row.every(Number.isFinite);

/** What an earlier visit kept; nothing where that was another release, or nobody can say. */
function stored(): Map<string, Row> {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Stored>;
    if (kept.build !== build) return new Map();
    return new Map(Object.entries(kept.rows ?? {}).filter((e): e is [string, Row] => isRow(e[1])));
  } catch {
    return new Map();
  }
}

let rows: Map<string, Row> | null = null;
let waiting: ReturnType<typeof setTimeout> | undefined;

function write(): void {
  const last = [...(rows ?? [])].slice(-MOST);
  try {
    localStorage.setItem(KEY, JSON.stringify({ build, rows: Object.fromEntries(last) } satisfies Stored));
  } catch {
    // They are worked out again next time.
  }
}

/** What a planting’s room hangs on, in a few letters. */
const nameOf = keptBy(({ container, spot, placements, startDate, deeds, learned, brief }: Planting): string => {
  const all = JSON.stringify([container, spot, placements, startDate, deeds, learned, brief.lasting, brief.changeOver]);
  return shortName(all);
});

/** The most room a planting takes, by growing it; kept for later visits. */
export const frameGrown = keptBy((planting: Planting): Frame => {
  const frame = frameOf(planting, grow(planting));
  rows ??= stored();
  rows.delete(nameOf(planting));
  rows.set(nameOf(planting), [frame.top, frame.bottom, frame.reach]);
  clearTimeout(waiting);
  waiting = setTimeout(write, SETTLED_MS);
  return frame;
});

/**
 * The most room a planting takes, as it was when it was last grown here: a full bench knows its sizes before
 * anything is grown.
 */
export function frameKept(planting: Planting): Frame {
  rows ??= stored();
  const row = rows.get(nameOf(planting));
  if (!row) return frameGrown(planting);
  const [top, bottom, reach] = row;
  return { top, bottom, reach };
}

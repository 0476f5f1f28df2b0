import { shapeOf } from '../containers/shapes';
import { reachMm } from '../layout/packing';
import type { Role } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { clamp, lerp } from '../units/number';

/** A place for a plant, and which of the kinds it gets: `T`, `F0`, `F1` …, `S0` … */
export interface Slot {
  part: string;
  role: Role;
  /** Direction from the middle (0 = right, turning toward the viewer) and how far out, 0 middle to 1 rim. */
  angle: number;
  out: number;
}

/** A way of filling a container: its slots and the parts that kinds are cast into. */
export interface Pattern {
  id: string;
  slots: Slot[];
  parts: { id: string; role: Role; count: number }[];
}

/** Ordinary counts of 9–12 cm starts by rim width, from room to grow to full now. Practice; between sizes, straight. */
const COUNTS: readonly [number, number, number][] = [
  [150, 1, 2], [200, 2, 3], [250, 3, 4], [300, 3, 5], [350, 4, 7], [400, 6, 9], [500, 8, 13], [600, 11, 17], [800, 16, 26],
];

/** Ordinary counts for a width: room to grow, full now. */
export function usualCount(widthMm: number): [number, number] {
  const last = COUNTS[COUNTS.length - 1] ?? [800, 16, 26];
  const first = COUNTS[0] ?? [150, 1, 2];
  const w = clamp(widthMm, first[0], last[0]);
  const i = Math.max(1, COUNTS.findIndex((c) => c[0] >= w));
  const [a, b] = [COUNTS[i - 1] ?? first, COUNTS[i] ?? last];
  const t = (w - a[0]) / Math.max(1, b[0] - a[0]);
  return [Math.round(lerp(a[1], b[1], t)), Math.round(lerp(a[2], b[2], t))];
}

const TURN = 2 * Math.PI;

/** Kinds for each of `n` places in a row, repeating: with 2 kinds, 0 1 0 1. */
const repeat = (n: number, kinds: number): number[] => Array.from({ length: n }, (_, i) => i % kinds);

/** Alternates fillers and spillers round a ring so that spillers stand evenly. */
function ring(fillers: number, spillers: number): Role[] {
  const n = fillers + spillers;
  const out: Role[] = [];
  let given = 0;
  for (let i = 0; i < n; i += 1) {
    const due = Math.floor(((i + 1) * spillers) / n + 1e-9);
    out.push(due > given ? 'spiller' : 'filler');
    if (due > given) given += 1;
  }
  return out;
}

function withKinds(slots: readonly Omit<Slot, 'part'>[], kinds: { filler: number; spiller: number }, opposite: boolean): Slot[] {
  const seen = { thriller: 0, filler: 0, spiller: 0 };
  const totals = { thriller: 1, filler: slots.filter((s) => s.role === 'filler').length, spiller: slots.filter((s) => s.role === 'spiller').length };
  return slots.map((s) => {
    const n = seen[s.role];
    seen[s.role] += 1;
    if (s.role === 'thriller') return { ...s, part: 'T' };
    const k = kinds[s.role];
    const order = opposite ? repeat(totals[s.role], k) : Array.from({ length: totals[s.role] }, (_, i) => Math.min(k - 1, Math.floor((i * k) / totals[s.role])));
    return { ...s, part: `${s.role === 'filler' ? 'F' : 'S'}${order[n] ?? 0}` };
  });
}

function round(n: number, spillers: number, turn: number, kinds: { filler: number; spiller: number }, opposite: boolean): Slot[] {
  const around = n - 1;
  const roles = ring(around - spillers, spillers);
  const middle: Omit<Slot, 'part'> = { role: 'thriller', angle: 0, out: 0 };
  const rest = roles.map((role, i): Omit<Slot, 'part'> => ({ role, angle: Math.PI / 2 + turn + (i / around) * TURN, out: role === 'spiller' ? 1 : 0.72 }));
  return withKinds([middle, ...rest], kinds, opposite);
}

/** Tall at the back, fillers in an arc before it, spillers along the front. */
function back(n: number, spillers: number, kinds: { filler: number; spiller: number }, opposite: boolean): Slot[] {
  const fillers = n - 1 - spillers;
  const arc = (count: number, from: number, to: number) => Array.from({ length: count }, (_, i) => lerp(from, to, count === 1 ? 0.5 : i / (count - 1)));
  const f = arc(fillers, Math.PI * 1.08, -Math.PI * 0.08).map((angle): Omit<Slot, 'part'> => ({ role: 'filler', angle, out: Math.abs(Math.cos(angle)) > 0.5 ? 0.85 : 0.2 }));
  const s = arc(spillers, Math.PI * 0.86, Math.PI * 0.14).map((angle): Omit<Slot, 'part'> => ({ role: 'spiller', angle, out: 1 }));
  return withKinds([{ role: 'thriller', angle: -Math.PI / 2, out: 0.8 }, ...f, ...s], kinds, opposite);
}

/** A level dome: one filler in the middle, the rest round it, spillers at the rim between. */
function dome(n: number, spillers: number, turn: number, kinds: { filler: number; spiller: number }, opposite: boolean): Slot[] {
  const around = n - 1;
  const rest = ring(around - spillers, spillers).map((role, i) => ({ role, angle: Math.PI / 2 + turn + (i / around) * TURN, out: role === 'spiller' ? 1 : 0.7 }));
  return withKinds([{ role: 'filler' as const, angle: 0, out: 0 }, ...rest], kinds, opposite);
}

/** The patterns to try for a planting: its school's, over counts, kinds and turns. Round the wall opposites, one-sided odd clumps. */
export function patternsFor(planting: Planting): Pattern[] {
  const width = shapeOf(planting.container.shape).widthMm(planting.container.shape);
  const [few, many] = usualCount(width);
  const { school, density } = planting.brief;
  const counts = density === 'full now' ? [many, many - 1] : [few, Math.min(many, few + 1)];
  const mostKinds = clamp(Math.round(width / 80), 3, 7);
  const opposite = planting.spot.seen === 'all-round';
  const out: Pattern[] = [];
  for (const n of [...new Set(counts)].filter((c) => c >= 1)) {
    for (const share of [0.36, 0.5]) {
      const spillers = n <= 2 ? n - 1 : clamp(Math.round((n - 1) * share), 1, Math.max(1, n - 2));
      const fillers = n - 1 - spillers;
      for (const kf of [1, 2, 3]) {
        for (const ks of [1, 2]) {
          if (kf > Math.max(1, fillers) || ks > Math.max(1, spillers) || 1 + kf + ks > mostKinds) continue;
          if (mostKinds >= 5 && n >= 6 && kf + ks < 3) continue;
          const kinds = { filler: kf, spiller: ks };
          const turns = school === 'tall-back' || n < 4 ? [0] : [0, Math.PI / (n - 1)];
          for (const turn of turns) {
            const slots = school === 'tall-back' ? back(n, spillers, kinds, opposite) : school === 'tall-centre' ? round(n, spillers, turn, kinds, opposite) : dome(n, spillers, turn, kinds, opposite);
            out.push({ id: `${school}-${n}-${spillers}-${kf}-${ks}-${turn.toFixed(1)}`, slots, parts: partsOf(slots) });
          }
        }
      }
    }
  }
  return out.filter((p, i) => out.findIndex((q) => q.id === p.id) === i);
}

function partsOf(slots: readonly Slot[]): Pattern['parts'] {
  const parts = new Map<string, { id: string; role: Role; count: number }>();
  for (const s of slots) {
    const known = parts.get(s.part);
    if (known) known.count += 1;
    else parts.set(s.part, { id: s.part, role: s.role, count: 1 });
  }
  return [...parts.values()];
}

/** The size of start to buy for a role in a container of this width: the largest usual one that is sold and goes in. */
export function startFor(role: Role, sold: readonly StartSize[], planting: Planting, cheap: boolean): StartSize | null {
  const width = shapeOf(planting.container.shape).widthMm(planting.container.shape);
  const wish = role === 'thriller' ? (width >= 480 ? 2 : width >= 290 ? 0.95 : 0.45) : width >= 600 ? 0.95 : 0.4;
  const goes = sold.filter((s) => reachMm(planting.container, s) >= 0 && (!cheap || STARTS[s].litres <= wish));
  return [...goes].sort((a, b) => fitness(a, wish, cheap) - fitness(b, wish, cheap))[0] ?? null;
}

const fitness = (s: StartSize, wish: number, cheap: boolean): number => (cheap ? STARTS[s].litres : Math.abs(Math.log(STARTS[s].litres / wish)) + (STARTS[s].perPack > 1 ? 0.8 : 0));

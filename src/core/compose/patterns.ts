import { shapeOf } from '../containers/shapes';
import type { Shape } from '../containers/schema';
import { goesIn } from '../layout/packing';
import { isLong, kindsFor, rowsIn, usualStarts, usualWidth } from './counts';
import { rowsOf } from './rows';
import { oneSided } from '../spots/light';
import type { Slot } from './slots';
import { withKinds } from './slots';
import type { Role } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { clamp, lerp } from '../units/number';

/** A way of filling a container: its slots and the parts that kinds are cast into. */
export interface Pattern {
  id: string;
  slots: Slot[];
  parts: { id: string; role: Role; count: number }[];
}

const TURN = 2 * Math.PI;

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

function round(
  n: number,
  spillers: number,
  turn: number,
  kinds: { filler: number; spiller: number },
  opposite: boolean,
): Slot[] {
  const around = n - 1;
  const roles = ring(around - spillers, spillers);
  const middle: Omit<Slot, 'part'> = { role: 'thriller', angle: 0, out: 0 };
  const rest = roles.map((role, i): Omit<Slot, 'part'> => ({
    role,
    angle: Math.PI / 2 + turn + (i / around) * TURN,
    out: role === 'spiller' ? 1 : 0.72,
  }));
  return withKinds([middle, ...rest], kinds, opposite);
}

/** Tall at the back, fillers in an arc before it, spillers along the front. */
function back(n: number, spillers: number, kinds: { filler: number; spiller: number }, opposite: boolean): Slot[] {
  const fillers = n - 1 - spillers;
  const arc = (count: number, from: number, to: number) =>
    Array.from({ length: count }, (_, i) => lerp(from, to, count === 1 ? 0.5 : i / (count - 1)));
  const f = arc(fillers, Math.PI * 1.08, -Math.PI * 0.08).map((angle): Omit<Slot, 'part'> => ({
    role: 'filler',
    angle,
    out: Math.abs(Math.cos(angle)) > 0.5 ? 0.85 : 0.2,
  }));
  const s = arc(spillers, Math.PI * 0.86, Math.PI * 0.14).map((angle): Omit<Slot, 'part'> => ({
    role: 'spiller',
    angle,
    out: 1,
  }));
  return withKinds([{ role: 'thriller', angle: -Math.PI / 2, out: 0.8 }, ...f, ...s], kinds, opposite);
}

/** A level dome: one filler in the middle, the rest round it, spillers at the rim between. */
function dome(
  n: number,
  spillers: number,
  turn: number,
  kinds: { filler: number; spiller: number },
  opposite: boolean,
): Slot[] {
  const around = n - 1;
  const rest = ring(around - spillers, spillers).map((role, i) => ({
    role,
    angle: Math.PI / 2 + turn + (i / around) * TURN,
    out: role === 'spiller' ? 1 : 0.7,
  }));
  return withKinds([{ role: 'filler' as const, angle: 0, out: 0 }, ...rest], kinds, opposite);
}

/** Three turns of a square put the ring on its corners; other shapes are indifferent to more than half a step. */
const turnsFor = (shape: Shape, around: number): number[] =>
  shape.kind === 'square' ? [Math.PI / 4, 0] : [0, Math.PI / around];

/** Everything a pattern is laid out from. */
interface Lay {
  n: number;
  spillers: number;
  kinds: { filler: number; spiller: number };
  opposite: boolean;
}

/** Ways of laying out a school on a container, without their ids. */
function laysOut(planting: Planting, lay: Lay): Slot[][] {
  const { school } = planting.brief;
  const { shape } = planting.container;
  if (isLong(shape)) return rowsOf(school, { ...lay, deep: rowsIn(shape) > 2 });
  const { n, spillers, kinds, opposite } = lay;
  if (school === 'tall-only') return [tallRing(n, kinds, opposite)];
  if (school === 'tall-back' || shapeOf(shape).backless) {
    const slots = back(n, spillers, kinds, opposite);
    return [
      school === 'level-dome' ? slots.map((s) => (s.part === 'T' ? { ...s, role: 'filler', part: 'F0' } : s)) : slots,
    ];
  }
  const turns = n < 4 ? [0] : turnsFor(shape, n - 1);
  return turns.map((turn) =>
    school === 'level-dome'
      ? dome(n, spillers, turn, kinds, opposite)
      : school === 'off-centre'
        ? third(round(n, spillers, turn, kinds, opposite))
        : round(n, spillers, turn, kinds, opposite),
  );
}

/** All tall: fillers of about one height round a thriller. */
const tallRing = (n: number, kinds: Lay['kinds'], opposite: boolean): Slot[] =>
  withKinds(
    [
      { role: 'thriller', angle: 0, out: 0 },
      ...Array.from({ length: n - 1 }, (_, i) => ({
        role: 'filler' as const,
        angle: Math.PI / 2 + (i / Math.max(1, n - 1)) * TURN,
        out: 0.75,
      })),
    ],
    { filler: kinds.filler, spiller: 1 },
    opposite,
  );

/** The centrepiece a third along and a little back; the rest close round. */
const third = (slots: Slot[]): Slot[] =>
  slots.map((s) => (s.role === 'thriller' ? { ...s, angle: Math.PI * 1.12, out: 0.45 } : s));

/** The patterns to try for a planting: its school's, over counts, kinds and turns. All round, opposites match; one-sided, odd clumps. */
export function patternsFor(planting: Planting): Pattern[] {
  const [few, many] = usualStarts(planting.container);
  const { school, density } = planting.brief;
  const counts = density === 'full now' ? [many, many - 1] : [few, Math.min(many, few + 1)];
  const mostKinds = kindsFor(planting.container);
  const opposite = !oneSided(planting.spot);
  const hangs = shapeOf(planting.container.shape).family === 'basket';
  const out: Pattern[] = [];
  for (const n of [...new Set(counts)].filter((c) => c >= 1)) {
    for (const share of school === 'tall-only' ? [0] : hangs ? [0.5, 0.65] : [0.36, 0.5]) {
      const spillers = share === 0 ? 0 : n <= 2 ? n - 1 : clamp(Math.round((n - 1) * share), 1, Math.max(1, n - 2));
      const fillers = n - 1 - spillers;
      for (const kf of [1, 2, 3]) {
        for (const ks of spillers === 0 ? [0] : [1, 2]) {
          if (kf > Math.max(1, fillers) || ks > Math.max(1, spillers) || 1 + kf + ks > mostKinds) continue;
          if (n >= 4 && kf + ks + (school === 'level-dome' ? 0 : 1) < 3) continue;
          if (mostKinds >= 5 && n >= 6 && kf + ks < Math.min(3, spillers === 0 ? 2 : 3)) continue;
          laysOut(planting, { n, spillers, kinds: { filler: kf, spiller: ks }, opposite }).forEach((slots, i) =>
            out.push({ id: `${school}-${n}-${spillers}-${kf}-${ks}-${i}`, slots, parts: partsOf(slots) }),
          );
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
  const width = usualWidth(planting.container);
  const wish = role === 'thriller' ? (width >= 480 ? 2 : width >= 290 ? 0.95 : 0.45) : width >= 600 ? 0.95 : 0.4;
  const goes = sold.filter((s) => goesIn(planting.container, s) && (!cheap || STARTS[s].litres <= wish));
  return [...goes].sort((a, b) => fitness(a, wish, cheap) - fitness(b, wish, cheap))[0] ?? null;
}

const fitness = (s: StartSize, wish: number, cheap: boolean): number =>
  cheap ? STARTS[s].litres : Math.abs(Math.log(STARTS[s].litres / wish)) + (STARTS[s].perPack > 1 ? 0.8 : 0);

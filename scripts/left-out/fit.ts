import { parseArgs } from 'node:util';
import { believed, type GrowerPoint, readMeasured } from '../../src/core/testing/growers/growth';
import { MEASURED, type GrowerMeasured } from '../../src/core/testing/growers/measured';

interface Constant {
  name: string;
  get: () => number;
  set: (v: number) => void;
}

/** What is no size and no pace: seasons, months, how far away one looks, what a year is. */
const NOT_FITTED =
  /AS_FORECAST|ORDINARY|JUNE|TROPICS|YEAR_WEEKS|SPRING$|HOURS|LAYERS|FARTHEST|INDOORS|FLEECE|READ|MIDDLE_VIG|SUMMER_MONTHS|light\.|step\.|MIDDLING|shaded\./;
/** Every constant starts so far off at most. */
const OFF = 0.3;
const FIRST_STEP = 0.12;
const LEAST_STEP = 0.012;
const MOST_STEP = 0.3;
/** Less is no gain. */
const LEAST_GAIN = 1e-3;

/** The numbers within what a file of laws calls by a name. */
function numbersIn(name: string, value: unknown, put: (v: number) => void): Constant[] {
  if (typeof value === 'number') {
    let now = value;
    const set = (v: number) => put((now = v));
    return value === 0 ? [] : [{ name, get: () => now, set }];
  }
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((key) => numbersIn(`${name}.${key}`, holder[key], (v) => (holder[key] = v)));
}

const handed = (
  globalThis as unknown as { constants: { name: string; get: () => unknown; set: (v: number) => void }[] }
).constants;
const constants = handed
  .flatMap(({ name, get, set }) => numbersIn(name, get(), set))
  .filter(({ name }) => !NOT_FITTED.test(name));

const points = (rows: readonly GrowerMeasured[]): GrowerPoint[] => rows.flatMap(readMeasured);
const inside = (all: readonly GrowerPoint[]): number => all.filter(believed).length;
const sum = (numbers: readonly number[]): number => numbers.reduce((a, b) => a + b, 0);

/** How far outside their spans the figures of a row are: one that is far off counts no more than one quite off. */
const lossOf = (row: GrowerMeasured): number =>
  sum(
    readMeasured(row).map(({ is, span: [low, high] }) => {
      const off = ((is - (low + high) / 2) / Math.max(1e-6, (high - low) / 2)) ** 2;
      return off / (1 + off);
    }),
  );

/** The rows that a constant has a say in, as seen by changing it: many laws are for one way of growing. */
const reach = ({ get, set }: Constant, losses: ReadonlyMap<GrowerMeasured, number>): Set<GrowerMeasured> => {
  const was = get();
  const moved = [1 - OFF, 1 + OFF].flatMap((by) => {
    set(was * by);
    return MEASURED.filter((m) => lossOf(m) !== losses.get(m));
  });
  set(was);
  return new Set(moved);
};

/** Numbers of 0–1, the same for the same seed (a linear congruential generator). */
function randoms(seed: number): () => number {
  let at = seed;
  return () => (at = (at * 1664525 + 1013904223) >>> 0) / 2 ** 32;
}

/** Fits every constant in turn, each up and down by its step, and keeps what betters the loss. */
function fit(rows: readonly GrowerMeasured[], rounds: number): void {
  const steps = constants.map(() => FIRST_STEP);
  const losses = new Map(rows.map((m) => [m, lossOf(m)]));
  const better = (constant: Constant, touched: readonly GrowerMeasured[], to: number): boolean => {
    const from = constant.get();
    constant.set(to);
    const now = touched.map(lossOf);
    const wins = sum(now) < sum(touched.map((m) => losses.get(m) ?? 0)) - LEAST_GAIN;
    if (wins) touched.forEach((m, i) => losses.set(m, now[i] ?? 0));
    else constant.set(from);
    return wins;
  };
  for (let round = 0; round < rounds; round += 1)
    constants.forEach((constant, i) => {
      const step = steps[i] ?? 0;
      if (step < LEAST_STEP) return;
      const touched = rows.filter((m) => reaches[i]?.has(m));
      const [up, down] = [constant.get() * (1 + step), constant.get() / (1 + step)];
      const found = better(constant, touched, up) || better(constant, touched, down);
      steps[i] = found ? Math.min(MOST_STEP, step * 1.3) : step / 2;
    });
}

const { values } = parseArgs({
  options: {
    folds: { type: 'string', default: '12' },
    rounds: { type: 'string', default: '2' },
    starts: { type: 'string', default: '3' },
    only: { type: 'string' },
  },
});
const folds = Number(values.folds);
const kinds = [...new Set(MEASURED.map((m) => m.plant))].sort();
const shipped = constants.map((c) => c.get());
const setAll = (to: readonly number[]) => constants.forEach((c, i) => c.set(to[i] ?? 0));
const whole = new Map(MEASURED.map((m) => [m, lossOf(m)]));
const reaches = constants.map((c) => reach(c, whole));
const say = (line: Record<string, unknown>) => console.log(JSON.stringify(line));
const only = values.only?.split(',').map(Number) ?? Array.from({ length: folds }, (_, k) => k);

say({
  constants: constants.length,
  kinds: kinds.length,
  folds,
  reach: Number((sum(reaches.map((r) => r.size)) / constants.length / MEASURED.length).toFixed(2)),
  shipped: inside(points(MEASURED)),
});
let believedOf = 0;
let of = 0;
for (const k of only) {
  const out = (m: GrowerMeasured): boolean => kinds.indexOf(m.plant) % folds === k;
  const [fitted, left] = [MEASURED.filter((m) => !out(m)), MEASURED.filter(out)];
  const fits = Array.from({ length: Number(values.starts) }, (_, start) => {
    const random = randoms(1000 + k + 7919 * start);
    for (let i = 0; i < 20; i += 1) random();
    setAll(shipped.map((v) => v * Math.exp((random() * 2 - 1) * OFF)));
    fit(fitted, Number(values.rounds));
    return constants.map((c) => c.get());
  });
  // Where the rows leave a constant open, the middle of what several starts came to.
  setAll(
    shipped.map((v, i) => Math.sign(v) * Math.exp(sum(fits.map((f) => Math.log(Math.abs(f[i] ?? 1)))) / fits.length)),
  );
  if (fits.length > 1) fit(fitted, 1);
  const all = points(left);
  believedOf += inside(all);
  of += all.length;
  const share = inside(points(fitted)) / points(fitted).length;
  say({ fold: k, inside: inside(all), of: all.length, fitted: Number(share.toFixed(3)) });
}
say({ total: 'left out', inside: believedOf, of, share: Number((believedOf / of).toFixed(3)) });

import type { Composed, SearchPart } from '@/core/compose/compose';
import { PARTS } from '@/core/compose/themes';
import { NOTHING_OF_MINE } from '@/core/stock/shelf';
import { warmPot } from '@/core/testing/pots';

type Asked = { part: number; fewer: boolean };

/** A composer that answers at once, or never. */
class Stand {
  readonly asked: string[] = [];
  stopped = false;
  constructor(
    private readonly join: (last: boolean) => Composed | null,
    private readonly fails: boolean,
  ) {}
  readonly api = {
    runAhead: async ({ part }: Asked) => void this.asked.push(`ahead ${part}`),
    part: async ({ part, fewer }: Asked, tell: (done: number, sofar: unknown[]) => void): Promise<SearchPart> => {
      this.asked.push(`part ${part}${fewer ? ' fewer' : ''}`);
      if (this.fails) throw new Error('broke');
      tell(1, [`of ${part}`]);
      return { clean: [], spoilt: [], refused: [], problem: null } as unknown as SearchPart;
    },
    join: async (_planting: unknown, parts: readonly SearchPart[], _said: unknown, last: boolean) => {
      this.asked.push(`join ${parts.length}`);
      return this.join(last);
    },
  };
  ask = async <T>(call: (api: unknown) => Promise<T>): Promise<T> => call(this.api);
  stop = () => void (this.stopped = true);
}

const FOUND = { proposals: [], problem: null } as unknown as Composed;
let begun: Stand[] = [];
let [join, fails] = [(_last: boolean): Composed | null => FOUND, false];

jest.mock('comlink', () => ({ proxy: (f: unknown) => f }));
jest.mock('./workers', () => ({
  startComposer: () => {
    const one = new Stand(join, fails);
    begun.push(one);
    return one;
  },
}));

/** The pool anew, with nobody at rest. */
async function pool() {
  jest.resetModules();
  begun = [];
  [join, fails] = [() => FOUND, false];
  return import('./in-parts');
}
const order = { planting: warmPot(), seed: 1, mine: NOTHING_OF_MINE };

test('those that ran in are asked, one for each part, and rest for the next time', async () => {
  const { composeInParts, composeAhead } = await pool();
  composeAhead(order.planting, order.mine, order.seed);
  composeAhead(order.planting, order.mine, order.seed);
  expect(begun).toHaveLength(PARTS.length);
  expect(await composeInParts(order).composed).toBe(FOUND);
  await composeInParts(order).composed;
  expect(begun).toHaveLength(PARTS.length);
  expect(begun.map((b) => b.asked.filter((a) => a.startsWith('part')))).toEqual(
    PARTS.map((_, i) => [`part ${i}`, `part ${i}`]),
  );
  expect(begun.some((b) => b.stopped)).toBe(false);
});

test('two at a time have composers of their own; only those of one rest', async () => {
  const { composeInParts } = await pool();
  await Promise.all([composeInParts(order).composed, composeInParts(order).composed]);
  expect(begun).toHaveLength(2 * PARTS.length);
  expect(begun.filter((b) => b.stopped)).toHaveLength(PARTS.length);
});

test('where there is no choice every part looks for smaller plantings too', async () => {
  const { composeInParts } = await pool();
  join = (last) => (last ? FOUND : null);
  expect(await composeInParts(order).composed).toBe(FOUND);
  expect(begun[0]?.asked).toEqual(['part 0', `join ${PARTS.length}`, 'part 0 fewer', `join ${2 * PARTS.length}`]);
});

test('progress is that of all parts, with what each found so far', async () => {
  const { composeInParts } = await pool();
  const told: [number, number][] = [];
  await composeInParts({ ...order, onProgress: (done, sofar) => told.push([done, sofar.length]) }).composed;
  expect(told).toEqual(PARTS.map((_, i) => [(i + 1) / PARTS.length, i + 1]));
});

test('what breaks is told and its composers are not asked again; what is stopped is ended', async () => {
  const { composeInParts } = await pool();
  fails = true;
  await expect(composeInParts(order).composed).rejects.toThrow('broke');
  expect(begun.every((b) => b.stopped)).toBe(true);
  fails = false;
  const { stop, composed } = composeInParts(order);
  expect(begun).toHaveLength(2 * PARTS.length);
  stop();
  expect(begun.every((b) => b.stopped)).toBe(true);
  await composed;
});

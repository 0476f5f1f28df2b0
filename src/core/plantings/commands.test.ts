import fc from '../testing/fc';
import { placed, pot, warmPot } from '../testing/pots';
import { apply, type Command } from './commands';
import type { Deed } from './deeds';
import { counted, freeId, nextAfter } from './ids';
import { resolve, UnknownPlantError } from './resolve';
import { PlantingSchema } from './schema';

const base = warmPot();
const deed = (change: Partial<Deed> = {}): Deed => ({
  id: 'd1',
  what: 'pinch',
  to: 'a',
  on: '2026-06-06',
  done: null,
  ...change,
});

test('each command changes what it names and nothing else', () => {
  expect(apply(base, { do: 'move', id: 'a', xMm: 5, yMm: 6 }).placements[1]).toEqual({
    ...base.placements[1],
    xMm: 5,
    yMm: 6,
  });
  expect(apply(base, { do: 'swap', id: 'a', plant: 'petunia-white', start: 'p10' }).placements[1]).toEqual({
    ...base.placements[1],
    plant: 'petunia-white',
    start: 'p10',
  });
  expect(apply(base, { do: 'remove', id: 'a' }).placements.map((p) => p.id)).toEqual(['t', 'b', 'c', 'd']);
  expect(apply(base, { do: 'lock', id: 't', locked: true }).placements[0]?.locked).toBe(true);
  expect(apply(base, { do: 'set', change: { name: 'Other' } })).toEqual({ ...base, name: 'Other' });
  expect(apply(base, { do: 'start', id: 't', start: 'l2' }).placements[0]?.start).toBe('l2');
  expect(apply(base, { do: 'lift', id: 't', on: '2026-09-01' }).placements[0]).toEqual({
    ...base.placements[0],
    until: '2026-09-01',
  });
  expect(apply(base, { do: 'begin', id: 't', on: '2026-05-30' }).placements[0]).toEqual({
    ...base.placements[0],
    from: '2026-05-30',
  });
});

test('deeds are planned, done on a day, and called off; what is taken out takes its own along', () => {
  const planned = apply(base, { do: 'plan', deed: deed() });
  expect(planned.deeds).toEqual([deed()]);
  const done = apply(planned, { do: 'done', id: 'd1', on: '2026-06-08' });
  expect(done.deeds).toEqual([deed({ done: '2026-06-08' })]);
  expect(apply(done, { do: 'unplan', id: 'd1' }).deeds).toEqual([]);
  expect(apply(planned, { do: 'remove', id: 'a' }).deeds).toEqual([]);
  expect(apply(planned, { do: 'remove', id: 'b' }).deeds).toEqual([deed()]);
  const whole = apply(base, { do: 'plan', deed: deed({ to: null }) });
  expect(apply(whole, { do: 'plant', placements: [] }).deeds).toEqual([deed({ to: null })]);
});

test('a command for a plant that is not there changes nothing', () => {
  const commands: Command[] = [
    { do: 'move', id: 'x', xMm: 0, yMm: 0 },
    { do: 'remove', id: 'x' },
    { do: 'start', id: 'x', start: 'l1' },
    { do: 'lift', id: 'x', on: null },
    { do: 'done', id: 'x', on: null },
  ];
  for (const c of commands) expect(apply(base, c)).toEqual(base);
});

const anyCommand: fc.Arbitrary<Command> = fc.oneof(
  fc.record({
    do: fc.constant('move' as const),
    id: fc.constantFrom('t', 'a', 'x'),
    xMm: fc.integer({ min: -150, max: 150 }),
    yMm: fc.integer({ min: -150, max: 150 }),
  }),
  fc.record({ do: fc.constant('remove' as const), id: fc.constantFrom('t', 'a', 'p6', 'p7') }),
  fc.record({ do: fc.constant('lock' as const), id: fc.constantFrom('t', 'b'), locked: fc.boolean() }),
  fc.constant<Command>({ do: 'plan', deed: deed({ id: 'd90', to: 'b' }) }),
  fc.constant<Command>({ do: 'unplan', id: 'd90' }),
);

test('no command touches the planting it was given, and what comes of any run of them is a good planting', () => {
  const frozen = JSON.stringify(base);
  fc.assert(
    fc.property(fc.array(anyCommand, { maxLength: 12 }), (commands) => {
      let p = base;
      for (const c of commands) {
        if (c.do === 'plan' && (p.deeds.length > 0 || !p.placements.some((x) => x.id === 'b'))) continue;
        const before = JSON.stringify(p);
        const next = apply(p, c);
        expect(JSON.stringify(p)).toBe(before);
        expect(next.nextId).toBeGreaterThanOrEqual(p.nextId);
        p = next;
      }
      expect(JSON.stringify(base)).toBe(frozen);
      expect(PlantingSchema.safeParse(p).success).toBe(true);
    }),
  );
});

describe('ids', () => {
  const add = (p: typeof base) =>
    apply(p, { do: 'add', placement: placed(freeId(p), 'petunia-white', 'filler', 10, 10) });
  test('are never given out twice, though what had them is gone', () => {
    const one = add(base);
    const id = freeId(base);
    expect(one.placements.at(-1)?.id).toBe(id);
    const none = apply(one, { do: 'remove', id });
    expect(freeId(none)).not.toBe(id);
    expect(add(none).placements.at(-1)?.id).not.toBe(id);
  });
  test('are over every number that is in use, of plants and of deeds', () => {
    expect(nextAfter(['p3', 'd12', 'left', 'pp9'])).toBe(13);
    expect(counted({ nextId: 2, placements: [{ id: 'p7' }], deeds: [{ id: 'd9' }] }).nextId).toBe(10);
    expect(counted({ nextId: 40, placements: [], deeds: [] }).nextId).toBe(40);
  });
});

describe('the schema', () => {
  const bad = (change: object) => PlantingSchema.safeParse({ ...base, nextId: 100, ...change }).error?.issues[0];
  test('refuses a deed to nobody, and one id for a plant and a deed', () => {
    expect(bad({ deeds: [deed({ to: 'x' })] })).toMatchObject({ path: ['deeds', 0, 'to'] });
    expect(bad({ deeds: [deed({ id: 'a' })] })).toMatchObject({ path: ['deeds', 0, 'id'] });
  });
  test('refuses a plant that is lifted before it is planted', () => {
    const [first, ...rest] = base.placements;
    const back = { ...first, from: '2026-06-01', until: '2026-06-01' };
    expect(bad({ placements: [back, ...rest] })).toMatchObject({ path: ['placements', 0, 'until'] });
  });
});

test('a planting may carry a plant’s own record; an unknown id says which and where', () => {
  const [first] = resolve(base);
  if (!first) throw new Error('The warm pot is empty.');
  const own = { ...first.plant, id: 'my-own' };
  expect(
    resolve(pot({ placements: [{ ...placed('a', '', 'thriller', 0, 0), plant: own }] })).map((p) => p.plant.id),
  ).toEqual(['my-own']);
  const odd = pot({
    placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'triffid', 'thriller', 0, 0)],
  });
  expect(() => resolve(odd)).toThrow(UnknownPlantError);
  expect(() => resolve(odd)).toThrow(/placements\.1\.plant: there is no plant "triffid"/);
});

import fc from '../testing/fc';
import { placed, pot, warmPot } from '../testing/pots';
import { apply, type Command } from './commands';
import { freeId } from './ids';
import { joined } from './joined';
import { PlantingSchema, type Planting } from './schema';

const base = warmPot();
const after = (...commands: Command[]): Planting => commands.reduce(apply, base);
const set = (change: Extract<Command, { do: 'set' }>['change']): Command => ({ do: 'set', change });

test('a field changed here and another there are both kept', () => {
  const mine = after(set({ name: 'Gate pot' }), set({ spot: { ...base.spot, children: true } }));
  const theirs = after(set({ startDate: '2026-06-01' }), set({ spot: { ...base.spot, wind: 'windy' } }));
  const { planting, met } = joined(base, mine, theirs);
  expect(met).toEqual([]);
  expect(planting).toMatchObject({ name: 'Gate pot', startDate: '2026-06-01' });
  expect(planting.spot).toMatchObject({ children: true, wind: 'windy' });
});

test('where both changed the same the one here is kept, and it is said', () => {
  const mine = after(set({ name: 'Here' }));
  const { planting, met } = joined(base, mine, after(set({ name: 'There' }), { do: 'remove', id: 'a' }));
  expect(met).toEqual(['the name']);
  expect(planting.name).toBe('Here');
  expect(planting.placements).toHaveLength(base.placements.length - 1);
  expect(joined(base, mine, mine).met).toEqual([]);
});

test('one plant moved here and the same one swapped there is moved and swapped', () => {
  const { planting, met } = joined(
    base,
    after({ do: 'move', id: 'b', xMm: 90, yMm: -60 }),
    after({ do: 'swap', id: 'b', plant: 'petunia-white', start: 'p9' }),
  );
  expect(met).toEqual([]);
  expect(planting.placements.find((p) => p.id === 'b')).toMatchObject({ xMm: 90, yMm: -60, plant: 'petunia-white' });
});

test('what was taken out stays out unless it was changed in the other', () => {
  const out = after({ do: 'remove', id: 'b' });
  const ids = (p: Planting) => p.placements.map((x) => x.id);
  expect(ids(joined(base, out, after(set({ name: 'There' }))).planting)).not.toContain('b');
  expect(ids(joined(base, after(set({ name: 'Here' })), out).planting)).not.toContain('b');
  const moved = after({ do: 'move', id: 'b', xMm: 1, yMm: 2 });
  for (const [mine, theirs] of [[out, moved] as const, [moved, out] as const]) {
    const both = joined(base, mine, theirs);
    expect(ids(both.planting)).toContain('b');
    expect(both.met).toEqual(['the plants']);
  }
});

test('two plants that were put in at once under one id are both there, and their jobs go with them', () => {
  const id = freeId(base);
  const add = (plant: string): Command[] => [
    { do: 'add', placement: placed(id, plant, 'filler', 0, 60) },
    { do: 'plan', deed: { id: `d${base.nextId + 1}`, what: 'pinch', to: id, on: '2026-06-01', done: null } },
  ];
  const { planting } = joined(base, after(...add('petunia-white')), after(...add('petunia-violet')));
  const added = planting.placements.filter((p) => !base.placements.some((b) => b.id === p.id));
  expect(added.map((p) => p.plant).sort()).toEqual(['petunia-violet', 'petunia-white']);
  expect(PlantingSchema.safeParse(planting).error?.issues ?? []).toEqual([]);
});

const edit = fc.oneof(
  fc.record({
    do: fc.constant('move' as const),
    id: fc.constantFrom('t', 'a', 'b', 'c', 'd'),
    xMm: fc.integer({ min: -90, max: 90 }),
    yMm: fc.integer({ min: -90, max: 90 }),
  }),
  fc.record({ do: fc.constant('remove' as const), id: fc.constantFrom('t', 'a', 'b', 'c', 'd') }),
  fc.constantFrom('One', 'Two').map((name): Command => set({ name })),
  fc.boolean().map((cats): Command => set({ spot: { ...base.spot, cats } })),
  fc.constantFrom('2026-06-01', '2026-07-01').map((startDate): Command => set({ startDate })),
);

describe('any two runs of edits', () => {
  const run = fc.array(edit as fc.Arbitrary<Command>, { maxLength: 8 }).map((commands) => after(...commands));
  test('come to a planting that can be kept, whose next id never falls', () => {
    fc.assert(
      fc.property(run, run, (mine, theirs) => {
        const { planting } = joined(base, mine, theirs);
        expect(PlantingSchema.safeParse(planting).success).toBe(true);
        expect(planting.nextId).toBeGreaterThanOrEqual(Math.max(mine.nextId, theirs.nextId));
      }),
    );
  });
  test('that do not meet come to the same whichever is here', () => {
    fc.assert(
      fc.property(run, run, (mine, theirs) => {
        const [one, other] = [joined(base, mine, theirs), joined(base, theirs, mine)];
        if (one.met.length > 0) return;
        const byId = (p: Planting) => ({
          ...p,
          placements: [...p.placements].sort((x, y) => x.id.localeCompare(y.id)),
        });
        expect(byId(one.planting)).toEqual(byId(other.planting));
      }),
    );
  });
  test('with nothing done in one come to the other', () => {
    fc.assert(
      fc.property(run, (p) => expect([joined(base, p, base).planting, joined(base, base, p).planting]).toEqual([p, p])),
    );
  });
  test('an empty pot takes what the other put in', () => {
    expect(joined(pot(), pot(), base).planting.placements).toEqual(base.placements);
  });
});

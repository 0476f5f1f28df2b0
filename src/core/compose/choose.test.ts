import type { Plant } from '../plants/schema';
import type { Judged } from './candidate';
import { LIBRARY } from '../plants';
import { ideas, pick } from './choose';

/** An idea of kinds by name, the first of them the lead. */
const idea = (...kinds: string[]): Judged => {
  const [lead, ...rest] = kinds.map((id) => ({ id, botanical: id }) as Plant);
  return { cast: { T: lead, ...Object.fromEntries(rest.map((p, i) => [`F${i}`, p])) } } as unknown as Judged;
};
const names = (list: readonly Judged[]) =>
  list.map((j) =>
    Object.values(j.cast)
      .map((p) => p.id)
      .join(''),
  );

test('another idea has another lead, and shares less than half of its kinds', () => {
  const sorted = [idea('a', 'b', 'c'), idea('a', 'x', 'y'), idea('d', 'b', 'c'), idea('e', 'b', 'y', 'z')];
  expect(names(pick(sorted, 2))).toEqual(['abc', 'ebyz']);
});

test('where too few differ so much, less difference must do, and the same is never shown twice', () => {
  const sorted = [idea('a', 'b', 'c'), idea('a', 'b', 'c'), idea('a', 'b', 'd'), idea('a', 'x', 'y')];
  expect(names(pick(sorted, 4))).toEqual(['abc', 'abd', 'axy']);
});

test('never more than are wanted', () => {
  expect(pick([idea('a'), idea('b'), idea('c')], 2)).toHaveLength(2);
  expect(pick([], 4)).toEqual([]);
});

const plant = (id: string) => LIBRARY.filter((p) => p.id === id);
const made = (lead: string, body: string, edge: string, score: number): Judged =>
  ({
    cast: Object.fromEntries([plant(lead), plant(body), plant(edge)].map(([p], i) => [['T', 'F0', 'S0'][i], p])),
    pattern: {
      parts: [
        { id: 'T', role: 'thriller', count: 1 },
        { id: 'F0', role: 'filler', count: 4 },
        { id: 'S0', role: 'spiller', count: 3 },
      ],
    },
    theme: null,
    measured: { score, readings: [] },
  }) as unknown as Judged;

test('of the ideas offered no two have one lead or one body, while there is a choice', () => {
  const judged = [
    made('phormium-bronze', 'begonia-red', 'calibrachoa-orange', 95),
    made('canna-dwarf-red', 'begonia-white', 'lobelia-blue', 94),
    made('russian-sage', 'marigold-orange', 'verbena-trailing-pink', 90),
  ];
  expect(ideas(judged, 2).map((j) => j.cast.F0?.id)).toEqual(['begonia-red', 'marigold-orange']);
  // Where there is nothing else, the same body is better than no second idea.
  expect(ideas(judged.slice(0, 2), 2)).toHaveLength(2);
  // More may hang than fills: it is still the filler that two pots are told apart by.
  const hung = judged.slice(0, 1).map((j): Judged => {
    const parts = j.pattern.parts.map((p) => ({ ...p, count: p.role === 'spiller' ? 6 : p.count }));
    return { ...j, pattern: { ...j.pattern, parts } };
  });
  expect(ideas([...hung, ...judged.slice(1)], 2).map((j) => j.cast.F0?.id)).toEqual(['begonia-red', 'marigold-orange']);
});

test('after the safe one comes the best, where it is another idea; where it is the same one bettered it takes its place', () => {
  const safe = { ...made('phormium-bronze', 'begonia-red', 'calibrachoa-orange', 91), theme: 'classic' as const };
  const best = made('russian-sage', 'marigold-orange', 'verbena-trailing-pink', 92);
  const third = made('canna-dwarf-red', 'begonia-white', 'lobelia-blue', 90);
  expect(ideas([safe, third, best], 3).map((j) => j.cast.T?.id)).toEqual([
    'phormium-bronze',
    'russian-sage',
    'canna-dwarf-red',
  ]);
  const bettered = made('phormium-bronze', 'begonia-red', 'verbena-trailing-pink', 92);
  const [first] = ideas([safe, bettered], 1);
  expect(first?.cast.S0?.id).toBe('verbena-trailing-pink');
});

test('a colour stands in one of them, a staple in two colours at most, and what is on few benches once', () => {
  const first = made('phormium-bronze', 'begonia-red', 'calibrachoa-orange', 95);
  const other = made('canna-dwarf-red', 'marigold-orange', 'verbena-peach', 90);
  const second = (edge: string) => made('russian-sage', 'petunia-white', edge, 93);
  const edges = (list: Judged[]) => ideas(list, 2).map((j) => j.cast.S0?.id);
  expect(edges([first, second('calibrachoa-orange'), other])).toEqual(['calibrachoa-orange', 'verbena-peach']);
  expect(edges([first, second('calibrachoa-white'), other])).toEqual(['calibrachoa-orange', 'calibrachoa-white']);
  const dead = made('phormium-bronze', 'begonia-red', 'lamium-white', 95);
  expect(edges([dead, second('lamium-silver'), other]).sort()).toEqual(['lamium-white', 'verbena-peach']);
});

test('the same two plants together stand in one of them, whatever leads', () => {
  const pair = (lead: string, edge: string, score: number): Judged => {
    const j = made(lead, 'marigold-mahogany', edge, score);
    return { ...j, cast: { ...j.cast, F1: plant('salvia-compact-coral')[0] as Plant } };
  };
  const found = [
    pair('pennisetum-purple', 'lysimachia-flowering', 92),
    pair('penstemon-red', 'calibrachoa-yellow', 91),
    made('phormium-bronze', 'begonia-red', 'calibrachoa-orange', 91),
    made('canna-dwarf-red', 'petunia-white', 'lobelia-blue', 90),
    made('russian-sage', 'ageratum-blue', 'verbena-trailing-pink', 89),
  ];
  const leads = ideas(found, 5).map((j) => j.cast.T?.id);
  expect(leads).toHaveLength(4);
  expect(leads).not.toContain('penstemon-red');
});

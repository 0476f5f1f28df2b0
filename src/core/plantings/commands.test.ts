import fc from 'fast-check';
import { placed, pot, warmPot } from '../testing/pots';
import { apply, freeId, type Command } from './commands';
import { resolve, UnknownPlantError } from './resolve';

const base = warmPot();

test('each command changes what it names and nothing else', () => {
  expect(apply(base, { do: 'move', id: 'a', xMm: 5, yMm: 6 }).placements[1]).toEqual({
    ...base.placements[1],
    xMm: 5,
    yMm: 6,
  });
  expect(apply(base, { do: 'swap', id: 'a', plant: 'petunia-white', start: 'p10' }).placements[1]).toMatchObject({
    id: 'a',
    plant: 'petunia-white',
    start: 'p10',
    role: 'filler',
  });
  expect(apply(base, { do: 'remove', id: 'a' }).placements.map((p) => p.id)).toEqual(['t', 'b', 'c', 'd']);
  expect(apply(base, { do: 'lock', id: 't', locked: true }).placements[0]?.locked).toBe(true);
  expect(apply(base, { do: 'set', change: { name: 'Other' } })).toEqual({ ...base, name: 'Other' });
  expect(apply(base, { do: 'start', id: 't', start: 'l2' }).placements[0]?.start).toBe('l2');
});

test('a command for a plant that is not there changes nothing', () => {
  for (const c of [
    { do: 'move', id: 'x', xMm: 0, yMm: 0 },
    { do: 'remove', id: 'x' },
    { do: 'start', id: 'x', start: 'l1' },
  ] as Command[])
    expect(apply(base, c)).toEqual(base);
});

test('turning four times by 90° comes home, and keeps distances', () => {
  const once = apply(base, { do: 'turn', degrees: 90 });
  expect(once.placements[2]?.xMm).toBeCloseTo(40, 9);
  expect(once.placements[2]?.yMm).toBeCloseTo(118, 9);
  const home = [1, 2, 3, 4].reduce((p) => apply(p, { do: 'turn', degrees: 90 }), base);
  home.placements.forEach((p, i) => expect(p.xMm).toBeCloseTo(base.placements[i]?.xMm ?? NaN, 6));
});

test('no command touches the planting it was given', () => {
  const frozen = JSON.stringify(base);
  fc.assert(
    fc.property(
      fc.constantFrom<Command>(
        { do: 'move', id: 'a', xMm: 1, yMm: 2 },
        { do: 'remove', id: 'b' },
        { do: 'turn', degrees: 33 },
        { do: 'plant', placements: [] },
      ),
      (c) => {
        apply(base, c);
        expect(JSON.stringify(base)).toBe(frozen);
      },
    ),
  );
});

test('a free id is the first not in use', () =>
  expect(freeId([placed('p1', 'x', 'filler', 0, 0), placed('p3', 'x', 'filler', 0, 0)])).toBe('p2'));

test('a planting may carry a plant’s own record; an unknown id says which and where', () => {
  const own = { ...(resolve(base)[0]?.plant ?? ({} as never)), id: 'my-own' };
  expect(resolve(pot({ placements: [{ ...placed('a', '', 'thriller', 0, 0), plant: own }] }))[0]?.plant.id).toBe(
    'my-own',
  );
  expect(() =>
    resolve(
      pot({ placements: [placed('a', 'petunia-white', 'filler', 0, 0), placed('b', 'triffid', 'thriller', 0, 0)] }),
    ),
  ).toThrow(UnknownPlantError);
  expect(() => resolve(pot({ placements: [placed('b', 'triffid', 'thriller', 0, 0)] }))).toThrow(
    /placements\.0\.plant: there is no plant "triffid"/,
  );
});

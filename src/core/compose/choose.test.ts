import type { Plant } from '../plants/schema';
import type { Judged } from './candidate';
import { pick } from './choose';

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

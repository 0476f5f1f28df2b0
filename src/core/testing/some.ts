/** A list that a test walks through; throws when it is empty, so that a loop over nothing is no proof. */
export function some<T>(list: readonly T[] | ReadonlySet<T> | undefined): readonly T[] {
  const all = [...(list ?? [])];
  if (all.length === 0) throw new Error('There is nothing to look at.');
  return all;
}

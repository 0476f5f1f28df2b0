/**
 * A function that remembers what it worked out for each object, as long as that object is about. For sums of things
 * that are never changed in place.
 */
export function keptBy<K extends object, V>(work: (key: K) => V): (key: K) => V {
  const kept = new WeakMap<K, { value: V }>();
  return (key) => {
    const known = kept.get(key);
    if (known) return known.value;
    const value = work(key);
    kept.set(key, { value });
    return value;
  };
}

/** What a map holds for a key; worked out and kept where it holds nothing yet. */
export function keptIn<K, V>(kept: Map<K, V>, key: K, work: () => V): V {
  const known = kept.get(key);
  if (known !== undefined) return known;
  const value = work();
  kept.set(key, value);
  return value;
}

/** A sum that is done when it is first asked for, and no second time. */
export function once<V>(work: () => V): () => V {
  let kept: { value: V } | null = null;
  return () => (kept ??= { value: work() }).value;
}

/** A function that remembers what it worked out last, for as long as it is asked of the same. */
export function lastOf<K extends object, V>(work: (key: K) => V): (key: K) => V {
  let last: { key: K; value: V } | null = null;
  return (key) => (last?.key === key ? last : (last = { key, value: work(key) })).value;
}

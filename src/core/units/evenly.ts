/** So many of a list at the most, evenly chosen from its whole length, the first among them. */
export function evenly<T>(list: readonly T[], most: number): T[] {
  const step = Math.max(1, list.length / Math.max(1, most));
  return list.filter((_, i) => Math.floor(i / step) !== Math.floor((i - 1) / step));
}

/**
 * What a record says month by month, read at a place in the year: straight between mid-months, but a month
 * with none has none to its ends. `values` has 12 entries, 0 is mid-January.
 */
export function inMonths(values: readonly number[], at: number): number {
  const low = Math.floor(at);
  const a = values[(low + 12) % 12] ?? 0;
  const b = values[(low + 13) % 12] ?? 0;
  const on = at - low;
  if (a === 0) return b * Math.max(0, 2 * on - 1);
  if (b === 0) return a * Math.max(0, 1 - 2 * on);
  return a + (b - a) * on;
}

/** Whether two pieces of plain data (as JSON could hold them) say the same, in whatever order their fields stand. */
export function same(a: unknown, b: unknown): boolean {
  // As JSON has it, there is one nought.
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [x, y] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const fields = new Set([...Object.keys(x), ...Object.keys(y)]);
  return [...fields].every((f) => same(x[f], y[f]));
}

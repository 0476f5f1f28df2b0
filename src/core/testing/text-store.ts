/** A store of texts as browsers have them, on a map. */
export const textStore = (shelf: Map<string, string>) => ({
  getItem: (k: string) => shelf.get(k) ?? null,
  setItem: (k: string, v: string) => shelf.set(k, v),
  removeItem: (k: string) => shelf.delete(k),
});

import MiniSearch from 'minisearch';
import { plantName, type Plant } from './schema';

/** Finds plants of one library by name. */
export type Finder = (text: string) => Plant[];

/** Share of a word's letters that may be wrong. Working figure: one slip in four letters, two (or two letters changed about) in seven. */
const SLIPS = 0.3;

/** Words without marks: “Séneçon ×” is found by “senecon”. */
const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f×’']/g, '')
    .toLowerCase();

/**
 * A finder over a library, by common or botanical name or variety; typing errors forgiven, beginnings of words enough,
 * every word must be found. Best first; the whole library in its own order for no text.
 */
export function finderOf(library: readonly Plant[]): Finder {
  const index = new MiniSearch<{ id: number; name: string; botanical: string; group: string }>({
    fields: ['name', 'botanical', 'group'],
    processTerm: (term) => plain(term) || null,
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 3 ? SLIPS : false),
      combineWith: 'AND',
      boost: { name: 3, botanical: 2 },
      weights: { fuzzy: 0.2, prefix: 0.7 },
    },
  });
  index.addAll(library.map((p, id) => ({ id, name: plantName(p), botanical: p.botanical, group: p.group })));
  return (text) => {
    if (!plain(text).trim()) return [...library];
    return index.search(text).flatMap((hit) => library[hit.id as number] ?? []);
  };
}

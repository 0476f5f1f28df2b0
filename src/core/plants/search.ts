import MiniSearch from 'minisearch';
import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { alsoCalled } from './names';
import { plantName, type Plant } from './schema';
import { signature } from './signature';

/** Finds plants of one library by name. */
export type Finder = (text: string) => Plant[];

/**
 * Share of a word's letters that may be wrong. Working figure: one slip in four letters, two (or two letters
 * changed about) in seven.
 */
const SLIPS = 0.3;

/** Words without marks: “Séneçon ×” is found by “senecon”. */
const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f×’']/g, '')
    .toLowerCase();

/** What a plant is found by. */
interface Entry {
  id: number;
  name: string;
  botanical: string;
  group: string;
  /** Other names that people use. */
  also: string;
  /** Everyday names of the colours it is remembered by. */
  colours: string;
}

const entryOf = (p: Plant, id: number): Entry => {
  const seen = [signature(p), ...p.colours.filter((c) => c.part === 'flower').map((c) => c.hex)];
  return {
    id,
    name: plantName(p),
    botanical: p.botanical,
    group: p.group,
    also: alsoCalled(p.botanical).join(' '),
    colours: [...new Set(seen.map((hex) => family(lch(hex))))].join(' '),
  };
};

/**
 * A finder over a library, by common or botanical name, by what else people call it, by variety or colour;
 * typing errors forgiven, beginnings of words enough, every word must be found. Best first; the whole library
 * in its own order for no text.
 */
export function finderOf(library: readonly Plant[]): Finder {
  const index = new MiniSearch<Entry>({
    fields: ['name', 'botanical', 'group', 'also', 'colours'],
    processTerm: (term) => plain(term) || null,
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 3 ? SLIPS : false),
      combineWith: 'AND',
      boost: { name: 3, botanical: 2, also: 2 },
      weights: { fuzzy: 0.2, prefix: 0.7 },
    },
  });
  index.addAll(library.map(entryOf));
  return (text) => {
    if (!plain(text).trim()) return [...library];
    return index.search(text).flatMap((hit) => library[hit.id as number] ?? []);
  };
}

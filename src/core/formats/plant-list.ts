import type { Plant } from '../plants/schema';
import type { Finder } from '../plants/search';

/** How many of a kind a container can be said to hold. */
export const MOST_OF_ONE = 60;
/** Plants offered for one line. */
const OFFERED = 8;

const WORDS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const COUNT = `(\\d{1,3}|an?|${WORDS.join('|')})`;
const BEFORE = new RegExp(`^(?:[-*•]\\s*)?${COUNT}\\s*[x×]?\\s+(.+)$`, 'i');
const CLOSE = /^(\d{1,3})[x×]\s*(.+)$/i;
const AFTER = /^(.+?)\s*(?:[x×]\s*(\d{1,3})|\((\d{1,3})\)|:\s*(\d{1,3}))$/i;

/** A line of a list of plants: what was written, how many, and the plants it may mean, the likeliest first. */
export interface ListedPlant {
  text: string;
  count: number;
  found: readonly Plant[];
}

const countOf = (text: string): number => {
  const word = WORDS.indexOf(text.toLowerCase());
  if (word >= 0) return word + 1;
  return /^an?$/i.test(text) ? 1 : Number(text);
};

function lineOf(line: string): { text: string; count: number } {
  const before = BEFORE.exec(line) ?? CLOSE.exec(line);
  if (before?.[1] && before[2]) return { count: countOf(before[1]), text: before[2] };
  const after = AFTER.exec(line);
  if (after?.[1]) return { count: Number(after[2] ?? after[3] ?? after[4]), text: after[1] };
  return { count: 1, text: line.replace(/^[-*•]\s*/, '') };
}

/** Names people write in the plural are found in the singular where the plural finds nothing. */
const singular = (text: string): string => text.replace(/(\w{3,}?)(?:es|s)\b/gi, '$1');

/**
 * Plants as somebody writes them down, by lines, commas, semicolons or “and”: “3 purple petunias, 1 canna and
 * 2 × bacopa”.
 * A number may stand before or after a name, in figures or, up to twelve, in words; without one it is one. A line that
 * no plant is found for has an empty `found`.
 */
export function readPlantList(text: string, find: Finder): ListedPlant[] {
  return text
    .split(/[\n,;]|\s+and\s+|\s*\+\s*/i)
    .map((line) => line.trim())
    .filter((line) => /\p{L}/u.test(line))
    .map((line) => {
      const { text: name, count } = lineOf(line);
      const hits = find(name);
      const found = (hits.length > 0 ? hits : find(singular(name))).slice(0, OFFERED);
      return { text: line, count: Math.max(1, Math.min(MOST_OF_ONE, count || 1)), found };
    });
}

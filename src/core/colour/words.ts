import { formatHex, parse } from 'culori';

/** Colour words of the trade that style sheets lack, or mean otherwise. */
const GARDEN: Record<string, string> = {
  apricot: '#f4b183',
  peach: '#f5b896',
  cream: '#f3eccb',
  rose: '#d9597f',
  'rose pink': '#d9597f',
  wine: '#6b1c35',
  burgundy: '#5c1a2e',
  bronze: '#7a4b2c',
  copper: '#b0653a',
  mauve: '#b391c4',
  lilac: '#bda0d3',
  lavender: '#a99bd1',
  blue: '#4a5fc0',
  green: '#4f7d42',
  lime: '#b5cf3f',
  silver: '#b9c6bd',
  grey: '#9aa69d',
  gray: '#9aa69d',
  red: '#c9222b',
  scarlet: '#d6262a',
  pink: '#e58aab',
  orange: '#ee7d1e',
  yellow: '#f3d12f',
  gold: '#eeb423',
  golden: '#eeb423',
  purple: '#6d2f8c',
  violet: '#5a35a0',
  magenta: '#c2247a',
  black: '#2a1c24',
  white: '#f7f6f0',
  variegated: '#a9bd8d',
  'pale blue': '#a9bbe6',
  'light blue': '#a9bbe6',
  'deep blue': '#2f3f9c',
  'soft pink': '#f2b9cc',
  'pale pink': '#f2b9cc',
  'pale yellow': '#f2e7a0',
  lemon: '#f3e04a',
};

/** A colour word or hex as #rrggbb, or null. “deep rose pink” is read by its last words that are known. */
export function hexOfWord(text: string): string | null {
  const words = text.trim().toLowerCase().replace(/\s+/g, ' ');
  if (/^#[0-9a-f]{6}$/.test(words)) return words;
  const all = words.split(/[ /,-]+/).filter(Boolean);
  for (let from = 0; from < all.length; from += 1) {
    const tail = all.slice(from).join(' ');
    const known = GARDEN[tail] ?? formatHex(parse(tail.replaceAll(' ', '')));
    if (known) return known;
  }
  return null;
}

import type { Plant } from './schema';

/** Names that begin with that of a place or a person. */
const PROPER =
  /^(Russian|New Guinea|New Zealand|Caucasian|French|Michaelmas|Mediterranean|Siberian|Swan River|Swiss|Swedish|Mexican|Japanese|Peruvian|Shasta|Cape|Madagascar|Persian|African|Dutch|Darley Dale|Livingstone|Christmas|Laurustinus|Black-eyed Susan)\b/;
/** What a variety's name says of its shape is left out of a sentence. */
const SHAPES = / (spikes|plumes|bells|heads|stars|leaf|leaves|flush(ed)?|eye|face)$/;
/** A name that tells its colour. */
const COLOUR_WORD =
  /\b(black|blue|bronze|golden|gold|green|lime|orange|pink|purple|red|red-stemmed|scarlet|silver|violet|white|yellow)(?![-\w])/i;
/** Names that do not take an s. */
const UNCOUNTED = /(grass|bacopa|angelonia|coleus|lobelia|moss|mint|thyme|ivy|jenny|dichondra|alyssum|snow|s)$/i;

/** “Petunias”, “sweet boxes”, “busy lizzies”; “parsley” takes an s. */
function pluralOf(name: string): string {
  if (UNCOUNTED.test(name)) return name;
  if (/(x|sh|ch)$/.test(name)) return `${name}es`;
  return /[^aeiou]y$/.test(name) ? `${name.slice(0, -1)}ies` : `${name}s`;
}

/** “wine cordyline”, “pink petunias”: a plant as a nursery says it, in a sentence; one of it, or many. */
export function called({ common, variety }: Plant, many: boolean): string {
  const name = PROPER.test(common) ? common : common.charAt(0).toLowerCase() + common.slice(1);
  const told = variety ? `${variety.split(',')[0]?.replace(SHAPES, '')} ` : '';
  const plural = many ? pluralOf(name) : name;
  // “Purple sage, purple” is said once, and a black kale needs no second colour.
  return COLOUR_WORD.test(name) || name.toLowerCase().startsWith(told.trim().toLowerCase())
    ? plural
    : `${told}${plural}`;
}

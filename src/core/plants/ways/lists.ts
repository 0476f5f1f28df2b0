import type { Plant } from '../schema';

/** What is asked of a plant to know what is usual for it. */
export type WaysAsked = Pick<
  Plant,
  | 'botanical'
  | 'group'
  | 'season'
  | 'habit'
  | 'roles'
  | 'bloom'
  | 'flower'
  | 'water'
  | 'vigour'
  | 'deadhead'
  | 'coldestWinterC'
  | 'coldestNightC'
  | 'poison'
  | 'spreadRisk'
> &
  Partial<Pick<Plant, 'facts'>>;

/**
 * “Salvia officinalis” of “Salvia officinalis”, “Begonia × semperflorens” of its hybrids, “Begonia hybrid”
 * where no species is told.
 */
export function speciesOf(botanical: string): string {
  const words = botanical.replace(/^× ?/, '').split(' ');
  return words.slice(0, words[1] === '×' ? 3 : 2).join(' ');
}

export const genusOf = (botanical: string): string => botanical.replace(/^× ?/, '').split(' ')[0] ?? '';

/** Every name that some list says something of: so that a test can tell one that no plant answers to. */
export const LISTED = new Set<string>();

/** Names parted by commas, over several lines. */
export function names(text: string): string[] {
  const all = text
    .split(',')
    .map((n) => n.trim().replace(/\s+/g, ' '))
    .filter(Boolean);
  for (const name of all) LISTED.add(name);
  return all;
}

type Ask<V> = (p: Pick<WaysAsked, 'botanical'>) => V | undefined;

/**
 * What is said of a plant by rows of a value and the names it holds for. A species says otherwise than its
 * genus; a name in two rows throws.
 */
export function listedWays<V>(rows: readonly (readonly [V, string])[]): Ask<V> {
  const said = new Map<string, V>();
  for (const [value, text] of rows)
    for (const name of names(text)) {
      if (said.has(name)) throw new Error(`${name} is said twice in one list.`);
      said.set(name, value);
    }
  return ({ botanical }) => {
    const species = speciesOf(botanical);
    return said.get(said.has(species) ? species : genusOf(botanical));
  };
}

/** Whether a plant is of one list. A name with a minus before it is left out: “Begonia, -Begonia rex”. */
export function among(text: string): (p: Pick<WaysAsked, 'botanical'>) => boolean {
  const ask = listedWays<boolean>(
    names(text).map((n) => (n.startsWith('-') ? ([false, n.slice(1)] as const) : ([true, n] as const))),
  );
  return (p) => ask(p) ?? false;
}

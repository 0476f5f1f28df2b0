import { shelved } from './plantings';

/** What can be said of a stored container before it is read. */
export interface Card {
  id: string;
  name: string;
  place: string;
}

/**
 * The containers on the shelf by name and place, as they are stored: nothing is checked, so that it is there at once.
 * `away` brings what was put away too.
 */
export async function readCards(away = false): Promise<Card[]> {
  const rows = await shelved();
  return rows
    .filter((row) => away || !row.archived)
    .map(({ id, place, planting }) => ({ id, place, name: nameIn(planting) ?? id }));
}

const nameIn = (planting: unknown): string | null => {
  const name = (planting as { name?: unknown } | null)?.name;
  return typeof name === 'string' && name ? name : null;
};

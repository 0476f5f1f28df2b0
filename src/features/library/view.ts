import { whyNot, type Refusal } from '@/core/compose/filter';
import { hasFacets, NO_FACETS, type Facets } from '@/core/plants/facets';
import { plantName, type Plant } from '@/core/plants/schema';
import type { Finder } from '@/core/plants/search';
import type { Planting } from '@/core/plantings/schema';

export type ShelfOrder = 'name' | 'tallest' | 'shortest';

/** What is asked of the library. */
export interface LibraryAsked {
  text: string;
  facets: Facets;
  /** Only plants that live at the container they are looked at for. */
  fits: boolean;
  mine: boolean;
  order: ShelfOrder;
}

export const ASK_NOTHING: LibraryAsked = { text: '', facets: NO_FACETS, fits: false, mine: false, order: 'name' };

export interface Shown {
  plant: Plant;
  /** Why it cannot live there; null when it can, or when no container was named. */
  refusal: Refusal | null;
}

const { compare } = new Intl.Collator('en-GB');

const BY: Record<ShelfOrder, (a: Plant, b: Plant) => number> = {
  name: (a, b) => compare(plantName(a), plantName(b)),
  tallest: (a, b) => b.heightMm[1] - a.heightMm[1],
  shortest: (a, b) => a.heightMm[1] - b.heightMm[1],
};

/** Every plant as it stands for a container. */
export const standingFor = (library: readonly Plant[], planting: Planting | null): Map<string, Refusal | null> =>
  new Map(library.map((p) => [p.id, planting ? (whyNot(p, planting)[0] ?? null) : null]));

/**
 * The plants asked for, in order: as found when something is typed, else own plants first and then by the
 * order chosen.
 */
export function viewOf(
  find: Finder,
  asked: LibraryAsked,
  standing: ReadonlyMap<string, Refusal | null>,
  own: ReadonlySet<string>,
): Shown[] {
  const found = find(asked.text).filter(
    (p) => hasFacets(p, asked.facets) && (!asked.fits || !standing.get(p.id)) && (!asked.mine || own.has(p.id)),
  );
  const list =
    asked.text.trim() && asked.order === 'name'
      ? found
      : [...found].sort((a, b) => Number(own.has(b.id)) - Number(own.has(a.id)) || BY[asked.order](a, b));
  return list.map((plant) => ({ plant, refusal: standing.get(plant.id) ?? null }));
}

/** How many things are asked, for the button that shows them on a small screen. */
export function countAsked({ facets: f, fits, mine }: LibraryAsked): number {
  return (
    f.roles.length +
    f.light.length +
    f.water.length +
    f.seasons.length +
    f.colours.length +
    f.habits.length +
    [f.near, f.heightMm, f.edible, f.petSafe, f.scented, f.forBees, f.evergreen, fits, mine].filter(Boolean).length
  );
}

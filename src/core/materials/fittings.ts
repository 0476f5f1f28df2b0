import { containerSums } from '../containers';
import { rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import type { Entry, ShopId } from './entry';
import type { Offer } from './packs';
import { FITTINGS } from './prices';

/** Something that goes with containers. */
export interface Fitting {
  key: string;
  shop: ShopId;
  item: string;
  about: string;
  unit: string;
  need: number;
  sold: readonly [Offer, ...Offer[]];
  usuallyOwned: boolean;
}

/** Top-dressing so thick, mm. Practice: two fingers. */
export const DRESSING_MM = 20;
/** Brackets no further apart than this, two at the least. Working figures, as for the load. */
const BRACKET_EVERY_MM = 500;
/** A liner laps so much over what it covers. Working figure. */
const LAP = 1.1;
/** Wall and base of a round vessel of that rim and depth, m²: enough to buy a liner by. */
function linerM2(c: Container): number {
  const { wide, deep } = rimOf(c.shape);
  const { depthMm } = containerSums(c);
  return ((2 * (wide + deep) * depthMm + wide * deep) * LAP) / 1e6;
}

function dressingL(c: Container): number {
  const { wide, deep } = rimOf(c.shape);
  return (wide * deep * DRESSING_MM) / 1e6;
}

/** What one container takes of each. */
const NEEDS: Record<keyof typeof FITTINGS, (e: Entry) => number> = {
  // Coir and what hangs in wire have no holes to cover.
  mesh: ({ planting: { container } }) =>
    container.base === 'mesh' && container.drains && container.material !== 'coir' ? 1 : 0,
  liner: ({ planting: { container } }) => (container.liner ? linerM2(container) : 0),
  hook: ({ planting: { container } }) => (container.mount === 'hook' ? 1 : 0),
  bracket: ({ planting: { container } }) =>
    container.mount === 'rail' || container.mount === 'wall'
      ? Math.max(2, Math.ceil(rimOf(container.shape).wide / BRACKET_EVERY_MM))
      : 0,
  feet: ({ planting: { container } }) => (container.feet && container.mount === 'ground' ? 1 : 0),
  dressing: ({ planting }) => (planting.brief.school === 'specimen' ? dressingL(planting.container) : 0),
};

/** There as a rule where the container is: what it hangs from and stands on. */
const THERE = new Set<string>(['hook', 'bracket', 'feet']);

/** What goes with some containers. */
export function fittingsOf(entries: readonly Entry[]): Fitting[] {
  const all = (needs: (e: Entry) => number) => entries.reduce((s, e) => s + needs(e) * e.count, 0);
  return (Object.keys(FITTINGS) as (keyof typeof FITTINGS)[])
    .map((id): Fitting => {
      const { item, size, sold } = FITTINGS[id];
      return {
        key: `fitting:${id}`,
        shop: id === 'hook' || id === 'bracket' ? 'ironmonger' : 'centre',
        item,
        about: '',
        unit: size,
        need: all(NEEDS[id]),
        sold,
        usuallyOwned: THERE.has(id),
      };
    })
    .filter((f) => f.need > 0);
}

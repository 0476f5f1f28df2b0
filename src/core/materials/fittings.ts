import { containerSums } from '../containers';
import { rimOf } from '../containers/outline';
import type { Container } from '../containers/schema';
import type { Entry, ShopId } from './entry';
import { DRIP, FITTINGS } from './prices';

/** Something that goes with containers. */
interface Fitting {
  key: string;
  shop: ShopId;
  item: string;
  about: string;
  unit: string;
  need: number;
  /** Pounds. */
  each: number;
  usuallyOwned: boolean;
}

/** Top-dressing so thick, mm. Practice: two fingers. */
export const DRESSING_MM = 20;
/** Brackets no further apart than this, two at the least. Working figures, as for the load. */
const BRACKET_EVERY_MM = 500;
/** A liner laps so much over what it covers. Working figure. */
const LAP = 1.1;
/** An emitter waters so far round it; line to each container, and between emitters; a staple so often. Working figures. */
const EMITTER_EVERY_MM = 220;
const LINE_TO_M = 1;
const STAPLE_EVERY_M = 0.5;

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

/** How many emitters a container takes: one for each so much of its length. */
export const emittersFor = (c: Container): number => Math.max(1, Math.round(rimOf(c.shape).wide / EMITTER_EVERY_MM));

const lineM = (c: Container): number => LINE_TO_M + ((emittersFor(c) - 1) * EMITTER_EVERY_MM) / 1000;

/** What one container takes of each. */
const NEEDS: Record<keyof typeof FITTINGS, (e: Entry) => number> = {
  mesh: ({ planting: { container } }) => (container.base === 'mesh' ? 1 : 0),
  liner: ({ planting: { container } }) => (container.liner ? linerM2(container) : 0),
  hook: ({ planting: { container } }) => (container.mount === 'hook' ? 1 : 0),
  bracket: ({ planting: { container } }) =>
    container.mount === 'rail' || container.mount === 'wall'
      ? Math.max(2, Math.ceil(rimOf(container.shape).wide / BRACKET_EVERY_MM))
      : 0,
  feet: ({ planting: { container } }) => (container.feet && container.mount === 'ground' ? 1 : 0),
  dressing: ({ planting }) => (planting.brief.school === 'specimen' ? dressingL(planting.container) : 0),
};

const DRIP_NEEDS: Record<keyof typeof DRIP, (c: Container) => number> = {
  emitter: emittersFor,
  line: lineM,
  staple: (c) => Math.ceil(lineM(c) / STAPLE_EVERY_M),
};

/** There as a rule where the container is: what it hangs from and stands on. */
const THERE = new Set<string>(['hook', 'bracket', 'feet']);

/** What goes with some containers; drip watering where it is wanted. */
export function fittingsOf(entries: readonly Entry[], drip: boolean): Fitting[] {
  const all = (needs: (e: Entry) => number) => entries.reduce((s, e) => s + needs(e) * e.count, 0);
  const fittings = (Object.keys(FITTINGS) as (keyof typeof FITTINGS)[]).map((id): Fitting => {
    const { item, size, price } = FITTINGS[id];
    return {
      key: `fitting:${id}`,
      shop: id === 'hook' || id === 'bracket' ? 'ironmonger' : 'centre',
      item,
      about: '',
      unit: size,
      need: all(NEEDS[id]),
      each: price,
      usuallyOwned: THERE.has(id),
    };
  });
  const dripping = (Object.keys(DRIP) as (keyof typeof DRIP)[]).map((id): Fitting => {
    const { item, size, price } = DRIP[id];
    return {
      key: `drip:${id}`,
      shop: 'ironmonger',
      item,
      about: '',
      unit: size,
      need: all((e) => DRIP_NEEDS[id](e.planting.container)),
      each: price,
      usuallyOwned: false,
    };
  });
  return [...fittings, ...(drip ? dripping : [])].filter((f) => f.need > 0);
}

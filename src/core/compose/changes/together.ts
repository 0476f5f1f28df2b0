import { startOf } from '../../layout/start-for';
import { startPrice } from '../../materials/list';
import { referTo } from '../../plants';
import { plantName, type Plant } from '../../plants/schema';
import { STARTS, type StartSize } from '../../plants/starts';
import type { Command } from '../../plantings/commands';
import type { Placed } from '../../plantings/resolve';
import { type RemedyGround, kindsOf, type Try } from './ground';
import { alternativesIn } from './swaps';

/**
 * Alternatives looked through for the cheapest, how many of those are weighed, and for how many of the
 * dearest kinds. Working figures.
 */
const LOOKED = 12;
const OFFERED = 2;
const DEAREST = 3;

/** All places of a kind given to another. */
const given = (g: RemedyGround, from: Placed, to: Plant, start: StartSize): Command[] =>
  g.free
    .filter((p) => p.plant.id === from.plant.id)
    .map((p): Command => ({ do: 'swap', id: p.id, plant: referTo(to), start }));

/** Every kind that is to blame exchanged at once, each for the most promising that suits. */
export function swapThemAll(g: RemedyGround): Try[] {
  const kinds = kindsOf(g.targets);
  if (kinds.length < 2) return [];
  const used = new Set(g.placed.map((p) => p.plant.botanical));
  const swaps = kinds.flatMap((kind) => {
    const plant = alternativesIn(g.planting, kind.role, g.library).find((p) => !used.has(p.botanical));
    const start = plant && startOf(plant, kind.role, g.planting);
    if (!plant || !start) return [];
    used.add(plant.botanical);
    return [{ kind, plant, start }];
  });
  if (swaps.length < kinds.length) return [];
  return [
    {
      label: `Replace ${swaps.map((s) => `${plantName(s.kind.plant)} with ${plantName(s.plant)}`).join(', ')}`,
      commands: swaps.flatMap((s) => given(g, s.kind, s.plant, s.start)),
    },
  ];
}

/** Pounds for so many of a plant, packs bought whole. */
const costOf = (plant: Plant, start: StartSize, n: number): number =>
  startPrice(plant, start).pack * Math.ceil(n / STARTS[start].perPack);

/** The cheaper of the smallest start and the usual one for so many of a plant. */
function cheapest(
  g: RemedyGround,
  plant: Plant,
  role: Placed['role'],
  n: number,
): { start: StartSize; price: number } | null {
  const sizes = [true, false].flatMap((cheap) => startOf(plant, role, g.planting, cheap) ?? []);
  const offers = sizes.map((start) => ({ start, price: costOf(plant, start, n) }));
  return offers.sort((x, y) => x.price - y.price)[0] ?? null;
}

/** Cheaper plants for one kind, cheapest first. */
function cheaperFor(
  g: RemedyGround,
  kind: Placed,
  price: number,
  n: number,
): { plant: Plant; start: StartSize; price: number }[] {
  const used = new Set(g.placed.map((p) => p.plant.botanical));
  return alternativesIn(g.planting, kind.role, g.library)
    .filter((p) => !used.has(p.botanical))
    .slice(0, LOOKED)
    .flatMap((plant) => {
      const found = cheapest(g, plant, kind.role, n);
      return found && found.price < price ? [{ plant, ...found }] : [];
    })
    .sort((a, b) => a.price - b.price)
    .slice(0, OFFERED);
}

/** All of it in the smallest starts; and on top of that one of the dearest kinds for a cheaper, or one plant fewer. */
export function cheaperThroughout(g: RemedyGround): Try[] {
  const kinds = kindsOf(g.free).map((kind) => {
    const n = g.free.filter((p) => p.plant.id === kind.plant.id).length;
    const now = { start: kind.start, price: costOf(kind.plant, kind.start, n) };
    const offer = cheapest(g, kind.plant, kind.role, n);
    return { kind, n, ...(offer && offer.price < now.price ? offer : now) };
  });
  const smaller = kinds.flatMap(({ kind, start }) =>
    g.free
      .filter((p) => p.plant.id === kind.plant.id && p.start !== start)
      .map((p): Command => ({ do: 'start', id: p.id, start })),
  );
  const and = (words: string, commands: Command[]): Try => ({
    label: smaller.length > 0 ? `Smallest sizes, and ${words.charAt(0).toLowerCase()}${words.slice(1)}` : words,
    commands: [...smaller, ...commands],
  });
  const dearest = [...kinds].sort((a, b) => b.price - a.price).slice(0, DEAREST);
  const swaps = dearest.flatMap(({ kind, price, n }) =>
    cheaperFor(g, kind, price, n).map(({ plant, start }) =>
      and(`Replace ${plantName(kind.plant)} with ${plantName(plant)}`, given(g, kind, plant, start)),
    ),
  );
  const fewer = kinds
    .filter(({ n }) => n > 1)
    .map(({ kind }) => and(`Remove one ${plantName(kind.plant)}`, [{ do: 'remove', id: kind.id }]));
  const only = smaller.length > 0 ? [{ label: 'Buy every plant in its smallest size', commands: smaller }] : [];
  return [...only, ...fewer, ...swaps];
}

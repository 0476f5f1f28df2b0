import type { Plant } from '@/core/plants/schema';
import { STARTS } from '@/core/plants/starts';
import type { Nursery, StockLine } from '@/core/stock/schema';
import { hashText, seeded } from '@/core/units/number';

/** Of ten lines about so many are out. Working figure: an ordinary Saturday in May. */
const OUT = 0.28;

/** One plant in one size on one day: out, few or many, at a price within a tenth or so of the ordinary one. */
function lineOf(p: Plant, at: Plant['starts'][number], day: string): StockLine {
  const random = seeded(hashText(`${day}/${p.id}/${at.size}`));
  const out = random() < OUT;
  const many = STARTS[at.size].perPack > 1 ? 30 : 45;
  return {
    plantId: p.id,
    start: at.size,
    price: Math.round(at.price * (0.9 + 0.25 * random()) * 20) / 20,
    available: out ? 0 : 1 + Math.floor(many * random() ** 1.6),
  };
}

/** A nursery that exists only here: the same day gives the same list. Stands where a real stock feed would. */
export const simulatedNursery: Nursery = {
  name: 'Kelp Street plant barrow (simulated)',
  ask: async (library, today) => ({
    nursery: simulatedNursery.name,
    askedAt: today,
    lines: library.flatMap((p) => p.starts.map((s) => lineOf(p, s, today))),
  }),
};

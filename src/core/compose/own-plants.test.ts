import { some } from '../testing/some';
import { assess } from '../balance/assess';
import { readPlanting } from '../formats/planting';
import { linesOf, shoppingList } from '../materials/list';
import { LIBRARY, libraryWith } from '../plants';
import type { Plant } from '../plants/schema';
import { apply } from '../plantings/commands';
import { plantIdOf, resolve } from '../plantings/resolve';
import { placed, pot, warmPot } from '../testing/pots';
import { compose } from './compose';
import { withRemedies } from './changes/remedies';
import { rankSwaps } from './changes/swaps';

const by = (id: string) => LIBRARY.find((p) => p.id === id) as Plant;
const mine: Plant = {
  ...by('petunia-red'),
  id: 'own-lido-red',
  variety: 'lido red',
  starts: [{ size: 'p9', price: 1.5 }],
};
const library = libraryWith([mine]);

describe('a plant of one’s own', () => {
  const { proposals } = compose(pot({ brief: { ...pot().brief, must: [mine.id] } }), { library });

  test('is composed with, and every proposal that must have it does', () => {
    expect(proposals.length).toBeGreaterThanOrEqual(3);
    for (const p of some(proposals)) expect(p.planting.placements.map(plantIdOf)).toContain(mine.id);
  });
  test('goes with the planting, so that a file of it can be opened where nobody knows the plant', () => {
    const first = proposals[0]?.planting;
    const opened = readPlanting(JSON.parse(JSON.stringify(first)));
    expect(opened).toEqual(first);
    expect(resolve(opened).find((p) => p.plant.id === mine.id)?.plant).toEqual(mine);
    expect(assess(opened).score).toBe(proposals[0]?.report.score);
  });
  test('is bought at its own price', () => {
    const first = proposals[0]?.planting ?? pot();
    const line = linesOf(shoppingList(first, 1), 'plant').find((l) => l.plant.id === mine.id);
    expect(line?.price).toBeCloseTo(1.5 * (line?.count ?? 0), 6);
  });
  test('the shipped plants beside it stay ids', () => {
    for (const p of some(proposals[0]?.planting.placements))
      expect(typeof p.plant === 'string' || p.plant.id === mine.id).toBe(true);
  });
});

test('swaps offer what is in the library they are given, own plants with their record', () => {
  const few = [mine, by('marigold-orange'), by('zinnia-white')];
  const swaps = rankSwaps(warmPot(), 'a', 24, few);
  expect(swaps.map((s) => s.plant.id).sort()).toEqual(few.map((p) => p.id).sort());
  const swap = swaps.find((s) => s.plant === mine);
  const then = apply(warmPot(), { do: 'swap', id: 'a', plant: mine, start: swap?.start ?? 'p9' });
  expect(resolve(then)[1]?.plant).toBe(mine);
  expect(swap?.report.score).toBe(assess(then).score);
});

test('remedies take their plants from the library they are given', () => {
  const plain = pot({
    placements: [
      placed('a', 'pelargonium-scarlet', 'thriller', 0, 0, 'l1'),
      placed('b', 'busy-lizzie-coral', 'filler', 110, 0),
      placed('c', 'busy-lizzie-coral', 'filler', -110, 0),
      placed('d', 'petunia-white', 'filler', 0, 110),
    ].filter((p) => by(String(p.plant))),
  });
  const few = [mine, by('canna-dwarf-red'), by('calibrachoa-yellow'), by('marigold-orange')];
  const report = withRemedies(plain, assess(plain), few);
  const used = report.findings.flatMap((f) =>
    f.remedies.flatMap((r) =>
      r.commands.flatMap((c) => (c.do === 'swap' ? [typeof c.plant === 'string' ? c.plant : c.plant.id] : [])),
    ),
  );
  expect(used.length).toBeGreaterThan(0);
  expect(used.filter((id) => !few.some((p) => p.id === id))).toEqual([]);
});

test('a corrected plant is judged as corrected', () => {
  const tall = { ...by('calibrachoa-yellow'), heightMm: [900, 1000] as [number, number] };
  const p = warmPot();
  const then = { ...p, placements: p.placements.map((x) => (plantIdOf(x) === tall.id ? { ...x, plant: tall } : x)) };
  const heightOf = (q: typeof p) => assess(q).findings.find((f) => f.check === 'height')?.measured ?? 0;
  expect(heightOf(then)).toBeGreaterThan(heightOf(p));
});

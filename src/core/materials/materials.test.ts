import fc from '../testing/fc';
import { some } from '../testing/some';
import { placed, pot, roundPot, warmPot } from '../testing/pots';
import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { bagsFor } from './bags';
import { linesOf, shoppingList, type ShoppingLine, startPrice } from './list';
import { BAGS, FEED_G_PER_L } from './prices';

const litres = (need: number) => bagsFor(need).reduce((s, b) => s + b.litres * b.count, 0);

describe('bags', () => {
  test.each([
    [0, 0],
    [8, 10],
    [36, 40],
    [41, 50],
    [61, 70],
    [120, 120],
    [121, 130],
  ])('%p L is met by %p L', (need, got) => expect(litres(need)).toBe(got));
  test('of two ways to the same litres the cheaper is taken', () =>
    expect(bagsFor(60)).toEqual([{ litres: 60, label: '60 L bag', price: 11, count: 1 }]));
  test('never short, never a whole small bag too much', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 900, noNaN: true }), (need) => {
        expect(litres(need)).toBeGreaterThanOrEqual(need);
        expect(litres(need) - need).toBeLessThanOrEqual(BAGS[0].litres);
      }),
    );
  });
});

describe('the shopping list', () => {
  test('counts kinds together and multiplies by the set', () => {
    const p = pot({
      placements: [
        placed('a', 'petunia-white', 'filler', -90, 0),
        placed('b', 'petunia-white', 'filler', 90, 0),
        placed('c', 'petunia-white', 'filler', 0, 90, 'p10'),
      ],
    });
    const list = shoppingList(p, 3);
    expect(linesOf(list, 'plant').map((l) => [l.start, l.count, l.price])).toEqual([
      ['p9', 6, 12],
      ['p10', 3, expect.closeTo(8.4, 6)],
    ]);
  });

  test('six-packs are bought whole, and what is spare is told', () => {
    const list = shoppingList(
      pot({
        placements: Array.from({ length: 4 }, (_, i) =>
          placed(`p${i}`, 'lobelia-blue', 'spiller', i * 60 - 90, 100, 'pack6'),
        ),
      }),
      2,
    );
    expect(list.lines[0]).toMatchObject({ kind: 'plant', count: 8, buy: 2, spare: 4, price: 6.8 });
  });

  test('total is plants, bags and feed; each is total over the set', () => {
    const list = shoppingList({ ...warmPot(), container: roundPot(400, 290, 360, { count: 2 }) });
    const spent = (kind: ShoppingLine['kind']) => linesOf(list, kind).reduce((s, l) => s + l.price, 0);
    expect(list.total).toBeCloseTo(spent('plant') + spent('mix') + spent('feed'), 9);
    expect(spent('mix')).toBeGreaterThan(0);
    expect(list.each * 2).toBeCloseTo(list.total, 9);
    // In whole pence, so that the lines as they are printed come to the total as it is printed.
    for (const { price } of some(list.lines)) expect(price).toBe(Number(price.toFixed(2)));
    expect(linesOf(list, 'feed')[0]?.buy).toBe(Math.round(list.mixL * FEED_G_PER_L));
  });

  test('a size it is not sold in is priced from the nearest, and said to be a guess', () => {
    const petunia = LIBRARY.find((p) => p.id === 'petunia-white') as Plant;
    const guess = startPrice(petunia, 'l1');
    expect(guess.soldSo).toBe(false);
    expect(guess.pack).toBeGreaterThan(2.8);
    expect(startPrice(petunia, 'p9')).toEqual({ pack: 2, soldSo: true });
  });
});

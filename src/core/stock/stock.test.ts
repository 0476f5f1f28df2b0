import { some } from '../testing/some';
import { compose } from '../compose/compose';
import { BadInputError } from '../formats/parse';
import { readStockCsv, stockCsv } from '../formats/stock-csv';
import { linesOf, shoppingList } from '../materials/list';
import { LIBRARY } from '../plants';
import { plantIdOf, resolve } from '../plantings/resolve';
import { warmPot } from '../testing/pots';
import type { Stock, StockLine } from './schema';
import { inStock, NOTHING_OF_MINE, shelfOf, availabilityOf } from './shelf';

const stock = (lines: StockLine[]): Stock => ({ nursery: 'Barrow', askedAt: '2026-05-01', lines });
const line = (plantId: string, start: StockLine['start'], available: number, price = 2): StockLine => ({
  plantId,
  start,
  available,
  price,
});

/** Everything in every size, one line in four of it out. */
const most = (plants = LIBRARY): Stock =>
  stock(
    plants
      .flatMap((p) => p.starts.map((x) => ({ size: x, id: p.id })))
      .map(({ size, id }, i) => line(id, size.size, i % 4 === 0 ? 0 : 5, size.price)),
  );

test('only what can be had, in the sizes it is had in, at the nursery’s price', () => {
  const some = inStock(
    LIBRARY,
    stock([line('petunia-white', 'p9', 4, 1.8), line('petunia-white', 'pack6', 0), line('petunia-red', 'p9', 0)]),
  );
  expect(some.map((p) => [p.id, p.starts])).toEqual([['petunia-white', [{ size: 'p9', price: 1.8 }]]]);
  expect(shelfOf({ ...NOTHING_OF_MINE, stock: stock([]) })).toEqual([]);
  expect(shelfOf(NOTHING_OF_MINE)).toBe(LIBRARY);
});

test('in stock, too few, out, and not listed are told apart, with other sizes there', () => {
  const s = stock([line('petunia-white', 'p9', 4), line('petunia-white', 'pack6', 3), line('petunia-red', 'p9', 0)]);
  expect(availabilityOf(s, 'petunia-white', 'p9', 4).state).toBe('in stock');
  expect(availabilityOf(s, 'petunia-white', 'p9', 5)).toMatchObject({ state: 'too few', others: [{ start: 'pack6' }] });
  expect(availabilityOf(s, 'petunia-red', 'p9', 1).state).toBe('out');
  expect(availabilityOf(s, 'petunia-red', 'l1', 1).state).toBe('not listed');
});

test('the shopping list uses the nursery’s prices where it has them', () => {
  const usual = shoppingList(warmPot(), 1);
  const at = shoppingList(warmPot(), 1, stock([line('canna-dwarf-red', 'l1', 1, 99)]));
  expect(linesOf(at, 'plant').find((p) => p.plant.id === 'canna-dwarf-red')?.price).toBe(99);
  expect(linesOf(at, 'plant').find((p) => p.plant.id === 'lantana-sunset')?.price).toBe(
    linesOf(usual, 'plant').find((p) => p.plant.id === 'lantana-sunset')?.price,
  );
});

test('composing from stock uses nothing that is out, in no size that is out', () => {
  const had = most();
  const { proposals } = compose({ ...warmPot(), placements: [] }, { library: shelfOf({ own: [], stock: had }) });
  expect(proposals.length).toBeGreaterThanOrEqual(4);
  for (const p of some(proposals)) {
    for (const x of resolve(p.planting)) {
      const all = had.lines.filter((l) => l.plantId === x.plant.id && l.available > 0);
      expect(all.map((l) => l.start)).toContain(x.start);
    }
    // Shipped plants are still referred to by id: stock is no part of a planting.
    expect(p.planting.placements.every((x) => typeof x.plant === 'string')).toBe(true);
    expect(p.planting.placements.map(plantIdOf).every((id) => had.lines.some((l) => l.plantId === id))).toBe(true);
  }
});

describe('a nursery’s list as CSV', () => {
  test('goes out and comes back the same', () => {
    const had = most(LIBRARY.slice(0, 40));
    expect(readStockCsv(stockCsv(had, LIBRARY), LIBRARY)).toEqual({ lines: had.lines, errors: [] });
  });
  test('names are found in any order of words, sizes in plain words', () => {
    const { lines, errors } = readStockCsv(
      'Plant,Size,Price,Qty\n"Petunia, deep violet",9 cm pot,£2.10,12\nviolet deep Petunia,6-pack,4,0\n',
      LIBRARY,
    );
    expect(errors).toEqual([]);
    expect(lines).toEqual([line('petunia-violet', 'p9', 12, 2.1), line('petunia-violet', 'pack6', 0, 4)]);
  });
  test('rows that cannot be read are told, the others kept', () => {
    const { lines, errors } = readStockCsv(
      'plant,start,price,available\ntriffid,p9,2,3\npetunia-white,bucket,2,3\npetunia-white,p9,cheap,3\npetunia-white,p9,2,some\npetunia-white,p9,2,1.5\npetunia-white,p9,2,3\npetunia-white,p9,2,9\n',
      LIBRARY,
    );
    expect(lines).toEqual([line('petunia-white', 'p9', 3)]);
    expect(errors.map((e) => [e.row, e.message.replace(/^“.*?” /, '')])).toEqual([
      [2, expect.stringMatching(/not in the library/)],
      [3, expect.stringMatching(/not a size to buy/)],
      [4, expect.stringMatching(/not a price/)],
      [5, expect.stringMatching(/not a count/)],
      [6, expect.stringMatching(/whole number/)],
      [8, expect.stringMatching(/twice/)],
    ]);
  });
  test('without its columns nothing is read', () => {
    expect(readStockCsv('plant,price\npetunia-white,2\n', LIBRARY)).toEqual({
      lines: [],
      errors: [
        {
          row: 1,
          message: 'There is no column for start, available. Name the columns plant, start, price, available.',
        },
      ],
    });
    expect(() => readStockCsv('nothing', LIBRARY)).toThrow(BadInputError);
  });
});

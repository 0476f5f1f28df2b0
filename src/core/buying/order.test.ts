import fc from '../testing/fc';
import { mixToBuyL } from '../containers';
import { ballsL } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { placed, pot, roundPot, warmPot } from '../testing/pots';
import { some } from '../testing/some';
import { inMoney, moneyText } from '../units/money';
import { sum } from '../units/number';
import { bagsFor } from '../materials/bags';
import { FEEDS } from '../materials/feeds';
import { emittersFor } from './drip';
import { mixOf } from '../materials/mixes';
import { orderFor, toPay } from './order';
import { buyText, isHad, PLAIN_WANTS, type OrderLine } from './order-line';
import { fillBy, type Offer, offersOf, PACKS } from '../materials/packs';

/** Every way to buy so many offers, tried one by one. */
function bruteForce(need: number, offers: readonly Offer[]): { price: number; over: number }[] {
  const out: { price: number; over: number }[] = [];
  const go = (i: number, held: number, price: number): void => {
    if (held >= need) {
      out.push({ price, over: held - need });
      return;
    }
    const o = offers[i];
    if (!o) return;
    for (let n = 0; held + n * o.holds < need + o.holds; n += 1) go(i + 1, held + n * o.holds, price + n * o.price);
  };
  go(0, 0, 0);
  return out;
}

const offers = fc
  .uniqueArray(fc.tuple(fc.integer({ min: 1, max: 18 }), fc.integer({ min: 50, max: 900 })), {
    minLength: 1,
    maxLength: 3,
    selector: ([holds]) => holds,
  })
  .map((list): Offer[] => list.map(([holds, pence], i) => ({ label: `o${i}`, holds, price: pence })));

describe('packs', () => {
  test('the cheapest of all ways, as trying every one of them finds', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), offers, (need, of) => {
        const bought = fillBy(need, of);
        expect(sum(bought.map((b) => b.holds * b.count))).toBeGreaterThanOrEqual(need);
        expect(sum(bought.map((b) => b.price * b.count))).toBe(Math.min(...bruteForce(need, of).map((w) => w.price)));
      }),
      { numRuns: 150 },
    );
  });
  test('the least over, and of those the cheapest', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), offers, (need, of) => {
        const bought = fillBy(need, of, 'least over');
        const ways = bruteForce(need, of);
        const least = Math.min(...ways.map((w) => w.over));
        expect(sum(bought.map((b) => b.holds * b.count)) - need).toBe(least);
        expect(sum(bought.map((b) => b.price * b.count))).toBe(
          Math.min(...ways.filter((w) => w.over === least).map((w) => w.price)),
        );
      }),
      { numRuns: 150 },
    );
  });
  test('forty nine-centimetre pots are two trays and four singles', () =>
    expect(buyText({ buy: fillBy(40, offersOf('p9', 2)), unit: '9 cm pot' })).toBe('2 × tray of 18 + 4'));
  test('of every start the pack its record prices is sold', () => {
    for (const packs of Object.values(PACKS)) expect(packs.some((p) => p.costs === 1)).toBe(true);
  });
});

describe('bags', () => {
  test('by the quart and the cubic foot as by the litre: never short', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 600, noNaN: true }), fc.constantFrom('metric', 'imperial'), (need, u) => {
        const held = sum(bagsFor(need, u as 'metric').map((b) => b.litres * b.count));
        expect(held).toBeGreaterThanOrEqual(need - 0.1);
        expect(held - need).toBeLessThan(12);
      }),
    );
  });
  test('a load of loose mix for many, where that is cheaper', () => {
    const many = bagsFor(1600);
    expect(many[0]).toMatchObject({ litres: 500, count: 3 });
    expect(sum(many.map((b) => b.litres * b.count))).toBeGreaterThanOrEqual(1600);
    expect(bagsFor(600).every((b) => b.litres < 100)).toBe(true);
  });
});

const basket: Planting = pot({
  id: 'basket',
  container: {
    ...roundPot(350, 200, 190),
    shape: { kind: 'basket', topMm: 350, depthMm: 190 },
    mount: 'hook',
    liner: true,
  },
  placements: [
    placed('a', 'petunia-white', 'filler', 0, 0),
    placed('b', 'lobelia-blue', 'spiller', 90, 0),
    placed('c', 'lobelia-blue', 'spiller', -90, 0),
  ],
});
const box: Planting = pot({
  id: 'box',
  container: {
    ...roundPot(350, 200, 190),
    shape: { kind: 'box', lengthMm: 800, widthMm: 200, baseLengthMm: 760, baseWidthMm: 180, depthMm: 190 },
    mount: 'rail',
  },
  placements: [placed('a', 'petunia-white', 'filler', -100, 0), placed('b', 'lobelia-blue', 'spiller', 100, 0)],
});

describe('six baskets and two boxes', () => {
  const both = [
    { planting: basket, count: 6 },
    { planting: box, count: 2 },
  ];
  const all = orderFor(both);
  const parts = both.map((e) => orderFor([e]));
  const needOf = (o: typeof all, key: string) => o.lines.find((l) => l.key === key)?.need ?? 0;

  test('want just what their parts want together', () => {
    for (const { key } of some(all.lines))
      expect(needOf(all, key)).toBeCloseTo(sum(parts.map((p) => needOf(p, key))), key.startsWith('feed') ? -1 : 6);
    expect(all.plants).toBe(6 * 3 + 2 * 2);
    expect(all.containers).toBe(8);
  });
  test('mix is what each takes, times how many there are', () =>
    expect(all.mixL.ordinary).toBeCloseTo(
      sum(both.map((e) => mixToBuyL(e.planting.container, ballsL(e.planting.placements)) * e.count)),
      9,
    ));
  test('cost no more than bought apart, and the total is the sum of its lines', () => {
    expect(toPay(all)).toBeLessThanOrEqual(sum(parts.map((p) => toPay(p))) + 1e-9);
    expect(toPay(all)).toBeCloseTo(sum(all.lines.filter((l) => !isHad(l, {})).map((l) => l.price)), 9);
  });
  test.each(['metric', 'imperial'] as const)('in %s, in pounds and in dollars, lines add up to the total', (units) => {
    const order = orderFor(both, { ...PLAIN_WANTS, units });
    const dollars = { code: 'USD', perPound: 1.3 } as const;
    const lines = order.lines.filter((l) => !isHad(l, {}));
    // Each line is rounded to the cent, so that a total may be off by half a cent a line.
    const off = Math.abs(sum(lines.map((l) => inMoney(l.price, dollars))) - inMoney(toPay(order), dollars));
    expect(off).toBeLessThanOrEqual(0.005 * lines.length + 0.005);
    expect(moneyText(12.5, dollars)).toBe('US$16.25');
  });
  test('hooks and brackets are counted, and taken to be there', () => {
    expect(needOf(all, 'fitting:hook')).toBe(6);
    expect(needOf(all, 'fitting:bracket')).toBe(2 * 2);
    const hook = all.lines.find((l) => l.key === 'fitting:hook');
    expect(hook && isHad(hook, {})).toBe(true);
    expect(hook && isHad(hook, { 'fitting:hook': false })).toBe(false);
  });
  test('drip is bought only where it is wanted, an emitter for so much of each length', () => {
    expect(all.lines.filter((l) => l.key.startsWith('drip'))).toEqual([]);
    const drip = orderFor(both, { ...PLAIN_WANTS, drip: true });
    const emitters = sum(['drip:emitter2', 'drip:emitter4', 'drip:emitter8'].map((k) => needOf(drip, k)));
    expect(emitters).toBe(6 * emittersFor(basket.container) + 2 * emittersFor(box.container));
    expect(emittersFor(box.container)).toBeGreaterThan(emittersFor(basket.container));
  });
});

const none = { buy: [], unit: '' } satisfies Pick<OrderLine, 'buy' | 'unit'>;

describe('an order', () => {
  test('prices of one’s own hold for every pack of a plant, and can be told', () => {
    const key = 'plant:petunia-white:p9';
    const entries = [{ planting: basket, count: 40 }];
    const own = orderFor(entries, { ...PLAIN_WANTS, prices: { [key]: 1 } }).lines.find((l) => l.key === key);
    expect(own).toMatchObject({ own: true, priced: { of: '9 cm pot', pounds: 1 } });
    expect(own?.price).toBeCloseTo(2 * 15.3 + 4, 6);
  });
  test('what is ticked is not to be paid', () => {
    const order = orderFor([{ planting: warmPot(), count: 1 }]);
    const [first] = order.lines;
    if (!first) throw new Error('nothing to buy');
    expect(toPay(order) - toPay(order, { [first.key]: true })).toBeCloseTo(first.price, 9);
  });
  test('feed by its school: liquid and pellets by the weeks it stands, slow-release once', () => {
    expect(FEEDS.slow.needs(10)).toBe(40);
    expect(FEEDS.liquid.needs(10, 20)).toBeGreaterThan(FEEDS.liquid.needs(10, 10));
    expect(FEEDS.liquid.needs(10, 4)).toBe(0);
    expect(FEEDS.pellets.needs(10, 26)).toBeCloseTo(10 * 1.5 * 6, 6);
  });
  test('beside slow-release a summer of hungry kinds takes liquid, a light one or a winter none', () => {
    const liquid = (planting: Planting, feed: 'slow' | 'liquid' = 'slow') =>
      orderFor([{ planting, count: 1 }], { ...PLAIN_WANTS, feed }).lines.filter((l) => l.key === 'feed:liquid');
    expect(liquid(basket)[0]?.need).toBeGreaterThan(0);
    // A school of its own is told once.
    expect(liquid(basket, 'liquid')).toHaveLength(1);
    const light = pot({ placements: [placed('a', 'echeveria-dark', 'filler', 0, 0)] });
    expect(liquid(light)).toEqual([]);
    expect(liquid({ ...basket, startDate: '2026-09-28' })).toEqual([]);
    expect(liquid({ ...basket, brief: { ...basket.brief, lasting: true } })).toEqual([]);
    const modest = pot({ placements: [placed('a', 'pelargonium-scarlet', 'filler', 0, 0)] });
    const hungry = pot({ placements: [placed('a', 'petunia-violet', 'filler', 0, 0)] });
    expect(liquid(modest)[0]?.need ?? 0).toBeLessThan(liquid(hungry)[0]?.need ?? 0);
  });
  test('mix is what lime-haters need, else what half of it asks for', () => {
    const of = (...plants: string[]) =>
      mixOf(pot({ placements: plants.map((p, i) => placed(`p${i}`, p, 'filler', i * 40, 0)) }));
    expect(of('petunia-white', 'petunia-white')).toBe('ordinary');
    expect(of('gaultheria', 'petunia-white')).toBe('acid');
    expect(of('echeveria-dark', 'stonecrop-bronze', 'petunia-white')).toBe('gritty');
  });
  test('what is sold in tubs, coils and packs is bought in the cheapest that make it up', () => {
    const line = (count: number, key: string) =>
      orderFor([{ planting: warmPot(), count }], { ...PLAIN_WANTS, drip: true }).lines.find((l) => l.key === key);
    expect(buyText(line(1, 'feed:slow') ?? none)).toBe('1 × 500 g tub');
    expect(line(1, 'feed:slow')?.spare).toBeCloseTo(500 - (line(1, 'feed:slow')?.need ?? 0), 9);
    // Four hundred litres of mix want 1,600 g: a kilogram and a half are cheaper than two.
    const many = line(13, 'feed:slow');
    expect(sum((many?.buy ?? []).map((b) => b.holds * b.count))).toBeGreaterThanOrEqual(many?.need ?? Infinity);
    expect(buyText(line(1, 'drip:main') ?? none)).toBe('1 × 25 m coil');
    expect(buyText(line(1, 'drip:timer') ?? none)).toBe('1');
  });
  test('a share over is bought in hand where that is asked for', () => {
    const bought = (spare: number) =>
      orderFor([{ planting: basket, count: 40 }], { ...PLAIN_WANTS, spare }).lines.find(
        (l) => l.key === 'plant:petunia-white:p9',
      );
    const held = (spare: number) => sum((bought(spare)?.buy ?? []).map((b) => b.holds * b.count));
    expect(bought(0.1)?.need).toBe(40);
    expect(held(0)).toBeGreaterThanOrEqual(40);
    expect(held(0.1)).toBeGreaterThanOrEqual(44);
  });
  test('coir has no holes to mesh', () => {
    const meshed = (material: 'coir' | 'plastic') =>
      orderFor([{ planting: { ...basket, container: { ...basket.container, material } }, count: 1 }]).lines.some(
        (l) => l.key === 'fitting:mesh',
      );
    expect([meshed('plastic'), meshed('coir')]).toEqual([true, false]);
  });
  test('of nothing there is nothing to buy', () => {
    expect(orderFor([])).toMatchObject({ lines: [], containers: 0, plants: 0 });
    expect(orderFor([{ planting: basket, count: 0 }]).lines).toEqual([]);
  });
});

import { setOutForWinter } from '../balance/suits';
import { mayEscape } from '../climate/kind';
import { containerSums, mixToBuyL } from '../containers';
import { describe } from '../containers/describe';
import { MATERIALS } from '../containers/materials';
import { judgedWeeks } from '../growth/span';
import { factsOf } from '../plants/facts';
import { plantName, type Plant } from '../plants/schema';
import { STARTS, type StartSize } from '../plants/starts';
import { ROLES, type Role } from '../plants/traits';
import { ballsL, resolve } from '../plantings/resolve';
import { sum } from '../units/number';
import { bagsFor } from '../materials/bags';
import { delivered, type Delivery, deliveryWeek } from './delivery';
import type { Entry } from '../materials/entry';
import { dripFittings } from './drip';
import { type FeedId, FEEDS, liquidBesides } from '../materials/feeds';
import { fittingsOf } from '../materials/fittings';
import { priceOf } from '../materials/list';
import { MIXES, type MixId, mixOf } from '../materials/mixes';
import {
  type Have,
  isHad,
  type OrderLine,
  packedLine,
  penny,
  PLAIN_WANTS,
  plainLine,
  priceOfAll,
  type Wants,
} from './order-line';
import { type Bought, fillBy, offersOf } from '../materials/packs';
import { CONTAINER_LEAST, CONTAINER_PER_L, FEED_SOLD, SUPPORTS } from '../materials/prices';

/** All there is to buy for some containers. */
export interface Order {
  lines: OrderLine[];
  /** Containers in all. */
  containers: number;
  plants: number;
  /** Litres of mix, by sort. */
  mixL: Partial<Record<MixId, number>>;
}

interface Kind {
  plant: Plant;
  start: StartSize;
  role: Role;
  need: number;
  escapes: boolean;
  deliveries: Delivery[];
}

function plantKinds(entries: readonly Entry[]): Kind[] {
  const kinds = new Map<string, Kind>();
  for (const { planting, count } of entries) {
    for (const { plant, start, role } of resolve(planting)) {
      const key = `${plant.id}:${start}`;
      const known = kinds.get(key) ?? { plant, start, role, need: 0, escapes: false, deliveries: [] };
      const escapes = known.escapes || mayEscape(factsOf(plant).runsWild, planting.spot.climate);
      const deliveries = [...known.deliveries, { week: deliveryWeek(planting.startDate), need: count }];
      kinds.set(key, { ...known, need: known.need + count, escapes, deliveries });
    }
  }
  return [...kinds.values()].sort((a, b) => ROLES.indexOf(a.role) - ROLES.indexOf(b.role));
}

function plantLines(entries: readonly Entry[], { stock, prices, spare }: Wants): OrderLine[] {
  return plantKinds(entries).map(({ plant, start, role, need, escapes, deliveries }): OrderLine => {
    const key = `plant:${plant.id}:${start}`;
    const listed = priceOf(plant, start, stock);
    const own = prices[key];
    // A few over where some are wanted in hand.
    const buy = fillBy(Math.ceil(need * (1 + spare)), offersOf(start, own ?? listed.pack));
    return {
      key,
      shop: 'nursery',
      item: plantName(plant),
      about: plant.botanical,
      need,
      unit: STARTS[start].label,
      buy,
      spare: sum(buy.map((b) => b.holds * b.count)) - need,
      price: priceOfAll(buy),
      priced: { of: STARTS[start].label, pounds: own ?? listed.pack },
      own: own !== undefined,
      note: null,
      plant: { plant, start, role, soldSo: listed.soldSo, escapes },
      deliveries: delivered(deliveries),
      usuallyOwned: false,
    };
  });
}

/** Litres of each sort of mix. */
function mixLitres(entries: readonly Entry[]): Partial<Record<MixId, number>> {
  const out: Partial<Record<MixId, number>> = {};
  for (const { planting, count } of entries) {
    const mix = mixOf(planting);
    out[mix] = (out[mix] ?? 0) + mixToBuyL(planting.container, ballsL(planting.placements)) * count;
  }
  return out;
}

function mixLines(mixL: Order['mixL'], wants: Wants): OrderLine[] {
  return (Object.keys(MIXES) as MixId[]).flatMap((id): OrderLine[] => {
    const litres = mixL[id] ?? 0;
    if (litres <= 0) return [];
    const key = `mix:${id}`;
    // A price of one's own is for a litre: it holds for every bag.
    const own = wants.prices[key];
    const bags = bagsFor(litres, wants.units);
    const buy = bags.map((b): Bought => ({
      label: b.label,
      holds: b.litres,
      price: penny(own === undefined ? b.price * MIXES[id].costs : own * b.litres),
      count: b.count,
    }));
    return [
      {
        key,
        shop: 'centre',
        item: MIXES[id].label,
        about: 'allowing for settling, minus the root balls',
        need: litres,
        unit: 'L',
        buy,
        spare: sum(buy.map((b) => b.holds * b.count)) - litres,
        price: priceOfAll(buy),
        priced: { of: 'litre', pounds: own ?? priceOfAll(buy) / Math.max(1, sum(buy.map((b) => b.holds * b.count))) },
        own: own !== undefined,
        note: null,
        plant: null,
        deliveries: [],
        usuallyOwned: false,
      },
    ];
  });
}

const mixFor = ({ container, placements }: Entry['planting']): number => mixToBuyL(container, ballsL(placements));

/**
 * Liquid that a season with slow-release takes besides, mL; none in winter, for what stays for years or feeds
 * lightly.
 */
function besides({ planting, count }: Entry): number {
  const kinds = resolve(planting).map((p) => p.plant);
  const fed = kinds.some((p) => p.feed !== 'light') && !planting.brief.lasting && !setOutForWinter(planting);
  const hungry = kinds.some((p) => p.feed === 'hungry');
  return fed ? liquidBesides(mixFor(planting), judgedWeeks(planting), hungry) * count : 0;
}

function feedLines(entries: readonly Entry[], wants: Wants): OrderLine[] {
  const line = (id: FeedId, need: number, about: string): OrderLine => ({
    ...packedLine(
      { key: `feed:${id}`, shop: 'centre', item: FEEDS[id].label, about, unit: FEEDS[id].unit },
      Math.round(need),
      FEED_SOLD[id],
      wants,
    ),
    note: 'Follow the label. Wear gloves.',
  });
  const { needs, how } = FEEDS[wants.feed];
  const main = sum(entries.map(({ planting, count }) => needs(mixFor(planting), judgedWeeks(planting)) * count));
  const more = wants.feed === 'slow' ? sum(entries.map(besides)) : 0;
  return [
    line(wants.feed, main, how),
    ...(more > 0 ? [line('liquid', more, 'weekly, once the slow-release no longer carries them')] : []),
  ];
}

function supportLines(entries: readonly Entry[], wants: Wants): OrderLine[] {
  const need = new Map<keyof typeof SUPPORTS, number>();
  for (const { planting, count } of entries)
    for (const { plant, role } of resolve(planting)) {
      const { support } = factsOf(plant);
      if (support !== 'none' && role !== 'spiller') need.set(support, (need.get(support) ?? 0) + count);
    }
  return [...need].map(([id, n]) => {
    const { item, size, price } = SUPPORTS[id];
    const line = plainLine({ key: `support:${id}`, shop: 'ironmonger', item, about: '', unit: size }, n, price, wants);
    return { ...line, note: 'Put caps on the canes: the ends are at eye height.' };
  });
}

/** The containers themselves: as a rule they are there. */
function containerLines(entries: readonly Entry[], wants: Wants): OrderLine[] {
  const kinds = new Map<string, { item: string; about: string; each: number; need: number }>();
  for (const {
    planting: { container },
    count,
  } of entries) {
    const item = describe(container, wants.units);
    const about = MATERIALS[container.material].label.toLowerCase();
    const key = `container:${item}, ${about}`;
    const litres = containerSums(container).brimL;
    const each = penny(Math.max(CONTAINER_LEAST, litres * CONTAINER_PER_L[container.material]));
    const known = kinds.get(key) ?? { item, about, each, need: 0 };
    kinds.set(key, { ...known, need: known.need + count });
  }
  return [...kinds].map(([key, { item, about, each, need }]) =>
    plainLine({ key, shop: 'centre', item, about, unit: 'each', usuallyOwned: true }, need, each, wants),
  );
}

/**
 * Everything to buy for some containers: plants in the cheapest packs, mix in whole bags by sort, feed by its school,
 * supports, what goes with the containers, and the containers themselves. Prices in pounds, each line in whole pence.
 * Throws UnknownPlantError.
 */
export function orderFor(entries: readonly Entry[], wants: Wants = PLAIN_WANTS): Order {
  const asked = entries.filter((e) => e.count > 0);
  const mixL = mixLitres(asked);
  const fittings = [...fittingsOf(asked), ...(wants.drip ? dripFittings(asked) : [])].map(({ sold, need, ...f }) =>
    packedLine(f, need, sold, wants),
  );
  const plants = plantLines(asked, wants);
  const planted = plants.length > 0;
  return {
    lines: [
      ...plants,
      ...mixLines(mixL, wants),
      ...(planted ? feedLines(asked, wants) : []),
      ...supportLines(asked, wants),
      ...fittings,
      ...containerLines(asked, wants),
    ],
    containers: sum(asked.map((e) => e.count)),
    plants: sum(plants.map((l) => l.need)),
    mixL,
  };
}

/** What is still to pay, pounds, less what is there already. */
export const toPay = ({ lines }: Pick<Order, 'lines'>, have: Have = {}): number =>
  penny(sum(lines.filter((l) => !isHad(l, have)).map((l) => l.price)));

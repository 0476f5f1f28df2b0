import { z } from 'zod';

/** What a plant is bought as. Nominal sizes differ by country: this is data, not a standard. */
export const StartSizeSchema = z.enum([
  'seed',
  'bulb',
  'bare',
  'slip',
  'cutting',
  'plug',
  'pack6',
  'p9',
  'p10',
  'l1',
  'l2',
  'l3',
]);
export type StartSize = z.infer<typeof StartSizeSchema>;

interface StartKind {
  label: string;
  /** Root ball across the top, mm; for what has none yet, the room it is given. */
  ballMm: number;
  ballDepthMm: number;
  litres: number;
  /** Plants for one price. */
  perPack: number;
  /** What it is: seed, a bulb or tuber that lives on its stores, or a plant however small. */
  is: 'seed' | 'stores' | 'plant';
  /** First and last month in which it is sold, in the north; all year where it is not said. */
  sold?: readonly [number, number];
  /** It is a plant in leaf when it is bought: what a planting is composed of. */
  inLeaf: boolean;
}

/**
 * Root balls measured as sold; litres as nominal pot volume. Working figures from ordinary trade pots, trays
 * and bags.
 */
export const STARTS: Record<StartSize, StartKind> = {
  seed: {
    label: 'packet of seed',
    ballMm: 24,
    ballDepthMm: 20,
    litres: 0.005,
    is: 'seed',
    perPack: 25,
    inLeaf: false,
  },
  bulb: {
    label: 'bag of 10 dry bulbs',
    ballMm: 40,
    ballDepthMm: 50,
    litres: 0.03,
    is: 'stores',
    perPack: 10,
    sold: [9, 12],
    inLeaf: false,
  },
  bare: {
    label: 'bare root or tuber',
    ballMm: 100,
    ballDepthMm: 110,
    litres: 0.4,
    is: 'stores',
    perPack: 1,
    sold: [11, 4],
    inLeaf: false,
  },
  slip: {
    label: 'unrooted cutting',
    ballMm: 24,
    ballDepthMm: 30,
    litres: 0.01,
    is: 'plant',
    perPack: 1,
    inLeaf: false,
  },
  cutting: {
    label: 'rooted cutting',
    ballMm: 30,
    ballDepthMm: 40,
    litres: 0.03,
    is: 'plant',
    perPack: 1,
    sold: [3, 7],
    inLeaf: false,
  },
  plug: {
    label: 'plug from a tray of 32',
    ballMm: 26,
    ballDepthMm: 35,
    litres: 0.02,
    is: 'plant',
    perPack: 32,
    sold: [2, 5],
    inLeaf: false,
  },
  pack6: {
    label: 'plug from a 6-pack',
    ballMm: 42,
    ballDepthMm: 50,
    litres: 0.06,
    is: 'plant',
    perPack: 6,
    inLeaf: true,
  },
  p9: {
    label: '9 cm pot',
    ballMm: 80,
    ballDepthMm: 80,
    litres: 0.35,
    is: 'plant',
    perPack: 1,
    inLeaf: true,
  },
  p10: {
    label: '10 cm pot',
    ballMm: 92,
    ballDepthMm: 85,
    litres: 0.45,
    is: 'plant',
    perPack: 1,
    inLeaf: true,
  },
  l1: {
    label: '1 L pot',
    ballMm: 112,
    ballDepthMm: 105,
    litres: 0.95,
    is: 'plant',
    perPack: 1,
    inLeaf: true,
  },
  l2: {
    label: '2 L pot',
    ballMm: 148,
    ballDepthMm: 130,
    litres: 2,
    is: 'plant',
    perPack: 1,
    inLeaf: true,
  },
  l3: {
    label: '3 L pot',
    ballMm: 172,
    ballDepthMm: 150,
    litres: 3,
    is: 'plant',
    perPack: 1,
    inLeaf: true,
  },
};

/** Whether a start is sold in a month, 1–12, as it is in the north. */
export function soldIn(size: StartSize, month: number): boolean {
  const { sold } = STARTS[size];
  if (!sold) return true;
  const [from, to] = sold;
  return from <= to ? month >= from && month <= to : month >= from || month <= to;
}

import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { median, seeded } from '../units/number';
import { alone, fullGrown } from './alone';
import { doseOf } from './dose';
import { flowerAt, flowerLook } from './flowers';
import { isOpen } from './kinds';
import { leafLook, LEAF_OF_SHOOT } from './leaves';
import type { Piece } from './piece';
import { FRESH } from './season-look';
import type { Sprig } from './sprig';

/** Least and most. */
type Span = readonly [number, number];
/**
 * Leaf: how long, mm, and how wide beside that. Flower, or one head of many: how wide, mm; null where there
 * is none to measure.
 */
type Known = readonly [leafMm: Span, leafWide: Span, flowerMm: Span | null];

/** What a grower would measure on a plant in a pot in the middle of its season: ordinary figures of garden books. */
const GROWERS: Record<string, Known> = {
  'petunia-violet': [
    [35, 80],
    [0.4, 0.75],
    [55, 100],
  ],
  'calibrachoa-orange': [
    [12, 26],
    [0.2, 0.6],
    [20, 35],
  ],
  'pelargonium-scarlet': [
    [50, 110],
    [0.85, 1.25],
    [60, 120],
  ],
  'pelargonium-ivy-lilac': [
    [30, 80],
    [0.85, 1.3],
    [40, 80],
  ],
  'coleus-plum-lime': [[60, 140], [0.5, 0.85], null],
  'begonia-red': [
    [35, 80],
    [0.75, 1.2],
    [18, 40],
  ],
  'impatiens-coral': [
    [30, 90],
    [0.35, 0.7],
    [28, 55],
  ],
  'fuchsia-trailing-violet': [
    [25, 65],
    [0.35, 0.7],
    [30, 80],
  ],
  'lobelia-blue': [
    [10, 26],
    [0.15, 0.6],
    [10, 20],
  ],
  'bacopa-white': [
    [10, 28],
    [0.5, 1.1],
    [10, 22],
  ],
  'sweet-potato-vine-lime': [[60, 140], [0.75, 1.2], null],
  'dichondra-silver': [[12, 32], [0.8, 1.3], null],
  'liquorice-plant-silver': [[14, 40], [0.45, 1.1], null],
  'heuchera-silver': [[50, 120], [0.85, 1.25], null],
  'hosta-white-edge': [[100, 200], [0.55, 0.9], null],
  'hosta-blue': [[150, 320], [0.6, 1], null],
  'caladium-white': [[120, 300], [0.7, 1.1], null],
  'primrose-cream': [
    [60, 150],
    [0.3, 0.6],
    [22, 42],
  ],
  'primrose-crimson': [
    [60, 150],
    [0.3, 0.6],
    [40, 90],
  ],
  'cyclamen-autumn-pink': [
    [40, 100],
    [0.75, 1.15],
    [15, 35],
  ],
  'gazania-orange': [
    [60, 150],
    [0.1, 0.3],
    [55, 100],
  ],
  'marguerite-white': [
    [35, 90],
    [0.4, 0.9],
    [35, 65],
  ],
  'lantana-sunset': [
    [35, 90],
    [0.45, 0.8],
    [25, 50],
  ],
  // The whole leaf, of five leaflets.
  'dahlia-yellow': [
    [100, 230],
    [0.6, 1],
    [60, 120],
  ],
  'tulip-red': [
    [130, 300],
    [0.12, 0.4],
    [45, 85],
  ],
  'daffodil-dwarf': [
    [100, 260],
    [0.03, 0.1],
    [30, 65],
  ],
  'gaura-white': [
    [25, 80],
    [0.1, 0.45],
    [15, 35],
  ],
  'verbena-magenta': [
    [25, 70],
    [0.3, 0.7],
    [30, 70],
  ],
  'fan-flower-blue': [
    [25, 70],
    [0.25, 0.6],
    [15, 40],
  ],
  'marigold-orange': [
    [40, 100],
    [0.35, 0.8],
    [35, 65],
  ],
  'salvia-scarlet': [[30, 90], [0.35, 0.75], null],
  'snapdragon-pink': [[25, 70], [0.15, 0.4], null],
  'dianthus-pink': [
    [30, 90],
    [0.03, 0.15],
    [22, 45],
  ],
  'pansy-yellow': [
    [25, 60],
    [0.4, 0.8],
    [45, 85],
  ],
  'viola-blue': [
    [15, 45],
    [0.4, 0.8],
    [22, 42],
  ],
  'zinnia-cherry': [
    [35, 90],
    [0.35, 0.75],
    [40, 80],
  ],
  'hydrangea-blue': [
    [80, 190],
    [0.5, 0.8],
    [110, 220],
  ],
  'canna-bronze-orange': [[220, 500], [0.35, 0.7], null],
  'diascia-coral': [
    [12, 32],
    [0.3, 0.8],
    [14, 28],
  ],
  'nemesia-blue': [
    [18, 45],
    [0.2, 0.6],
    [12, 26],
  ],
  'nasturtium-bush-scarlet': [
    [35, 90],
    [0.9, 1.15],
    [40, 75],
  ],
  'agapanthus-blue': [
    [250, 500],
    [0.04, 0.12],
    [80, 180],
  ],
  'cosmos-white': [
    [50, 120],
    [0.4, 0.9],
    [50, 90],
  ],
  'angelonia-purple': [[30, 75], [0.15, 0.45], null],
  'ivy-variegated': [[25, 70], [0.8, 1.25], null],
  'bergenia-pink': [[80, 220], [0.7, 1.15], null],
  'fuchsia-upright': [
    [30, 70],
    [0.35, 0.7],
    [30, 80],
  ],
  skimmia: [
    [50, 110],
    [0.25, 0.65],
    [35, 90],
  ],
  'gerbera-orange': [
    [90, 220],
    [0.25, 0.5],
    [65, 120],
  ],
  'diascia-pink': [
    [12, 32],
    [0.3, 0.8],
    [14, 28],
  ],
  'coleus-lime': [[50, 140], [0.5, 0.85], null],
  'petunia-trailing-pink': [
    [25, 70],
    [0.4, 0.75],
    [40, 80],
  ],
  'ageratum-blue': [
    [30, 80],
    [0.6, 1.1],
    [12, 40],
  ],
  'mandevilla-pink': [
    [45, 130],
    [0.35, 0.7],
    [55, 110],
  ],
  'box-ball': [[10, 32], [0.3, 0.8], null],
  'hibiscus-red': [
    [50, 130],
    [0.45, 0.85],
    [80, 170],
  ],
  'pentas-pink': [
    [40, 110],
    [0.25, 0.6],
    [45, 110],
  ],
  'catharanthus-pink': [
    [25, 80],
    [0.3, 0.7],
    [28, 50],
  ],
  'peace-lily': [
    [120, 300],
    [0.25, 0.5],
    [60, 140],
  ],
  camellia: [
    [60, 110],
    [0.4, 0.7],
    [60, 120],
  ],
};

const ids = Object.keys(GROWERS);
const plantOf = (id: string): Plant | undefined => LIBRARY.find((p) => p.id === id);

const piecesOf = (p: Plant): Piece[] => alone(p, fullGrown(p), doseOf(p));

/** One leaf of it as it is drawn; of a shoot one of the leaves that are painted on it. */
function leafOf(p: Plant, pieces: readonly Piece[]): { mm: number; wide: number } {
  const { kind } = leafLook(p);
  const leaves = pieces.filter((x) => x.kind === kind || (x.kind === 'strap' && p.leaf.form === 'strap'));
  const mm = median(leaves.map((x) => x.length));
  const shoot = LEAF_OF_SHOOT[kind];
  if (shoot) return { mm: mm * shoot.long, wide: shoot.wide };
  return { mm, wide: median(leaves.map((x) => x.width / x.length)) };
}

/** A flower, or a head of many: the width of the middle one of nine. */
function flowerOf(plant: Plant): number {
  const wide = Array.from({ length: 9 }, (_, i) => {
    const pieces: Piece[] = [];
    const s = { plant, grown: fullGrown(plant), look: flowerLook(plant), season: FRESH, owner: 0, dose: 1 };
    const put = (p: Piece) => void pieces.push(p);
    flowerAt({ ...s, put, random: seeded(i + 1), base: [0, 0, 0] } as unknown as Sprig, [0, 0, 0], [0, 1, 0]);
    const half = (p: Piece) => Math.hypot(p.at[0], p.at[2]) + (isOpen(p.kind) ? Math.max(p.width, p.length) / 2 : 0);
    return Math.max(...pieces.map((p) => Math.max(2 * half(p), isOpen(p.kind) ? 0 : p.length)));
  });
  return median(wide);
}

test('sixty kinds are measured, and all are in the library', () => {
  expect(ids.length).toBeGreaterThanOrEqual(60);
  expect(ids.filter((id) => !plantOf(id))).toEqual([]);
});

describe.each(ids)('%s is drawn as a grower would measure it', (id) => {
  const p = plantOf(id) as Plant;
  const [leafMm, leafWide, flowerMm] = GROWERS[id] as Known;
  const within = (x: number, [a, b]: Span) => [id, Math.round(x * 100) / 100, x >= a && x <= b];
  const leaf = leafOf(p, piecesOf(p));
  test('a leaf as long', () => expect(within(leaf.mm, leafMm)).toEqual([id, expect.any(Number), true]));
  test('and as wide', () => expect(within(leaf.wide, leafWide)).toEqual([id, expect.any(Number), true]));
  test('a flower as wide', () => {
    if (flowerMm) expect(within(flowerOf(p), flowerMm)).toEqual([id, expect.any(Number), true]);
  });
});

import type { StartSize } from '../../plants/starts';
import { newPlacement } from '../../plantings/fresh';
import type { Planting } from '../../plantings/schema';
import { grow } from '../../growth/season';
import { pot, roundPot, sun } from '../pots';

type Size = readonly [heightMm: number, spreadMm: number];

/** Weeks at which a plant is measured. */
export const MEASURED_WEEKS = [0, 8, 16] as const;

/** A plant as it is set out, the hours of sun it stands in, and what it measures on planting day and after 8 and 16 weeks. */
export type GrowthCase = readonly [
  plant: string,
  start: StartSize,
  sunHours: number,
  ...sizes: readonly [Size, Size, Size],
];

/**
 * How plants grow in their first summer: set out in mid May in usual company in a 40 cm pot where July is 22 by day and
 * 13 by night, fed and never dry. Working figures from practice to calibrate by, rounded to 5 mm; nurseries differ by a
 * sixth.
 */
export const GROWTH_CASES: readonly GrowthCase[] = [
  ['petunia-violet', 'p9', 6, [100, 110], [220, 315], [260, 380]],
  ['petunia-trailing-violet', 'p9', 6, [90, 120], [170, 395], [190, 520]],
  ['calibrachoa-pink', 'p9', 6, [80, 100], [160, 280], [195, 365]],
  ['bidens-yellow', 'p9', 6, [100, 120], [240, 390], [270, 460]],
  ['nasturtium-trailing', 'p9', 6, [80, 110], [205, 420], [190, 430]],
  ['pelargonium-scarlet', 'p9', 6, [140, 130], [290, 260], [360, 335]],
  ['begonia-red', 'p9', 6, [85, 80], [190, 200], [235, 255]],
  ['marigold-orange', 'pack6', 6, [70, 60], [205, 190], [245, 230]],
  ['impatiens-white', 'p9', 3, [80, 100], [215, 260], [280, 315]],
  ['lobelia-blue', 'pack6', 4, [50, 60], [145, 235], [140, 260]],
  ['verbena-magenta', 'p9', 6, [100, 110], [205, 285], [235, 370]],
  ['salvia-blue', 'pack6', 6, [90, 60], [300, 190], [445, 275]],
  ['alyssum-white', 'pack6', 6, [45, 55], [110, 215], [110, 260]],
  ['nemesia-pink', 'p9', 6, [120, 100], [230, 230], [250, 270]],
  ['coleus-lime', 'p9', 3, [120, 115], [270, 255], [440, 370]],
  ['angelonia-purple', 'p9', 6, [130, 90], [270, 190], [390, 260]],
  ['dahlia-red-dark', 'p10', 6, [140, 130], [360, 330], [470, 405]],
  ['fuchsia-upright', 'p9', 3, [130, 120], [295, 275], [430, 370]],
  ['begonia-wing-red', 'p10', 4, [170, 150], [340, 300], [455, 390]],
  ['osteospermum-purple', 'p9', 6, [160, 140], [300, 295], [335, 345]],
  ['lantana-sunset', 'p9', 6, [130, 120], [255, 265], [380, 395]],
  ['sweet-potato-vine-lime', 'p9', 6, [90, 110], [150, 315], [205, 500]],
  ['dichondra-silver', 'p9', 6, [60, 110], [75, 225], [85, 300]],
  ['creeping-jenny-gold', 'p9', 3, [40, 120], [70, 245], [70, 315]],
  ['ivy-variegated', 'p9', 3, [90, 130], [110, 190], [120, 250]],
  ['foamflower-trailing', 'p9', 3, [90, 120], [130, 195], [150, 250]],
  ['heuchera-plum', 'p9', 3, [100, 130], [145, 200], [175, 250]],
  ['salvia-nemorosa', 'p9', 6, [180, 150], [400, 280], [370, 300]],
  ['echinacea-pink', 'l1', 6, [200, 180], [540, 300], [590, 315]],
  ['bergenia-pink', 'l1', 3, [180, 220], [220, 280], [240, 305]],
  ['fescue-blue', 'p9', 6, [140, 110], [185, 160], [190, 175]],
  ['miscanthus-dwarf', 'l2', 6, [300, 220], [730, 400], [900, 450]],
  ['pennisetum-purple', 'p10', 6, [250, 150], [490, 330], [730, 460]],
  ['box-ball', 'l1', 4, [180, 180], [210, 210], [225, 220]],
  ['abelia', 'l1', 6, [280, 220], [350, 290], [410, 340]],
  ['rose-patio-red', 'l2', 6, [250, 220], [400, 335], [440, 360]],
  ['euonymus-gold', 'p9', 3, [110, 130], [145, 175], [165, 205]],
  ['cypress-dwarf', 'l2', 6, [350, 190], [370, 200], [385, 210]],
  ['yew-column', 'l2', 4, [420, 160], [455, 170], [460, 180]],
  ['cordyline-green', 'p10', 6, [260, 180], [305, 225], [360, 280]],
  ['phormium-bronze', 'l1', 6, [380, 240], [440, 305], [500, 365]],
  ['windmill-palm', 'l3', 6, [500, 450], [540, 500], [570, 540]],
  ['basil-green', 'p9', 6, [120, 90], [230, 190], [245, 200]],
  ['thyme-lemon', 'p9', 6, [90, 110], [135, 180], [150, 220]],
  ['tomato-bush', 'p9', 6, [170, 160], [570, 480], [680, 540]],
  ['black-eyed-susan', 'p9', 6, [150, 100], [645, 245], [1000, 300]],
  ['mandevilla-red', 'l1', 6, [350, 200], [590, 290], [900, 345]],
  ['star-jasmine', 'l2', 6, [600, 280], [710, 330], [800, 365]],
  ['canna-bronze-orange', 'l1', 6, [250, 150], [675, 360], [1060, 490]],
];

/** By how much a forecast may be off and still be believed. */
const BELIEVED = 0.25;

/** Its usual company: five of ordinary bedding round it. */
const COMPANY = ['petunia-white', 'verbena-red', 'calibrachoa-orange', 'pelargonium-scarlet', 'salvia-blue'];

const CLIMATE: Planting['spot']['climate'] = {
  name: 'Temperate',
  highC: [6, 7, 10, 14, 17, 20, 22, 22, 18.5, 14, 9.5, 7],
  lowC: [0.5, 0.5, 2, 4, 7, 10.5, 13, 12.5, 10, 7, 3.5, 1.5],
  rainMm: Array<number>(12).fill(50),
};

/** The planting of a case: it stands first, its company on a ring. */
export function growthCase([plant, start, sunHours]: GrowthCase): Planting {
  const from = 13 - Math.ceil(sunHours / 2);
  const hours = Array.from({ length: sunHours }, (_, i) => from + i);
  const at = (i: number) => ({
    xMm: 120 * Math.cos((2 * Math.PI * i) / (COMPANY.length + 1)),
    yMm: 120 * Math.sin((2 * Math.PI * i) / (COMPANY.length + 1)),
  });
  return pot({
    startDate: '2026-05-16',
    container: roundPot(400, 290, 360),
    spot: { ...sun(hours), climate: CLIMATE, lastFrost: '05-04', firstFrost: '10-20', coldestWinterC: -10 },
    placements: [
      newPlacement('it', { plant, role: 'filler', start, ...at(0) }),
      ...COMPANY.map((id, i) => newPlacement(`c${i}`, { plant: id, role: 'filler', start: 'p9', ...at(i + 1) })),
    ],
  });
}

/** A measure of a plant and the forecast for it, mm. */
export interface Measured {
  what: 'height' | 'spread';
  week: number;
  saidMm: number;
  isMm: number;
  believed: boolean;
}

/** What is forecast for a case beside what was measured. */
export function readGrowth(c: GrowthCase): Measured[] {
  const [, , , ...sizes] = c;
  const season = grow(growthCase(c));
  return MEASURED_WEEKS.flatMap((week, i): Measured[] => {
    const is = season.weeks[week]?.plants[0];
    const [height, spread] = sizes[i] ?? [0, 0];
    const of = (what: Measured['what'], saidMm: number, isMm = 0): Measured => ({
      what,
      week,
      saidMm,
      isMm,
      believed: Math.abs(isMm / saidMm - 1) <= BELIEVED,
    });
    return [of('height', height, is?.heightMm), of('spread', spread, is?.spreadMm)];
  });
}

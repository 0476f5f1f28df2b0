import { freshPlanting, newPlacement } from '../../plantings/fresh';
import type { Planting } from '../../plantings/schema';
import { rimOf } from '../../containers/outline';
import type { Shape } from '../../containers/schema';
import type { StartSize } from '../../plants/starts';
import { addDays } from '../../units/date';
import { sum } from '../../units/number';
import type { Day } from '../../climate/days';

type Span = readonly [low: number, high: number];

/** A container on one day, and the spans in which a grower would look for its water. */
export interface WaterCase {
  id: string;
  shape: Shape;
  material: Planting['container']['material'];
  mount: Planting['container']['mount'];
  tankL?: number;
  plants: readonly (readonly [plant: string, start: StartSize, count: number])[];
  /** Weeks since planting; a settled planting has stood a year longer. */
  week: number;
  settled?: true;
  /** Day of planting, `MM-DD`. */
  planted?: string;
  weather: readonly [highC: number, lowC: number, rainMm: number];
  wind?: Planting['spot']['wind'];
  sunHours: number;
  /** What it uses, less the rain; days and times between waterings; what of the rain goes in. */
  litresADay: Span;
  everyDays?: Span;
  timesADay?: Span;
  rainInL?: Span;
}

const PLANTED = '05-16';

const POT: Pick<WaterCase, 'shape' | 'material' | 'mount'> = {
  shape: { kind: 'round', topMm: 400, baseMm: 290, depthMm: 360 },
  material: 'terracotta',
  mount: 'ground',
};
const BOX: Pick<WaterCase, 'shape' | 'material' | 'mount'> = {
  shape: { kind: 'box', lengthMm: 900, widthMm: 200, baseLengthMm: 790, baseWidthMm: 130, depthMm: 180 },
  material: 'plastic',
  mount: 'sill',
};
const basket = (topMm: number, depthMm: number): Pick<WaterCase, 'shape' | 'material' | 'mount'> => ({
  shape: { kind: 'basket', topMm, depthMm },
  material: 'coir',
  mount: 'hook',
});

const MIXED: WaterCase['plants'] = [
  ['salvia-nemorosa', 'l1', 1],
  ['dusty-miller', 'p9', 2],
  ['calibrachoa-pink', 'p10', 4],
  ['verbena-pink', 'p9', 1],
];
const SILL: WaterCase['plants'] = [
  ['petunia-black', 'pack6', 3],
  ['begonia-red', 'pack6', 2],
  ['pelargonium-ivy-burgundy', 'pack6', 2],
  ['verbena-red', 'pack6', 3],
];
const HUNG: WaterCase['plants'] = [
  ['calibrachoa-white', 'p9', 2],
  ['fan-flower-pink', 'p9', 1],
  ['pelargonium-ivy-burgundy', 'pack6', 2],
];
const COLEUS: WaterCase['plants'] = [['coleus-lime', 'p9', 5]];

const MILD = [24, 13, 0] as const;
const WARM = [29, 19, 0] as const;

/**
 * What containers drink as growers give it, on a dry day unless rain is named. Working figures to calibrate by: half of
 * the spans are a sum from published physics, give or take a quarter, narrowed by what practice says.
 */
export const WATER_CASES: readonly WaterCase[] = [
  {
    id: 'mixed pot, new',
    ...POT,
    plants: MIXED,
    week: 0,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.41, 0.66],
    everyDays: [1.7, 3.2],
  },
  {
    id: 'mixed pot, week 2',
    ...POT,
    plants: MIXED,
    week: 2,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.6, 0.98],
    everyDays: [2.5, 4.8],
  },
  {
    id: 'mixed pot, week 10',
    ...POT,
    plants: MIXED,
    week: 10,
    weather: MILD,
    sunHours: 6,
    litresADay: [1.1, 1.8],
    everyDays: [2.2, 3.8],
  },
  {
    id: 'sill box, new',
    ...BOX,
    plants: SILL,
    week: 0,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.19, 0.42],
    everyDays: [0.9, 2],
  },
  {
    id: 'sill box, week 10',
    ...BOX,
    plants: SILL,
    week: 10,
    weather: MILD,
    sunHours: 6,
    litresADay: [1.7, 2.8],
    everyDays: [1.1, 2],
  },
  {
    id: 'basket, new',
    ...basket(300, 165),
    plants: HUNG,
    week: 0,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.15, 0.35],
    everyDays: [0.8, 1.7],
  },
  {
    id: 'basket, week 10',
    ...basket(300, 165),
    plants: HUNG,
    week: 10,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.85, 1.5],
    timesADay: [0.9, 1.6],
  },
  {
    id: 'five trailing petunias in a basket',
    ...basket(350, 193),
    plants: [['petunia-trailing-violet', 'p9', 5]],
    week: 10,
    weather: WARM,
    sunHours: 6,
    litresADay: [2, 3.3],
    timesADay: [1.2, 2.2],
  },
  {
    id: 'five silver dichondras',
    ...POT,
    plants: [['dichondra-silver', 'p9', 5]],
    week: 10,
    weather: WARM,
    sunHours: 6,
    litresADay: [0.55, 1.1],
    everyDays: [6.6, 11.4],
  },
  {
    id: 'one bush tomato',
    ...POT,
    plants: [['tomato-bush', 'p9', 1]],
    week: 10,
    weather: WARM,
    sunHours: 6,
    litresADay: [1.6, 2.7],
    everyDays: [1.5, 2.8],
  },
  {
    id: 'one dahlia',
    ...POT,
    plants: [['dahlia-red-dark', 'l1', 1]],
    week: 10,
    weather: WARM,
    sunHours: 6,
    litresADay: [1, 1.6],
    everyDays: [2.5, 4.5],
  },
  {
    id: 'one canna, week 2',
    ...POT,
    plants: [['canna-bronze-orange', 'l1', 1]],
    week: 2,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.22, 0.46],
    everyDays: [1.7, 4],
  },
  {
    id: 'a settled bay',
    ...POT,
    plants: [['bay', 'l3', 1]],
    week: 10,
    settled: true,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.5, 0.9],
    everyDays: [4.5, 8.5],
  },
  {
    id: 'a dwarf cypress, new',
    ...POT,
    plants: [['cypress-dwarf', 'l2', 1]],
    week: 1,
    weather: MILD,
    sunHours: 6,
    litresADay: [0.2, 0.42],
    everyDays: [1.7, 4],
  },
  {
    id: 'upright sill box',
    ...BOX,
    plants: [
      ['begonia-wing-red', 'p10', 4],
      ['salvia-scarlet', 'p9', 4],
      ['impatiens-white', 'p9', 4],
    ],
    week: 10,
    weather: WARM,
    sunHours: 6,
    litresADay: [2.1, 3.5],
    timesADay: [0.65, 1.2],
  },
  {
    id: 'wall basket',
    shape: { kind: 'wall-basket', widthMm: 400, projectionMm: 200, depthMm: 168 },
    material: 'coir',
    mount: 'wall',
    plants: [
      ['petunia-small-pink', 'p9', 3],
      ['lobelia-white', 'pack6', 2],
      ['pelargonium-ivy-lilac', 'p9', 2],
    ],
    week: 10,
    weather: WARM,
    sunHours: 5,
    litresADay: [0.9, 1.6],
    timesADay: [0.95, 1.8],
  },
  {
    id: 'bowl of succulents',
    shape: { kind: 'bowl', topMm: 350, depthMm: 150 },
    material: 'terracotta',
    mount: 'ground',
    plants: [
      ['echeveria-dark', 'p9', 3],
      ['houseleek-red', 'p9', 3],
      ['stonecrop-trailing-gold', 'pack6', 3],
    ],
    week: 10,
    weather: [28, 17, 0],
    sunHours: 8,
    litresADay: [0.13, 0.27],
    everyDays: [5, 9.5],
  },
  {
    id: 'big box',
    shape: { kind: 'box', lengthMm: 1200, widthMm: 450, baseLengthMm: 1160, baseWidthMm: 410, depthMm: 450 },
    material: 'timber',
    mount: 'ground',
    plants: [
      ['pennisetum-purple', 'l2', 2],
      ['salvia-deep-blue', 'l1', 2],
      ['petunia-violet', 'p9', 6],
      ['sweet-potato-vine-lime', 'p9', 4],
    ],
    week: 10,
    weather: WARM,
    sunHours: 8,
    litresADay: [5, 8.5],
    everyDays: [2.8, 5],
  },
  {
    id: 'sill box with a tank',
    ...BOX,
    tankL: 5,
    plants: SILL,
    week: 10,
    weather: [28, 16, 0],
    sunHours: 6,
    litresADay: [2, 3.2],
    everyDays: [2.4, 4],
  },
  {
    id: 'mixed pot in 3 mm of rain',
    ...POT,
    plants: MIXED,
    week: 10,
    weather: [24, 13, 3],
    sunHours: 6,
    litresADay: [1.15, 2],
    rainInL: [0, 0.1],
  },
  {
    id: 'mixed pot in 20 mm of rain',
    ...POT,
    plants: MIXED,
    week: 10,
    weather: [24, 13, 20],
    sunHours: 6,
    litresADay: [0, 1.2],
    rainInL: [0.7, 1.6],
  },
  {
    id: 'mixed pot on a windy roof',
    ...POT,
    plants: MIXED,
    week: 10,
    weather: [26, 15, 0],
    wind: 'windy',
    sunHours: 8,
    litresADay: [1.8, 3.1],
    everyDays: [1.3, 2.5],
  },
  {
    id: 'five coleus, two hours of sun',
    ...POT,
    plants: COLEUS,
    week: 10,
    weather: WARM,
    sunHours: 2,
    litresADay: [0.9, 1.4],
    everyDays: [2.6, 4.4],
  },
  {
    id: 'five coleus, six hours of sun',
    ...POT,
    plants: COLEUS,
    week: 10,
    weather: WARM,
    sunHours: 6,
    litresADay: [1.5, 2.35],
    everyDays: [1.6, 2.7],
  },
  {
    id: 'a year-round pot in December',
    shape: { kind: 'round', topMm: 500, baseMm: 363, depthMm: 450 },
    material: 'terracotta',
    mount: 'ground',
    plants: [
      ['cypress-dwarf', 'l2', 1],
      ['heuchera-silver', 'p9', 3],
      ['campanula-trailing-blue', 'p9', 2],
      ['periwinkle-lesser', 'p10', 2],
    ],
    week: 30,
    weather: [7, 1, 0],
    sunHours: 2,
    litresADay: [0.05, 0.16],
    everyDays: [40, 120],
  },
  {
    id: 'three lantanas in heat',
    shape: { kind: 'round', topMm: 350, baseMm: 254, depthMm: 315 },
    material: 'plastic',
    mount: 'ground',
    plants: [['lantana-sunset', 'p9', 3]],
    week: 10,
    planted: '05-02',
    weather: [35, 22, 0],
    sunHours: 9,
    litresADay: [1.4, 2.6],
    everyDays: [1.6, 3.4],
  },
  {
    id: 'three lavenders',
    ...POT,
    plants: [['lavender', 'l1', 3]],
    week: 8,
    weather: WARM,
    sunHours: 8,
    litresADay: [0.5, 1.05],
    everyDays: [6, 13],
  },
];

/** Hours of sun about noon. */
const sunAbout = (hours: number): number[] => Array.from({ length: hours }, (_, i) => 13 - Math.ceil(hours / 2) + i);

/**
 * Where the plants of a case stand: the first of a round one in the middle and the rest in a ring, those of a
 * box in a row.
 */
function standing({ shape, plants }: WaterCase): Planting['placements'] {
  const { wide, deep } = rimOf(shape);
  const [first, ...rest] = plants;
  const n = sum(plants.map(([, , count]) => count));
  const flat = [...(first ? [first] : []), ...rest].flatMap(([plant, start, count]) =>
    Array.from({ length: count }, () => ({ plant, start })),
  );
  const long = wide > deep * 1.2;
  return flat.map((p, i) => {
    const turn = (2 * Math.PI * i) / Math.max(1, n - 1);
    const middle = !long && i === 0;
    const [xMm, yMm] = long
      ? [wide * ((i + 0.5) / n - 0.5), deep * (i % 2 ? 0.15 : -0.15)]
      : middle
        ? [0, 0]
        : [wide * 0.3 * Math.cos(turn), deep * 0.3 * Math.sin(turn)];
    return newPlacement(`${p.plant}-${i}`, { ...p, role: 'filler', xMm, yMm });
  });
}

/** The planting of a case, and its day. */
export function waterCase(c: WaterCase): { planting: Planting; day: Day } {
  const date = addDays(`2026-${c.planted ?? PLANTED}`, c.week * 7);
  const startDate = `${c.settled ? 2025 : 2026}-${c.planted ?? PLANTED}`;
  const fresh = freshPlanting('case', c.id, startDate);
  const [highC, lowC, rainMm] = c.weather;
  return {
    planting: {
      ...fresh,
      startDate,
      container: {
        ...fresh.container,
        shape: c.shape,
        material: c.material,
        mount: c.mount,
        reservoirL: c.tankL ?? 0,
      },
      spot: {
        ...fresh.spot,
        light: { kind: 'noted', hours: sunAbout(c.sunHours), dappled: false },
        wind: c.wind ?? 'open',
        rain: 'open',
      },
      placements: standing(c),
    },
    day: { date, highC, lowC, rainMm },
  };
}

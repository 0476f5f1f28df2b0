import { tallestMm } from '../balance/height-band';
import { scorchLimitH, sunFit } from '../balance/suits';
import { schemeOf } from '../colour/schemes';
import { depthOf } from '../containers/outline';
import { occasionOf } from '../growth/span';
import type { Plant } from '../plants/schema';
import { schemeFit } from '../plants/scheme-fit';
import { clamp01 } from '../units/number';
import { factsOf } from '../plants/facts';
import type { Ease, Role } from '../plants/traits';
import type { Planting } from '../plantings/schema';
import { schoolOf } from '../schools';
import { isSouthern, sunReading } from '../spots/light';

/** Working figures: they guide the search, never the verdict. */
const SCORCHED = 0.3;
const SPILLER_SHARE = 0.22;
/** How fast a height is worth less away from its goal, in natural logs; a trail away from its own, in pot depths squared. */
const HEIGHT_WIDTH = 0.7;
const TRAIL_GOAL = 0.6;
const TRAIL_WIDTH = 0.15;
const LEAST_MM = 30;
/** What hangs so far is a spiller and no mere cushion, mm. */
const HANGS_WELL_MM = 260;

const middle = ([a, b]: readonly [number, number]): number => (a + b) / 2;

/** What each thing is worth at its worst: light, size, hang, scheme. */
const AT_WORST = { light: 0.4, size: 0.35, hang: 0.4, short: 0.4, scheme: 0.25 } as const;
const worth = (fit: number, worst: number): number => worst + (1 - worst) * fit;

/** What can be bought anywhere comes before what must be hunted for. Working figures. */
const EASE: Record<Ease, number> = { staple: 1, common: 0.71, occasional: 0.5, specialist: 0.4, 'from seed': 0.4 };

/** Height that a plant of a role aims at here, over the soil, mm. */
function goalMm(role: Role, planting: Planting): number {
  const top = middle(tallestMm(planting));
  if (role === 'thriller') return top;
  return top * (role === 'filler' ? schoolOf(planting.brief).fillerShare : SPILLER_SHARE);
}

/** In the cold months what flowers in them comes first. Working figures. */
const OUT_OF_MONTH = 0.62;
const EVERGREEN = 0.8;
/** Months looked at from the planting day on, for what is changed over. */
const MONTHS = { spring: 3, winter: 7, summer: 0, lasting: 0 } as const;

/** How well a planting of the cold months is answered: flower in its months, or a leaf that stands. */
function inItsMonths(plant: Plant, planting: Planting): number {
  const n = MONTHS[occasionOf(planting)];
  if (n === 0) return 1;
  const from = Number(planting.startDate.slice(5, 7)) - 1 + (isSouthern(planting.spot) ? 6 : 0);
  const bloom = Array.from({ length: n }, (_, i) => plant.bloom[(from + i) % 12] ?? 0);
  const flowers = plant.flower.show >= 0.15 ? Math.max(...bloom) : 0;
  const stands = factsOf(plant).winterLook === 'evergreen' ? EVERGREEN : OUT_OF_MONTH;
  return Math.max(stands, OUT_OF_MONTH + (1.15 - OUT_OF_MONTH) * flowers);
}

/** What can be said of one plant in one role before anything is grown: 0–1. Guides the search, never the verdict. */
export function promise(plant: Plant, role: Role, planting: Planting, hue: number | null): number {
  const { spot, container, brief } = planting;
  const limit = scorchLimitH(plant, spot);
  const scorch = limit === null || sunReading(spot, planting.startDate).afternoon <= limit ? 1 : SCORCHED;
  const light = worth(sunFit(plant, planting), AT_WORST.light);
  const off = Math.log(Math.max(LEAST_MM, middle(plant.heightMm)) / goalMm(role, planting)) / HEIGHT_WIDTH;
  const size = worth(Math.exp(-(off ** 2)), AT_WORST.size);
  const trail = middle(plant.trailMm) / depthOf(container.shape) - TRAIL_GOAL;
  const hang =
    role === 'spiller'
      ? worth(Math.exp(-(trail ** 2) / TRAIL_WIDTH), AT_WORST.hang) *
        worth(clamp01(plant.trailMm[1] / HANGS_WELL_MM), AT_WORST.short)
      : 1;
  return (
    EASE[factsOf(plant).ease] *
    inItsMonths(plant, planting) *
    light *
    scorch *
    size *
    hang *
    worth(schemeFit(plant, schemeOf(brief), hue), AT_WORST.scheme)
  );
}

import { colouredLeaf } from '../balance/course';
import { tallestMm } from '../balance/height-band';
import { scorchLimitH, sunFit } from '../balance/suits';
import { family } from '../colour/family';
import { lch } from '../colour/oklch';
import { schemeOf } from '../colour/schemes';
import type { SchemeColour } from '../colour/schemes/scheme';
import { type Form, formOf } from '../containers/form';
import { depthOf, rimOf } from '../containers/outline';
import { occasionOf } from '../plantings/occasion';
import type { Plant } from '../plants/schema';
import { schemeFit } from '../plants/scheme-fit';
import { clamp01, mean } from '../units/number';
import { factsOf } from '../plants/facts';
import { signature } from '../plants/signature';
import type { Ease, Role } from '../plants/traits';
import type { Planting } from '../plantings/schema';
import { schoolOf } from '../schools';
import { isSouthern } from '../climate/hemisphere';
import { sunReading } from '../spots/light';

/** Working figures: they guide the search, never the verdict. */
const SCORCHED = 0.3;
const SPILLER_SHARE = 0.22;
/**
 * How fast a height is worth less away from its goal, in natural logs; a trail away from its own, in pot
 * depths squared.
 */
const HEIGHT_WIDTH = 0.7;
const TRAIL_GOAL = 0.6;
const TRAIL_WIDTH = 0.15;
const LEAST_MM = 30;
/**
 * A plant ends its season so far between its least and its most; this much over what the container takes it
 * is no use there. Working figures.
 */
const GROWS = 0.7;
const TOO_TALL = 0.25;
/**
 * What grows this much wider than the rim takes the rest with it; from the rim up it is less and less worth.
 * Working figure.
 */
const TOO_WIDE = 0.4;
/** What hangs makes the body of a basket, a box or a bowl; in a pot it is asked after what stands. Working figure. */
const HANGING = new Set<Plant['habit']>(['cascade', 'trail']);
const STANDING = new Set<Form>(['pot', 'urn']);
/** What hangs so far is a spiller and no mere cushion, mm. */
const HANGS_WELL_MM = 260;

const middle = ([a, b]: readonly [number, number]): number => (a + b) / 2;

/** What each thing is worth at its worst: light, size, room, hang, scheme. */
const AT_WORST = { light: 0.4, size: 0.35, low: 0.45, room: 0.5, hang: 0.4, short: 0.4, scheme: 0.25 } as const;
const worth = (fit: number, worst: number): number => worst + (1 - worst) * fit;

/** What can be bought anywhere comes before what must be hunted for. Working figures. */
const EASE: Record<Ease, number> = { staple: 1, common: 0.71, occasional: 0.5, specialist: 0.4, 'from seed': 0.4 };

/** Height that a plant of a role aims at here, over the soil, mm. */
function goalMm(role: Role, planting: Planting): number {
  const top = middle(tallestMm(planting));
  if (role === 'thriller') return top;
  return top * (role === 'filler' ? schoolOf(planting.brief).fillerShare : SPILLER_SHARE);
}

/** What flowers in the months that are asked for comes first. Working figures. */
const OUT_OF_MONTH = 0.62;
const EVERGREEN = 0.8;
/**
 * The months looked at, from the planting month on, and how many of them a plant is judged by: a winter pot
 * is lived with all winter, and a summer one is to be in flower well before the autumn.
 */
const MONTHS = {
  spring: { from: 0, of: 3, best: 1 },
  winter: { from: 0, of: 7, best: 5 },
  summer: { from: 1, of: 4, best: 4 },
  lasting: null,
} as const;

/** How well the months are answered: flower in them, or a leaf that stands. */
function inItsMonths(plant: Plant, planting: Planting): number {
  const months = MONTHS[occasionOf(planting)];
  if (!months || (months === MONTHS.summer && (plant.flower.show < FLOWERS || colouredLeaf(plant) > LEAFY))) return 1;
  const first = Number(planting.startDate.slice(5, 7)) - 1 + (isSouthern(planting.spot) ? 6 : 0) + months.from;
  const bloom = Array.from({ length: months.of }, (_, i) => plant.bloom[(first + i) % 12] ?? 0).sort((a, b) => b - a);
  const flowers = plant.flower.show >= SHOWS ? mean(bloom.slice(0, months.best)) : 0;
  const stands = factsOf(plant).winterLook === 'evergreen' && months !== MONTHS.summer ? EVERGREEN : OUT_OF_MONTH;
  return Math.max(stands, OUT_OF_MONTH + (1.15 - OUT_OF_MONTH) * flowers);
}
/**
 * From this show up a plant is grown for its flower; from this much coloured leaf it is not; under this its
 * flower is not seen. Working figures.
 */
const FLOWERS = 0.28;
const LEAFY = 0.3;
const SHOWS = 0.15;

/** Herbs and salads are for those who asked for something to eat. Working figure. */
const KITCHEN = 0.7;

/** White goes with everything, and so comes last where nobody asked for it. Working figure. */
const WHITE_ASIDE = 0.8;
const isWhite = (p: Plant): boolean => family(lch(signature(p))) === 'white';
const WHITE: SchemeColour = { colour: lch('#fdfcf7'), area: 1, isFlower: true };
const wantsWhite = ({ brief }: Planting): boolean => schemeOf(brief).poles.some((p) => p.test(WHITE, 0));

/** What can be said of one plant in one role before anything is grown: 0–1. Guides the search, never the verdict. */
export function promise(plant: Plant, role: Role, planting: Planting, hue: number | null): number {
  const { spot, container, brief } = planting;
  const limit = scorchLimitH(plant, spot);
  const scorch = limit === null || sunReading(spot, planting.startDate).afternoon <= limit ? 1 : SCORCHED;
  const light = worth(sunFit(plant, planting), AT_WORST.light);
  const off = Math.log(Math.max(LEAST_MM, middle(plant.heightMm)) / goalMm(role, planting)) / HEIGHT_WIDTH;
  const size = worth(Math.exp(-(off ** 2)), AT_WORST.size);
  const wide = rimOf(container.shape).wide;
  const room =
    role === 'spiller' ? 1 : worth(clamp01(1 - (middle(plant.spreadMm) / wide - 1) / TOO_WIDE), AT_WORST.room);
  const [, most] = tallestMm(planting);
  const [least, tall] = plant.heightMm;
  const grows = least + GROWS * (tall - least);
  const low = role === 'spiller' ? 1 : worth(clamp01(1 - (grows / most - 1) / TOO_TALL), AT_WORST.low);
  const stands = role === 'filler' && HANGING.has(plant.habit) && STANDING.has(formOf(container)) ? 0.75 : 1;
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
    low *
    room *
    stands *
    hang *
    worth(schemeFit(plant, schemeOf(brief), hue), AT_WORST.scheme) *
    (factsOf(plant).worlds[0] === 'kitchen' && brief.only !== 'edible' ? KITCHEN : 1) *
    (isWhite(plant) && !wantsWhite(planting) ? WHITE_ASIDE : 1)
  );
}

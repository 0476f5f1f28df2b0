import { heightBand } from '../balance/bands';
import { harm, scorchLimitH } from '../balance/place';
import { nightC } from '../climate';
import { depthOf } from '../containers/outline';
import { lightFit } from '../growth/model';
import { goesIn } from '../layout/packing';
import type { Plant } from '../plants/schema';
import { SHOWY } from '../plants/scheme-fit';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { addDays, monthPosition } from '../units/date';

/** Why a plant is left out: the rule, and the numbers it failed by. */
export interface Refusal {
  rule: 'never' | 'scheme' | 'light' | 'scorch' | 'safety' | 'height' | 'nights' | 'fit' | 'winter';
  why: string;
}

/** A plant this much over its afternoon limit is not offered; less is offered and watched. Hours, working figure. */
const SCORCH_MARGIN_H = 1;

/** Why not this plant, here? Empty when it may be offered. The same questions as the checks ask, of one plant alone. */
export function whyNot(plant: Plant, planting: Planting): Refusal[] {
  const { spot, container, brief, startDate } = planting;
  const out: Refusal[] = [];
  if (brief.never.includes(plant.id)) out.push({ rule: 'never', why: 'You said never.' });
  if (brief.scheme === 'all-leaf' && plant.flower.show > SHOWY)
    out.push({ rule: 'scheme', why: 'It is grown for its flowers, and you asked for all leaf.' });
  const sun = sunReading(spot, startDate);
  const [least, , , most] = plant.sunHours;
  if (lightFit(plant.sunHours, sun.hours) <= 0)
    out.push({ rule: 'light', why: `It lives with ${least} to ${most} hours of sun; this spot has ${sun.hours}.` });
  const limit = scorchLimitH(plant, spot);
  if (limit !== null && sun.afternoon > limit + SCORCH_MARGIN_H)
    out.push({
      rule: 'scorch',
      why: `Its leaves take ${limit} hours of sun after 13:00 here; this spot has ${sun.afternoon}.`,
    });
  const risk = harm(plant, spot);
  if (risk.level > 0)
    out.push({
      rule: 'safety',
      why:
        risk.level === 2
          ? `Poisonous to ${risk.who.join(' and ')}, who are about.`
          : `Not known to be safe for ${risk.who.join(' and ')}, who are about.`,
    });
  const pot = depthOf(container.shape);
  const tallest = heightBand(planting)[1] * pot;
  if (plant.heightMm[0] > tallest)
    out.push({
      rule: 'height',
      why: `At least ${Math.round(plant.heightMm[0] / 10)} cm tall; the most for this pot is ${Math.round(tallest / 10)} cm.`,
    });
  const night = nightC(spot, monthPosition(addDays(startDate, 7)));
  if (night < plant.coldestNightC - 1.5)
    out.push({
      rule: 'nights',
      why: `It wants nights over ${plant.coldestNightC} °C; expect ${Math.round(night)} °C when you plant.`,
    });
  if (brief.lasting && plant.coldestWinterC > spot.coldestWinterC)
    out.push({
      rule: 'winter',
      why: `It dies below ${plant.coldestWinterC} °C; expect ${spot.coldestWinterC} °C here, and you asked for year-round.`,
    });
  if (plant.starts.every((s) => !goesIn(container, s.size)))
    out.push({ rule: 'fit', why: 'No start it is sold in goes into this pot.' });
  return out;
}

import { winterSuits } from '../balance/suits';
import { LIFT_KG } from '../containers/cautions';
import { plantedMass } from '../containers';
import { factsOf } from '../plants/facts';
import { ballsL } from '../plantings/resolve';
import { judgedWeeks } from '../growth/span';
import { addDays, formatDay } from '../units/date';
import { listed } from '../units/listed';
import { rhythm } from './done';
import type { Asked, Due, JobKind } from './job';
import { capital, isPlanted, namesOf } from './plants-of';
import { yearly } from './yearly';

/** Made ready before the leaves are down; wrapped before hard frost. Growers' dates. */
const READY_ON = '10-20';
const WRAP_ON = '11-15';
/**
 * Under a roof looked at every so often from December to February, days. Growers' figure: once in four to
 * eight weeks.
 */
const DRINKS_FROM = '12-01';
const DRINKS_EVERY = 42;
const DRINKS_DAYS = 90;

/** The days of a winter on which a planting still stands. */
const standing = (asked: Asked, north: string): string[] => {
  const { planting } = asked;
  const end = addDays(planting.startDate, judgedWeeks(planting) * 7);
  return yearly(asked, north, addDays(planting.startDate, 1)).filter((on) => planting.brief.lasting || on < end);
};

/** Feet under it, the saucer away, out of the wind: what stays out is made ready. */
export const readyForWinter: JobKind = {
  matters: 'suffers',
  withinDays: 21,
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked)) return [];
    const stands = planting.container.mount === 'ground';
    const wet = season.placed.filter((p) => factsOf(p.plant).rain === 'rots' && factsOf(p.plant).kept === 'outdoors');
    const roof = planting.spot.rain !== 'none' && wet.length > 0;
    return standing(asked, READY_ON).map((on): Due => ({
      on,
      text: listed([
        'clear fallen leaves',
        ...(stands ? ['raise it on feet', 'take the saucer away'] : []),
        ...(roof ? [`keep the rain off ${namesOf(wet.map((placed) => ({ placed })))}`] : []),
      ]),
      done: [{ what: 'ready-for-winter', to: null }],
      key: `ready-${on.slice(0, 4)}`,
    }));
  },
  why: 'Wet mix freezes hard, splits pots and rots roots. Lift the container on feet so that it drains, and move it out of the wind, near a house wall. If it is heavy, two people or a sack truck.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

/** Wrapped where its roots would not live through the coldest winter here. */
export const wrap: JobKind = {
  matters: 'dies',
  withinDays: 14,
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked)) return [];
    const thin = season.placed.filter((p) => winterSuits(p.plant, planting) === 'wrap').map((placed) => ({ placed }));
    if (thin.length === 0) return [];
    const kg = plantedMass(planting.container, ballsL(planting.placements), 'soaked').totalKg;
    const where = planting.container.mount === 'ground' && kg <= LIFT_KG ? ', or move it against the house' : '';
    return standing(asked, WRAP_ON).map((on): Due => ({
      on,
      text: `wrap the container for ${namesOf(thin)}${where}`,
      done: [{ what: 'wrap', to: null }],
      key: `wrap-${on.slice(0, 4)}`,
    }));
  },
  why: 'In a container roots freeze through, several degrees sooner than in open ground. Wrap the sides in bubble film or fleece, leave the base free to drain and the top open.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

/** What rain does not reach dries out in winter too. */
export const winterWater: JobKind = {
  matters: 'dies',
  withinDays: 14,
  again: true,
  of: (asked) => {
    if (!isPlanted(asked) || asked.planting.spot.rain === 'open') return [];
    return standing(asked, DRINKS_FROM).flatMap((first) =>
      rhythm(asked, 'check', first, DRINKS_EVERY)
        .filter(({ on }) => on < addDays(first, DRINKS_DAYS))
        .map(({ on, nth }): Due => ({
          on,
          text: 'feel the mix, and water it on a mild day if it is dry',
          done: [{ what: 'check', to: null }],
          key: `winter-water-${first.slice(0, 4)}-${nth}`,
        })),
    );
  },
  why: 'Evergreens drink all winter, and under a roof they die of drought, not of frost. Water in the morning of a day above freezing. Shake snow off branches before it breaks them.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

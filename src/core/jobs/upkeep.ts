import { loadOf, plantedMass } from '../containers';
import { factsOf } from '../plants/facts';
import { ballsL } from '../plantings/resolve';
import { addDays, daysBetween, formatDay, nextMonthDay } from '../units/date';
import { rhythm } from './done';
import type { Asked, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf, weekOn } from './plants-of';

const says: JobKind['says'] = ({ on, text }) => `${capital(text)}, ${formatDay(on)}`;
const weeksIn = ({ planting }: Asked, weeks: number): string => addDays(planting.startDate, weeks * 7);

/** A pot that leans to the light is turned by a quarter so often, and one of more than this stays where it is. Practice for the first; the weight is a working figure for one pair of hands. */
const TURN_DAYS = 14;
const TURNED_KG = 60;

/** A quarter turn, where light comes from one side and the pot is seen from all. */
export const turn: JobKind = {
  again: true,
  of: (asked) => {
    const { container, spot, placements } = asked.planting;
    const oneSided = spot.light.kind === 'clock' && spot.light.wall;
    const kg = plantedMass(container, ballsL(placements), 'soaked').totalKg;
    if (!isPlanted(asked) || !oneSided || spot.seen !== 'all-round' || loadOf(container, 0)?.on === 'metre of rail')
      return [];
    if (kg > TURNED_KG) return [];
    return rhythm(asked, 'turn', weeksIn(asked, 3), TURN_DAYS).map(({ on, nth }) => ({
      on,
      text: 'give it a quarter turn',
      done: [{ what: 'turn' as const, to: null }],
      key: `turn-${nth}`,
    }));
  },
  why: 'With light from one side, it leans and gets thin at the back. Always turn it the same way; if it is heavy, two people can tilt it and roll it on its base.',
  says,
};

/** Yellow leaves are looked for so often once it is full. Practice. */
const TIDY_DAYS = 14;
/** In weeks colder than this hardly a leaf turns, °C in the mean. Working figure. */
const STILL_C = 8;

const grows = (asked: Asked, on: string): boolean => (asked.season.weeks[weekOn(asked, on)]?.meanC ?? 0) >= STILL_C;

export const tidy: JobKind = {
  again: true,
  of: (asked) =>
    isPlanted(asked)
      ? rhythm(asked, 'tidy', weeksIn(asked, 6), TIDY_DAYS)
          .filter(({ on }) => aliveOn(asked, on).length > 0 && grows(asked, on))
          .map(({ on, nth }) => ({
            on,
            text: 'remove yellow leaves',
            done: [{ what: 'tidy' as const, to: null }],
            key: `tidy-${nth}`,
          }))
      : [],
  why: 'Yellow and rotting leaves feed mould and slugs. Pull them off at the stem, check under the others for pests and clear the surface of the mix.',
  says,
};

/** What is tall in the wind, or flops, is tied in before it has to be. Weeks in; practice. */
const STAKE_WEEK = 3;

export const stake: JobKind = {
  of: (asked) => {
    const tied = asked.season.placed
      .filter((p) => ['stake', 'frame'].includes(factsOf(p.plant).support))
      .map((placed) => ({ placed }));
    return isPlanted(asked) && tied.length > 0
      ? [
          {
            on: weeksIn(asked, STAKE_WEEK),
            text: `tie in ${namesOf(tied)}`,
            done: [{ what: 'stake', to: null }],
            key: 'stake',
          },
        ]
      : [];
  },
  why: 'A stem that bends stays bent. Push the cane in clear of the roots, put a cap on its end and tie loosely in a figure of eight.',
  says,
};

/** Fresh mix sinks in its first weeks. Practice. */
const TOP_UP_WEEK = 4;

export const topUp: JobKind = {
  of: (asked) =>
    isPlanted(asked)
      ? [
          {
            on: weeksIn(asked, TOP_UP_WEEK),
            text: 'top up the mix',
            done: [{ what: 'top-up', to: null }],
            key: 'top-up',
          },
        ]
      : [],
  why: 'Mix settles, and exposed roots dry out. Add damp mix to 3 cm below the rim; keep it off soft stems.',
  says,
};

/** Starts from under glass want so many days by day out and by night in, where they go out within so many days of the last frost. Practice: seven to ten; the second is a working figure. */
const HARDEN_DAYS = 8;
const SOON_AFTER_FROST_DAYS = 42;
/** What wants warmer nights than this to go out comes from under glass, °C. Working figure. */
const SOFT_C = 6;

export const hardenOff: JobKind = {
  of: ({ planting, season, today }) => {
    const { startDate, spot } = planting;
    const last = nextMonthDay(addDays(startDate, -SOON_AFTER_FROST_DAYS), spot.lastFrost);
    const soft = season.placed.filter((p) => factsOf(p.plant).outFromC > SOFT_C).map((placed) => ({ placed }));
    const spring = last <= startDate && daysBetween(last, startDate) <= SOON_AFTER_FROST_DAYS;
    return soft.length > 0 && spring && startDate >= today
      ? [
          {
            on: addDays(startDate, -HARDEN_DAYS),
            text: `harden off ${namesOf(soft)}`,
            done: [{ what: 'harden-off', to: null }],
            key: 'harden-off',
          },
        ]
      : [];
  },
  why: 'Leaves grown under glass scorch in sun and wind. Put plants out in the shade by day and bring them in at night, a little longer each day, for 7 to 10 days.',
  says,
};

import { loadOf, plantedMass } from '../containers';
import { factsOf, genusOf } from '../plants/facts';
import { showsYellow } from '../plants/hand';
import type { Plant } from '../plants/schema';
import { ballsL } from '../plantings/resolve';
import { addDays, daysBetween, formatDay, nextMonthDay } from '../units/date';
import { rhythm } from './done';
import type { Asked, JobKind } from './job';
import { overOn } from './over';
import { aliveOn, capital, isPlanted, namesOf, weekOn } from './plants-of';

const says: JobKind['says'] = ({ on, text }) => `${capital(text)}, ${formatDay(on)}`;
const weeksIn = ({ planting }: Asked, weeks: number): string => addDays(planting.startDate, weeks * 7);

/**
 * A pot that leans to the light is turned by a quarter so often, and one of more than this stays where it is.
 * Growers' figures.
 */
const TURN_DAYS = 7;
const TURNED_KG = 35;

/** A quarter turn, where light comes from one side and the pot is seen from all. */
export const turnJob: JobKind = {
  matters: 'looks',
  withinDays: 6,
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

/**
 * Yellow leaves are looked for so often once it is full, on kinds where they show. Growers' figure: once a
 * fortnight at most.
 */
const TIDY_DAYS = 14;
/** In weeks colder than this hardly a leaf turns, °C in the mean. Working figure. */
const STILL_C = 8;

const grows = (asked: Asked, on: string): boolean => (asked.season.weeks[weekOn(asked, on)]?.meanC ?? 0) >= STILL_C;

export const tidy: JobKind = {
  matters: 'looks',
  withinDays: 13,
  again: true,
  of: (asked) =>
    isPlanted(asked)
      ? rhythm(asked, 'tidy', weeksIn(asked, 6), TIDY_DAYS).flatMap(({ on, nth }) => {
          const yellow = aliveOn(asked, on).filter(({ placed }) => showsYellow(placed.plant));
          const [end] = overOn(asked.planting);
          if (yellow.length === 0 || !grows(asked, on) || (end && on > addDays(end.on, -TIDY_DAYS))) return [];
          const done = [{ what: 'tidy' as const, to: null }];
          return [{ on, text: `pick yellow leaves off ${namesOf(yellow)}`, done, key: `tidy-${nth}` }];
        })
      : [],
  why: 'Yellow and rotting leaves feed mould and slugs. Pull them off at the stem, check under the others for pests and clear the surface of the mix.',
  says,
};

/**
 * What flops or snaps is tied in as it reaches each of these heights over the mix, mm; under the first it
 * wants no stake. Growers' figures.
 */
const TIED_AT_MM = [400, 800];
/** Stems that hold themselves up, and are tied all the same where they grow tall. Growers' list: canna. */
const isTied = ({ botanical, ...plant }: Plant): boolean =>
  ['stake', 'frame'].includes(factsOf({ botanical, ...plant }).support) || genusOf(botanical) === 'Canna';

/** The first day on which a plant stands so tall; null for never. */
function tallOn({ planting, season }: Asked, index: number, mm: number): string | null {
  const week = season.weeks.findIndex((w, i) => i > 0 && (w.plants[index]?.heightMm ?? 0) >= mm);
  return week < 0 ? null : addDays(planting.startDate, week * 7);
}

export const stake: JobKind = {
  matters: 'suffers',
  withinDays: 14,
  of: (asked) => {
    if (!isPlanted(asked)) return [];
    return TIED_AT_MM.flatMap((mm) => {
      const tied = asked.season.placed.flatMap((placed, i) => {
        const on = isTied(placed.plant) ? tallOn(asked, i, mm) : null;
        return on === null ? [] : [{ placed, on }];
      });
      return [...new Set(tied.map((t) => t.on))].map((on) => {
        const those = tied.filter((t) => t.on === on);
        return {
          on,
          text: `tie in ${namesOf(those)} at ${mm / 10} cm`,
          done: those.map(({ placed }) => ({ what: 'stake' as const, to: placed.id })),
          within: 10,
          key: `stake-${mm}-${[...new Set(those.map(({ placed }) => placed.plant.id))].join('-')}`,
        };
      });
    });
  },
  why: 'A stem that bends stays bent. Push the cane in clear of the roots, put a cap on its end and tie loosely in a figure of eight.',
  says,
};

/** Fresh mix sinks in its first weeks. Practice. */
const TOP_UP_WEEK = 4;

export const topUp: JobKind = {
  matters: 'suffers',
  withinDays: 14,
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

/**
 * Starts from under glass want so many days by day out and by night in, where they go out within so many days
 * of the last frost. Practice: seven to ten; the second is a working figure.
 */
const HARDEN_DAYS = 8;
const SOON_AFTER_FROST_DAYS = 42;
/** What wants warmer nights than this to go out comes from under glass, °C. Working figure. */
const SOFT_C = 6;

export const hardenOff: JobKind = {
  matters: 'suffers',
  withinDays: 4,
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

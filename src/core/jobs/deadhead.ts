import { addDays, formatDay } from '../units/date';
import { rhythm } from './done';
import type { Due, JobKind } from './job';
import { overOn } from './over';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';

/** Spent flowers come off every so many days once there are any. Growers' figure. */
const EVERY_DAYS = 7;
/** A start in flower has spent ones from this week on. Growers' figure. */
const FROM_WEEK = 4;
/** In flower, at this share of its most. Working figure. */
const IN_FLOWER = 0.25;

/** Spent flowers off, to a joint. */
export const deadhead: JobKind = {
  matters: 'suffers',
  withinDays: 6,
  again: true,
  of: (asked) => {
    if (!isPlanted(asked) || !asked.season.placed.some((p) => p.plant.deadhead === 'needed')) return [];
    return rhythm(asked, 'deadhead', addDays(asked.planting.startDate, FROM_WEEK * 7), EVERY_DAYS).flatMap(
      ({ on, nth }): Due[] => {
        const spent = aliveOn(asked, on).filter(
          ({ placed, grown }) => placed.plant.deadhead === 'needed' && grown.bloom >= IN_FLOWER,
        );
        // What is cleared within the week is not deadheaded first.
        const [end] = overOn(asked.planting);
        return spent.length === 0 || (end && on > addDays(end.on, -EVERY_DAYS))
          ? []
          : [
              {
                on,
                text: `deadhead ${namesOf(spent)}`,
                done: [{ what: 'deadhead', to: null }],
                key: `deadhead-${nth}`,
              },
            ];
      },
    );
  },
  why: 'Plants stop flowering once they set seed; deadheading gives another month. Cut each stalk back to the next joint or leaf, not just the petals.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

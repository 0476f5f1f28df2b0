import { isExpected } from '../climate/days';
import { factsOf } from '../plants/facts';
import { formatDay } from '../units/date';
import type { Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';

/** Rain that spoils large or double flowers, mm in a day; in flower, at this share of its most. Working figures. */
const SPOILS_MM = 12;
const IN_FLOWER = 0.25;

/** Flowers that rain bruises are taken off after it, before they rot. */
export const afterRain: JobKind = {
  matters: 'looks',
  withinDays: 2,
  again: true,
  of: (asked) => {
    if (!isPlanted(asked) || asked.planting.spot.rain !== 'open') return [];
    return asked.weather
      .filter((d) => d.date >= asked.today && isExpected(d) && d.rainMm >= SPOILS_MM)
      .flatMap(({ date }): Due[] => {
        const spoilt = aliveOn(asked, date).filter(
          ({ placed, grown }) => factsOf(placed.plant).rain === 'bruises' && grown.bloom >= IN_FLOWER,
        );
        return spoilt.length > 0
          ? [
              {
                on: date,
                text: `pick rain-damaged flowers off ${namesOf(spoilt)}`,
                done: [{ what: 'tidy', to: null }],
                within: 2,
                key: `rain-${date}`,
              },
            ]
          : [];
      });
  },
  why: 'Wet petals stick to leaves and buds and rot them. Shake the plant and pick off anything brown or limp.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

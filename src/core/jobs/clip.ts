import { isConifer, isTopiary } from '../plants/hand';
import type { Plant } from '../plants/schema';
import { addDays, formatDay } from '../units/date';
import type { Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';
import { yearly } from './yearly';

/** Clipped about these days; conifers once. Growers' dates: the first three weeks of June, and late August. */
const ON = ['06-08', '08-25'];
const CONIFERS_ON = '06-08';
/** Not in its first weeks. Working figure, days. */
const SETTLED_DAYS = 60;

/** Clipped shapes and conifers, by the calendar. */
export const clip: JobKind = {
  matters: 'looks',
  withinDays: 14,
  of: (asked) => {
    if (!isPlanted(asked)) return [];
    const due = (who: (p: Plant) => boolean, north: string, how: string) => {
      return yearly(asked, north, addDays(asked.planting.startDate, SETTLED_DAYS)).flatMap((on): Due[] => {
        const those = aliveOn(asked, on).filter(({ placed }) => who(placed.plant));
        if (those.length === 0) return [];
        return [
          {
            on,
            text: `clip ${namesOf(those)}${how}`,
            done: those.map(({ placed }) => ({ what: 'clip' as const, to: placed.id })),
            key: `clip-${on.slice(0, 7)}-${how.trim()}`,
          },
        ];
      });
    };
    return [
      ...ON.flatMap((north) => due(isTopiary, north, '')),
      ...due(isConifer, CONIFERS_ON, ' lightly, in green growth only'),
    ];
  },
  why: 'Clipping keeps the shape while it can still grow over the cuts. Choose a dull day, as sun scorches fresh cuts; wear gloves and eye protection, and collect the clippings.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

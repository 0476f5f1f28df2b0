import { wantsIron } from '../plants/hand';
import { addDays, formatDay } from '../units/date';
import type { Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';
import { yearly } from './yearly';

/** Iron is given about this day. Growers' figure: once in July. */
const IRON_ON = '07-10';

/** Iron for what yellows at its tips. */
export const iron: JobKind = {
  matters: 'suffers',
  withinDays: 15,
  of: (asked) => {
    if (!isPlanted(asked)) return [];
    return yearly(asked, IRON_ON, addDays(asked.planting.startDate, 28)).flatMap((on): Due[] => {
      const pale = aliveOn(asked, on).filter(({ placed }) => wantsIron(placed.plant));
      if (pale.length === 0) return [];
      return [
        { on, text: `give ${namesOf(pale)} iron`, done: [{ what: 'iron', to: null }], key: `iron-${on.slice(0, 4)}` },
      ];
    });
  },
  why: 'Young leaves turn yellow between green veins where hard water locks up iron. Water once with sequestered iron at the label rate; it stains stone and hands.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

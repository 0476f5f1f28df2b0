import { inMarch } from '../plants/hand';
import { addDays, formatDay } from '../units/date';
import { listed } from '../units/listed';
import type { Due, JobKind } from './job';
import { capital, isPlanted, namesOf } from './plants-of';
import { yearly } from './yearly';

/** Before growth begins: about this day. Growers' figure. */
const ON = '03-10';
/** What was planted less than so many days before needs no spring round. Working figure. */
const SETTLED_DAYS = 120;

const HOW = {
  comb: (names: string) => `comb the dead leaf out of ${names}`,
  tidy: (names: string) => `take the old leaves off ${names}`,
  'cut low': (names: string) => `cut ${names} down low`,
  'cut to 8 cm': (names: string) => `cut ${names} down to 8 cm`,
} as const;

/** The spring round of a pot that stays out for years: cut, comb, tidy and top-dress. */
export const springJob: JobKind = {
  matters: 'suffers',
  withinDays: 21,
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked) || !planting.brief.lasting) return [];
    const ways = Object.keys(HOW) as (keyof typeof HOW)[];
    const told = ways.flatMap((way) => {
      const those = season.placed.filter((p) => inMarch(p.plant) === way).map((placed) => ({ placed }));
      return those.length > 0 ? [HOW[way](namesOf(those))] : [];
    });
    return yearly(asked, ON, addDays(planting.startDate, SETTLED_DAYS)).map((on): Due => ({
      on,
      text: listed([...told, 'top-dress with 3 cm of mix and slow-release feed']),
      done: [{ what: 'top-dress', to: null }],
      key: `spring-${on.slice(0, 4)}`,
    }));
  },
  why: 'Cut while you can still see the new shoots and miss them. Scrape off 3 to 5 cm of old mix, look for white vine weevil grubs as you go, and fill up with fresh mix and slow-release feed.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

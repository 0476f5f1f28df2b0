import { allLiveDry } from '../plants/dry';
import { addDays, formatDay } from '../units/date';
import { lastDone, rhythm } from './done';
import type { Asked, JobKind } from './job';
import { capital, isPlanted } from './plants-of';

/**
 * Young roots reach little of the mix for so long; what keeps its own water is first watered a week after
 * planting. Growers' figures, days.
 */
const DAYS = 14;
const DRY_DAYS = 7;

const done = [{ what: 'check' as const, to: null }];

const allDry = ({ season }: Asked): boolean => allLiveDry(season.placed.map((p) => p.plant));

/** The first days after planting: looked at daily, or left dry for a week where all live dry. */
export const settleJob: JobKind = {
  matters: 'dies',
  withinDays: DAYS,
  again: true,
  of: (asked) => {
    const { planting } = asked;
    if (!isPlanted(asked)) return [];
    if (allDry(asked)) {
      const on = addDays(planting.startDate, DRY_DAYS);
      const given = (lastDone(asked, 'check') ?? '') >= addDays(on, -1);
      return given ? [] : [{ on, text: 'give it its first water', done, key: 'first-water' }];
    }
    const last = addDays(planting.startDate, DAYS);
    return rhythm(asked, 'check', addDays(planting.startDate, 1), 1)
      .slice(0, 1)
      .filter(({ on }) => on <= last)
      .map(({ on }) => ({
        on,
        until: last,
        text: `check the mix every day until ${formatDay(last)}`,
        done,
        key: 'settle',
      }));
  },
  why: 'New plants can only drink from their own root balls. Feel the mix beside each one; water round the plants if it is dry 2 cm down. Succulents rot if cut roots are wet: leave those dry for a week.',
  says: ({ text }) => capital(text),
};

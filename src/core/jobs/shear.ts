import { factsOf } from '../plants/facts';
import { addDays, formatDay } from '../units/date';
import type { Due, JobKind } from './job';
import { capital, isPlanted } from './plants-of';

/** A first flush is past when what stood at this share of its flower has fallen to that. Working figures. */
const FLUSH = 0.55;
const PAST = 0.3;
/** It wants so long before the frost to come again. Weeks, practice. */
const LEFT_WEEKS = 8;

/** What has had its first flush and comes again is cut back by half. */
export const shear: JobKind = {
  of: (asked) => {
    const { planting, season } = asked;
    if (!isPlanted(asked)) return [];
    const end = season.frostWeek ?? season.weeks.length;
    const seen = new Set<string>();
    return season.placed.flatMap((p, i): Due[] => {
      if (seen.has(p.plant.id) || factsOf(p.plant).cutBack !== 'comes again' || p.plant.flower.show === 0) return [];
      let flushed = false;
      const over = season.weeks.find(({ plants }) => {
        const g = plants[i];
        flushed ||= (g?.bloom ?? 0) >= FLUSH;
        return flushed && g?.alive === true && g.bloom <= PAST;
      });
      if (!over || over.week > end - LEFT_WEEKS) return [];
      seen.add(p.plant.id);
      const same = season.placed.filter((o) => o.plant.id === p.plant.id);
      return [
        {
          on: addDays(planting.startDate, over.week * 7),
          text: `cut ${p.plant.common.toLowerCase()} back by half`,
          done: same.map((o) => ({ what: 'cut-back' as const, to: o.id, leave: 0.5 })),
          key: `shear-${p.plant.id}`,
        },
      ];
    });
  },
  why: 'Its first flower is over and what stands is tired. Cut it back to a joint by half, feed and water it, and it comes again in three to four weeks.',
  says: ({ on, text }) => `${capital(text)}, about ${formatDay(on)}`,
};

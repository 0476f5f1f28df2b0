import { factsOf } from '../plants/facts';
import { PESTS } from '../plants/pests';
import type { Pest } from '../plants/traits';
import { isSouthern } from '../climate/hemisphere';
import { formatDay, nextMonthDay } from '../units/date';
import { isDone } from './done';
import type { Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';

/** Looked for about this day of each of its months. Working figure. */
const ABOUT = '10';
/** Looked over so near its day it is that look. Working figure: half a month. */
const LOOKED_DAYS = 14;

/** Pests and diseases by name, in the months they come: looked for, not treated unseen. */
export const look: JobKind = {
  matters: 'suffers',
  withinDays: 14,
  again: true,
  of: (asked) => {
    const { planting, today, until } = asked;
    if (!isPlanted(asked)) return [];
    const turned = isSouthern(planting.spot) ? 6 : 0;
    const out: Due[] = [];
    const from = today > planting.startDate ? today : planting.startDate;
    for (let month = 1; month <= 12; month += 1) {
      const on = nextMonthDay(from, `${String(month).padStart(2, '0')}-${ABOUT}`);
      if (on > until) continue;
      const here = ((month - 1 + turned) % 12) + 1;
      const found = aliveOn(asked, on);
      const told = (Object.keys(PESTS) as Pest[]).flatMap((pest) => {
        if (!PESTS[pest].months.includes(here)) return [];
        const sick = found.filter(({ placed }) => factsOf(placed.plant).pests.includes(pest));
        return sick.length > 0 ? [{ pest, on: namesOf(sick) }] : [];
      });
      if (told.length > 0)
        out.push({
          on,
          text: `look for ${told.map((t) => `${t.pest} on ${t.on}`).join('; ')}`,
          how: told.map((t) => `${capital(t.pest)}: ${PESTS[t.pest].look}.`).join(' '),
          done: [{ what: 'look-over', to: null }],
          within: LOOKED_DAYS,
          key: `look-${on.slice(0, 7)}`,
        });
    }
    return out.filter((due) => !isDone(asked, due)).sort((a, b) => a.on.localeCompare(b.on));
  },
  why: 'Pests found early are easy to deal with. Turn the leaves over and check the shoot tips; if a plant wilts in wet mix, check its roots.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

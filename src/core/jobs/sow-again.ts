import { isSouthern } from '../climate/hemisphere';
import { sinceSeeding } from '../growth/seeding';
import { seedingOf } from '../plants/seeding';
import { addDays, formatDay, monthPosition } from '../units/date';
import type { Asked, JobKind } from './job';
import { capital, namesOf } from './plants-of';

/** The first day of the season on which a plant has begun to run to seed; null where it does not. */
function seedsOn({ planting, season }: Asked, placed: Asked['season']['placed'][number]): string | null {
  const from = placed.from ?? planting.startDate;
  const turned = isSouthern(planting.spot) ? 6 : 0;
  const age = season.weeks.findIndex((_, week) => {
    const at = monthPosition(addDays(from, week * 7)) + turned;
    return (sinceSeeding(placed.plant, at, week) ?? -1) >= 0;
  });
  const on = age < 0 ? null : addDays(from, age * 7);
  return on === null || (placed.until !== undefined && placed.until !== null && on > placed.until) ? null : on;
}

/** What runs up to seed is spoilt: it is lifted, and of salad more is sown or set out in its place. */
export const sowAgain: JobKind = {
  matters: 'looks',
  withinDays: 10,
  stone: 'plain',
  of: (asked) => {
    const days = asked.season.placed.map((placed) => ({ on: seedsOn(asked, placed), placed }));
    return [...new Set(days.map(({ on }) => on))].flatMap((on) => {
      const list = days.filter((d) => d.on === on);
      // What stood the winter has had its time; salad is sown all summer.
      const again = list.some(({ placed }) => 'weeks' in (seedingOf(placed.plant) ?? {}));
      return on === null ? [] : [{ on, text: `lift ${namesOf(list)}${again ? ' and sow again' : ' before it seeds'}` }];
    });
  },
  why: 'Once a flower stalk rises, the leaves turn tough and bitter. Pull it up and plant something in its place; salad sown every three weeks gives leaves until autumn.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

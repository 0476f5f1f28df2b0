import { isSouthern } from '../climate/hemisphere';
import { sinceSeeding } from '../growth/seeding';
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

/** Salad that runs up is spoilt: it is lifted, and more is sown or set out in its place. */
export const sowAgain: JobKind = {
  stone: 'plain',
  of: (asked) => {
    const days = asked.season.placed.map((placed) => ({ on: seedsOn(asked, placed), placed }));
    return [...new Set(days.map(({ on }) => on))].flatMap((on) =>
      on === null ? [] : [{ on, text: `lift ${namesOf(days.filter((d) => d.on === on))} and sow again` }],
    );
  },
  why: 'Once a stalk rises the leaf turns tough and bitter, and seed is all that follows. Pull it up and sow or plant more; every three weeks gives leaf until autumn.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

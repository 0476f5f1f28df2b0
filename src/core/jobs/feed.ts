import { setOutForWinter } from '../balance/suits';
import { isSouthern } from '../climate/hemisphere';
import { factsOf } from '../plants/facts';
import { bearsNoPhosphate, fruits } from '../plants/hand';
import { BESIDES_SLOW } from '../materials/feeds';
import { addDays, daysBetween, formatDay, monthOf } from '../units/date';
import { rhythm } from './done';
import type { Asked, Due, JobKind } from './job';
import { aliveOn, capital, isPlanted, namesOf } from './plants-of';
import { yearly } from './yearly';

/**
 * When each way of feeding begins again after planting, and how often: the mix's own feed is spent in five
 * weeks. Growers' figures.
 */
const RHYTHM = {
  liquid: { fromWeek: 6, everyDays: 7, says: 'give liquid feed' },
  pellets: { fromWeek: 4, everyDays: 30, says: 'work in feed pellets' },
} as const;
const SLOW = { ...BESIDES_SLOW, everyDays: 7, says: 'give liquid feed' } as const;
/** What hangs from a hook is fed twice a week from its eighth week. Growers' figure: from July. */
const HUNG_FROM_WEEK = 8;
/**
 * Nothing grows enough to be fed outside these months of the north, 1–12. Growers' figure; what stands for
 * the winter is fed once, about this day.
 */
const FED_MONTHS = { from: 4, to: 9 } as const;
const IN_MARCH = '03-15';
/** The last feed is so long before the first frost: later growth is soft. */
const STOP_BEFORE_DAYS = BESIDES_SLOW.stopsWeeks * 7;
/**
 * What stays out for years is fed once in spring, and hungry kinds with liquid until the end of July.
 * Growers' figures; every other week is a working figure.
 */
const ONCE_ON = '04-20';
const HUNGRY_FROM = '05-15';
const HUNGRY_WEEKS = 11;

const YEAR_DAYS = 365;

const done = [{ what: 'feed' as const, to: null }];

/** The feeds of a planting that stands for one season. */
function ofSeason(asked: Asked): Due[] {
  const { planting, season, feed: by } = asked;
  const greedy = season.placed.filter((p) => p.plant.feed !== 'light');
  if (greedy.length === 0) return [];
  const hungry = greedy.filter((p) => p.plant.feed === 'hungry');
  const { fromWeek, everyDays, says } =
    by === 'slow' ? { ...SLOW, fromWeek: hungry.length > 0 ? SLOW.hungryFromWeek : SLOW.fromWeek } : RHYTHM[by];
  const herbs = season.placed.every((p) => p.plant.group === 'herb' && !fruits(p.plant));
  if (setOutForWinter(planting))
    return yearly(asked, IN_MARCH, addDays(planting.startDate, 60))
      .filter((on) => daysBetween(planting.startDate, on) < YEAR_DAYS)
      .map(winterFeed);
  const stop = addDays(planting.startDate, (season.frostWeek ?? season.weeks.length) * 7 - STOP_BEFORE_DAYS);
  const days = herbs ? HERBS_DAYS : everyDays;
  return rhythm(asked, 'feed', addDays(planting.startDate, fromWeek * 7), days)
    .filter(({ on }) => on <= stop && inGrowth(asked, on))
    .map(({ on, nth }) => {
      const fed = aliveOn(asked, on).filter(({ placed }) => fruits(placed.plant) && placed.plant.edible === 'fruit');
      const text = herbs
        ? 'give liquid feed at half strength'
        : fed.length > 0 && by !== 'pellets'
          ? `give ${namesOf(fed)} a high-potash feed`
          : `${says}${by !== 'pellets' && hangsFull(asked, on) ? ', twice this week' : ''}`;
      return { on, text, done, key: `feed-${nth}` };
    });
}
/** Herbs grown for their leaf are fed once a month. Growers' figure. */
const HERBS_DAYS = 30;

const hangsFull = ({ planting: { container, startDate } }: Asked, on: string): boolean =>
  container.mount === 'hook' && on >= addDays(startDate, HUNG_FROM_WEEK * 7);

/** Whether a day lies in the months in which plants are fed. */
function inGrowth({ planting }: Asked, on: string): boolean {
  const month = ((monthOf(on) + (isSouthern(planting.spot) ? 6 : 0)) % 12) + 1;
  return month >= FED_MONTHS.from && month <= FED_MONTHS.to;
}

const winterFeed = (on: string): Due => ({
  on,
  text: 'give it liquid feed once, as growth begins',
  done,
  within: 30,
  key: `feed-${on.slice(0, 4)}`,
});

/** What suits all that stand together: some are harmed by phosphate, some want their feed without lime. */
function sortFor({ season }: Asked): string {
  if (season.placed.some((p) => bearsNoPhosphate(p.plant))) return 'slow-release without phosphate';
  return season.placed.every((p) => factsOf(p.plant).mix === 'acid') ? 'ericaceous slow-release' : 'slow-release';
}

/** The feeds of what stays out for years. */
function ofYears(asked: Asked): Due[] {
  const { planting, season } = asked;
  const settled = addDays(planting.startDate, 60);
  const once = yearly(asked, ONCE_ON, settled).map((on): Due => {
    const name = on.slice(0, 4);
    return { on, text: `feed it once: ${sortFor(asked)}, worked into the surface`, done, key: `feed-${name}` };
  });
  const hungry = season.placed.filter((p) => p.plant.feed === 'hungry').map((placed) => ({ placed }));
  if (hungry.length === 0) return once;
  const liquid = yearly(asked, HUNGRY_FROM, settled).flatMap((first) =>
    Array.from({ length: Math.ceil(HUNGRY_WEEKS / 2) }, (_, i): Due => {
      const on = addDays(first, i * 14);
      return { on, text: `give ${namesOf(hungry)} liquid feed`, done, within: 6, key: `feed-${on}` };
    }),
  );
  const fedAbout = (due: Due) =>
    planting.deeds.some((d) => d.what === 'feed' && d.done !== null && d.done >= addDays(due.on, -6));
  return [...once, ...liquid].filter((due) => due.on <= asked.until && !fedAbout(due));
}

/** Feed by its school, by how hungry its plants are and by how long it stands. */
export const feed: JobKind = {
  matters: 'suffers',
  withinDays: 6,
  again: true,
  of: (asked) => {
    if (!isPlanted(asked)) return [];
    const { lasting } = asked.planting.brief;
    if (lasting && asked.season.placed.every((p) => p.plant.group === 'succulent')) return [];
    return lasting ? ofYears(asked) : ofSeason(asked);
  },
  why: 'Plants that flower for months use up the feed in the mix. Feed when the mix is damp, at no more than the label rate; if it is dry, water first.',
  says: ({ on, text }) => `${capital(text)}, ${formatDay(on)}`,
};

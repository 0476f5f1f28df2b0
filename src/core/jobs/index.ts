import type { Season } from '../growth/grown';
import { grow } from '../growth/season';
import type { Planting } from '../plantings/schema';
import { addDays, daysBetween } from '../units/date';
import { turnOn } from '../growth/turn';
import { composeJob } from './compose';
import { deadhead } from './deadhead';
import { isDone } from './done';
import { feed } from './feed';
import { fleece, setOut } from './fleece';
import { frost } from './frost';
import { gale } from './gale';
import { type Around, type Due, type JobKind, type Matters, MATTERS } from './job';
import { afterRain } from './after-rain';
import { keep } from './keep';
import { look } from './look';
import { over, overOn, wash } from './over';
import { clip } from './clip';
import { iron } from './iron';
import { settleJob } from './settle';
import { springJob } from './spring';
import { readyForWinter, winterWater, wrap } from './winter';
import { move } from './move';
import { pinch } from './pinch';
import { plant } from './plant';
import { repot } from './repot';
import { rescue } from './rescue';
import { shear } from './shear';
import { sowAgain } from './sow-again';
import { hardenOff, stake, tidy, topUp, turnJob } from './upkeep';
import { waterJob } from './water';

/** The kinds of job. A new one is a file and a line here. */
export const JOBS = {
  water: waterJob,
  gale,
  fleece,
  setOut,
  compose: composeJob,
  hardenOff,
  plant,
  settle: settleJob,
  pinch,
  stake,
  topUp,
  repot,
  feed,
  iron,
  deadhead,
  shear,
  clip,
  sowAgain,
  turn: turnJob,
  move,
  tidy,
  look,
  afterRain,
  rescue,
  keep,
  frost,
  over,
  wash,
  readyForWinter,
  wrap,
  winterWater,
  spring: springJob,
} satisfies Record<string, JobKind>;
export type JobId = keyof typeof JOBS;

const KINDS: readonly [string, JobKind][] = Object.entries(JOBS);

/** Something a container asks for, and the day it is due (ISO). */
export interface Job extends Pick<Due, 'done' | 'how' | 'litres' | 'times' | 'nightC' | 'keptAtC'> {
  kind: JobId;
  planting: string;
  due: string;
  /** The last day on which it does what it is for, and what is lost after it. */
  until: string;
  matters: Matters;
  /** What it says of this container alone: “pinch petunia”. */
  text: string;
  /** What it says on the bench. */
  says: string;
  /** What tells it from the container’s others, whatever its day. */
  key: string;
}

/** A job missed is still told for so many days. */
const LATE_DAYS = 10;

/** Where nothing is known beside the plan. */
export const NOTHING_AROUND: Around = { weather: [], found: [], dripL: 0, feed: 'slow', moves: [] };

/** What is told of over a span is looked for from how many days back to how many ahead. */
interface Span {
  today: string;
  /** Days ahead. */
  days?: number;
  /** What comes again and again is told each time, not the first of it alone. */
  all?: boolean;
}

/**
 * What a container asks for from today over so many days, soonest first: of the turn that stands in it. Its
 * season comes from `grow`, so a plan changed is a job changed; what is done is gone. Throws
 * UnknownPlantError.
 */
export function jobsOf(
  planting: Planting,
  { today, days = 14, all = false }: Span,
  around: Partial<Around> = {},
  kinds: readonly (readonly [string, JobKind])[] = KINDS,
): Job[] {
  const [late, until] = [addDays(today, -LATE_DAYS), addDays(today, days)];
  const planted = planting.placements.length > 0 && planting.startDate < today;
  const asked = {
    ...NOTHING_AROUND,
    ...around,
    ...turnOn(planting, grow(planting), today),
    whole: planting,
    today,
    until,
  };
  // What is over is cleared, not tended.
  const [end] = planting.brief.lasting ? [] : overOn(asked.planting);
  const tended = (kind: JobKind, on: string) => !kind.again || kind.untilCleared || !end || on <= end.on;
  return kinds
    .flatMap(([id, kind]) =>
      (kind.stone && !planted ? [] : kind.of(asked))
        .map((due) => ({ ...due, until: due.until ?? addDays(due.on, kind.withinDays) }))
        .filter((due) => (due.on >= late || due.until >= today || kind.waits) && due.on <= until)
        .filter((due) => tended(kind, due.on) && (kind.again || !isDone(asked, due)))
        .slice(0, kind.again && !all ? 1 : undefined)
        .map((due): Job => ({
          kind: id as JobId,
          planting: planting.id,
          due: due.on,
          until: due.until,
          matters: kind.matters,
          text: due.text,
          says: kind.says(due),
          key: due.key ?? due.text.toLowerCase().replace(/[^a-z0-9]+/g, '-'),
          done: due.done,
          how: due.how,
          litres: due.litres,
          times: due.times,
          nightC: due.nightC,
          keptAtC: due.keptAtC,
        })),
    )
    .sort((a, b) => a.due.localeCompare(b.due));
}

/**
 * Jobs as they are best done in a round: what plants die of first, then what costs flower, then looks; of
 * those the one with the least time left.
 */
export const byUrgency = (a: Job, b: Job): number =>
  MATTERS.indexOf(a.matters) - MATTERS.indexOf(b.matters) ||
  a.until.localeCompare(b.until) ||
  a.due.localeCompare(b.due);

/** Something that happens in the season, by week. */
export interface Stone {
  kind: JobId;
  week: number;
  text: string;
  /** Why it matters, and what is done. */
  why: string;
  bad: boolean;
}

/** The stones in the rill, in order of week. */
export function stonesOf(planting: Planting, season: Season): Stone[] {
  if (planting.placements.length === 0) return [];
  const asked = {
    ...NOTHING_AROUND,
    planting,
    season,
    whole: planting,
    today: planting.startDate,
    until: season.weeks.at(-1)?.date ?? planting.startDate,
  };
  return KINDS.filter(([, kind]) => kind.stone)
    .flatMap(([id, kind]) =>
      kind.of(asked).map(({ on, text }) => ({
        kind: id as JobId,
        week: Math.round(daysBetween(planting.startDate, on) / 7),
        text,
        why: kind.why,
        bad: kind.stone === 'bad',
      })),
    )
    .sort((a, b) => a.week - b.week);
}

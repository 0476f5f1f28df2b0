import type { Command } from '../plantings/commands';
import type { Planting } from '../plantings/schema';
import { daysBetween, nextMonthDay } from '../units/date';
import type { Season, Week } from './grown';
import { peakOf } from './peak';

/** The days on which a planting is changed over: something is lifted, and something else set out on the same day. */
export function changeOvers({ placements, startDate }: Pick<Planting, 'placements' | 'startDate'>): string[] {
  const lifted = new Set(placements.flatMap((p) => p.until ?? []));
  const begun = placements.flatMap((p) =>
    p.from !== null && p.from > startDate && lifted.has(p.from) ? [p.from] : [],
  );
  return [...new Set(begun)].sort();
}

type Stays = Planting['placements'][number];

/** The planting as it is from one change-over to the next: who stands in it then, begun on the day of the first. */
export function turnFrom(planting: Planting, begins: string, ends: string | null): Planting {
  const here = planting.placements.filter(
    (p) => (p.until === null || p.until > begins) && (ends === null || (p.from ?? planting.startDate) < ends),
  );
  const ids = new Set(here.map((p) => p.id));
  return {
    ...planting,
    startDate: begins,
    brief: ends === null ? planting.brief : { ...planting.brief, changeOver: ends },
    placements: here.map((p) => ((p.from ?? planting.startDate) <= begins ? { ...p, from: null } : p)),
    deeds: planting.deeds.filter((d) => (d.to === null || ids.has(d.to)) && d.on >= begins),
  };
}

/** When the turn of a day begins, and when the next one does; before planting it is the first. */
function boundsOn(planting: Planting, date: string): { begins: string; ends: string | null } {
  const days = [planting.startDate, ...changeOvers(planting)];
  const i = Math.max(0, days.filter((d) => d <= date).length - 1);
  return { begins: days[i] ?? planting.startDate, ends: days[i + 1] ?? null };
}

/** A turn of a planting, and the weeks of its season that are the turn’s. */
export interface Turn {
  planting: Planting;
  season: Season;
}

/**
 * Turns kept by the season they are cut from, each with the planting it was cut of: a brief changed grows
 * nothing again, and is another turn.
 */
const kept = new WeakMap<Season, Map<string, { of: Planting; turn: Turn }>>();

/**
 * The turn of a planting that a day lies in: from one change-over to the next, its weeks counted from its own
 * first day, its plants as grown as they are. `season` is the whole planting’s. One that is never changed
 * over is its own turn.
 */
export function turnOn(planting: Planting, season: Season, date: string): Turn {
  const { begins, ends } = boundsOn(planting, date);
  if (begins === planting.startDate && ends === null) return { planting, season };
  const known = kept.get(season) ?? new Map<string, { of: Planting; turn: Turn }>();
  const last = known.get(begins);
  if (last?.of === planting) return last.turn;
  const turn = cut(planting, season, begins, ends);
  kept.set(season, known.set(begins, { of: planting, turn }));
  return turn;
}

function cut(planting: Planting, season: Season, begins: string, ends: string | null): Turn {
  const turn = turnFrom(planting, begins, ends);
  const ids = new Set(turn.placements.map((p) => p.id));
  const mine = season.placed.flatMap((p, i) => (ids.has(p.id) ? [i] : []));
  const first = Math.ceil(daysBetween(planting.startDate, begins) / 7);
  const last = ends === null ? season.weeks.length : Math.ceil(daysBetween(planting.startDate, ends) / 7);
  const placed = mine.flatMap((i) => season.placed[i] ?? []);
  const weeks = season.weeks
    .slice(first, Math.max(last, first + 1))
    .map((w, k): Week => ({ ...w, week: k, plants: mine.flatMap((i) => w.plants[i] ?? []) }));
  const frost = Math.floor(daysBetween(begins, nextMonthDay(begins, planting.spot.firstFrost)) / 7);
  return {
    planting: turn,
    season: {
      placed,
      lives: mine.flatMap((i) => {
        const life = season.lives[i];
        return life
          ? [{ from: Math.max(0, life.from - first), until: life.until === null ? null : life.until - first }]
          : [];
      }),
      weeks,
      peak: peakOf(placed, weeks),
      frostWeek: frost < weeks.length ? frost : null,
    },
  };
}

/** When the turn of a day begins; the planting’s own first day in its first. */
const beginsOn = (planting: Planting, date: string): string => boundsOn(planting, date).begins;

/** A change-over put on another day: what was lifted and set out on it is so on that one. */
function turnMoved({ placements }: Planting, from: string, to: string): Command {
  const day = (d: string | null) => (d === from ? to : d);
  return { do: 'plant', placements: placements.map((p) => ({ ...p, from: day(p.from), until: day(p.until) })) };
}

/**
 * An edit that was made of the turn of a day, as an edit of the whole planting: what is set out is set out in
 * that turn, what stood there before it or comes after it is left alone.
 */
export function ofWhole(planting: Planting, date: string, command: Command): Command {
  const begins = beginsOn(planting, date);
  if (begins === planting.startDate && changeOvers(planting).length === 0) return command;
  const was = new Map(planting.placements.map((p) => [p.id, p]));
  const inIt = (p: Stays): Stays => {
    const known = was.get(p.id);
    if (known) return { ...p, from: known.from, until: known.until };
    return p.from === null && begins > planting.startDate ? { ...p, from: begins } : p;
  };
  if (command.do === 'add') return { ...command, placement: inIt(command.placement) };
  if (command.do === 'set' && command.change.startDate !== undefined && begins > planting.startDate)
    return turnMoved(planting, begins, command.change.startDate);
  if (command.do !== 'plant') return command;
  const { ends } = boundsOn(planting, date);
  const turn = new Set(turnFrom(planting, begins, ends).placements.map((p) => p.id));
  return {
    ...command,
    placements: [...planting.placements.filter((p) => !turn.has(p.id)), ...command.placements.map(inIt)],
  };
}

import { containerSums } from '../containers';
import { clearOf } from '../containers/outline';
import { STARTS } from '../plants/starts';
import type { Planting } from '../plantings/schema';
import { resolve, type Placed } from '../plantings/resolve';
import { isSouthern, sunInMonth, sunReading } from '../spots/light';
import { monthly, monthPosition } from '../units/date';
import { clamp, lerp, maxBy, sum } from '../units/number';
import { calendarOf, type CalendarWeek } from './calendar';
import { lightLeft, type Leaning } from './light';
import { BASE_C, HEAT_STALL_C, lightFit, RATE_PER_DD, SMOTHERED_BELOW, SMOTHERED_WEEKS, WANTED_L } from './model';

/** A plant in one week. Lengths in mm; height is above the soil, trail below the rim. */
export interface Grown {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
  /** Share of full flower, 0–1. */
  bloom: number;
  /** Share of the light it needs that its neighbours leave it, 0–1. */
  light: number;
  alive: boolean;
}

export interface Week {
  week: number;
  date: string;
  meanC: number;
  plants: Grown[];
}

export interface Season {
  placed: Leaning[];
  weeks: Week[];
  /** The judged week: when bloom and canopy are near their most. */
  peak: number;
  /** Week number of the first frost in the season reckoned, or null. */
  frostWeek: number | null;
}

/**
 * Grows every plant of a planting week by week from its start size: logistic in thermal time toward a size set by
 * its own range, the spot's light and the room its roots have, slowed by neighbours that stand over it.
 * Deterministic. Throws UnknownPlantError.
 */
export function grow(planting: Planting): Season {
  const placed = resolve(planting).map((p): Leaning => {
    const { nx, ny } = clearOf(planting.container.shape, 0, p.xMm, p.yMm);
    return { ...p, nx, ny };
  });
  const { spot, startDate } = planting;
  const calendar = calendarOf(spot, startDate);
  // Months of bloom are written for the north; half a year on they hold for the south.
  const turned = isSouthern(spot) ? 6 : 0;
  const goals = placed.map((p) => goalOf(p, placed, planting));
  let now: Grown[] = placed.map((p, i) => newlyPlanted(p, goals[i] as Goal, monthPosition(startDate) + turned));
  let left: number[] = [];
  const weeks = calendar.weeks.map((w): Week => {
    // Canopies close slowly: who shades whom is reckoned every other week.
    if (w.week % 2 === 0) left = lightLeft(placed, now, sunInMonth(spot, Math.round(w.at)).hours);
    const facts: WeekFacts = { ...w, bloomAt: w.at + turned, frosted: w.week > calendar.frostWeek };
    now = placed.map((p, i) => nextWeek(p, now[i] as Grown, goals[i] as Goal, facts, left[i] ?? 1));
    return { week: w.week, date: w.date, meanC: w.meanC, plants: now };
  });
  return {
    placed,
    weeks,
    peak: peakOf(placed, weeks),
    frostWeek: calendar.frostWeek < weeks.length ? calendar.frostWeek : null,
  };
}

interface Goal {
  heightMm: number;
  spreadMm: number;
  trailMm: number;
}

/** The size a plant is heading for here. */
function goalOf(p: Placed, all: readonly Placed[], planting: Planting): Goal {
  const fit = lightFit(p.plant.sunHours, sunReading(planting.spot, planting.startDate).hours);
  const wanted = sum(all.map((o) => WANTED_L[o.plant.vigour as 1] ?? 2.6));
  const room = clamp(containerSums(planting.container).fillL / wanted, 0.4, 1);
  const within = 0.15 + 0.85 * fit * room;
  const poor = 0.6 + 0.4 * Math.min(1, fit * 2) * Math.min(1, room * 1.4);
  const at = ([low, high]: [number, number]) => lerp(low, high, within * 0.85) * poor;
  return { heightMm: at(p.plant.heightMm), spreadMm: at(p.plant.spreadMm), trailMm: at(p.plant.trailMm) };
}

function newlyPlanted(p: Placed, goal: Goal, at: number): Grown {
  const { grown, ballMm } = STARTS[p.start];
  return {
    heightMm: goal.heightMm * grown,
    spreadMm: Math.min(goal.spreadMm, Math.max(goal.spreadMm * grown, ballMm * 0.9)),
    trailMm: goal.trailMm * grown * 0.35,
    bloom: monthly(p.plant.bloom, at) * 0.4,
    light: 1,
    alive: true,
  };
}

interface WeekFacts extends CalendarWeek {
  /** Month position by which the plant's months of bloom are read. */
  bloomAt: number;
  frosted: boolean;
}

function nextWeek(p: Placed, was: Grown, goal: Goal, f: WeekFacts, light: number): Grown {
  const kill = f.frosted && p.plant.coldestNightC > -2;
  if (!was.alive || kill) return { ...was, bloom: 0, alive: false };
  const degreeDays = f.week === 0 ? 0 : Math.max(0, f.meanC - BASE_C[p.plant.season]) * 7;
  const rate = (RATE_PER_DD[p.plant.vigour as 1] ?? 0.006) * degreeDays * Math.sqrt(light);
  const decay = Math.exp(-rate);
  const settled = clamp(0.4 + f.week * 0.15, 0, 1);
  const heat = p.plant.season === 'cool' && f.highC > HEAT_STALL_C ? 0.4 : 1;
  const chill = f.nightC < p.plant.coldestNightC ? 0.5 : 1;
  return {
    heightMm: logistic(was.heightMm, goal.heightMm, decay),
    spreadMm: logistic(was.spreadMm, goal.spreadMm, decay),
    trailMm: logistic(was.trailMm, goal.trailMm, decay),
    bloom: monthly(p.plant.bloom, f.bloomAt) * settled * heat * chill * Math.max(0, 1 - 1.2 * (1 - light)),
    light,
    alive: true,
  };
}

/** One step of a logistic toward `end`; `decay` is e^(−rate). */
const logistic = (now: number, end: number, decay: number): number =>
  end <= 0 ? 0 : end / (1 + (end / Math.max(now, end * 0.02) - 1) * decay);

/** First week in which canopy and bloom reach 90 % of the most they ever do: the season flattens, and then it declines. */
function peakOf(placed: readonly Placed[], weeks: readonly Week[]): number {
  const show = (w: Week) =>
    sum(
      w.plants.map((g, i) =>
        g.alive ? g.spreadMm * (g.heightMm + g.trailMm) * (0.6 + g.bloom * (placed[i]?.plant.flower.show ?? 0)) : 0,
      ),
    );
  const most = maxBy(weeks, show);
  if (!most || placed.length === 0) return Math.min(9, weeks.length - 1);
  const enough = show(most) * 0.9;
  return weeks.find((w) => show(w) >= enough)?.week ?? most.week;
}

/** Placements that are smothered at some time, with the first week of it and the least light they had. */
export function smothered(season: Season): { index: number; week: number; least: number }[] {
  return season.placed.flatMap((_, index) => {
    let run = 0;
    for (const w of season.weeks) {
      const g = w.plants[index];
      run = g && g.alive && g.light < SMOTHERED_BELOW ? run + 1 : 0;
      if (run >= SMOTHERED_WEEKS)
        return [{ index, week: w.week - SMOTHERED_WEEKS + 1, least: leastLight(season, index) }];
    }
    return [];
  });
}

/** Least share of its light a placement has while it lives. */
export const leastLight = (season: Season, index: number): number =>
  season.weeks.reduce((least, w) => (w.plants[index]?.alive ? Math.min(least, w.plants[index].light) : least), 1);

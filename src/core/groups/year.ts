import { CRACKS_UNDER_C } from '../containers/cautions';
import { MATERIALS } from '../containers/materials';
import { grow } from '../growth/season';
import { bestWeeks, showsOf } from '../growth/stretches';
import type { Shifted } from '../jobs/job';
import type { Planting } from '../plantings/schema';
import { addDays, daysBetween, nextMonthDay } from '../units/date';
import { clamp, maxBy } from '../units/number';
import type { Shift } from './check';
import { inFront, swap } from './heights';
import { type Body, nameOf, sceneOf } from './scene';
import type { Group } from './schema';
import { moved } from './index';

/**
 * A container that is to stand elsewhere from a day on: what is said of it, and the moves that do it (none
 * where it leaves the scene).
 */
export interface YearMove extends Shifted {
  of: string;
  stands: readonly Shift[];
}

/** One stands before another by this much, mm. Working figure: a hand. */
const BEFORE_MM = 100;
/** Under this share of its own most a pot has stepped back from its show. Working figure. */
const DULL = 0.6;
/** Wrapped or under cover so many days before the first frost, and out after the last. Working figures: a week. */
const COVER_DAYS = 7;

/** What it shows on a day, of the most it ever does, 0 to 1; nothing outside its season. */
function showOn(planting: Planting, date: string): number {
  const season = grow(planting);
  const shows = showsOf(season);
  const at = Math.floor(daysBetween(planting.startDate, date) / 7);
  if (at < 0 || at >= shows.length) return 0;
  const most = Math.max(...shows);
  return most > 0 ? (shows[clamp(at, 0, shows.length - 1)] ?? 0) / most : 0;
}

/** The days on which some container comes into its best weeks, soonest first. */
function comingIn(plantings: readonly Planting[], from: string, to: string): { planting: Planting; on: string }[] {
  return plantings
    .flatMap((planting) => {
      const best = bestWeeks(grow(planting));
      const on = best && addDays(planting.startDate, best.from * 7);
      return on && on >= from && on <= to ? [{ planting, on }] : [];
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}

/** Of what stands before it and is past its show, the dullest with which it may change places and hide nobody. */
function partnerOf(
  body: Body,
  bodies: readonly Body[],
  group: Group,
  plantings: readonly Planting[],
  on: string,
): Body | null {
  const dull = bodies.filter(
    (b) => b.of !== body.of && b.upMm === body.upMm && b.yMm > body.yMm + BEFORE_MM && showOn(b.planting, on) < DULL,
  );
  const clear = dull.filter((b) => {
    const after = sceneOf(moved(group, swap(body, b)), plantings, on);
    return inFront.of(after)?.severity !== 'watch';
  });
  return maxBy(clear, (b) => -showOn(b.planting, on)) ?? null;
}

/** Who comes to the front and who goes behind, as each comes into its best weeks. */
function toTheFront(group: Group, plantings: readonly Planting[], from: string, to: string): YearMove[] {
  let now = group;
  return comingIn(plantings, from, to).flatMap(({ planting, on }): YearMove[] => {
    const { bodies } = sceneOf(now, plantings, on);
    const body = bodies.find((b) => b.of === planting.id);
    const other = body && body.upMm === 0 ? partnerOf(body, bodies, now, plantings, on) : null;
    if (!body || !other) return [];
    const stands = swap(body, other);
    now = moved(now, stands);
    return [{ of: planting.id, on, text: `move it to the front and ${nameOf(other)} behind it`, stands }];
  });
}

/** What may crack goes under cover before the frost, and comes out after it. */
function underCover({ id, container, spot, startDate, brief }: Planting, from: string, to: string): YearMove[] {
  const { frostProof, label } = MATERIALS[container.material];
  if (container.mount !== 'ground' || frostProof === 'yes' || spot.coldestWinterC >= CRACKS_UNDER_C) return [];
  const first = nextMonthDay(from > startDate ? from : startDate, spot.firstFrost);
  const inside = addDays(first, -COVER_DAYS);
  const out = addDays(nextMonthDay(first, spot.lastFrost), COVER_DAYS);
  const name = label.toLowerCase();
  return [
    { of: id, on: inside, text: `move it under cover or wrap it: ${name} may crack`, stands: [] },
    ...(brief.lasting ? [{ of: id, on: out, text: 'bring it back outside', stands: [] }] : []),
  ].filter((m) => m.on >= from && m.on <= to);
}

/** What is moved in a group between two days, soonest first. Throws UnknownPlantError. */
export function movesOfYear(group: Group, plantings: readonly Planting[], from: string, to: string): YearMove[] {
  const here = plantings.filter((p) => group.stands.some((s) => s.of === p.id) && p.placements.length > 0);
  return [...toTheFront(group, here, from, to), ...here.flatMap((p) => underCover(p, from, to))].sort((a, b) =>
    a.on.localeCompare(b.on),
  );
}

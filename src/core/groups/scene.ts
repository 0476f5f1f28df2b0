import { depthOf, feetMm, rimOf } from '../containers/outline';
import { shapeOf } from '../containers/shapes';
import { lch } from '../colour/oklch';
import { family, type Family } from '../colour/family';
import { grow } from '../growth/season';
import { signature } from '../plants/signature';
import type { Planting } from '../plantings/schema';
import { daysBetween } from '../units/date';
import { clamp } from '../units/number';
import type { Group, Stand } from './schema';

/** A container where it stands, as large as it is on a day. Lengths in mm; heights over the ground of the place. */
export interface Body extends Stand {
  planting: Planting;
  /**
   * Half the width of its rim and half its depth, and how far leaves reach past either. A round one is as
   * deep as it is wide.
   */
  rimX: number;
  rimY: number;
  overMm: number;
  /** Half the width of rim and leaves together. */
  leafR: number;
  /** It is no box: what lies at its corners is free. */
  round: boolean;
  /** Where its rim is, and its tallest leaf. */
  rimZ: number;
  topZ: number;
  /** Plants in it, and the colours it is remembered by. */
  plants: ReadonlySet<string>;
  colours: ReadonlySet<Family>;
}

/** A group on a day: its containers, and the ids it names that nobody has. */
export interface Scene {
  group: Group;
  date: string;
  bodies: Body[];
  missing: string[];
}

/** Greens say nothing of a colour that comes again. */
const PLAIN: readonly Family[] = ['green'];

/** How far something half so wide and half so deep reaches to the side and to the front when it is turned. */
function turned(x: number, y: number, deg: number, isBox: boolean): [number, number] {
  const [c, s] = [Math.abs(Math.cos((deg * Math.PI) / 180)), Math.abs(Math.sin((deg * Math.PI) / 180))];
  return isBox ? [c * x + s * y, s * x + c * y] : [Math.hypot(c * x, s * y), Math.hypot(s * x, c * y)];
}

/**
 * The week of its season that a day lies in; the first before it is planted, the last after its end. Throws
 * UnknownPlantError.
 */
export const weekOf = (planting: Planting, date: string): number =>
  clamp(Math.floor(daysBetween(planting.startDate, date) / 7), 0, grow(planting).weeks.length - 1);

function bodyOf(stand: Stand, planting: Planting, date: string): Body {
  const season = grow(planting);
  const week = season.weeks[weekOf(planting, date)];
  const { shape } = planting.container;
  const { wide, deep } = rimOf(shape);
  const rimZ = stand.upMm + feetMm(planting.container) + depthOf(shape);
  const [plants, colours] = [new Set<string>(), new Set<Family>()];
  let [over, top] = [0, 0];
  season.placed.forEach((p, i) => {
    const g = week?.plants[i];
    if (!g?.alive) return;
    over = Math.max(over, Math.abs(p.xMm) + g.spreadMm / 2 - wide / 2, Math.abs(p.yMm) + g.spreadMm / 2 - deep / 2);
    top = Math.max(top, g.heightMm);
    plants.add(p.plant.common);
    const colour = family(lch(signature(p.plant)));
    if (!PLAIN.includes(colour)) colours.add(colour);
  });
  const [rimX, rimY] = turned(wide / 2, deep / 2, stand.turnDeg, shapeOf(shape).family === 'box');
  return {
    ...stand,
    planting,
    rimX,
    rimY,
    overMm: over,
    leafR: rimX + over,
    round: shapeOf(shape).family !== 'box',
    rimZ,
    topZ: rimZ + top,
    plants,
    colours,
  };
}

/** A group with its containers as they are on a day; ids that nobody has are told. Throws UnknownPlantError. */
export function sceneOf(group: Group, plantings: readonly Planting[], date: string): Scene {
  const known = new Map(plantings.map((p) => [p.id, p]));
  const bodies = group.stands.flatMap((s) => {
    const planting = known.get(s.of);
    return planting ? [bodyOf(s, planting, date)] : [];
  });
  return { group, date, bodies, missing: [...new Set(group.stands.map((s) => s.of))].filter((of) => !known.has(of)) };
}

/** What one is called: of several that are the same, with its number. */
export const nameOf = ({ id, of, planting }: Pick<Body, 'id' | 'of' | 'planting'>): string =>
  id === of ? planting.name : `${planting.name} ${id.slice(id.lastIndexOf('-') + 1)}`;

/**
 * How far two stand apart along the ground at the rim, or past it by so much of the reach of their leaves;
 * negative where they meet, mm.
 */
export function gap(a: Body, b: Body, reach: 'rim' | 'leaf'): number {
  const more = reach === 'leaf' ? a.overMm + b.overMm : 0;
  const [dx, dy] = [Math.abs(a.xMm - b.xMm), Math.abs(a.yMm - b.yMm)];
  if (a.round && b.round) return Math.hypot(dx, dy) - a.rimX - b.rimX - more;
  return Math.max(dx - a.rimX - b.rimX, dy - a.rimY - b.rimY) - more;
}

/** Whether pots, or all that grows in them, are at one height in part, so that they may meet. */
export const level = (a: Body, b: Body, to: 'rimZ' | 'topZ'): boolean => a.upMm < b[to] && b.upMm < a[to];

/** Every two of them, once. */
export const pairs = (bodies: readonly Body[]): [Body, Body][] =>
  bodies.flatMap((a, i) => bodies.slice(i + 1).map((b): [Body, Body] => [a, b]));

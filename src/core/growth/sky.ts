import { isSouthern } from '../climate/hemisphere';
import { oneSided, sunInMonth } from '../spots/light';
import type { Spot } from '../spots/schema';
import { lightOfSpot, sunOf, type Direction } from '../spots/sun-seen';
import { keptBy, keptIn } from '../units/keep';
import { tenth } from '../units/number';

/** The light that falls on a planting in a month: hours of direct sun, and where its shadows fall through the day. */
export interface Sky {
  hours: number;
  /**
   * One for each hour that is looked at: how far a shadow lies from what casts it, as a share of the height
   * between.
   */
  shadows: readonly Shadow[];
}
/** A shift on the plan: x to the right, y toward the viewer. */
interface Shadow {
  dx: number;
  dy: number;
}

/** So many hours of the day stand for all. Working figure: one in two of a long day. */
const HOURS_SEEN = 5;
/** A sun lower than this casts shadows past any pot: 1 in 3. Working figure. */
const LOWEST = Math.sin(Math.atan(1 / 3));

const kept = keptBy((_: Spot['light']) => new Map<string, Sky>());
const byMonth = keptBy((_: Spot) => new Map<number, Sky>());

/**
 * The sky of a spot at a month position. What was noted without a compass is taken to lie with its front to the noon
 * sun where it has a front; where it is seen from all round nobody knows the side, and the hours come from every one.
 */
export function skyOf(spot: Spot, at: number): Sky {
  const month = ((Math.round(at) % 12) + 12) % 12;
  return keptIn(byMonth(spot), month, () => skyIn(spot, month));
}

function skyIn(spot: Spot, month: number): Sky {
  const southern = isSouthern(spot);
  const everySide = spot.light.kind === 'noted' && !oneSided(spot);
  return keptIn(kept(spot.light), `${month}|${southern}|${everySide}`, () => {
    // A sun that is only taken to be there is that of the north: half a year on it is the south’s.
    const turned = spot.light.kind === 'noted' && southern ? (month + 6) % 12 : month;
    const light = lightOfSpot(spot);
    const date = `2026-${String(turned + 1).padStart(2, '0')}-15`;
    const ways = Array.from({ length: 24 }, (_, h) => sunOf(light, date, h + 0.5)).filter((w) => w !== null);
    const each = Math.max(1, ways.length / HOURS_SEEN);
    const seen = ways.filter((_, i) => Math.floor(i / each) !== Math.floor((i - 1) / each));
    return {
      hours: tenth(sunInMonth(spot, month).hours),
      shadows: seen.map((way, i) => shadowOf(way, everySide ? (2 * Math.PI * i) / seen.length : 0)),
    };
  });
}

/** Where the shadow of a sun falls that stands so, turned by so many radians. */
function shadowOf({ x, y, z }: Direction, turned: number): Shadow {
  const [cos, sin] = [Math.cos(turned), Math.sin(turned)];
  const up = Math.max(z, LOWEST);
  return { dx: -(x * cos - y * sin) / up, dy: -(x * sin + y * cos) / up };
}

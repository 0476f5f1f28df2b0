import { maxBy } from '../units/number';
import { BETWEEN_MM, roomOf } from './arrange';
import type { Scene } from './scene';
import { type Group, type Ledge, MOST_STANDS, type Stand } from './schema';

type Span = readonly [left: number, right: number];

/** A foot stands on a ledge when it is so near its height, mm. */
const ON_IT_MM = 20;

const spanOf = (bodies: Scene['bodies']): Span[] => bodies.map((b) => [b.xMm - roomOf(b), b.xMm + roomOf(b)] as const);

const about = ({ xMm, widthMm }: { xMm: number; widthMm: number }): Span => [xMm - widthMm / 2, xMm + widthMm / 2];

/**
 * What along the wall is taken, on the ground by all that stands there, the doors and the way; on a ledge by
 * what stands on it.
 */
function takenIn({ group, bodies }: Scene, ledge: Ledge | null): Span[] {
  if (ledge) return spanOf(bodies.filter((b) => Math.abs(b.upMm - ledge.heightMm) <= ON_IT_MM));
  const doors = group.openings.filter((o) => o.kind === 'door').map(about);
  return [...spanOf(bodies), ...doors, ...(group.path ? [about(group.path)] : [])];
}

/**
 * The free place for so much more that is nearest to `near`: its middle, mm from the middle of the wall; null
 * where a ledge has none.
 */
export function roomBeside(scene: Scene, wideMm: number, near = 0, ledge: Ledge | null = null): number | null {
  const taken = takenIn(scene, ledge);
  const [least, most] = ledge ? about(ledge) : [-Infinity, Infinity];
  const edges = [
    near,
    ...(ledge ? [least + wideMm / 2, most - wideMm / 2] : []),
    ...taken.flatMap(([l, r]) => [l - BETWEEN_MM - wideMm / 2, r + BETWEEN_MM + wideMm / 2]),
  ];
  const free = edges.filter(
    (x) =>
      x - wideMm / 2 >= least - 1 &&
      x + wideMm / 2 <= most + 1 &&
      taken.every(([l, r]) => x + wideMm / 2 <= l - BETWEEN_MM + 1 || x - wideMm / 2 >= r + BETWEEN_MM - 1),
  );
  const x = maxBy(free, (at) => -Math.abs(at - near));
  return x === undefined ? null : Math.round(x);
}

/** Where guests are wanted: near a door, on a ledge, or about a place along the wall. */
export interface GuestsWanted {
  nearMm?: number;
  ledge?: Ledge | null;
}

/**
 * Guests that are set out, and how far from where they were wanted they begin, mm; `onLedge` tells whether
 * the ledge had room.
 */
export interface GuestsSetOut {
  group: Group;
  awayMm: number;
  onLedge: boolean;
}

/** A group with guests set out beside what stands there, as near to where they are wanted as there is room. */
export function joinedBy(scene: Scene, guests: Scene, { nearMm = 0, ledge = null }: GuestsWanted = {}): GuestsSetOut {
  const spans = spanOf(guests.bodies);
  if (spans.length === 0) return { group: scene.group, awayMm: 0, onLedge: false };
  const [left, right] = [Math.min(...spans.map(([l]) => l)), Math.max(...spans.map(([, r]) => r))];
  const wide = right - left;
  const onIt = ledge && roomBeside(scene, wide, ledge.xMm, ledge);
  const middle = onIt ?? roomBeside(scene, wide, nearMm) ?? 0;
  const by = middle - (left + right) / 2;
  const set = (s: Stand): Stand => ({
    ...s,
    xMm: Math.round(s.xMm + by),
    ...(ledge && onIt !== null ? { yMm: Math.round(ledge.yMm + ledge.deepMm / 2), upMm: ledge.heightMm } : {}),
  });
  return {
    group: { ...scene.group, stands: [...scene.group.stands, ...guests.group.stands.map(set)].slice(0, MOST_STANDS) },
    awayMm: Math.max(0, Math.abs(middle - nearMm) - wide / 2),
    onLedge: onIt !== null && ledge !== null,
  };
}

import { headspaceMm, SOIL_BUFFER_MM } from '../containers';
import type { Container } from '../containers/schema';
import { clearOf, depthOf, heartOf } from '../containers/outline';
import { STARTS, type StartSize } from '../plants/starts';

/** Root balls keep this far apart. Practice: a finger's width less. */
const GAP_MM = 5;
/**
 * A root ball ends at least this far above the base; in a shallow bowl or tray a tenth of its depth.
 * Practice; the tenth is a working figure.
 */
const BASE_CLEARANCE_MM = 30;
const BASE_SHARE = 0.1;
/** A ball's foot is this share of its top: ordinary pots taper so. Working figure. */
const FOOT = 0.8;
/** Practice: a root ball can be squeezed by up to a quarter of its width. */
const TEASE = 0.25;

interface BallAt {
  id: string;
  start: StartSize;
  xMm: number;
  yMm: number;
  /** First day, and the day it is lifted; null or left out for always. */
  from?: string | null;
  until?: string | null;
}

/** Whether two are ever in the soil on the same day. */
const meet = (a: BallAt, b: BallAt): boolean =>
  (!a.until || !b.from || b.from < a.until) && (!b.until || !a.from || a.from < b.until);

export interface Misfit {
  kind: 'outside' | 'overlap' | 'too deep';
  ids: string[];
  /** How much it misses by, mm. */
  byMm: number;
  /** It fits if the root ball is teased narrower. */
  teased: boolean;
}

export interface Room {
  /** How much room the ball has to the nearest wall, mm; negative when it stands outside by so much. */
  mm: number;
  nx: number;
  ny: number;
}

/**
 * Room left round a root ball that stands at a point: inside the planting outline at the soil line and, because pots
 * taper, still inside the wall at the ball's own foot. With the way to the nearest wall.
 */
export function roomAt(c: Container, start: StartSize, x: number, y: number): Room {
  const ball = STARTS[start];
  const head = headspaceMm(c);
  const top = clearOf(c.shape, head, x, y);
  const foot = clearOf(c.shape, head + ball.ballDepthMm, x, y);
  const atTop = top.mm - SOIL_BUFFER_MM - ball.ballMm / 2;
  const atFoot = foot.mm - (ball.ballMm * FOOT) / 2;
  return atTop <= atFoot ? { ...top, mm: atTop } : { ...foot, mm: atFoot };
}

/** How deep a root ball may be in a container, mm. */
function ballRoomMm(c: Container): number {
  const depth = depthOf(c.shape);
  return depth - headspaceMm(c) - Math.min(BASE_CLEARANCE_MM, depth * BASE_SHARE);
}

/** Whether a start goes into the container at all. */
export function goesIn(c: Container, start: StartSize): boolean {
  const heart = heartOf(c.shape);
  return STARTS[start].ballDepthMm <= ballRoomMm(c) && roomAt(c, start, heart.x, heart.y).mm >= 0;
}

/**
 * How far from the middle a root ball may stand in a direction (0 right, turning toward the viewer), mm;
 * negative when it does not go in.
 */
export function reachMm(c: Container, start: StartSize, angle = 0): number {
  const heart = heartOf(c.shape);
  const room = (far: number) => roomAt(c, start, heart.x + Math.cos(angle) * far, heart.y + Math.sin(angle) * far).mm;
  if (room(0) < 0) return room(0);
  let [near, far] = [0, 4000];
  for (let i = 0; i < 26; i += 1) {
    const mid = (near + far) / 2;
    if (room(mid) >= 0) near = mid;
    else far = mid;
  }
  return near;
}

/** Least distance between the middles of two root balls, mm. */
export const apartMm = (a: StartSize, b: StartSize): number => (STARTS[a].ballMm + STARTS[b].ballMm) / 2 + GAP_MM;

/** Everything that does not fit, worst first. Empty when all do. */
export function misfits(c: Container, balls: readonly BallAt[]): Misfit[] {
  const out: Misfit[] = [];
  const room = ballRoomMm(c);
  balls.forEach((a, i) => {
    const ball = STARTS[a.start];
    const deep = ball.ballDepthMm - room;
    if (deep > 0.5) out.push({ kind: 'too deep', ids: [a.id], byMm: deep, teased: false });
    const over = -roomAt(c, a.start, a.xMm, a.yMm).mm;
    if (over > 0.5) out.push({ kind: 'outside', ids: [a.id], byMm: over, teased: over <= ball.ballMm * TEASE });
    for (const b of balls.slice(i + 1)) {
      if (!meet(a, b)) continue;
      const lack = apartMm(a.start, b.start) - Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
      if (lack > 0.5) {
        const give = ((ball.ballMm + STARTS[b.start].ballMm) / 2) * TEASE;
        out.push({ kind: 'overlap', ids: [a.id, b.id], byMm: lack, teased: lack <= give });
      }
    }
  });
  return out.sort((x, y) => Number(x.teased) - Number(y.teased) || y.byMm - x.byMm);
}

interface Slot {
  start: StartSize;
  xMm: number;
  yMm: number;
  /** Fixed slots push others and stay. */
  fixed?: boolean;
}

const ROUNDS = 140;

/**
 * Pushes overlapping root balls apart and back inside the outline, a little each round. Returns new positions, or
 * null when they cannot all stand. Deterministic.
 */
export function settle<T extends Slot>(c: Container, slots: readonly T[]): T[] | null {
  const at = slots.map((s) => ({ ...s }));
  for (const s of at) if (!goesIn(c, s.start)) return null;
  for (let round = 0; round < ROUNDS; round += 1) {
    let worst = 0;
    for (let i = 0; i < at.length; i += 1) {
      for (let j = i + 1; j < at.length; j += 1) worst = Math.max(worst, pushApart(at[i] as Slot, at[j] as Slot));
    }
    for (const s of at) worst = Math.max(worst, pullInside(c, s));
    if (worst < 0.4) return at;
  }
  return null;
}

function pushApart(a: Slot, b: Slot): number {
  const need = apartMm(a.start, b.start);
  let dx = b.xMm - a.xMm;
  let dy = b.yMm - a.yMm;
  if (dx * dx + dy * dy >= need * need) return 0;
  let d = Math.sqrt(dx * dx + dy * dy);
  const lack = need - d;
  if (d < 0.01) [dx, dy, d] = [1, 0, 1];
  const half = a.fixed === b.fixed ? 0.5 : 1;
  const step = (lack * half + 0.1) / d;
  if (!a.fixed || b.fixed) {
    a.xMm -= dx * step;
    a.yMm -= dy * step;
  }
  if (!b.fixed || a.fixed) {
    b.xMm += dx * step;
    b.yMm += dy * step;
  }
  return lack;
}

function pullInside(c: Container, s: Slot): number {
  const { mm, nx, ny } = roomAt(c, s.start, s.xMm, s.yMm);
  if (mm >= 0) return 0;
  [s.xMm, s.yMm] = [s.xMm + nx * mm, s.yMm + ny * mm];
  return -mm;
}

import { hookMm } from '../containers/outline';
import type { Lookout } from './schema';
import type { Scene } from './scene';
import type { Direction } from '../spots/sun-seen';

/** From where to where one looks, mm in the frame of the scene, and how wide a look, degrees from top to bottom. */
export interface EyeView {
  at: Direction;
  to: Direction;
  fovDeg: number;
}

/** How far what there is to see goes: to either side of the middle of the wall, over the ground, and from the wall. */
export interface Reach {
  left: number;
  right: number;
  up: number;
  out: number;
}

/** The least that is shown, mm. */
const LEAST: Reach = { left: -700, right: 700, up: 1300, out: 700 };
/** An arm over a hook stands up so far, mm. */
const HOOK_MM = 60;
/** Room round what stands there, mm. */
const BESIDE_MM = 160;

/** How far the containers, doors, windows and steps of a scene go. */
export function reachOf({ group, bodies }: Pick<Scene, 'group' | 'bodies'>): Reach {
  const { openings, ledges } = group;
  const sides = [
    ...bodies.map((b) => [b.xMm - b.leafR, b.xMm + b.leafR] as const),
    ...openings.map((o) => [o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2] as const),
    ...ledges.map((l) => [l.xMm - l.widthMm / 2, l.xMm + l.widthMm / 2] as const),
  ];
  return {
    left: Math.min(LEAST.left, ...sides.map(([l]) => l)) - BESIDE_MM,
    right: Math.max(LEAST.right, ...sides.map(([, r]) => r)) + BESIDE_MM,
    up:
      Math.max(
        LEAST.up,
        ...bodies.map((b) =>
          Math.max(b.topZ, b.planting.container.mount === 'hook' ? b.rimZ + hookMm(b.planting.container) + HOOK_MM : 0),
        ),
        ...openings.map((o) => o.sillMm + o.heightMm),
      ) + BESIDE_MM,
    out: Math.max(LEAST.out, ...bodies.map((b) => b.yMm + b.rimY + b.overMm), ...ledges.map((l) => l.yMm + l.deepMm)),
  };
}

/** Eyes of one who stands and of one who sits, mm over the ground. Working figures: the middle of grown people. */
const STANDING_MM = 1580;
const SITTING_MM = 1180;
/**
 * The gate is so far off where nobody said, the café chair so far, and one walks along at this distance from
 * what stands there, mm. Working figures.
 */
const GATE_MM = 5200;
const CHAIR_MM = 2200;
const ALONG_MM = 1700;
/** One looks a little below the middle of what is to be seen. */
const LOOK_UP = 0.42;
/** From the front it is seen as stills are: through a long lens from a little above, radians. */
const FRONT_UP = 0.15;
const FRONT_FOV = 17;
/** Nobody sees more at once without turning the head, degrees. Working figure. */
const WIDEST = 62;

const middleOf = ({ left, right }: Reach): number => (left + right) / 2;

/** Where the gate and the chair stand: as the group says, else at the usual distance. */
export function lookoutsOf({ group, bodies }: Pick<Scene, 'group' | 'bodies'>): { gate: Lookout; chair: Lookout } {
  const reach = reachOf({ group, bodies });
  return {
    gate: group.gate ?? { xMm: group.path?.xMm ?? middleOf(reach), yMm: reach.out + GATE_MM, eyeMm: STANDING_MM },
    chair: group.chair ?? {
      xMm: Math.round(middleOf(reach) + (reach.right - reach.left) * 0.3),
      yMm: reach.out + CHAIR_MM,
      eyeMm: SITTING_MM,
    },
  };
}

/**
 * The narrowest look from a point to another that holds all of a reach in a picture so many times wider than
 * high, degrees.
 */
function holding(at: Direction, to: Direction, { left, right, up, out }: Reach, aspect: number): number {
  const ahead = [to.x - at.x, to.y - at.y, to.z - at.z] as const;
  const far = Math.hypot(...ahead);
  const f = ahead.map((v) => v / far) as [number, number, number];
  const flat = Math.hypot(f[0], f[1]);
  const side = [f[1] / flat, -f[0] / flat, 0] as const;
  const high = [-f[2] * (f[0] / flat), -f[2] * (f[1] / flat), flat] as const;
  const dot = (a: readonly number[], b: readonly number[]) => a.reduce((s, v, i) => s + v * (b[i] ?? 0), 0);
  let most = 0;
  for (const x of [left, right])
    for (const y of [0, out])
      for (const z of [0, up]) {
        const p = [x - at.x, y - at.y, z - at.z];
        const deep = dot(p, f);
        if (deep <= 0) return WIDEST;
        most = Math.max(most, Math.abs(dot(p, high)) / deep, Math.abs(dot(p, side)) / deep / aspect);
      }
  return Math.min(WIDEST, (2 * Math.atan(most) * 180) / Math.PI);
}

/** The ways a group is looked at, but from above, which is a drawing. */
export const EYES = ['front', 'gate', 'chair', 'along'] as const;
export type EyeId = (typeof EYES)[number];

/**
 * Where one stands and looks for a picture so many times wider than high. `along` is how far one has walked, 0 at the
 * left end to 1; `round` is how far one has gone round what stands there, radians, from the front.
 */
export function eyeOf(
  scene: Pick<Scene, 'group' | 'bodies'>,
  eye: EyeId,
  aspect: number,
  along = 0.5,
  round = 0,
): EyeView {
  const reach = reachOf(scene);
  const to: Direction = { x: middleOf(reach), y: reach.out * 0.5, z: reach.up * LOOK_UP };
  if (eye === 'along') {
    const x = reach.left + along * (reach.right - reach.left);
    return {
      at: { x, y: reach.out + ALONG_MM, z: STANDING_MM },
      to: { x, y: reach.out * 0.4, z: reach.up * LOOK_UP * 0.8 },
      fovDeg: WIDEST,
    };
  }
  if (eye === 'front') {
    const half = (FRONT_FOV * Math.PI) / 360;
    const tall = reach.up * Math.cos(FRONT_UP) + reach.out * Math.sin(FRONT_UP);
    const wide = (reach.right - reach.left) * Math.cos(round) + reach.out * Math.abs(Math.sin(round));
    const far = Math.max(tall, wide / aspect) / 2 / Math.tan(half) + reach.out * 0.5;
    const middle = { ...to, z: reach.up * 0.47 };
    return {
      at: {
        x: middle.x + Math.sin(round) * Math.cos(FRONT_UP) * far,
        y: middle.y + Math.cos(round) * Math.cos(FRONT_UP) * far,
        z: middle.z + Math.sin(FRONT_UP) * far,
      },
      to: middle,
      fovDeg: FRONT_FOV,
    };
  }
  const { xMm, yMm, eyeMm } = lookoutsOf(scene)[eye];
  const at: Direction = { x: xMm, y: yMm, z: eyeMm };
  return { at, to, fovDeg: holding(at, to, reach, aspect) };
}

import { clamp } from '../../units/number';
import { flowerAt, heads } from '../flowers';
import { leafAt, leafLook } from '../leaves';
import { between, GOLDEN, turn, type Sprig } from '../sprig';
import { stemBetween } from '../stems';
import { LEGS, wigwamFor } from '../supports';
import { add, toward, UP, unit, type Vec } from '../vector';

/**
 * Shoots to one cane, and how far up one winds in a turn, and how far from the cane, mm. Most twiners turn to
 * the right: anticlockwise as seen from above.
 */
const EACH = 2;
const PITCH_MM = 190;
const ROUND_MM = 13;
/** Sticks that a turn is drawn with. */
const STEPS = 6;
/** Second shoots end between these shares of its height. By eye. */
const SECOND = { from: 0.68, to: 0.94 };
/**
 * A shoot has a side shoot at so many of its nodes, with so many leaves; it is tallest near the foot of the
 * plant and still so long at its top. By eye.
 */
const SIDE_EVERY = 2;
const SIDE_LEAVES = 3;
const TOP_SIDE = 0.5;
/** Nodes of a shoot: a leaf's length apart, as few and as many as can be drawn. By eye. */
const NODES = { least: 9, most: 26 };
/** Flowers are borne from this share of the way along a side shoot to its tip. By eye. */
const BLOOMS_FROM = 0.35;
/** Over its canes a shoot leans out by so much of its height over them. By eye. */
const NODS = 0.7;

interface Shoot {
  at: (y: number) => Vec;
  heightMm: number;
  /** The way it winds at a height, radians round its cane. */
  wound: (y: number) => number;
}

function shootsOf(s: Sprig): Shoot[] {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { heightMm: top, leg } = wigwamFor(s, s.supportMm > 0 ? s.supportMm : h);
  const leaf = leafLook(s.plant).lengthMm;
  // Before it is as wide as its canes it has not come to them.
  const [x, , z] = leg(0, 0);
  const foot = Math.hypot(x - s.base[0], z - s.base[2]);
  const reached = clamp((w / 2 - leaf * 0.6) / Math.max(1, foot), 0.15, 1);
  return Array.from({ length: LEGS * EACH }, (_, k) => {
    const phase = turn(s);
    const wound = (y: number): number => phase + (k < LEGS ? 0 : Math.PI) + (y / PITCH_MM) * 2 * Math.PI;
    const away = k * GOLDEN;
    const at = (y: number): Vec => {
      const over = Math.max(0, y - top);
      // The second of each two goes up between its cane and the next, from tie to tie.
      const on = leg(k < LEGS ? k : k + 0.5, Math.min(1, y / top));
      const near = Math.min(1, y / 70) * reached;
      const round = ROUND_MM * Math.min(1, y / 70);
      const a = wound(y);
      return [
        s.base[0] + (on[0] - s.base[0]) * near + Math.cos(a) * round + Math.cos(away) * over * NODS,
        s.base[1] + y,
        s.base[2] + (on[2] - s.base[2]) * near - Math.sin(a) * round + Math.sin(away) * over * NODS,
      ];
    };
    return { at, wound, heightMm: h * (k < LEGS ? between(s, 0.95, 1) : between(s, SECOND.from, SECOND.to)) };
  });
}

/** Where a side shoot goes, from where to where. */
interface Side {
  from: Vec;
  to: Vec;
  out: Vec;
}

const along = ({ from, to }: Side, t: number): Vec => [
  from[0] + (to[0] - from[0]) * t,
  // It sets out level and hangs.
  from[1] + (to[1] - from[1]) * t * t,
  from[2] + (to[2] - from[2]) * t,
];

/**
 * Shoots wound up the canes of a wigwam, a leaf at each node and short side shoots that hang out, in flower
 * from top to bottom.
 */
export function climber(s: Sprig): void {
  const { heightMm: h, spreadMm: w } = s.grown;
  const { lengthMm: leaf } = leafLook(s.plant);
  const sides: Side[] = [];
  for (const { at, wound, heightMm } of shootsOf(s)) {
    const steps = Math.max(2, Math.round((heightMm / PITCH_MM) * STEPS));
    for (let i = 0; i < steps; i += 1)
      stemBetween(s, at((heightMm * i) / steps), at((heightMm * (i + 1)) / steps), 3.2 - (1.6 * i) / steps);
    const nodes = clamp(Math.round(heightMm / (leaf * 0.75)), NODES.least, NODES.most);
    for (let n = 0; n < nodes; n += 1) {
      const up = (n + 0.6) / nodes;
      const node = at(heightMm * up);
      // Leaves turn to the light: out from the plant, wherever on the cane they are borne.
      const a = Math.atan2(node[2] - s.base[2], node[0] - s.base[0]) + Math.sin(wound(heightMm * up)) * 0.8;
      const dir = toward(a + between(s, -0.9, 0.9), between(s, -0.5, 0.35));
      const size = 1.1 - 0.45 * up;
      leafAt(s, add(node, dir, leaf * 0.2), dir, unit(add(toward(a, 0.3), UP, 0.5)), size, up < 0.08 ? 0.4 : 0);
      if (n % SIDE_EVERY !== 0) continue;
      const home = Math.hypot(node[0] - s.base[0], node[2] - s.base[2]);
      const reach = Math.max(leaf * 0.4, (w / 2) * (1 - (1 - TOP_SIDE) * up) - home - leaf * 0.5) * between(s, 0.45, 1);
      const out = toward(a + between(s, -0.7, 0.7), 0.1);
      const side = { from: node, out, to: add(add(node, out, reach), UP, -reach * between(s, 0.1, 0.6)) };
      sides.push(side);
      stemBetween(s, node, along(side, 0.6), 1.8);
      stemBetween(s, along(side, 0.6), side.to, 1.3);
      for (let k = 0; k < SIDE_LEAVES; k += 1) {
        const t = (k + 1) / SIDE_LEAVES;
        const way = unit(
          add(toward(a + (k % 2 === 0 ? 0.8 : -0.8) * (t < 1 ? 1 : 0.2), between(s, -0.6, 0.1)), UP, -0.1),
        );
        leafAt(s, along(side, t), way, unit(add(toward(a, 0.3), UP, 0.4)), size * (1.05 - 0.2 * t));
      }
    }
  }
  // Plumes are thin: it takes more of them to be seen among so many leaves.
  const { many, size } = heads(s, Math.PI * w * 0.8 * h, s.look?.as === 'stand' ? 240 : 110);
  for (let i = 0; i < many; i += 1) {
    const side = sides[Math.floor(((i * 0.618034) % 1) * sides.length)];
    if (!side) continue;
    const from = along(side, between(s, BLOOMS_FROM, 1));
    const to = add(add(from, side.out, leaf * 0.55), UP, between(s, 0, leaf * 0.4));
    stemBetween(s, from, to, 1.3);
    flowerAt(s, to, unit(add(side.out, UP, 0.25)), size);
  }
}

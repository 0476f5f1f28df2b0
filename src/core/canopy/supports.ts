import { linearRgb } from '../colour/oklch';
import { HABITS } from '../plants/habits';
import { factsOf } from '../plants/facts';
import type { Plant } from '../plants/schema';
import { clamp, lerp } from '../units/number';
import { stick } from './piece';
import type { Sprig } from './sprig';
import type { Vec } from './vector';

/** Bamboo, and how thick it is, mm. */
const CANE = linearRgb('#a98f5a');
const CANE_MM = 9;
const TIE_MM = 4;
/**
 * A support reaches so much of the height its plant comes to. Practice: a hand under the top, so that it is
 * not seen over it.
 */
const REACHES = 0.9;
/** A stake stands so far behind its plant, mm. */
const BEHIND_MM = 28;
/**
 * The feet of a wigwam stand so far out, as a share of its height and of the plant's spread at the most, and
 * so far inside the wall of the pot, mm; where it is tied round. Working figures.
 */
const FOOT = { height: 0.16, spread: 0.3, wallMm: 22, leastMm: 18 };
const TIED_AT = [0.35, 0.65] as const;
export const LEGS = 4;
/** So much nearer the middle do its legs stand at the top than at the foot. */
const CLOSES = 0.92;

/** A wigwam of canes: how high it is, and where each of its legs is at a share of that height. */
export interface Wigwam {
  heightMm: number;
  leg: (i: number, up: number) => Vec;
}

/** The wigwam a plant is given for the height it comes to, within the pot it stands in. */
export function wigwamFor({ plant, base, pot }: Sprig, tallestMm: number): Wigwam {
  const heightMm = tallestMm * REACHES;
  const room = pot.clear(0, base[0], base[2]).mm - FOOT.wallMm;
  const foot = clamp(
    Math.min(heightMm * FOOT.height, lerp(...plant.spreadMm, 0.6) * FOOT.spread),
    FOOT.leastMm,
    Math.max(FOOT.leastMm, room),
  );
  return {
    heightMm,
    leg: (i, up) => {
      const turn = ((i + 0.5) / LEGS) * 2 * Math.PI;
      const out = foot * Math.max(0, 1 - CLOSES * up);
      return [base[0] + Math.cos(turn) * out, base[1] + heightMm * up, base[2] + Math.sin(turn) * out];
    },
  };
}

/** Whether it is given a wigwam of canes: what climbs, and what is tied to a frame. */
const isCaned = (p: Plant): boolean =>
  HABITS[p.habit].drawing === 'climber' || (factsOf(p).support !== 'none' && factsOf(p).support !== 'stake');

/** The stake or the wigwam of canes that a plant is tied to or twines up; nothing where it needs none, or hangs. */
export function supportOf(s: Sprig): void {
  const { supportMm, base } = s;
  if (supportMm <= 0) return;
  const pole = (from: Vec, to: Vec, thick: number): void => s.put(stick(from, to, thick, CANE, s.owner));
  if (isCaned(s.plant)) {
    const { leg } = wigwamFor(s, supportMm);
    for (let i = 0; i < LEGS; i += 1) {
      pole(leg(i, 0), leg(i, 1), CANE_MM);
      for (const up of TIED_AT) pole(leg(i, up), leg(i + 1, up), TIE_MM);
    }
  } else if (factsOf(s.plant).support === 'stake') {
    const [x, y, z] = [base[0], base[1], base[2] - BEHIND_MM];
    pole([x, y, z], [x, y + supportMm * REACHES, z], CANE_MM);
  }
}

import { linearRgb } from '../colour/oklch';
import { factsOf } from '../plants/facts';
import type { Placed } from '../plantings/resolve';
import type { Builder } from './builder';
import { stick } from './piece';
import type { Vec } from './vector';

/** Bamboo, and how thick it is, mm. */
const CANE = linearRgb('#a98f5a');
const CANE_MM = 9;
const TIE_MM = 4;
/** A support reaches so much of the height its plant comes to. Practice: a hand under the top, so that it is not seen over it. */
const REACHES = 0.9;
/** A stake stands so far behind its plant, mm; the feet of a wigwam so far out, as a share of its height, and where it is tied round. */
const BEHIND_MM = 28;
const FOOT = 0.16;
const TIED_AT = [0.35, 0.65] as const;
const LEGS = 4;

/** A cane, or a tie, from one point to another. */
const pole = (builder: Builder, owner: number, from: Vec, to: Vec, thick: number): void =>
  builder.put(stick(from, to, thick, CANE, owner));

/** The stake or the wigwam of canes that a plant is tied to or twines up; nothing where it needs none, or hangs. */
export function supportOf(
  builder: Builder,
  { plant, role }: Placed,
  owner: number,
  base: Vec,
  tallestMm: number,
): void {
  const { support } = factsOf(plant);
  if (support === 'none' || role === 'spiller' || tallestMm <= 0) return;
  const [x, y, z] = base;
  const height = tallestMm * REACHES;
  if (support === 'stake') {
    pole(builder, owner, [x, y, z - BEHIND_MM], [x, y + height, z - BEHIND_MM], CANE_MM);
    return;
  }
  const leg = (i: number, up: number): Vec => {
    const turn = ((i + 0.5) / LEGS) * 2 * Math.PI;
    const out = height * FOOT * (1 - 0.92 * up);
    return [x + Math.cos(turn) * out, y + height * up, z + Math.sin(turn) * out];
  };
  for (let i = 0; i < LEGS; i += 1) {
    pole(builder, owner, leg(i, 0), leg(i, 1), CANE_MM);
    for (const up of TIED_AT) pole(builder, owner, leg(i, up), leg(i + 1, up), TIE_MM);
  }
}

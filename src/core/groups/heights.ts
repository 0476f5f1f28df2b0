import { maxBy } from '../units/number';
import type { GroupCheck } from './check';
import { type Body, pairs, nameOf } from './scene';

/** Each step down is a third or more: the next lower stands no higher than three quarters. Practice. */
const STEP = 0.75;
/** All within this of each other are a row, and want no steps. Working figure. */
export const ROW = 0.9;
/** The tallest stands within this share of the width from the middle, or behind the others. Practice. */
const MIDDLE = 0.22;
/** Hiding more than this of what stands behind. Practice, as for plants in one container. */
const HIDES = 0.45;

/** Two that change places. */
export const swap = (a: Body, b: Body) => [
  { id: a.id, xMm: b.xMm, yMm: b.yMm, upMm: b.upMm },
  { id: b.id, xMm: a.xMm, yMm: a.yMm, upMm: a.upMm },
];

/** A pair is mirrored to within this, mm. Working figure: a hand. */
const MIRRORED_MM = 150;

/** The tallest has a twin as tall as itself on the other side of all that stands between: a pair that frames. */
function flanks(tall: Body, bodies: readonly Body[]): boolean {
  const twin = bodies.find(
    (b) =>
      b !== tall &&
      b.topZ >= tall.topZ * ROW &&
      b.planting.container.shape.kind === tall.planting.container.shape.kind &&
      Math.abs(b.yMm - tall.yMm) <= MIRRORED_MM,
  );
  if (!twin) return false;
  const [left, right] = [Math.min(tall.xMm, twin.xMm), Math.max(tall.xMm, twin.xMm)];
  return bodies.some((b) => b !== tall && b !== twin && b.xMm > left && b.xMm < right);
}

/** Accents toward the middle or the back, and steps between. */
export const heights: GroupCheck = {
  name: 'Heights',
  rule: 'The tallest in the middle or at the back, and a third taller than the next; or all one height',
  source: 'common practice: taller accents in the middle; the shares are our own estimates',
  of: ({ bodies }) => {
    const tops = [...bodies].sort((a, b) => b.topZ - a.topZ);
    const [tall, next] = tops;
    if (!tall || !next || bodies.length < 3) return null;
    const lowest = tops.at(-1) ?? next;
    if (lowest.topZ / tall.topZ >= ROW)
      return {
        severity: 'good',
        measured: 0,
        band: [0, MIDDLE],
        scale: [0, 0.6],
        figure: 'a row',
        message: 'All one height, so they look like a row.',
        culprits: [],
        moves: [],
      };
    const xs = bodies.map((b) => b.xMm);
    const wide = Math.max(...xs) - Math.min(...xs);
    const middle = (Math.max(...xs) + Math.min(...xs)) / 2;
    const off = wide > 0 ? Math.abs(tall.xMm - middle) / wide : 0;
    const behind = tall.yMm <= Math.min(...bodies.map((b) => b.yMm)) + 1;
    const placed =
      off <= MIDDLE || flanks(tall, bodies) || (behind && wide > 0 && bodies.some((b) => b.yMm > tall.yMm + 100));
    const inMiddle = maxBy(bodies, (b) => -Math.abs(b.xMm - middle));
    if (!placed)
      return {
        severity: 'watch',
        measured: off,
        band: [0, MIDDLE],
        scale: [0, 0.6],
        figure: `${Math.round(off * 100)}% from the middle`,
        message: `${nameOf(tall)} is the tallest but stands at the side, which draws the eye out of the group.`,
        culprits: [tall.id],
        moves:
          inMiddle && inMiddle !== tall
            ? [
                {
                  label: `Swap ${nameOf(tall)} and ${nameOf(inMiddle)}`,
                  stands: swap(tall, inMiddle),
                },
              ]
            : [],
      };
    const step = next.topZ / tall.topZ;
    const twins = next.planting.container === tall.planting.container || step >= ROW;
    const flat = step > STEP && !twins;
    const up = Math.ceil((next.topZ / STEP - tall.topZ) / 10) * 10;
    return {
      severity: flat ? 'watch' : 'good',
      measured: step,
      band: [0, STEP],
      scale: [0, 1],
      figure: `${Math.round(step * 100)}%`,
      message: flat
        ? `${nameOf(next)} is nearly as tall as ${nameOf(tall)}, so neither stands out.`
        : off > MIDDLE && flanks(tall, bodies)
          ? 'The two tallest are a pair that frames the rest.'
          : `${nameOf(tall)} is the tallest, and the others step down from it.`,
      culprits: flat ? [next.id, tall.id] : [],
      moves: flat
        ? [
            {
              label: `Raise ${nameOf(tall)} by ${up / 10} cm`,
              stands: [{ id: tall.id, upMm: tall.upMm + up }],
            },
          ]
        : [],
    };
  },
};

/** What of the planting of one is hidden behind another, seen from the front; 0 to 1. */
function hidden(front: Body, back: Body): number {
  if (front.yMm <= back.yMm) return 0;
  const wide =
    Math.min(front.xMm + front.leafR, back.xMm + back.leafR) - Math.max(front.xMm - front.leafR, back.xMm - back.leafR);
  const across = Math.max(0, wide) / (2 * back.leafR);
  const tall = back.topZ - back.rimZ;
  const up = tall > 0 ? Math.max(0, Math.min(1, (front.topZ - back.rimZ) / tall)) : 0;
  return Math.min(1, across) * up;
}

/** Nothing tall before something low. */
export const inFront: GroupCheck = {
  name: 'Front and back',
  rule: 'Nothing in front hides more than 45% of what grows behind it',
  source: 'common practice, as for plants in one container',
  of: ({ bodies }) => {
    const both = pairs(bodies).map(([a, b]): [Body, Body] => (a.yMm >= b.yMm ? [a, b] : [b, a]));
    const worst = maxBy(both, ([f, b]) => hidden(f, b));
    if (!worst) return null;
    const [front, back] = worst;
    const share = hidden(front, back);
    const over = share > HIDES;
    return {
      severity: over ? 'watch' : 'good',
      measured: share,
      band: [0, HIDES],
      scale: [0, 1],
      figure: `${Math.round(share * 100)}%`,
      message: over
        ? `${nameOf(front)} hides ${Math.round(share * 100)}% of ${nameOf(back)}.`
        : 'Every container can be seen past those in front.',
      culprits: over ? [front.id, back.id] : [],
      moves: over ? [{ label: `Swap ${nameOf(front)} and ${nameOf(back)}`, stands: swap(front, back) }] : [],
    };
  },
};

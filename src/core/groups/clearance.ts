import { maxBy } from '../units/number';
import type { GroupCheck, Move } from './check';
import { type Body, gap, level, pairs, nameOf } from './scene';

/** Pots stand so far apart at the least, rim to rim, mm: fingers go between. Working figure. */
const FINGERS_MM = 20;
/**
 * Leaves may reach into each other by this share of the smaller’s own reach. Working figure: they touch, and
 * neither is lost.
 */
const REACH_IN = 0.3;

const rimGap = (a: Body, b: Body): number => gap(a, b, 'rim');
const leafGap = (a: Body, b: Body): number => gap(a, b, 'leaf');

/** Moves go by so much, and no further than this, mm. */
const STEP_MM = 10;
const FAR_MM = 3000;

/** Moves the second of two along the wall, away from the first, until they are so far apart. */
function aside(a: Body, b: Body, apartMm: number, reach: 'rim' | 'leaf'): Move {
  const way = b.xMm >= a.xMm ? 1 : -1;
  let by = STEP_MM;
  while (by < FAR_MM && gap(a, { ...b, xMm: b.xMm + way * by }, reach) < apartMm) by += STEP_MM;
  return {
    label: `Move ${nameOf(b)} ${by / 10} cm ${way > 0 ? 'right' : 'left'}`,
    stands: [{ id: b.id, xMm: b.xMm + way * by }],
  };
}

/** Room around each for what hangs over, and between pots for fingers. */
export const clearance: GroupCheck = {
  name: 'Spacing',
  rule: 'Rims at least 2 cm apart; foliage overlaps by at most 30%',
  source: 'common practice; the shares are our own estimates',
  of: ({ bodies }) => {
    const meeting = pairs(bodies).filter(([a, b]) => level(a, b, 'topZ'));
    if (meeting.length === 0) return null;
    const bump = maxBy(
      meeting.filter(([a, b]) => level(a, b, 'rimZ')),
      ([a, b]) => FINGERS_MM - rimGap(a, b),
    );
    if (bump && rimGap(...bump) < FINGERS_MM) {
      const [a, b] = bump;
      const at = rimGap(a, b);
      return {
        severity: at < 0 ? 'wrong' : 'watch',
        measured: at,
        band: [FINGERS_MM, 2000],
        scale: [-200, 600],
        figure: `${Math.round(at / 10)} cm`,
        message:
          at < 0
            ? `${nameOf(a)} and ${nameOf(b)} overlap by ${Math.ceil(-at / 10)} cm.`
            : `${nameOf(a)} and ${nameOf(b)} touch at the rim: too close to sweep between.`,
        culprits: [a.id, b.id],
        moves: [aside(a, b, FINGERS_MM, 'rim'), aside(b, a, FINGERS_MM, 'rim')],
      };
    }
    const into = ([a, b]: [Body, Body]) => -leafGap(a, b) / Math.min(a.leafR, b.leafR);
    const worst = maxBy(meeting, into);
    if (!worst) return null;
    const [a, b] = worst;
    const share = Math.max(0, into(worst));
    const over = share > REACH_IN;
    return {
      severity: over ? 'watch' : 'good',
      measured: share,
      band: [0, REACH_IN],
      scale: [0, 1],
      figure: `${Math.round(share * 100)}%`,
      message: over
        ? `${nameOf(a)} and ${nameOf(b)} grow ${Math.round(-leafGap(a, b) / 10)} cm into each other, so one hides the other.`
        : 'Each has room for its trailing plants.',
      culprits: over ? [a.id, b.id] : [],
      moves: over ? [aside(a, b, -REACH_IN * Math.min(a.leafR, b.leafR), 'leaf')] : [],
    };
  },
};

/** Nothing stands in the way, and no leaf hangs into it by more than a hand. Working figure, mm. */
const HAND_MM = 80;

/** A way kept clear. */
export const way: GroupCheck = {
  name: 'Path',
  rule: 'No container stands in the path, and no foliage overhangs it by more than a hand’s width',
  source: 'common practice: people pass with trays, prams or watering cans; local rules set how wide a path must be',
  of: ({ group: { path }, bodies }) => {
    if (!path || bodies.length === 0) return null;
    const free = (b: Body, r: number) => Math.abs(b.xMm - path.xMm) - path.widthMm / 2 - r;
    const worst = maxBy(bodies, (b) => -free(b, b.rimX));
    const leafy = maxBy(bodies, (b) => -free(b, b.leafR));
    if (!worst || !leafy) return null;
    const inPot = free(worst, worst.rimX) < 0;
    const who = inPot ? worst : leafy;
    const clear = free(who, inPot ? who.rimX : who.leafR);
    const bad = inPot || clear < -HAND_MM;
    const side = who.xMm >= path.xMm ? 1 : -1;
    const by = Math.ceil((inPot ? -clear + FINGERS_MM : -clear - HAND_MM) / 10) * 10;
    return {
      severity: inPot ? 'wrong' : bad ? 'watch' : 'good',
      measured: clear,
      band: [-HAND_MM, 3000],
      scale: [-500, 1000],
      figure: `${Math.round(clear / 10)} cm`,
      message: inPot
        ? `${nameOf(who)} sticks ${Math.ceil(-clear / 10)} cm into the path: someone will trip over it.`
        : bad
          ? `${nameOf(who)} overhangs the path by ${Math.ceil(-clear / 10)} cm.`
          : 'The path is clear.',
      culprits: bad ? [who.id] : [],
      moves: bad
        ? [
            {
              label: `Move ${nameOf(who)} ${by / 10} cm off the path`,
              stands: [{ id: who.id, xMm: who.xMm + side * by }],
            },
          ]
        : [],
    };
  },
};

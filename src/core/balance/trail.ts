import { halfLeastMm, rimPoints } from '../containers/outline';
import { formOf } from '../containers/form';
import { occasionOf } from '../plantings/occasion';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { oneSided } from '../spots/light';
import { sum } from '../units/number';
import { isGritty } from './gritty';
import { check, percent } from './check';
import type { StandingPlant, Standing } from './standing';

/** Against a wall only the rim that faces the room counts: its way out leans this far toward the viewer. */
const FACING = 0.05;
/**
 * Only what hangs so far is over the rim; or what may hang, and leans so far over it already. Practice; the
 * second is a working figure.
 */
const HANGS_FROM_MM = 80;
const LEANS_OVER_MM = 30;
/** A plant further than this share of the half-width from every wall hangs over none. Working figure. */
const NEAR_RIM = 0.75;
/** A trailer covers the rim this far to each side, as a share of its spread. Working figure. */
const REACH = 0.39;
/** Seen all round no bare arc is wider, degrees; along a box no bare stretch longer, mm. Practice. */
const BARE_ARC = 125;
const BARE_STRETCH_MM = 200;
/** What a bare arc of the most that passes costs. Working figure. */
const UNEVEN = 0.25;
/** The smallest share that still reads as an edge, of the band's least. Working figure. */
const NEARLY = 0.9;

/** Share of the seen rim with something over it. Practice; measured on plantings that experts praise. */
function bandFor({ planting, plants }: Standing): Band {
  const { asks } = schoolOf(planting.brief);
  if (asks?.rim) return asks.rim;
  const cold = planting.brief.changeOver !== null || occasionOf(planting) !== 'summer';
  if (cold) return [0, 1];
  if (isGritty(plants)) return [0.2, 1];
  const food = plants.filter((p) => p.plant.edible !== 'no').length / Math.max(1, plants.length) >= 0.5;
  if (food) return [0.3, 1];
  const { material } = planting.container;
  switch (formOf(planting.container)) {
    case 'window box':
    case 'basket':
      return [0.7, 1];
    case 'low bowl':
      return [0.25, 1];
    case 'urn':
      return [0.25, 0.9];
    case 'pot':
      return material === 'glazed' ? [0.25, 1] : [0.35, 1];
  }
}

/** Whether a plant hangs over the rim, or may hang and leans over it already. */
const hangs = ({ grown }: StandingPlant): boolean => grown.trailMm >= HANGS_FROM_MM;
const leans = ({ plant, grown, wallMm }: StandingPlant): boolean =>
  plant.trailMm[1] > 0 && grown.spreadMm / 2 - wallMm >= LEANS_OVER_MM;

/** Which points of the rim have something of some plants over them. */
function coveredRim(
  { planting: { container } }: Standing,
  rim: ReturnType<typeof rimPoints>,
  plants: readonly StandingPlant[],
) {
  const { shape } = container;
  const inner = halfLeastMm(shape) * NEAR_RIM;
  const covered = new Uint8Array(rim.length);
  for (const p of plants) {
    if (p.wallMm > inner) continue;
    const [ex, ey] = [p.xMm + p.nx * p.wallMm, p.yMm + p.ny * p.wallMm];
    rim.forEach((r, b) => {
      if (Math.hypot(r.x - ex, r.y - ey) <= p.grown.spreadMm * REACH) covered[b] = 1;
    });
  }
  return covered;
}

/** The longest run of bare points, round the turn where the rim is seen all round. */
function longestBare(covered: Uint8Array, round: boolean): number {
  const n = covered.length;
  let [run, most] = [0, 0];
  for (let i = 0; i < (round ? 2 * n : n); i += 1) {
    run = covered[i % n] ? 0 : run + 1;
    most = Math.max(most, run);
  }
  return Math.min(most, n);
}

/** Share of the seen rim with something over it, and how evenly. Absent where nothing is meant to trail. */
export const trail = check({
  name: 'Rim cover',
  facet: 'fullness',
  weight: 8,
  at: 'plants',
  ends: ['bare', 'swamped'],
  of: (standing) => {
    const { planting, moments } = standing;
    const plants = moments[2].plants;
    const school = schoolOf(planting.brief);
    if (plants.length === 0 || !school.hangs) return [];
    const wall = oneSided(planting.spot);
    const rim = rimPoints(planting.container.shape).filter((r) => !wall || r.ny > FACING);
    const alive = plants.filter((p) => p.grown.alive);
    const band = bandFor(standing);
    const shareOf = (some: Uint8Array) => sum([...some]) / Math.max(1, rim.length);
    const curtain = coveredRim(standing, rim, alive.filter(hangs));
    // What leans softens a rim that nothing hangs over; it never hides the pot.
    const soft = shareOf(curtain) < band[0];
    const covered = soft
      ? coveredRim(
          standing,
          rim,
          alive.filter((p) => hangs(p) || leans(p)),
        )
      : curtain;
    const share = soft ? Math.min(shareOf(covered), band[1]) : shareOf(covered);
    const bare = longestBare(covered, !wall) / Math.max(1, rim.length);
    const lengthMm = sum(
      rim.map((r, i) => (i === 0 ? 0 : Math.hypot(r.x - (rim[i - 1]?.x ?? r.x), r.y - (rim[i - 1]?.y ?? r.y)))),
    );
    const asked = band[0] > 0.3 && !school.asks?.rim;
    const patchy =
      asked && (wall ? bare * lengthMm > Math.max(BARE_STRETCH_MM, lengthMm * 0.45) : bare * 360 > BARE_ARC);
    const [low, high] = [share < band[0] * NEARLY, share > band[1]];
    const hanging = alive.filter(hangs);
    return [
      {
        severity: low || high || patchy ? 'watch' : 'good',
        measured: share,
        band,
        unit: wall ? 'of the front rim' : 'of the rim',
        scale: [0, 1],
        culprits: hanging.map((p) => p.id),
        says: low ? 'low' : high ? 'high' : patchy ? 'patchy' : 'good',
        facts: { share, wall: wall ? 1 : 0 },
        rule: 'Trailing plants cover enough of the visible rim, evenly',
        source: 'common practice; measured on plantings that experts praise',
        quality: low
          ? Math.max(0.15, 0.6 * (share / Math.max(0.01, band[0])))
          : high
            ? 0.45
            : patchy
              ? 0.25
              : 1 - UNEVEN * Math.min(1, asked ? (bare * 360) / BARE_ARC : 0),
      },
    ];
  },
  words: {
    good: (f) => `Trailing plants cover ${f.pct('share')} of the ${f.num('wall') ? 'front rim' : 'rim'}.`,
    low: (f) => `Bare rim: only ${f.pct('share')} is covered.`,
    high: (f) => `The pot is hidden: ${f.pct('share')} of the rim is covered.`,
    patchy: (f) => `The trailing plants are bunched: ${f.pct('share')} of the rim is covered and the rest is bare.`,
  },
  figure: percent,
  ideas: ['turn', 'trade roles', 'a trailer', 'one more', 'rearrange', 'take one out', 'cut back', 'swap'],
});

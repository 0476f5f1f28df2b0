import { surface, type Detail } from './surface';
import { nearLine, noise, NOTHING, smooth, within, type Painted, type Texel } from './paint';
import type { PieceShape } from './piece';

const TAU = Math.PI * 2;

/**
 * A leaf with veins from the end of its stalk: how far its edge lies from its middle by angle, from the stalk
 * round (½ is a whole unit long).
 */
interface Palm {
  outline: (angle: number) => number;
  /** Where its main veins run from the stalk, radians either side of straight on, and whether others leave them. */
  veins: readonly number[];
  twigs?: boolean;
  /** How far in from its foot the stalk joins, where that is not at its edge; and how thick the veins are. */
  joint?: number;
  thick?: number;
  rim?: number;
  ragged?: number;
  /** A band of the second colour round the blade, from and to, as shares of the way out. */
  zone?: readonly [number, number];
  cup?: number;
  /** How far its edge is ruffled, and how often. */
  ruffle?: readonly [number, number];
  points?: readonly [number, number];
  pixels?: number;
}

const SOFT = 0.03;
const ROUND_STEPS = 1080;

/** Angle from the stalk round the middle, radians 0–2π. */
const angleOf = (x: number, y: number): number => (Math.atan2(x, 0.5 - y) + TAU) % TAU;

function paintPalm(p: Palm): Painted['paint'] {
  const rim = p.rim ?? 0.16;
  // The outline by the third of a degree, asked once.
  const edges = Float32Array.from({ length: ROUND_STEPS }, (_, i) => p.outline((i / ROUND_STEPS) * TAU) * 0.5);
  const veins = p.veins.flatMap((v) => (v === 0 ? [0] : [v, -v]));
  return (across, along): Texel => {
    const x = across * 0.5;
    const far = Math.hypot(x, along - 0.5);
    const angle = angleOf(x, along);
    const edge = edges[Math.floor((angle / TAU) * ROUND_STEPS) % ROUND_STEPS] ?? 0;
    if (far > edge + SOFT) return NOTHING;
    const out = far / Math.max(1e-3, edge);
    // Veins run from the stalk’s end, a little in from the foot.
    const [vx, vy] = [x, along - (p.joint ?? 0.14)];
    const [reach, course] = [Math.hypot(vx, vy), Math.atan2(vx, vy)];
    let vein = 0;
    let puff = 0;
    for (const way of veins) {
      const gap = course - way;
      vein = Math.max(
        vein,
        nearLine(reach * Math.sin(gap), p.thick ?? 0.022) * (Math.abs(gap) < 1.5 ? 1 : 0) * (1 - 0.4 * reach),
      );
      if (p.twigs && Math.abs(gap) < 0.5) {
        const phase = (reach * Math.cos(gap) - Math.abs(reach * Math.sin(gap)) * 0.9) * 9;
        const off = Math.abs(phase - Math.round(phase));
        vein = Math.max(vein, nearLine(off, 0.16) * 0.6 * smooth(0.02, 0.1, reach) * smooth(0.5, 0.2, Math.abs(gap)));
        puff += 0.035 * Math.cos(phase * TAU + Math.PI);
      }
    }
    const uneven = 1 + (p.ragged ?? 0.4) * (noise(Math.cos(angle) * 4 + 7, Math.sin(angle) * 4 + out * 2) - 0.5) * 2;
    const band = p.zone ? smooth(p.zone[0], p.zone[0] + 0.1, out) * smooth(p.zone[1], p.zone[1] - 0.1, out) : 0;
    return {
      edge: within(rim * uneven - (1 - out), 0.05),
      vein: Math.max(p.zone ? band : vein, p.zone ? 0 : 0.25 * within(0.3 * uneven - reach, 0.2)),
      light: 0.5 + puff - 0.07 * vein + 0.06 * (noise(across * 16, along * 16) - 0.5) - 0.08 * smooth(0.35, 0, reach),
      cover: within(edge - far, SOFT * 0.5),
    };
  };
}

function fanned(p: Palm, points: number) {
  const s = surface();
  const cup = p.cup ?? 0.2;
  const [by, often] = p.ruffle ?? [0, 1];
  // As far as anything of the outline beside it: the hull goes over lobes and not into notches.
  const beside = TAU / points / 3;
  const reach = (a: number) => Math.max(...[-beside, 0, beside].map((d) => p.outline((a + d + TAU) % TAU)));
  const at = (angle: number, k: number) => {
    const r = Math.min(1.04, reach(angle) + 0.05) * 0.5 * k;
    const [x, y] = [Math.sin(angle) * r, 0.5 - Math.cos(angle) * r];
    const z = cup * k * k - y * y * 0.8 + by * k * k * Math.sin(angle * often);
    return s.point(x, y, z, 0, 0, 0.5 + x, y);
  };
  const centre = s.point(0, 0.5, -0.2, 0, 0, 0.5, 0.5);
  const ring = Array.from({ length: points }, (_, i) => at((i / points) * TAU, 1));
  ring.forEach((a, i) => s.face(centre, a, ring[(i + 1) % points] ?? 0));
  return s.done();
}

function palm(p: Palm): PieceShape {
  const [near, far] = p.points ?? [12, 8];
  const pixels = p.pixels ?? 112;
  return {
    build: (d: Detail) => fanned(p, d === 'near' ? near : far),
    painted: { paint: paintPalm(p), wide: pixels, high: pixels, round: false },
  };
}

/** From the stalk, 0, to straight on, 1. */
const course = (a: number): number => Math.min(a, TAU - a) / Math.PI;

/** A figure by its values at even steps from the stalk round to the tip. */
const by =
  (steps: readonly number[]) =>
  (a: number): number => {
    const at = course(a) * (steps.length - 1);
    const [low, t] = [Math.floor(at), at % 1];
    return (steps[low] ?? 1) * (1 - t) + (steps[low + 1] ?? steps[low] ?? 1) * t;
  };

const scallops = (a: number, many: number, deep: number): number => 1 - deep * (1 - Math.abs(Math.sin((a * many) / 2)));
/** Pointed lobes at angles from straight on, each so long and so wide. */
const lobes =
  (list: readonly (readonly [number, number, number])[], body: number) =>
  (a: number): number => {
    const from = Math.PI - Math.min(a, TAU - a);
    return Math.max(body, ...list.map(([at, long, wide]) => long * (1 - Math.abs(from - at) / wide)));
  };

const HEART = by([0.3, 0.86, 1.02, 1.02, 0.96, 0.88, 0.83, 0.86, 1]);

/** Fingers of a fan palm's leaf to either side. */
const FINGERS = 9;

export const palms = {
  /** A notch at the stalk, two shoulders, drawn to a point: sweet-potato vines. */
  heart: palm({ outline: HEART, veins: [0, 0.6, 1.25], twigs: true }),
  /** Two ears behind the place where the stalk joins, from which the veins part: caladiums, elephant’s ears. */
  ear: palm({
    outline: by([0.42, 0.98, 1.06, 0.98, 0.88, 0.8, 0.76, 0.82, 1]),
    veins: [0, 0.42, 0.86, 1.4, 2.35],
    joint: 0.3,
    thick: 0.03,
    rim: 0.14,
    ragged: 0.7,
    cup: 0.16,
    ruffle: [0.03, 5],
    points: [14, 8],
    pixels: 144,
  }),
  /** Broad, ribs from stalk to tip: hostas. */
  ribbed: palm({
    outline: by([0.5, 0.84, 0.9, 0.88, 0.84, 0.8, 0.78, 0.84, 1]),
    veins: [0, 0.14, 0.28, 0.44, 0.62, 0.84, 1.1],
    rim: 0.22,
    cup: 0.26,
    pixels: 128,
  }),
  /** Five blunt lobes: scented pelargoniums, pansies. */
  lobed: palm({
    outline: (a) =>
      (1 - 0.24 * Math.abs(Math.sin(a * 2.5)) ** 0.8) * scallops(a, 15, 0.08) * (course(a) < 0.1 ? 0.6 : 1),
    veins: [0, 0.6, 1.2],
    twigs: true,
    cup: 0.3,
  }),
  /** Five points, the middle one longest: ivies. */
  ivy: palm({
    outline: lobes(
      [
        [0, 1.1, 1.25],
        [1.05, 0.98, 1.1],
        [1.95, 0.9, 1.05],
      ],
      0.56,
    ),
    veins: [0, 0.62, 1.3],
    rim: 0.3,
    ragged: 0.8,
    cup: 0.12,
  }),
  /** Round, lobed and ruffled: heucheras. */
  ruffled: palm({
    outline: (a) =>
      (1 - 0.13 * Math.abs(Math.sin(a * 3.5)) ** 0.8) * scallops(a, 21, 0.09) * (course(a) < 0.09 ? 0.45 : 1),
    veins: [0, 0.45, 0.95, 1.4],
    twigs: true,
    cup: 0.26,
    ruffle: [0.07, 6],
    points: [18, 10],
    pixels: 128,
  }),
  /** Round and scalloped with a band: zonal pelargoniums. */
  zonal: palm({
    outline: (a) => scallops(a, 13, 0.1) * (course(a) < 0.1 ? 0.4 : 1),
    veins: [0, 0.5, 1, 1.45],
    zone: [0.42, 0.72],
    cup: 0.24,
    ruffle: [0.04, 6],
    points: [14, 8],
  }),
  /** Fleshy, five shallow corners, no teeth: ivy-leaved pelargoniums. */
  cornered: palm({
    outline: (a) => (1 - 0.2 * Math.abs(Math.sin(a * 2.5)) ** 0.9) * (course(a) < 0.08 ? 0.7 : 1),
    veins: [0, 0.62, 1.25],
    cup: 0.16,
  }),
  round: palm({
    outline: (a) => (course(a) < 0.1 ? 0.72 : 1),
    veins: [0, 0.6, 1.2],
    cup: 0.28,
    points: [9, 6],
    pixels: 96,
  }),
  /** Round, lopsided and cupped, shining: wax begonias. */
  cupped: palm({
    outline: (a) => (course(a) < 0.1 ? 0.55 : 1) * (a < Math.PI ? 1 : 0.9) * scallops(a, 17, 0.05),
    veins: [0, 0.5, 1.05, 1.5],
    cup: 0.42,
  }),
  /** A fan in pleats, cut to half of it into stiff fingers: fan palms. */
  pleated: palm({
    outline: (a) =>
      course(a) < 0.03
        ? 0.96
        : course(a) < 0.14
          ? 0.05
          : 0.46 + 0.56 * smooth(0.1, 0.7, Math.abs(Math.cos(a * FINGERS))),
    veins: Array.from({ length: FINGERS }, (_, i) => (i * Math.PI) / FINGERS),
    joint: 0.44,
    thick: 0.03,
    cup: 0.2,
    points: [30, 15],
    pixels: 160,
  }),
  /** A hand of long fingers. */
  palmate: palm({
    outline: (a) =>
      0.3 + 0.76 * Math.abs(Math.cos(a * 3.5 + Math.PI)) ** 1.5 * (0.62 + 0.38 * Math.abs(Math.sin(a / 2))),
    veins: [0, 0.55, 1.1, 1.6],
    cup: 0.1,
    points: [28, 14],
    pixels: 160,
  }),
} satisfies Record<string, PieceShape>;

import type { BufferGeometry } from 'three';
import { type Detail, disc, strip, surface } from './shape';

/** Few faces spread the edge’s colour inward: it is told as much weaker. Working figure by eye. */
const edgeOf = (d: Detail): number => (d === 'near' ? 1 : 0.45);

/** A few faces do for a leaf of a few pixels; near by it gets all of its outline. */
const ovate = (d: Detail): BufferGeometry =>
  strip({
    profile: (t) => Math.sin(Math.PI * Math.min(1, 0.06 + 0.94 * t ** 0.82)) ** 0.9,
    rows: d === 'near' ? 4 : 3,
    across: d === 'near' ? 5 : 3,
    fold: 0.3,
    edge: edgeOf(d),
  });

/** How far a heart’s edge lies from its middle, from the notch at the stalk round to the tip. */
const HEART = [0.6, 0.9, 1.03, 1, 0.92, 0.84, 0.8, 0.84, 1.06] as const;

/** A notch at the stalk, two broad shoulders, drawn to a point. */
const heart = (d: Detail): BufferGeometry =>
  disc({
    outline: (a) => {
      const at = (Math.min(a, Math.PI * 2 - a) / Math.PI) * (HEART.length - 1);
      const [low, t] = [Math.floor(at), at % 1];
      return (HEART[low] ?? 1) * (1 - t) + (HEART[low + 1] ?? HEART[low] ?? 1) * t;
    },
    points: d === 'near' ? 16 : 10,
    cup: 0.16,
    ring: d === 'near' ? 0.84 : null,
  });

const atStalk = (a: number): boolean => a < 0.35 || a > Math.PI * 2 - 0.35;

const lobed = (d: Detail): BufferGeometry =>
  disc({
    outline: (a) => 1 - 0.22 * Math.abs(Math.sin(a * 2.5)) ** 0.7 - (atStalk(a) ? 0.35 : 0),
    points: d === 'near' ? 20 : 10,
    cup: 0.35,
    ring: d === 'near' ? 0.78 : null,
  });

/** A hand of seven long fingers. */
const palmate = (d: Detail): BufferGeometry =>
  disc({
    outline: (a) =>
      0.34 + 0.72 * Math.abs(Math.cos(a * 3.5 + Math.PI)) ** 1.4 * (0.62 + 0.38 * Math.abs(Math.sin(a / 2))),
    points: d === 'near' ? 42 : 14,
    cup: 0.1,
    ring: d === 'near' ? 0.45 : null,
  });

const round = (d: Detail): BufferGeometry =>
  disc({
    outline: (a) => (atStalk(a) ? 0.72 : 1),
    points: d === 'near' ? 9 : 6,
    cup: 0.28,
    ring: d === 'near' ? 0.78 : null,
  });

const strap = (d: Detail): BufferGeometry =>
  strip({
    profile: (t) => (t < 0.08 ? 0.7 + t * 3 : 1 - ((t - 0.08) / 0.92) ** 2.2),
    rows: d === 'near' ? 7 : 4,
    across: 3,
    fold: 0.09,
  });

const blade = (d: Detail): BufferGeometry =>
  strip({ profile: (t) => 1 - t ** 3 * 0.96, rows: d === 'near' ? 6 : 3, across: 2, fold: 0 });

const needle = (): BufferGeometry =>
  strip({ profile: (t) => Math.sin(Math.PI * (0.12 + 0.86 * t)), rows: 2, across: 3, fold: 0.5 });

const spoon = (d: Detail): BufferGeometry =>
  strip({
    profile: (t) => (t < 0.75 ? 0.42 + 0.58 * Math.sin((t / 0.75) * 1.57) : Math.cos(((t - 0.75) / 0.25) * 1.45)),
    rows: d === 'near' ? 5 : 3,
    across: d === 'near' ? 5 : 3,
    fold: 0.5,
    edge: edgeOf(d),
    edgeFrom: 0.86,
  });

/** Leaflets in pairs along a rib: how many, how full each is, and how far they reach along the leaf. */
function pinnate(pairs: number, slender: number, shape: (t: number) => number): BufferGeometry {
  const s = surface();
  const fall = (y: number) => -y * y;
  for (let i = 0; i < pairs; i += 1) {
    const t = (i + 0.5) / pairs;
    const y = 0.1 + t * 0.88;
    const reach = shape(t) / 2;
    const w = (slender * 0.9) / pairs;
    for (const side of [-1, 1]) {
      const a = s.point(0, y - w * 0.3, fall(y), 0, 1);
      const b = s.point(side * reach * 0.55, y - w * 0.55, fall(y) + 0.02, 0.2, 0);
      const c = s.point(side * reach, y + w * 0.9, fall(y) - 0.05, 1, 0);
      const d = s.point(side * reach * 0.45, y + w * 0.75, fall(y) + 0.02, 0.2, 0);
      if (side > 0) s.quad(a, b, c, d);
      else s.quad(a, d, c, b);
    }
  }
  const rib = Array.from(
    { length: 5 },
    (_, i) =>
      [s.point(-0.012, i / 4, fall(i / 4) + 0.01, 0, 1), s.point(0.012, i / 4, fall(i / 4) + 0.01, 0, 1)] as const,
  );
  for (let i = 0; i < 4; i += 1) s.quad(rib[i]?.[0] ?? 0, rib[i]?.[1] ?? 0, rib[i + 1]?.[1] ?? 0, rib[i + 1]?.[0] ?? 0);
  return s.done();
}

const feather = (d: Detail): BufferGeometry =>
  pinnate(d === 'near' ? 5 : 3, 1.1, (t) => 0.55 + 0.45 * Math.sin(Math.PI * (0.15 + 0.7 * t)));
const frond = (d: Detail): BufferGeometry =>
  pinnate(d === 'near' ? 15 : 7, 1.0, (t) => Math.min(1, 0.35 + t * 3) * (1 - t ** 2.2 * 0.92));

export const leaves = { ovate, heart, lobed, round, palmate, strap, blade, needle, spoon, feather, frond };

import type { BufferGeometry } from 'three';
import { noise, smooth, type Texel, within } from './paint';
import type { PieceShape } from './piece';
import { type Detail, surface, type Surface } from './surface';

const TAU = Math.PI * 2;
type Ring = readonly (number | undefined)[];

/** Points evenly round a circle. */
const around = (n: number, make: (angle: number, i: number) => number): Ring =>
  Array.from({ length: n }, (_, i) => make((i / n) * TAU, i));

/** Faces between two rings of equal count, or from a point to a ring. */
function join(s: Surface, inner: number | Ring, outer: Ring): void {
  outer.forEach((o, i) => {
    const j = (i + 1) % outer.length;
    if (typeof inner === 'number') s.face(inner, o ?? 0, outer[j] ?? 0);
    else s.quad(inner[i] ?? 0, o ?? 0, outer[j] ?? 0, inner[j] ?? 0);
  });
}

/** A surface of turning along +Y: radius, height and second-colour share at each ring. */
function turned(rings: readonly (readonly [number, number, number])[], sides: number): BufferGeometry {
  const s = surface();
  const made = rings.map(([r, y, t]) => around(sides, (a) => s.point(Math.cos(a) * r, y, Math.sin(a) * r, t)));
  made.slice(1).forEach((ring, k) => join(s, made[k] ?? ring, ring));
  return s.done();
}

/** A slender tube, one of a spike: a rounded hood above, a lip of three lobes below, a pale throat. */
function spikelet(): BufferGeometry {
  const s = surface();
  const foot = s.point(0, 0, 0, 0.1);
  const [left, right, hood, chin] = [
    s.point(-0.24, 0.62, -0.02),
    s.point(0.24, 0.62, -0.02),
    s.point(0, 0.66, 0.3),
    s.point(0, 0.6, -0.3),
  ];
  const [crestLeft, crestRight] = [s.point(-0.13, 0.96, 0.34), s.point(0.13, 0.96, 0.34)];
  const [lobeLeft, lobe, lobeRight] = [s.point(-0.3, 0.84, -0.34), s.point(0, 1, -0.5), s.point(0.3, 0.84, -0.34)];
  const throat = s.point(0, 0.68, -0.05, 1);
  for (const [a, b] of [
    [left, hood],
    [hood, right],
    [right, chin],
    [chin, left],
  ] as const)
    s.face(foot, a, b);
  s.face(left, crestLeft, hood);
  s.face(hood, crestLeft, crestRight);
  s.face(hood, crestRight, right);
  s.face(chin, lobeLeft, left);
  s.face(chin, lobe, lobeLeft);
  s.face(chin, lobeRight, lobe);
  s.face(chin, right, lobeRight);
  s.face(throat, lobeLeft, lobe);
  s.face(throat, lobe, lobeRight);
  return s.done();
}

/** A cup or a bell: rings along it (radius, height, second colour), and pointed lobes that spread from one of them. */
interface Hung {
  rings: readonly (readonly [number, number, number])[];
  lobes: { many: number; from: readonly [number, number]; wide: number; to: readonly [number, number]; second: number };
  /** Stamens that hang out of it, to so far. */
  stamens?: number;
}

function hung({ rings, lobes, stamens }: Hung, d: Detail): BufferGeometry {
  const s = surface();
  const sides = d === 'near' ? 8 : 5;
  const made = rings.map(([r, y, t]) => around(sides, (a) => s.point(Math.cos(a) * r, y, Math.sin(a) * r, t)));
  made.slice(1).forEach((ring, k) => join(s, made[k] ?? ring, ring));
  const [[fromR, fromY], [toR, toY]] = [lobes.from, lobes.to];
  around(lobes.many, (a) => {
    const at = (r: number, y: number, off: number, t: number) =>
      s.point(Math.cos(a + off) * r, y, Math.sin(a + off) * r, t);
    const foot = at(fromR, fromY, 0, lobes.second);
    const tip = at(toR, toY, 0, lobes.second);
    const [r, y] = [fromR + (toR - fromR) * 0.45, fromY + (toY - fromY) * 0.34];
    s.quad(foot, at(r, y, -lobes.wide, lobes.second), tip, at(r, y, lobes.wide, lobes.second));
    return tip;
  });
  if (stamens !== undefined)
    for (const a of d === 'near' ? [0.4, 1.9, 3.6, 5] : [0.4, 3.6]) {
      const [c, n] = [Math.cos(a) * 0.09, Math.sin(a) * 0.09];
      const top = s.point(c * 0.4, 0.5, n * 0.4, 0);
      const end = s.point(c, stamens, n, 0);
      s.face(top, s.point(c + 0.016, stamens * 0.8, n, 0), end);
      s.face(top, end, s.point(c, stamens * 0.8, n + 0.016, 0));
    }
  return s.done();
}

/** A rounded lump with a rough outside. */
function lump(d: Detail): BufferGeometry {
  const s = surface();
  const [rows, sides] = d === 'near' ? [6, 10] : [4, 7];
  const rings = Array.from({ length: rows + 1 }, (_, r) => {
    const t = r / rows;
    return around(sides, (a, i) => {
      const rough = 0.9 + 0.1 * Math.sin(i * 2.7 + r * 1.9);
      const radius = Math.sqrt(Math.max(0, 1 - (2 * t - 1) ** 2)) * 0.5 * rough;
      // Its tile runs round to the back and returns: no seam.
      const u = Math.abs(1 - (2 * i) / sides);
      return s.point(Math.cos(a) * radius, t, Math.sin(a) * radius, 0, 0, u, t);
    });
  });
  rings.slice(1).forEach((ring, k) => join(s, rings[k] ?? ring, ring));
  return s.done();
}

/** Leaves across and up the tile of a lump, and how far one reaches into the next. By eye. */
const INNER = { across: 9, up: 13, reach: 0.84 };

/** Leaf behind leaf: overlapping tips, each a little lighter or darker, with holes between. */
function leafy(across: number, along: number): Texel {
  const [x, y] = [((across + 1) / 2) * INNER.across, along * INNER.up];
  let near = Infinity;
  let shade = 0;
  for (const row of [Math.floor(y), Math.floor(y) - 1])
    for (const column of [-1, 0, 1]) {
      const k = Math.floor(x) + column;
      const [dx, dy] = [(noise(k * 1.7 + row * 0.9, row * 2.3) - 0.5) * 1.5, noise(k * 2.9 + 5, row * 1.3) * 1.1 - 0.2];
      const [u, v] = [(x - k - 0.5 - dx) / 0.62, (y - row - dy) / 1.25 - 0.5];
      // A leaf is a drop that points up.
      const far = Math.hypot(u * (1 + 0.9 * Math.max(0, v)), v * 2);
      if (far < near) [near, shade] = [far, noise(k * 3.1 + 1, row * 4.7)];
    }
  return {
    edge: 0,
    vein: 0,
    light: 0.24 + 0.42 * shade + 0.18 * smooth(INNER.reach, 0, near),
    cover: within(INNER.reach - near, 0.06),
  };
}

/** A narrow strip along +Y that falls by y²: half as wide as `profile` says, so many across. */
function sliver(profile: (t: number) => number, rows: number, across: 2 | 3, fold: number): BufferGeometry {
  const s = surface();
  const columns = across === 2 ? [-1, 1] : [-1, 0, 1];
  const grid = Array.from({ length: rows + 1 }, (_, r) => {
    const t = r / rows;
    const half = profile(t) / 2;
    return columns.map((u) =>
      s.point(u * half, t, fold * Math.abs(u) * half * 2 - t * t, u === 0 ? 0 : 1, u === 0 ? 1 : 0),
    );
  });
  for (let r = 0; r < rows; r += 1)
    for (let c = 0; c + 1 < columns.length; c += 1)
      s.quad(grid[r]?.[c] ?? 0, grid[r]?.[c + 1] ?? 0, grid[r + 1]?.[c + 1] ?? 0, grid[r + 1]?.[c] ?? 0);
  return s.done();
}

/** A ribbed ball; the second colour runs along the ribs. */
function barrel(d: Detail): BufferGeometry {
  const s = surface();
  const [rows, ribs] = d === 'near' ? [10, 36] : [6, 16];
  const rings = Array.from({ length: rows + 1 }, (_, r) =>
    around(ribs, (a, i) => {
      const t = (r / rows) * Math.PI;
      const crest = i % 2 === 0;
      const radius = Math.sin(t) * 0.5 * (crest ? 1 : 0.88);
      return s.point(Math.cos(a) * radius, 0.5 - Math.cos(t) * 0.5, Math.sin(a) * radius, crest ? 1 : 0);
    }),
  );
  rings.slice(1).forEach((ring, k) => join(s, rings[k] ?? ring, ring));
  return s.done();
}

const berry = (d: Detail): BufferGeometry =>
  turned(
    [
      [0.02, 0, 0],
      [0.36, 0.16, 0],
      [0.5, 0.5, 0],
      [0.36, 0.84, 0],
      [0.02, 1, 0.8],
    ],
    d === 'near' ? 8 : 5,
  );
const bud = (d: Detail): BufferGeometry =>
  turned(
    [
      [0.06, 0, 0.6],
      [0.34, 0.4, 0.1],
      [0.24, 0.78, 0],
      [0.01, 1, 0],
    ],
    d === 'near' ? 5 : 3,
  );
const stem = (d: Detail): BufferGeometry =>
  turned(
    [
      [0.5, 0, 0],
      [0.4, 1, 0],
    ],
    d === 'near' ? 4 : 3,
  );

/** Pieces with a body of their own and nothing painted on them. */
export const solids = {
  /** Fuchsias: a tube, four sepals swept up and out, a skirt under them and stamens on long stalks. */
  fuchsia: {
    build: (d) =>
      hung(
        {
          rings: [
            [0.05, 0, 0],
            [0.11, 0.34, 0],
            [0.2, 0.5, 0.8],
            [0.27, 0.66, 1],
            [0.24, 0.8, 1],
          ],
          lobes: { many: 4, from: [0.1, 0.32], wide: 0.5, to: [0.52, 0.44], second: 0 },
          stamens: 1.14,
        },
        d,
      ),
  },
  /** Bellflowers, hostas, heaths: a bell with five points that turn out. */
  bell: {
    build: (d) =>
      hung(
        {
          rings: [
            [0.04, 0, 0.5],
            [0.2, 0.16, 0.1],
            [0.27, 0.5, 0],
            [0.36, 0.8, 0],
          ],
          lobes: { many: 5, from: [0.34, 0.74], wide: 0.5, to: [0.5, 1], second: 0 },
        },
        d,
      ),
  },
  /** Trailing begonias: four long pointed petals from a short tube. */
  flare: {
    build: (d) =>
      hung(
        {
          rings: [
            [0.04, 0, 0],
            [0.13, 0.2, 0],
            [0.17, 0.4, 0.15],
          ],
          lobes: { many: 4, from: [0.1, 0.12], wide: 0.72, to: [0.42, 1], second: 0 },
        },
        d,
      ),
  },
  /** Tulips and crocuses: a cup of six petals. */
  goblet: {
    build: (d) =>
      hung(
        {
          rings: [
            [0.06, 0, 1],
            [0.34, 0.2, 0.2],
            [0.42, 0.46, 0],
            [0.36, 0.76, 0],
          ],
          lobes: { many: 6, from: [0.4, 0.5], wide: 0.5, to: [0.26, 1], second: 0 },
        },
        d,
      ),
  },
  /** Cyclamens: a dark nose below, five petals swept up and back from it. */
  swept: {
    build: (d) =>
      hung(
        {
          rings: [
            [0.08, 0, 1],
            [0.18, 0.1, 0.9],
            [0.15, 0.24, 0.2],
          ],
          lobes: { many: 5, from: [0.17, 0.2], wide: 0.52, to: [0.44, 1], second: 0 },
        },
        d,
      ),
  },
  spikelet: { build: () => spikelet() },
  bud: { build: bud },
  berry: { build: berry },
  stem: { build: stem },
  barrel: { build: barrel },
  /** The dark inside of a plant, behind its leaves. */
  lump: { build: lump, painted: { paint: leafy, wide: 96, high: 128, round: false } },
  blade: { build: (d) => sliver((t) => 1 - t ** 3 * 0.7, d === 'near' ? 6 : 3, 2, 0) },
  needle: { build: () => sliver((t) => Math.sin(Math.PI * (0.12 + 0.86 * t)), 2, 3, 0.5) },
} satisfies Record<string, PieceShape>;

import type { BufferGeometry } from 'three';
import { type Detail, surface, type Surface } from './shape';

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

/** One petal lying outward from the middle: rounded, dished, the throat colour at its foot. */
function petal(
  s: Surface,
  angle: number,
  {
    foot,
    tip,
    width,
    lift,
    dish,
    notch,
    plain,
  }: { foot: number; tip: number; width: number; lift: number; dish: number; notch: number; plain: boolean },
): void {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const at = (r: number, w: number, z: number, throat: number) =>
    s.point(cos * r - sin * w, sin * r + cos * w, z, throat);
  const mid = foot + (tip - foot) * 0.6;
  const a = at(foot, 0, lift * 0.2, 1);
  const b = at(mid, width * 0.5, lift + dish, 0);
  const c = at(mid, -width * 0.5, lift + dish, 0);
  const d = at(tip, width * 0.28, lift + dish * 0.4, 0);
  const e = at(tip, -width * 0.28, lift + dish * 0.4, 0);
  if (plain) {
    s.quad(a, c, e, d);
    s.face(a, d, b);
    return;
  }
  const m = at(mid * 0.95, 0, lift, 0.12);
  const n = at(tip * (1 - notch), 0, lift, 0);
  s.face(a, m, b);
  s.face(a, c, m);
  s.quad(m, n, d, b);
  s.quad(c, e, n, m);
}

/** A wide funnel with five joined, ruffled lobes. */
function trumpet(d: Detail): BufferGeometry {
  const s = surface();
  const n = d === 'near' ? 20 : 10;
  const throat = around(n, (a) => s.point(Math.cos(a) * 0.15, Math.sin(a) * 0.15, -0.2, 0.95));
  const hem = around(n, (a) => {
    const lobe = 1 - 0.26 * (1 - Math.abs(Math.cos(a * 2.5))) ** 2;
    return s.point(Math.cos(a) * 0.5 * lobe, Math.sin(a) * 0.5 * lobe, 0.02 + 0.035 * Math.sin(a * 10), 0);
  });
  join(s, s.point(0, 0, -0.42, 1), throat);
  if (d === 'far') {
    join(s, throat, hem);
    return s.done();
  }
  const mouth = around(n, (a) => s.point(Math.cos(a) * 0.3, Math.sin(a) * 0.3, 0, 0.05));
  join(s, throat, mouth);
  join(s, mouth, hem);
  return s.done();
}

/** An open face of five overlapping petals with an eye. */
function face(d: Detail): BufferGeometry {
  const s = surface();
  for (let i = 0; i < 5; i += 1)
    petal(s, (i / 5) * TAU + 0.3, {
      foot: 0.04,
      tip: 0.5,
      width: 0.5,
      lift: i % 2 ? 0.02 : 0.06,
      dish: 0.05,
      notch: 0.06,
      plain: d === 'far',
    });
  if (d === 'far') return s.done();
  join(
    s,
    s.point(0, 0, 0.1, 1),
    around(6, (a) => s.point(Math.cos(a) * 0.09, Math.sin(a) * 0.09, 0.07, 1)),
  );
  return s.done();
}

/** Thirteen rays round a raised disc. */
function daisy(d: Detail): BufferGeometry {
  const s = surface();
  around(d === 'near' ? 13 : 9, (a) => {
    const [cos, sin] = [Math.cos(a), Math.sin(a)];
    const at = (r: number, w: number, z: number, t: number) => s.point(cos * r - sin * w, sin * r + cos * w, z, t);
    const foot = at(0.1, 0, 0, 0.4);
    s.quad(foot, at(0.33, -0.072, 0.03, 0), at(0.5, 0, -0.01, 0), at(0.33, 0.072, 0.03, 0));
    return foot;
  });
  join(
    s,
    s.point(0, 0, 0.13, 1),
    around(d === 'near' ? 9 : 5, (a) => s.point(Math.cos(a) * 0.15, Math.sin(a) * 0.15, 0.05, 1)),
  );
  return s.done();
}

/** A small five-petalled star: one of many. */
function floret(): BufferGeometry {
  const s = surface();
  const c = s.point(0, 0, 0, 0.9);
  around(5, (a) => {
    const at = (r: number, d: number, z: number) => s.point(Math.cos(a + d) * r, Math.sin(a + d) * r, z, 0);
    const tip = at(0.5, 0, 0.06);
    s.quad(c, at(0.34, -0.5, 0.1), tip, at(0.34, 0.5, 0.1));
    return tip;
  });
  return s.done();
}

/** A surface of turning along +Y: radius, height and second-colour share at each ring. */
function turned(rings: readonly (readonly [number, number, number])[], sides: number): BufferGeometry {
  const s = surface();
  const made = rings.map(([r, y, t]) => around(sides, (a) => s.point(Math.cos(a) * r, y, Math.sin(a) * r, t)));
  made.slice(1).forEach((ring, k) => join(s, made[k] ?? ring, ring));
  return s.done();
}

/** A hanging bell: a tube, four pointed sepals that spread from its mouth, and under them a skirt in the second colour. */
function bell(d: Detail): BufferGeometry {
  const s = surface();
  const sides = d === 'near' ? 8 : 5;
  const ring = (r: number, y: number, t: number, wave = 0): Ring =>
    around(sides, (a) => s.point(Math.cos(a) * r, y + wave * Math.cos(a * 4), Math.sin(a) * r, t));
  const [foot, mouth] = [ring(0.05, 0, 0), ring(0.12, 0.34, 0)];
  join(s, foot, mouth);
  const [waist, hem] = [ring(0.2, 0.56, 0.7), ring(0.3, 0.9, 1, 0.05)];
  join(s, mouth, waist);
  join(s, waist, hem);
  around(4, (a) => {
    const at = (r: number, y: number, off: number, t: number) =>
      s.point(Math.cos(a + off) * r, y, Math.sin(a + off) * r, t);
    const base = at(0.1, 0.32, 0, 0);
    // They arch out and a little up at the tip.
    const tip = at(0.5, 0.58, 0, 0.1);
    s.quad(base, at(0.27, 0.4, -0.5, 0), tip, at(0.27, 0.4, 0.5, 0));
    return tip;
  });
  return s.done();
}

/** A lipped tube, one of a spike: upper hood, broad lower lip, pale throat. */
function spikelet(): BufferGeometry {
  const s = surface();
  const foot = s.point(0, 0, 0, 0.1);
  const [left, right, hood, chin] = [
    s.point(-0.32, 0.62, 0),
    s.point(0.32, 0.62, 0),
    s.point(0, 0.72, 0.45),
    s.point(0, 0.6, -0.5),
  ];
  const [lipLeft, lipRight, crest] = [s.point(-0.24, 1, -0.55), s.point(0.24, 1, -0.55), s.point(0, 1, 0.65)];
  const throat = s.point(0, 0.7, -0.1, 1);
  for (const [a, b] of [
    [left, hood],
    [hood, right],
    [right, chin],
    [chin, left],
  ] as const)
    s.face(foot, a, b);
  s.face(throat, lipLeft, lipRight);
  s.quad(chin, lipRight, lipLeft, left);
  s.face(chin, right, lipRight);
  s.face(left, crest, hood);
  s.face(right, hood, crest);
  return s.done();
}

/** A brush of fine hairs: three crossed, ragged planes. */
function plume(d: Detail): BufferGeometry {
  const s = surface();
  const rows = d === 'near' ? 9 : 5;
  const planes = d === 'near' ? 3 : 2;
  for (let k = 0; k < planes; k += 1) {
    const a = (k / planes) * Math.PI;
    const mid = Array.from({ length: rows + 1 }, (_, i) => s.point(0, i / rows, 0, i % 2 ? 0.4 : 0));
    for (let i = 0; i < rows; i += 1) {
      const wide = Math.sin(Math.PI * (0.1 + 0.85 * (i / rows))) * 0.5;
      for (const side of [-1, 1])
        s.face(
          mid[i] ?? 0,
          s.point(Math.cos(a) * wide * side, (i + 1.6) / rows, Math.sin(a) * wide * side, 0.3),
          mid[i + 1] ?? 0,
        );
    }
  }
  return s.done();
}

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

export const flowers = { trumpet, face, daisy, floret, bell, spikelet, plume, bud, stem, barrel };

import { MATERIALS } from './materials';
import type { Container } from './schema';
import { depthOf, rimOf } from './outline';
import { shapeOf } from './shapes';
import { areaOf, perimeterOf } from './shapes/outlines';

/** Gap from rim to soil: 12 mm for pots under 200 mm deep, 25 mm above. Practice: 10–35 mm. */
export const headspaceMm = (c: Container): number => (depthOf(c.shape) < 200 ? 12 : 25);

/** Nothing is planted nearer the wall than this. Practice: 10–15 mm. */
export const SOIL_BUFFER_MM = 12;

/** Settling of fresh mix in the first waterings. Practice: about 12%. */
const SETTLING = 1.12;

/** Soaked light mix, kg per litre: the figure to warn by, from a range of 0.75–1.0 for peat, bark and coir mixes. */
const SOAKED_KG_PER_L = 0.9;

/** The same mix fairly dry. Working figure: bagged mix is sold at about 0.3–0.4 kg/L. */
const DRY_KG_PER_L = 0.35;

/** Fresh top growth, kg per litre of root ball. Working figure for warning: a full basket's top weighs 2–4 kg. */
const TOP_KG_PER_BALL_L = 0.5;

export interface ContainerSums {
  depthMm: number;
  /** Rim inside, left to right and front to back, mm. */
  widthMm: number;
  deepMm: number;
  headspaceMm: number;
  /** All it holds to the brim, and to the soil line, litres. */
  brimL: number;
  fillL: number;
  /** Width in which root balls may stand at the soil line, mm. */
  plantingWidthMm: number;
  potKg: number;
}

const WALL_STRIPS = 16;

/** Area of wall and base, m²: the outline's length along the slope, strip by strip, and the base. */
function wallM2(c: Container): number {
  const s = shapeOf(c.shape);
  const depth = s.depthMm(c.shape);
  const rings = Array.from({ length: WALL_STRIPS + 1 }, (_, i) => s.ring(c.shape, (depth * i) / WALL_STRIPS));
  let area = areaOf(rings[WALL_STRIPS] ?? []);
  for (let i = 0; i < WALL_STRIPS; i += 1) {
    const [a, b] = [rings[i] ?? [], rings[i + 1] ?? []];
    const lean =
      a.reduce((sum, p, k) => sum + Math.hypot(p.x - (b[k]?.x ?? p.x), p.y - (b[k]?.y ?? p.y)), 0) /
      Math.max(1, a.length);
    area += ((perimeterOf(a) + perimeterOf(b)) / 2) * Math.hypot(depth / WALL_STRIPS, lean);
  }
  return area / 1e6;
}

const reckoned = new WeakMap<Container, ContainerSums>();

/** The plain sums of a container. Kept by container. */
export function containerSums(c: Container): ContainerSums {
  const known = reckoned.get(c);
  if (known) return known;
  const made = sumsOf(c);
  reckoned.set(c, made);
  return made;
}

function sumsOf(c: Container): ContainerSums {
  const s = shapeOf(c.shape);
  const depthMm = s.depthMm(c.shape);
  const head = headspaceMm(c);
  const m = MATERIALS[c.material];
  return {
    depthMm,
    widthMm: rimOf(c.shape).wide,
    deepMm: rimOf(c.shape).deep,
    headspaceMm: head,
    brimL: s.volumeL(c.shape, 0, depthMm),
    fillL: s.volumeL(c.shape, head, depthMm),
    plantingWidthMm: s.extentsMm(c.shape, head).wide - 2 * SOIL_BUFFER_MM,
    potKg: wallM2(c) * m.wallMm * m.density,
  };
}

/**
 * Share of the mix renewed by what the container held before. Practice: big old pots get their top third; a
 * box filled last autumn a tenth on top.
 */
const RENEWED: Record<Container['refill'], number> = { all: 1, 'top third': 1 / 3, 'top up': 0.1 };

/**
 * Mix to buy for one container, litres: fill less root balls, and settling; less for one that is only
 * refreshed. `ballsL` is the sum of root balls.
 */
export const mixToBuyL = (c: Container, ballsL: number): number =>
  Math.max(0, containerSums(c).fillL - ballsL) * RENEWED[c.refill] * SETTLING;

/** A liner of film and coir, kg per m² of wall when soaked. Working figure. */
const LINER_KG_PER_M2 = 1.2;

export interface Mass {
  potKg: number;
  mixKg: number;
  waterKg: number;
  topKg: number;
  totalKg: number;
}

/** Mass of the planted container when soaked or dry, kg. `ballsL` is the sum of root balls, litres. */
export function plantedMass(c: Container, ballsL: number, state: 'soaked' | 'dry'): Mass {
  const sums = containerSums(c);
  const potKg = sums.potKg + (c.liner ? wallM2(c) * LINER_KG_PER_M2 : 0);
  const mixKg = sums.fillL * (state === 'soaked' ? SOAKED_KG_PER_L : DRY_KG_PER_L);
  const waterKg = state === 'soaked' ? c.reservoirL : 0;
  const topKg = ballsL * TOP_KG_PER_BALL_L;
  return { potKg, mixKg, waterKg, topKg, totalKg: potKg + mixKg + waterKg + topKg };
}

export interface Load {
  kg: number;
  on: 'hook' | 'each bracket' | 'metre of rail' | 'metre of sill';
}

/** Brackets stand so far apart at most, and two carry the shortest box. Working figures. */
const BRACKET_EVERY_MM = 500;
const LEAST_BRACKETS = 2;

/** What hangs on what when soaked, or null for a container on the ground. Never a statement that it is safe. */
export function loadOf(c: Container, ballsL: number): Load | null {
  const { totalKg } = plantedMass(c, ballsL, 'soaked');
  const wide = rimOf(c.shape).wide;
  switch (c.mount) {
    case 'ground':
      return null;
    case 'hook':
      return { kg: totalKg, on: 'hook' };
    case 'wall':
      return c.shape.kind === 'wall-basket' && wide <= BRACKET_EVERY_MM
        ? { kg: totalKg, on: 'hook' }
        : { kg: totalKg / Math.max(LEAST_BRACKETS, Math.ceil(wide / BRACKET_EVERY_MM)), on: 'each bracket' };
    case 'rail':
      return { kg: totalKg / (wide / 1000), on: 'metre of rail' };
    case 'sill':
      return { kg: totalKg / (wide / 1000), on: 'metre of sill' };
  }
}

import { MATERIALS } from './materials';
import type { Container } from './schema';
import { shapeOf } from './shapes';

/** Gap from rim to soil: 12 mm for pots under 200 mm deep, 25 mm above. Practice: 10–35 mm. */
export const headspaceMm = (c: Container): number => (shapeOf(c.shape).depthMm(c.shape) < 200 ? 12 : 25);

/** Nothing is planted nearer the wall than this. Practice: 10–15 mm. */
export const SOIL_BUFFER_MM = 12;

/** Settling of fresh mix in the first waterings. Practice: about 12 %. */
const SETTLING = 1.12;

/** Soaked light mix, kg per litre: the figure to warn by, from a range of 0.75–1.0 for peat, bark and coir mixes. */
const SOAKED_KG_PER_L = 0.9;

/** The same mix fairly dry. Working figure: bagged mix is sold at about 0.3–0.4 kg/L. */
const DRY_KG_PER_L = 0.35;

/** Fresh top growth, kg per litre of root ball. Working figure for warning: a full basket's top weighs 2–4 kg. */
const TOP_KG_PER_BALL_L = 0.5;

export interface ContainerSums {
  depthMm: number;
  /** Rim width inside, mm. */
  widthMm: number;
  headspaceMm: number;
  /** All it holds to the brim, and to the soil line, litres. */
  brimL: number;
  fillL: number;
  /** Diameter in which root balls may stand at the soil line, mm. */
  plantingWidthMm: number;
  potKg: number;
}

/** The plain sums of a container. */
export function containerSums(c: Container): ContainerSums {
  const s = shapeOf(c.shape);
  const depthMm = s.depthMm(c.shape);
  const head = headspaceMm(c);
  const m = MATERIALS[c.material];
  return {
    depthMm,
    widthMm: s.widthMm(c.shape),
    headspaceMm: head,
    brimL: s.volumeL(c.shape, 0, depthMm),
    fillL: s.volumeL(c.shape, head, depthMm),
    plantingWidthMm: 2 * (s.radiusMm(c.shape, head) - SOIL_BUFFER_MM),
    potKg: s.wallM2(c.shape) * m.wallMm * m.density,
  };
}

/** Mix to buy for one container, litres: fill less root balls, and settling. `ballsL` is the sum of root balls. */
export const mixToBuyL = (c: Container, ballsL: number): number => Math.max(0, containerSums(c).fillL - ballsL) * SETTLING;

export interface Mass {
  potKg: number;
  mixKg: number;
  topKg: number;
  totalKg: number;
}

/** Mass of the planted container when soaked or dry, kg. `ballsL` is the sum of root balls, litres. */
export function plantedMass(c: Container, ballsL: number, state: 'soaked' | 'dry'): Mass {
  const sums = containerSums(c);
  const mixKg = sums.fillL * (state === 'soaked' ? SOAKED_KG_PER_L : DRY_KG_PER_L);
  const topKg = ballsL * TOP_KG_PER_BALL_L;
  return { potKg: sums.potKg, mixKg, topKg, totalKg: sums.potKg + mixKg + topKg };
}

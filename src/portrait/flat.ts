import { depthOf, footMm } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';

/** A shape of one colour, as an SVG path in mm: x right, y down from the rim. */
export interface FlatShape {
  d: string;
  fill: string;
}

const n = (v: number): string => v.toFixed(1);

/** How thick a wall looks, mm, and in how many steps its side is drawn. */
const WALL = 14;
const STEPS = 12;

/** A container from the front. */
export function flatPot(container: Container): FlatShape {
  const { shape, colour } = container;
  const foot = footMm(container);
  const sides = Array.from({ length: STEPS + 1 }, (_, i) => {
    const below = (depthOf(shape) * i) / STEPS;
    const { wide } = shapeOf(shape).extentsMm(shape, Math.min(depthOf(shape) * 0.999, below));
    return { y: (foot * i) / STEPS, half: wide / 2 + WALL };
  });
  const right = sides.map((p) => `${n(p.half)} ${n(p.y)}`);
  const left = [...sides].reverse().map((p) => `${n(-p.half)} ${n(p.y)}`);
  return { d: `M${[...right, ...left].join('L')}Z`, fill: colour };
}

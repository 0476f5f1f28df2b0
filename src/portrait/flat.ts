import { type Canopy, isOpen } from '@/core/canopy/kinds';
import { depthOf, footMm } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';

/** A shape of one colour, as an SVG path in mm: x right, y down from the rim. */
export interface FlatShape {
  d: string;
  fill: string;
}

/** A planting seen straight from the front, far things first: what is behind the container, it, and what is before it. */
export interface Flat {
  behind: FlatShape[];
  pot: FlatShape;
  before: FlatShape[];
}

const toHex = (v: number): string =>
  Math.round(255 * Math.min(1, Math.max(0, v) ** (1 / 2.2)))
    .toString(16)
    .padStart(2, '0');
const n = (v: number): string => v.toFixed(1);

/** Every leaf and flower. */
function piecesOf(canopy: Canopy): (FlatShape & { z: number })[] {
  const out: (FlatShape & { z: number })[] = [];
  for (const b of canopy.batches) {
    const open = isOpen(b.kind);
    for (let i = 0; i < b.count; i += 1) {
      const g = (k: number) => b.matrices[i * 16 + k] ?? 0;
      const [x, y, dx, dy] = [g(12), -g(13), g(4), -g(5)];
      const w = Math.hypot(g(0), g(1), g(2)) / 2;
      const fill = `#${toHex(b.colourA[i * 3] ?? 0)}${toHex(b.colourA[i * 3 + 1] ?? 0)}${toHex(b.colourA[i * 3 + 2] ?? 0)}`;
      const length = Math.hypot(dx, dy) || 1;
      const [px, py] = [(-dy / length) * w, (dx / length) * w];
      const d = open
        ? `M${n(x - w)} ${n(y)}a${n(w)} ${n(w)} 0 1 0 ${n(w * 2)} 0a${n(w)} ${n(w)} 0 1 0 ${n(-w * 2)} 0`
        : `M${n(x)} ${n(y)}Q${n(x + dx * 0.45 + px)} ${n(y + dy * 0.45 + py)} ${n(x + dx)} ${n(y + dy)}Q${n(x + dx * 0.45 - px)} ${n(y + dy * 0.45 - py)} ${n(x)} ${n(y)}`;
      out.push({ z: g(14), fill, d });
    }
  }
  return out.sort((a, b) => a.z - b.z);
}

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

/** The same leaves as the portrait’s, true to scale. */
export function flatOf(container: Container, canopy: Canopy | null): Flat {
  const pieces = canopy ? piecesOf(canopy) : [];
  return {
    behind: pieces.filter(({ z }) => z < 0),
    pot: flatPot(container),
    before: pieces.filter(({ z }) => z >= 0),
  };
}

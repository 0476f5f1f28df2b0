import { depthOf } from '@/core/containers/outline';
import { shapeOf } from '@/core/containers/shapes';
import { isOpen, type Canopy } from '@/core/canopy/kinds';
import type { Planting } from '@/core/plantings/schema';
import { footMm } from '@/core/containers/outline';
import type { Frame } from '@/portrait/stage';

const toHex = (v: number): string =>
  Math.round(255 * Math.min(1, Math.max(0, v) ** (1 / 2.2)))
    .toString(16)
    .padStart(2, '0');

interface Drop {
  z: number;
  d: string;
  fill: string;
}

/** Every leaf and flower seen straight from the front, far ones first. */
function dropsOf(canopy: Canopy): Drop[] {
  const out: Drop[] = [];
  for (const b of canopy.batches) {
    for (let i = 0; i < b.count; i += 1) {
      const m = b.matrices.subarray(i * 16, i * 16 + 16);
      const g = (k: number) => m[k] ?? 0;
      const [x, y, dx, dy] = [g(12), -g(13), g(4), -g(5)];
      const flat = isOpen(b.kind);
      const w = Math.hypot(g(0), g(1), g(2)) / 2;
      const fill = `#${toHex(b.colourA[i * 3] ?? 0)}${toHex(b.colourA[i * 3 + 1] ?? 0)}${toHex(b.colourA[i * 3 + 2] ?? 0)}`;
      const n = (v: number) => v.toFixed(1);
      if (flat)
        out.push({
          z: g(14),
          fill,
          d: `M${n(x - w)} ${n(y)}a${n(w)} ${n(w)} 0 1 0 ${n(w * 2)} 0a${n(w)} ${n(w)} 0 1 0 ${n(-w * 2)} 0`,
        });
      else {
        const length = Math.hypot(dx, dy) || 1;
        const [px, py] = [(-dy / length) * w, (dx / length) * w];
        out.push({
          z: g(14),
          fill,
          d: `M${n(x)} ${n(y)}Q${n(x + dx * 0.45 + px)} ${n(y + dy * 0.45 + py)} ${n(x + dx)} ${n(y + dy)}Q${n(x + dx * 0.45 - px)} ${n(y + dy * 0.45 - py)} ${n(x)} ${n(y)}`,
        });
      }
    }
  }
  return out.sort((a, b) => a.z - b.z);
}

/** The portrait without WebGL: the same leaves, true to scale, from the front. */
export function Elevation({ planting, canopy, frame }: { planting: Planting; canopy: Canopy | null; frame: Frame }) {
  const { shape, colour } = planting.container;
  const foot = footMm(planting.container);
  const half = frame.reach + 60;
  const drops = canopy ? dropsOf(canopy) : [];
  const sides = Array.from({ length: 13 }, (_, i) => ({
    y: (foot * i) / 12,
    half: shapeOf(shape).extentsMm(shape, Math.min(depthOf(shape) * 0.999, (depthOf(shape) * i) / 12)).wide / 2 + 14,
  }));
  const pot = (
    <path
      d={`M${sides.map((p) => `${p.half} ${p.y}`).join('L')}L${[...sides]
        .reverse()
        .map((p) => `${-p.half} ${p.y}`)
        .join('L')}Z`}
      fill={colour}
      stroke="var(--ink)"
    />
  );
  return (
    <svg
      viewBox={`${-half} ${-frame.top - 30} ${half * 2} ${frame.top + Math.max(foot, frame.bottom) + 60}`}
      className="h-full w-full"
      data-testid="elevation"
      aria-hidden
    >
      {planting.container.mount === 'ground' && <line x1={-half} x2={half} y1={foot} y2={foot} stroke="var(--line)" />}
      {drops
        .filter((d) => d.z < 0)
        .map((d, i) => (
          <path key={i} d={d.d} fill={d.fill} />
        ))}
      {pot}
      {drops
        .filter((d) => d.z >= 0)
        .map((d, i) => (
          <path key={i} d={d.d} fill={d.fill} />
        ))}
    </svg>
  );
}

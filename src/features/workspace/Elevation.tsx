import { footMm } from '@/core/containers/outline';
import type { Canopy } from '@/core/canopy/kinds';
import type { Planting } from '@/core/plantings/schema';
import { flatOf, type FlatShape } from '@/portrait/flat';
import type { Frame } from '@/portrait/lens';

const shapes = (list: readonly FlatShape[]) => list.map(({ d, fill }, i) => <path key={i} d={d} fill={fill} />);

/** The portrait without WebGL: the same leaves, true to scale, from the front. */
export function Elevation({ planting, canopy, frame }: { planting: Planting; canopy: Canopy | null; frame: Frame }) {
  const foot = footMm(planting.container);
  const half = frame.reach + 60;
  const { behind, pot, before } = flatOf(planting.container, canopy);
  return (
    <svg
      viewBox={`${-half} ${-frame.top - 30} ${half * 2} ${frame.top + Math.max(foot, frame.bottom) + 60}`}
      className="h-full w-full"
      data-testid="elevation"
      aria-hidden
    >
      {planting.container.mount === 'ground' && <line x1={-half} x2={half} y1={foot} y2={foot} stroke="var(--line)" />}
      {shapes(behind)}
      <path d={pot.d} fill={pot.fill} stroke="var(--ink)" />
      {shapes(before)}
    </svg>
  );
}

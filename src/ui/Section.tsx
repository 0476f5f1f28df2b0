import { containerSums } from '@/core/containers';
import type { Container } from '@/core/containers/schema';
import { MATERIALS } from '@/core/containers/materials';
import { STARTS } from '@/core/plants/starts';
import type { Placement } from '@/core/plantings/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';

/** Space kept for measures at either side, pixels of 300. */
const SIDE = 62;

/** The container cut through the middle, to scale: wall, soil line, root balls that stand near the cut, and its measures. */
export function Section({ container, placements, units }: { container: Container; placements: readonly Placement[]; units: UnitSystem }) {
  const { shape } = container;
  const sums = containerSums(container);
  const wall = MATERIALS[container.material].wallMm;
  const [top, base, depth] = [shape.topMm / 2, shape.baseMm / 2, shape.depthMm];
  const room = Math.max(top, base) + wall;
  // Room round the pot for its measures, in the same pixels they are written in: 300 across the drawing.
  const px = (2 * room) / (300 - 2 * SIDE);
  const box = { x: -room - SIDE * px, y: -42 * px, w: 300 * px, h: depth + wall + 82 * px };
  const at = (below: number) => top + ((base - top) * below) / depth;
  const soil = at(sums.headspaceMm);
  const text = { fontSize: 13 * px, fill: 'var(--quiet)', stroke: 'none' } as const;
  return (
    <svg viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`} className="w-full" role="img" aria-label={`Section: ${formatLength(shape.topMm, units)} across the rim, ${formatLength(shape.baseMm, units)} at the base, ${formatLength(depth, units)} deep, soil ${formatLength(sums.headspaceMm, units)} under the rim.`}>
      <path d={`M${-top - wall} 0L${-base - wall} ${depth + wall}H${base + wall}L${top + wall} 0H${top}L${base} ${depth}H${-base}L${-top} 0Z`} fill={container.colour} stroke="var(--ink)" strokeWidth={px} />
      <path d={`M${-soil} ${sums.headspaceMm}L${-base} ${depth}H${base}L${soil} ${sums.headspaceMm}Z`} fill="color-mix(in oklab, #4a382c 78%, var(--ground))" />
      {placements
        .filter((p) => Math.abs(p.yMm) < STARTS[p.start].ballMm * 0.7)
        .map((p) => {
          const b = STARTS[p.start];
          return <path key={p.id} d={`M${p.xMm - b.ballMm / 2} ${sums.headspaceMm}l${b.ballMm * 0.1} ${b.ballDepthMm}h${b.ballMm * 0.8}l${b.ballMm * 0.1} ${-b.ballDepthMm}Z`} fill="#8a6a4c" stroke="#e8dccb" strokeWidth={px * 0.8} strokeDasharray={`${px * 3} ${px * 2}`} />;
        })}
      <g stroke="var(--ink)" strokeWidth={px * 0.9} fill="none">
        <path d={`M${-top} ${-16 * px}H${top}M${-top} ${-21 * px}v${10 * px}M${top} ${-21 * px}v${10 * px}`} />
        <path d={`M${room + 14 * px} 0V${depth}M${room + 9 * px} 0h${10 * px}M${room + 9 * px} ${depth}h${10 * px}`} />
        <path d={`M${-base} ${depth + wall + 12 * px}H${base}M${-base} ${depth + wall + 7 * px}v${10 * px}M${base} ${depth + wall + 7 * px}v${10 * px}`} />
        <path d={`M${-soil} ${sums.headspaceMm}H${soil}`} stroke="var(--bubble)" strokeDasharray={`${4 * px} ${3 * px}`} />
      </g>
      <text x={0} y={-24 * px} textAnchor="middle" {...text}>
        {formatLength(shape.topMm, units)} rim
      </text>
      <text x={room + 24 * px} y={depth / 2} {...text} dominantBaseline="middle">
        {formatLength(depth, units)}
      </text>
      <text x={0} y={depth + wall + 29 * px} textAnchor="middle" {...text}>
        {formatLength(shape.baseMm, units)} base
      </text>
      <text x={-room - 6 * px} y={sums.headspaceMm} textAnchor="end" dominantBaseline="middle" {...text}>
        soil
        <tspan x={-room - 6 * px} dy={15 * px}>
          −{formatLength(sums.headspaceMm, units)}
        </tspan>
      </text>
      {!container.drains && (
        <text x={0} y={depth - 10 * px} textAnchor="middle" {...text} fill="#fff">
          no holes
        </text>
      )}
    </svg>
  );
}

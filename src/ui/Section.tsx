'use client';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { containerSums } from '@/core/containers';
import { describe } from '@/core/containers/describe';
import { depthOf, rimOf } from '@/core/containers/outline';
import { fieldOf, reshaped, type SectionMeasure } from '@/core/containers/resize';
import type { Container, Shape } from '@/core/containers/schema';
import { shapeOf } from '@/core/containers/shapes';
import { MATERIALS } from '@/core/containers/materials';
import { STARTS } from '@/core/plants/starts';
import type { Placement } from '@/core/plantings/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';

/** Space kept for measures at either side, pixels of 300. */
const SIDE = 62;
const LINES = 24;
/** Measures are dragged in steps of this, mm. */
const STEP = 5;

interface Props {
  container: Container;
  placements: readonly Placement[];
  units: UnitSystem;
  /** Given when the measures may be dragged. */
  onResize?: (shape: Shape) => void;
}

/**
 * The container cut through its length, to scale: wall, soil line, root balls near the cut, and its measures,
 * to be read or dragged.
 */
export function Section({ container, placements, units, onResize }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<SectionMeasure | null>(null);
  const { shape } = container;
  const sums = containerSums(container);
  const wall = Math.max(3, MATERIALS[container.material].wallMm);
  const depth = depthOf(shape);
  const half = (below: number) => shapeOf(shape).extentsMm(shape, Math.min(below, depth)).wide / 2;
  const [top, base] = [rimOf(shape).wide / 2, half(depth)];
  const room = Math.max(top, base) + wall;
  // Room round the pot for its measures, in the same pixels they are written in: 300 across the drawing.
  const px = (2 * room) / (300 - 2 * SIDE);
  const box = { x: -room - SIDE * px, y: -42 * px, w: 300 * px, h: depth + wall + 82 * px };
  const downs = Array.from({ length: LINES + 1 }, (_, i) => depth * Math.sin((i / LINES) * (Math.PI / 2)));
  // A bowl's wall follows its curve; a straight one has a floor of its own thickness.
  const curved = base < 2;
  const side = (out: number, sign: 1 | -1, from: number) =>
    downs
      .filter((d) => d >= from)
      .map((d) =>
        curved
          ? `${sign * half(d) * (1 + out / top)} ${d * (1 + out / depth)}`
          : `${sign * (half(d) + out)} ${d + (d >= depth * 0.999 ? out : 0)}`,
      );
  const outline = (out: number, from: number) =>
    `M${side(out, -1, from).join('L')}L${side(out, 1, from).reverse().join('L')}Z`;
  const soil = half(sums.headspaceMm);
  const text = { fontSize: 13 * px, fill: 'var(--quiet)', stroke: 'none' } as const;

  const change = (measure: SectionMeasure, mm: number) => {
    const field = fieldOf(shape, measure);
    if (field) onResize?.(reshaped(shape, { [field]: Math.round(mm / STEP) * STEP }));
  };
  const valueOf: Record<SectionMeasure, number> = { top: top * 2, base: base * 2, depth };
  const onMove = (e: PointerEvent) => {
    const rect = svg.current?.getBoundingClientRect();
    if (!held || !rect) return;
    const x = box.x + ((e.clientX - rect.left) / rect.width) * box.w;
    const y = box.y + ((e.clientY - rect.top) / rect.height) * box.h;
    change(held, held === 'depth' ? y : Math.abs(x) * 2);
  };
  const onKey = (e: KeyboardEvent, measure: SectionMeasure) => {
    const by = { ArrowUp: 10, ArrowRight: 10, ArrowDown: -10, ArrowLeft: -10 }[e.key];
    if (by === undefined) return;
    e.preventDefault();
    change(measure, valueOf[measure] + by);
  };
  const handle = (measure: SectionMeasure, x: number, y: number, name: string) =>
    onResize && fieldOf(shape, measure) ? (
      <circle
        key={measure}
        cx={x}
        cy={y}
        r={7 * px}
        fill="var(--ground)"
        stroke="var(--glaze)"
        strokeWidth={2.4 * px}
        className={measure === 'depth' ? 'cursor-ns-resize' : 'cursor-ew-resize'}
        tabIndex={0}
        role="slider"
        aria-label={name}
        aria-valuenow={Math.round(valueOf[measure])}
        aria-valuetext={formatLength(valueOf[measure], units)}
        aria-valuemin={60}
        aria-valuemax={3000}
        onKeyDown={(e) => onKey(e, measure)}
        onPointerDown={(e) => {
          svg.current?.setPointerCapture(e.pointerId);
          setHeld(measure);
        }}
      />
    ) : null;

  return (
    <svg
      ref={svg}
      viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`}
      className="w-full touch-none select-none"
      role="group"
      aria-label={`Cross-section of the ${describe(container, units)}: ${formatLength(top * 2, units)} wide at the rim, ${formatLength(depth, units)} deep, soil ${formatLength(sums.headspaceMm, units)} below the rim.`}
      onPointerMove={onMove}
      onPointerUp={() => setHeld(null)}
    >
      <path
        d={`${outline(wall, 0)} ${outline(0, 0)}`}
        fillRule="evenodd"
        fill={container.colour}
        stroke="var(--ink)"
        strokeWidth={px}
      />
      <path
        d={`M${-soil} ${sums.headspaceMm}L${side(0, -1, sums.headspaceMm).join('L')}L${side(0, 1, sums.headspaceMm).reverse().join('L')}L${soil} ${sums.headspaceMm}Z`}
        fill="color-mix(in oklab, #4a382c 78%, var(--ground))"
      />
      {placements
        .filter((p) => Math.abs(p.yMm) < STARTS[p.start].ballMm * 0.7)
        .map((p) => {
          const b = STARTS[p.start];
          return (
            <path
              key={p.id}
              d={`M${p.xMm - b.ballMm / 2} ${sums.headspaceMm}l${b.ballMm * 0.1} ${b.ballDepthMm}h${b.ballMm * 0.8}l${b.ballMm * 0.1} ${-b.ballDepthMm}Z`}
              fill="#8a6a4c"
              stroke="#e8dccb"
              strokeWidth={px * 0.8}
              strokeDasharray={`${px * 3} ${px * 2}`}
            />
          );
        })}
      <g stroke="var(--ink)" strokeWidth={px * 0.9} fill="none">
        <path d={`M${-top} ${-16 * px}H${top}M${-top} ${-21 * px}v${10 * px}M${top} ${-21 * px}v${10 * px}`} />
        <path d={`M${room + 14 * px} 0V${depth}M${room + 9 * px} 0h${10 * px}M${room + 9 * px} ${depth}h${10 * px}`} />
        {base > 20 && (
          <path
            d={`M${-base} ${depth + wall + 12 * px}H${base}M${-base} ${depth + wall + 7 * px}v${10 * px}M${base} ${depth + wall + 7 * px}v${10 * px}`}
          />
        )}
        <path
          d={`M${-soil} ${sums.headspaceMm}H${soil}`}
          stroke="var(--bubble)"
          strokeDasharray={`${4 * px} ${3 * px}`}
        />
      </g>
      <text x={0} y={-24 * px} textAnchor="middle" {...text}>
        {formatLength(top * 2, units)} rim
      </text>
      <text x={room + 24 * px} y={depth / 2} {...text} dominantBaseline="middle">
        {formatLength(depth, units)}
      </text>
      {base > 20 && (
        <text x={0} y={depth + wall + 29 * px} textAnchor="middle" {...text}>
          {formatLength(base * 2, units)} base
        </text>
      )}
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
      {handle('top', top, -16 * px, 'Width at the rim, in the cross-section')}
      {handle('base', base, depth + wall + 12 * px, 'Width at the base, in the cross-section')}
      {handle('depth', room + 14 * px, depth, 'Depth, in the cross-section')}
    </svg>
  );
}

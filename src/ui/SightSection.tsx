'use client';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Sight } from '@/core/spots/schema';
import { leastUsefulMm, usefulFor } from '@/core/spots/sightline';
import { formatLength, type UnitSystem } from '@/core/units/length';

type Grip = 'sill' | 'soil' | 'distance' | `eye-${number}`;

const STEP = 10;

/** A plant at its judged size, where it stands from the container's middle toward the sill. */
export interface SightedPlant {
  id: string;
  towardMm: number;
  heightMm: number;
  spreadMm: number;
  colour: string;
}

/**
 * The room, the sill and the box cut through, to scale: drag an eye, the sill or the soil and see what shows
 * over the sill.
 */
export function SightSection({
  sight,
  plants,
  units,
  onChange,
}: {
  sight: Sight;
  plants: readonly SightedPlant[];
  units: UnitSystem;
  onChange: (sight: Sight) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<Grip | null>(null);
  const useful = usefulFor(sight);
  const worst = useful.reduce((a, b) => (b.leastMm > a.leastMm ? b : a));
  const x0 = -(sight.distanceMm + 280);
  const x1 = sight.beyondMm + 520;
  const top = -(Math.max(...sight.viewers.map((v) => v.eyeMm), sight.soilMm + 700) + 160);
  // Pixels of the drawing as it is shown: as wide as its column or as high as its limit, whichever comes first.
  const px = Math.max((x1 - x0) / 620, (130 - top) / 300);
  const text = { fontSize: 13 * px, fill: 'var(--quiet)' } as const;

  const set = (grip: Grip, x: number, y: number) => {
    const to = (v: number, low: number, high: number) => Math.min(high, Math.max(low, Math.round(v / STEP) * STEP));
    if (grip === 'sill') onChange({ ...sight, sillMm: to(y, 0, 2000) });
    else if (grip === 'soil') onChange({ ...sight, soilMm: to(y, -2000, 2000), beyondMm: to(x, 0, 3000) });
    else if (grip === 'distance') onChange({ ...sight, distanceMm: to(-x, 200, 8000) });
    else
      onChange({
        ...sight,
        distanceMm: to(-x, 200, 8000),
        viewers: sight.viewers.map((v, i) => (`eye-${i}` === grip ? { ...v, eyeMm: to(y, 600, 2200) } : v)),
      });
  };
  const onMove = (e: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (!held || !box) return;
    set(
      held,
      x0 + ((e.clientX - box.left) / box.width) * (x1 - x0),
      -(top + ((e.clientY - box.top) / box.height) * (130 - top)),
    );
  };
  const onKey = (e: KeyboardEvent, grip: Grip, x: number, y: number) => {
    const by = { ArrowUp: [0, 20], ArrowDown: [0, -20], ArrowLeft: [-20, 0], ArrowRight: [20, 0] }[e.key];
    if (!by) return;
    e.preventDefault();
    set(grip, x + (by[0] ?? 0), y + (by[1] ?? 0));
  };
  const grip = (id: Grip, x: number, y: number, name: string) => (
    <circle
      key={id}
      cx={x}
      cy={-y}
      r={8 * px}
      fill="var(--ground)"
      stroke="var(--glaze)"
      strokeWidth={2.4 * px}
      className="cursor-move"
      tabIndex={0}
      role="slider"
      aria-label={name}
      aria-valuenow={Math.round(y)}
      aria-valuemin={-2000}
      aria-valuemax={2200}
      aria-valuetext={formatLength(y, units)}
      onKeyDown={(e) => onKey(e, id, x, y)}
      onPointerDown={(e) => {
        svg.current?.setPointerCapture(e.pointerId);
        setHeld(id);
      }}
    />
  );

  return (
    <figure className="flex flex-col gap-1">
      <svg
        ref={svg}
        viewBox={`${x0} ${top} ${x1 - x0} ${130 - top}`}
        className="max-h-[20rem] w-full touch-none select-none"
        role="group"
        aria-label="Side view of room, sill and container"
        onPointerMove={onMove}
        onPointerUp={() => setHeld(null)}
      >
        <line x1={x0} x2={0} y1={0} y2={0} stroke="var(--ink)" strokeWidth={1.6 * px} />
        <path
          d={`M0 0V${-sight.sillMm}h${-40}v${24}h-20v${sight.sillMm - 24}Z`}
          fill="var(--line)"
          stroke="var(--ink)"
          strokeWidth={px}
        />
        {sight.viewers.map((v, i) => {
          const fall = leastUsefulMm(sight, v.eyeMm) + sight.soilMm;
          const slope = (sight.sillMm - v.eyeMm) / sight.distanceMm;
          return (
            <g key={i}>
              <line
                x1={-sight.distanceMm}
                y1={-v.eyeMm}
                x2={x1}
                y2={-(sight.sillMm + slope * x1)}
                stroke="var(--glaze)"
                strokeWidth={1.2 * px}
                strokeDasharray={`${6 * px} ${4 * px}`}
              />
              <text x={-sight.distanceMm - 14 * px} y={-v.eyeMm + 4 * px} textAnchor="end" {...text}>
                {v.name}
              </text>
              <circle cx={sight.beyondMm} cy={-fall} r={2.6 * px} fill="var(--glaze)" />
            </g>
          );
        })}
        <path
          d={`M${sight.beyondMm - 100} ${-sight.soilMm - 20}l14 220h172l14 -220Z`}
          fill="#8b6b4a"
          stroke="var(--ink)"
          strokeWidth={px}
        />
        {plants.map((p) => {
          const hidden = sight.viewers.some((v) => p.heightMm < leastUsefulMm(sight, v.eyeMm, p.towardMm));
          const w = Math.min(120, p.spreadMm * 0.3);
          const x = sight.beyondMm - p.towardMm;
          return (
            <path
              key={p.id}
              d={`M${x} ${-sight.soilMm}C${x - w} ${-sight.soilMm - p.heightMm * 0.3} ${x - w} ${-sight.soilMm - p.heightMm} ${x} ${-sight.soilMm - p.heightMm}C${x + w} ${-sight.soilMm - p.heightMm} ${x + w} ${-sight.soilMm - p.heightMm * 0.3} ${x} ${-sight.soilMm}Z`}
              fill={hidden ? 'none' : p.colour}
              stroke={hidden ? 'var(--wrong)' : p.colour}
              strokeWidth={1.4 * px}
              strokeDasharray={hidden ? `${4 * px} ${3 * px}` : undefined}
              opacity={0.85}
            />
          );
        })}
        <rect
          x={sight.beyondMm - 40}
          y={-(sight.soilMm + worst.leastMm)}
          width={80}
          height={worst.leastMm}
          fill="var(--wrong)"
          opacity={0.22}
        />
        <line
          x1={sight.beyondMm - 150}
          x2={sight.beyondMm + 190}
          y1={-(sight.soilMm + worst.leastMm)}
          y2={-(sight.soilMm + worst.leastMm)}
          stroke="var(--wrong)"
          strokeWidth={1.4 * px}
        />
        <text x={sight.beyondMm + 200} y={-(sight.soilMm + worst.leastMm) + 4 * px} {...text}>
          {formatLength(worst.leastMm, units)} up
        </text>
        {sight.viewers.map((v, i) => grip(`eye-${i}`, -sight.distanceMm, v.eyeMm, `Eye of the ${v.name} viewer`))}
        {grip('sill', 0, sight.sillMm, 'Sill')}
        {grip('soil', sight.beyondMm, sight.soilMm, 'Soil in the container')}
      </svg>
      <figcaption className="text-[0.88rem]" aria-live="polite">
        {useful
          .map(
            (u) => `The ${u.name} viewer sees whatever is more than ${formatLength(u.leastMm, units)} above the soil.`,
          )
          .join(' ')}
      </figcaption>
    </figure>
  );
}

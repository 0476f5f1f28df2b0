'use client';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { snapped } from '@/core/groups/arrange';
import { signature } from '@/core/plants/signature';
import { resolve } from '@/core/plantings/resolve';
import { type Body, nameOf, type Scene } from '@/core/groups/scene';
import { shadowOf } from '@/core/groups/shade';
import type { Direction } from '@/core/spots/sun-seen';
import type { UnitSystem } from '@/core/units/length';
import { useArranging } from './arranging';
import { FINE_MM, STEP_MM, whereWords } from './moving';

/** The scene from above: each container as far as its leaves reach, the wall at the top. */
export function Above({ scene, sun, units }: { scene: Scene; sun: Direction | null; units: UnitSystem }) {
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<{ id: string; dx: number; dy: number } | null>(null);
  const { choose, chosen, move } = useArranging();
  const { group, bodies } = scene;
  const reach = Math.max(900, ...bodies.map((b) => Math.abs(b.xMm) + b.leafR + 200));
  const near = Math.max(900, ...bodies.map((b) => b.yMm + b.rimY + b.overMm + 200));
  const at = (e: PointerEvent) => {
    const r = svg.current?.getBoundingClientRect();
    if (!r) return { x: 0, y: 0 };
    const k = (2 * reach) / r.width;
    return { x: (e.clientX - r.left) * k - reach, y: (e.clientY - r.top) * k - 160 };
  };
  const to = (b: Body, xMm: number, yMm: number) =>
    move(
      `Move ${nameOf(b)}`,
      [{ id: b.id, xMm: Math.round(xMm / FINE_MM) * FINE_MM, yMm: Math.max(0, Math.round(yMm / FINE_MM) * FINE_MM) }],
      true,
    );
  const onKey = (e: KeyboardEvent, b: Body) => {
    const by = e.shiftKey ? FINE_MM : STEP_MM;
    const [dx, dy] = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[e.key] ?? [];
    if (dx === undefined || dy === undefined) return;
    e.preventDefault();
    to(b, b.xMm + dx, b.yMm + dy);
  };
  return (
    <svg
      ref={svg}
      viewBox={`${-reach} -160 ${2 * reach} ${near + 160}`}
      className="max-h-[60vh] w-full touch-none select-none"
      role="group"
      aria-label="View from above, wall at the top"
      onPointerMove={(e) => {
        const p = at(e);
        const b = bodies.find((x) => x.id === held.current?.id);
        if (b && held.current) {
          const near = snapped(scene, b.id, p.x - held.current.dx, p.y - held.current.dy);
          to(b, near.xMm, near.yMm);
        }
      }}
      onPointerUp={() => (held.current = null)}
    >
      {group.path && (
        <rect
          x={group.path.xMm - group.path.widthMm / 2}
          y={0}
          width={group.path.widthMm}
          height={near}
          fill="var(--stream)"
        />
      )}
      {group.ledges.map((l) => (
        <rect
          key={l.id}
          x={l.xMm - l.widthMm / 2}
          y={l.yMm}
          width={l.widthMm}
          height={l.deepMm}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="6"
          strokeDasharray="24 16"
        />
      ))}
      {sun &&
        bodies.map((b) => {
          const to = shadowOf(b, sun);
          return (
            <line
              key={b.id}
              x1={b.xMm}
              y1={b.yMm}
              x2={to.xMm}
              y2={to.yMm}
              stroke="var(--ink)"
              strokeOpacity="0.16"
              strokeLinecap="round"
              strokeWidth={2 * b.leafR * 0.85}
            />
          );
        })}
      <rect x={-reach} y={-160} width={2 * reach} height={160} fill={group.wall} stroke="var(--ink)" strokeWidth="4" />
      {group.openings.map((o, i) => (
        <rect
          key={i}
          x={o.xMm - o.widthMm / 2}
          y={-110}
          width={o.widthMm}
          height={110}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth="6"
        />
      ))}
      {[...bodies]
        .sort((a, b) => a.topZ - b.topZ)
        .map((b) => {
          const plants = resolve(b.planting);
          return (
            <g
              key={b.id}
              transform={`translate(${b.xMm} ${b.yMm})`}
              tabIndex={0}
              role="button"
              aria-label={`${nameOf(b)}, ${whereWords(b, units)}. Use the arrow keys to move it`}
              aria-pressed={chosen === b.id}
              className="cursor-move"
              onKeyDown={(e) => onKey(e, b)}
              onFocus={() => choose(b.id)}
              onPointerDown={(e) => {
                const p = at(e);
                choose(b.id);
                held.current = { id: b.id, dx: p.x - b.xMm, dy: p.y - b.yMm };
                svg.current?.setPointerCapture(e.pointerId);
              }}
            >
              <ellipse
                rx={b.leafR}
                ry={b.rimY + b.overMm}
                fill="color-mix(in oklab, #5f8f4f 30%, var(--ground))"
                stroke="var(--ink)"
                strokeWidth="5"
                strokeDasharray="20 14"
              />
              {plants.map((p) => (
                <circle
                  key={p.id}
                  cx={p.xMm}
                  cy={p.yMm}
                  r={46}
                  fill={signature(p.plant)}
                  stroke="var(--ink)"
                  strokeWidth="3"
                />
              ))}
              <Rim body={b} chosen={chosen === b.id} />
            </g>
          );
        })}
    </svg>
  );
}

/** The pot’s own rim: a ring, or a box. */
function Rim({ body: { rimX, rimY, round, planting }, chosen }: { body: Body; chosen: boolean }) {
  const { colour } = planting.container;
  const line = { fill: 'none', stroke: chosen ? 'var(--glaze)' : colour, strokeWidth: chosen ? 26 : 18 };
  return round ? (
    <ellipse rx={rimX} ry={rimY} {...line} />
  ) : (
    <rect x={-rimX} y={-rimY} width={2 * rimX} height={2 * rimY} {...line} />
  );
}

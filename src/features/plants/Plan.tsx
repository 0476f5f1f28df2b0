'use client';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { signature } from '@/core/plants/signature';
import { headspaceMm, SOIL_BUFFER_MM } from '@/core/containers';
import { rimOf } from '@/core/containers/outline';
import { shapeOf } from '@/core/containers/shapes';
import type { PlanPoint } from '@/core/containers/shapes/shape';
import type { Season } from '@/core/growth/grown';
import { misfits } from '@/core/layout/packing';
import { pressTurn, turned } from '@/core/layout/turn';
import { whyNotThere } from '@/core/layout/why-not-there';
import { plantName } from '@/core/plants/schema';
import { STARTS } from '@/core/plants/starts';
import type { Planting } from '@/core/plantings/schema';
import { offset } from '@/portrait/loft';
import { point, usePointing } from '../shell/pointing';
import { useWorkspace } from '../shell/store';
import { useUnits } from '../shell/units';

interface Spot {
  xMm: number;
  yMm: number;
}

const pathOf = (ring: readonly PlanPoint[]): string =>
  `M${ring.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('L')}Z`;

/** The soil from above, front at the foot: root balls at true size, to be dragged or nudged. */
export function Plan({ planting, season }: { planting: Planting; season: Season }) {
  const run = useWorkspace((s) => s.run);
  const chosen = usePointing((p) => p.chosen);
  const lit = usePointing((p) => p.lit);
  const units = useUnits((u) => u.units);
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ id: string; at: Spot; from: Spot } | null>(null);
  const [why, setWhy] = useState<string | null>(null);
  const { shape } = planting.container;
  const s = shapeOf(shape);
  const size = rimOf(shape);
  const by = pressTurn(shape);
  const turn = (degrees: number) => {
    const moves = turned(planting, degrees);
    if (moves) run('Rotate the planting', ...moves);
    else setWhy('A kept plant is in the way. Stop keeping it or move it first.');
  };
  const rim = Math.max(size.wide, size.deep) / 2;
  const [halfWide, halfDeep] = [size.wide / 2 + rim * 0.16, size.deep / 2 + rim * 0.16];
  const bad = new Set(misfits(planting.container, season.placed).flatMap((m) => m.ids));

  const toMm = (e: PointerEvent): Spot => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return { xMm: 0, yMm: 0 };
    return {
      xMm: ((e.clientX - box.left) / box.width) * 2 * halfWide - halfWide,
      yMm: ((e.clientY - box.top) / box.height) * 2 * halfDeep - halfDeep,
    };
  };
  const tryTo = (id: string, to: Spot): boolean => {
    const problem = whyNotThere(planting, season.placed, id, to, units);
    setWhy(problem);
    return problem === null;
  };
  const onMove = (e: PointerEvent) => {
    if (!held) return;
    const to = toMm(e);
    if (tryTo(held.id, to)) setHeld({ ...held, at: to });
  };
  const onUp = () => {
    if (held && Math.hypot(held.at.xMm - held.from.xMm, held.at.yMm - held.from.yMm) > 1)
      run(`Move ${nameOf(held.id)}`, {
        do: 'move',
        id: held.id,
        xMm: Math.round(held.at.xMm),
        yMm: Math.round(held.at.yMm),
      });
    setHeld(null);
  };
  const nameOf = (id: string) => {
    const p = season.placed.find((q) => q.id === id);
    return p ? plantName(p.plant) : '';
  };
  const onKey = (e: KeyboardEvent, id: string, at: Spot) => {
    const by = e.shiftKey ? 20 : 5;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    };
    const move = moves[e.key];
    if (move) {
      e.preventDefault();
      const to = { xMm: at.xMm + move[0], yMm: at.yMm + move[1] };
      if (tryTo(id, to)) run(`Move ${nameOf(id)}`, { do: 'move', id, ...to });
    } else if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      point({ chosen: id });
    } else if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      run(`Remove ${nameOf(id)}`, { do: 'remove', id });
    }
  };

  return (
    <figure className="relative flex flex-col items-center">
      <svg
        ref={svg}
        viewBox={`${-halfWide} ${-halfDeep} ${halfWide * 2} ${halfDeep * 2}`}
        className="w-full touch-none select-none"
        role="group"
        aria-label="Plan from above. Arrow keys move a root ball, Enter selects it, Delete removes it."
        onPointerMove={onMove}
        onPointerUp={onUp}
        onPointerLeave={onUp}
      >
        <path
          d={pathOf(s.ring(shape, 0))}
          fill="color-mix(in oklab, var(--paper) 92%, transparent)"
          stroke={planting.container.colour}
          strokeWidth={rim * 0.05}
        />
        <path
          d={pathOf(offset(s.ring(shape, headspaceMm(planting.container)), -SOIL_BUFFER_MM))}
          fill="none"
          stroke="var(--line)"
          strokeDasharray={`${rim * 0.02} ${rim * 0.025}`}
          strokeWidth={rim * 0.009}
        />
        {season.placed.map((p, i) => {
          const grown = season.weeks[season.peak]?.plants[i];
          const at = held?.id === p.id ? held.at : p;
          return grown && (lit?.includes(p.id) || held?.id === p.id || chosen === p.id) ? (
            <circle
              key={`c${p.id}`}
              cx={at.xMm}
              cy={at.yMm}
              r={grown.spreadMm / 2}
              fill="none"
              stroke={signature(p.plant)}
              strokeWidth={rim * 0.014}
              strokeDasharray={`${rim * 0.03} ${rim * 0.03}`}
            />
          ) : null;
        })}
        {season.placed.map((p) => {
          const at = held?.id === p.id ? held.at : p;
          const r = STARTS[p.start].ballMm / 2;
          const dim = lit && lit.length > 0 && !lit.includes(p.id);
          return (
            <g key={p.id} transform={`translate(${at.xMm} ${at.yMm})`} opacity={dim ? 0.3 : 1}>
              <circle
                r={r}
                tabIndex={0}
                role="button"
                aria-label={`${plantName(p.plant)}, ${STARTS[p.start].label}${bad.has(p.id) ? ', does not fit' : ''}`}
                aria-pressed={chosen === p.id}
                fill={signature(p.plant)}
                stroke={bad.has(p.id) ? 'var(--wrong)' : 'var(--ink)'}
                strokeWidth={rim * (chosen === p.id || bad.has(p.id) ? 0.03 : 0.012)}
                className="cursor-grab"
                onPointerDown={(e) => {
                  svg.current?.setPointerCapture(e.pointerId);
                  setWhy(null);
                  point({ chosen: p.id });
                  setHeld({ id: p.id, at: { xMm: p.xMm, yMm: p.yMm }, from: { xMm: p.xMm, yMm: p.yMm } });
                }}
                onPointerEnter={() => !held && point({ lit: [p.id] })}
                onPointerLeave={() => !held && point({ lit: null })}
                onFocus={() => point({ lit: [p.id] })}
                onBlur={() => point({ lit: null })}
                onKeyDown={(e) => onKey(e, p.id, p)}
              >
                <title>{plantName(p.plant)}</title>
              </circle>
              {p.locked && (
                <path
                  d={`M${-r * 0.22} ${-r * 0.05}h${r * 0.44}v${r * 0.36}h${-r * 0.44}zM${-r * 0.13} ${-r * 0.05}v${-r * 0.16}a${r * 0.13} ${r * 0.13} 0 0 1 ${r * 0.26} 0v${r * 0.16}`}
                  fill="none"
                  stroke="#fff"
                  strokeWidth={r * 0.07}
                  pointerEvents="none"
                />
              )}
            </g>
          );
        })}
      </svg>
      <figcaption className="flex min-h-6 items-center gap-1 text-[0.8rem] leading-tight text-quiet" aria-live="polite">
        {why ?? (
          <>
            {by !== null && (
              <button
                type="button"
                className="min-w-[24px] px-1.5 py-1 hover:text-ink max-work:size-[44px]"
                aria-label="Rotate the planting left"
                onClick={() => turn(-by)}
              >
                ↺
              </button>
            )}
            front
            {by !== null && (
              <button
                type="button"
                className="min-w-[24px] px-1.5 py-1 hover:text-ink max-work:size-[44px]"
                aria-label="Rotate the planting right"
                onClick={() => turn(by)}
              >
                ↻
              </button>
            )}
          </>
        )}
      </figcaption>
    </figure>
  );
}

'use client';
import { useMemo } from 'react';
import { rimOf } from '@/core/containers/outline';
import { shapeOf } from '@/core/containers/shapes';
import { signature } from '@/core/plants/signature';
import { STARTS } from '@/core/plants/starts';
import { plantingOrder } from '@/core/steps/order';
import type { StationProps } from '../shell/panels';

/** The plan with its numbers: what the step is about filled in, the rest an outline. */
export function StepPlan({ planting, lit }: Pick<StationProps, 'planting'> & { lit: readonly string[] }) {
  const { shape } = planting.container;
  const order = useMemo(() => plantingOrder(planting), [planting]);
  const { wide, deep } = rimOf(shape);
  const edge = Math.max(wide, deep) * 0.04;
  const ring = shapeOf(shape).ring(shape, 0);
  const letter = Math.max(wide, deep) * 0.05;
  return (
    <svg
      viewBox={`${-wide / 2 - edge} ${-deep / 2 - edge} ${wide + 2 * edge} ${deep + 2 * edge}`}
      className="max-h-60 w-full max-w-md"
      role="img"
      aria-label={`Plan, front at the bottom: ${
        lit.length === 0
          ? 'nothing planted in this step'
          : `number ${order
              .filter((p) => lit.includes(p.id))
              .map((p) => p.no)
              .join(', ')}`
      }`}
    >
      <path
        d={`M${ring.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('L')}Z`}
        fill="var(--paper)"
        stroke={planting.container.colour}
        strokeWidth={edge * 0.7}
      />
      {order.map((p) => {
        const on = lit.includes(p.id);
        return (
          <g key={p.id} transform={`translate(${p.xMm} ${p.yMm})`}>
            <circle
              r={STARTS[p.start].ballMm / 2}
              fill={on ? signature(p.plant) : 'none'}
              stroke="var(--ink)"
              strokeWidth={on ? edge * 0.25 : edge * 0.1}
            />
            <text
              y={letter * 0.36}
              textAnchor="middle"
              fontSize={letter}
              fontWeight="600"
              fill="var(--ink)"
              style={{ paintOrder: 'stroke', stroke: 'var(--paper)', strokeWidth: letter * 0.28 }}
            >
              {p.no}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

'use client';
import { headspaceMm } from '@/core/containers';
import type { Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import { footMm } from '@/core/containers/outline';
import type { Frame, Point, View } from '@/portrait/lens';
import { usefulFor } from '@/core/spots/sightline';
import { lengthUnit } from '@/core/units/length';
import { useUnits } from '../shell/units';
import { HALO } from './halo';

/** Half a figure's height, px: nearer to the edge it is cut off. */
const LETTER = 9;

interface Props {
  /** Where a point in mm from the rim’s middle lies in the picture. */
  project: (point: Point) => { x: number; y: number };
  frame: Frame;
  planting: Planting;
  season: Season;
  week: number;
  view: View;
  size: { w: number; h: number };
}

/**
 * A staff beside the pot, marked from the ground up and true on the pot's own plane, with the rim and the
 * tallest tip.
 */
export function Ruler({ project, frame, planting, season, week, view, size }: Props) {
  const units = useUnits((u) => u.units);
  if (view.elevation > 0.7 || size.w === 0) return null;
  const foot = planting.container.mount === 'ground' ? footMm(planting.container) : Math.ceil(frame.bottom / 50) * 50;
  // Plants are measured from the soil, the staff from the rim.
  const head = headspaceMm(planting.container);
  const left = -(frame.reach + 55);
  const [cos, sin] = [Math.cos(view.azimuth), Math.sin(view.azimuth)];
  const at = (right: number, up: number) => project([right * cos, up, -right * sin]);
  const big = units === 'metric' ? 100 : 127;
  const step = frame.top + foot > 1300 ? big * 2 : big;
  const perMark = units === 'metric' ? 10 : 5;
  const marks = Array.from({ length: Math.ceil((frame.top + foot) / step) + 1 }, (_, i) => i);
  const tallest = Math.max(
    0,
    ...(season.weeks[Math.min(week, season.weeks.length - 1)]?.plants ?? []).map((g) => (g.alive ? g.heightMm : 0)),
  );
  const base = at(left, -foot);
  const top = at(left, marks.length * step - step - foot);
  const x = Math.max(34, base.x);
  const line = (up: number, text: string) => {
    const p = at(left, up);
    const q = at(frame.reach + 40, up);
    const right = Math.min(size.w - 6, q.x);
    return (
      <g key={text}>
        <line x1={x} x2={right - 44} y1={p.y} y2={p.y} stroke="var(--quiet)" strokeDasharray="1 4" />
        <text x={right} y={p.y - 5} textAnchor="end" fontSize="12" fill="var(--quiet)" {...HALO}>
          {text}
        </text>
      </g>
    );
  };
  return (
    <svg className="pointer-events-none absolute inset-0 h-full w-full" aria-hidden>
      {tallest > 30 && line(tallest - head, 'tallest')}
      {line(0, 'rim')}
      {planting.spot.seen === 'inside' &&
        planting.spot.sight &&
        usefulFor(planting.spot.sight).map(
          (u) => u.leastMm > 20 && line(u.leastMm - head, `${u.name} viewer sees everything above this line`),
        )}
      <line x1={x} x2={x} y1={base.y} y2={Math.max(0, top.y)} stroke="var(--ink)" strokeWidth="1.2" />
      {marks.map((m) => {
        const y = at(left, m * step - foot).y;
        const half = at(left, (m + 0.5) * step - foot).y;
        // What would stand half off the picture is left out.
        if (y < LETTER) return null;
        return (
          <g key={m}>
            <line x1={x - 8} x2={x} y1={y} y2={y} stroke="var(--ink)" strokeWidth="1.2" />
            {m < marks.length - 1 && half > 0 && <line x1={x - 4} x2={x} y1={half} y2={half} stroke="var(--ink)" />}
            <text x={x - 12} y={y + 4} textAnchor="end" fontSize="12" fill="var(--quiet)" {...HALO}>
              {(m * perMark * step) / big}
            </text>
          </g>
        );
      })}
      <text x={x - 12} y={base.y + 18} textAnchor="end" fontSize="12" fill="var(--quiet)" {...HALO}>
        {lengthUnit(units)}
      </text>
    </svg>
  );
}

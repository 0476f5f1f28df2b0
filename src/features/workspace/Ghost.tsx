'use client';
import { useMemo } from 'react';
import { headspaceMm } from '@/core/containers';
import { unhindered } from '@/core/growth/covering';
import type { Planting } from '@/core/plantings/schema';
import type { Point, View } from '@/portrait/lens';
import { usePointing } from '../shell/pointing';
import { HALO } from './halo';

/** Points of its outline. */
const POINTS = 24;

interface Props {
  /** Where a point in mm from the rim’s middle lies in the picture. */
  project: (point: Point) => { x: number; y: number };
  planting: Planting;
  week: number;
  view: View;
}

/** The outline of what a covered plant would be by now without the one that stands over it. */
export function Ghost({ project, planting, week, view }: Props) {
  const covered = usePointing((p) => p.covered);
  const grown = useMemo(() => covered && unhindered(planting, covered, week), [covered, planting, week]);
  const at = planting.placements.find((p) => p.id === covered?.under);
  if (!grown || !at) return null;
  const soil = -headspaceMm(planting.container);
  const [cos, sin] = [Math.cos(view.azimuth), Math.sin(view.azimuth)];
  // A half round seen from the front, from soil to soil over its top; of what hangs, down to its tips.
  const outline = Array.from({ length: POINTS + 1 }, (_, i) => {
    const angle = (i / POINTS) * Math.PI * 2;
    const out = (Math.cos(angle) * grown.spreadMm) / 2;
    const up = Math.sin(angle) * (angle <= Math.PI ? grown.heightMm : grown.trailMm);
    return project([at.xMm + out * cos, soil + up, at.yMm - out * sin]);
  });
  const top = outline.reduce((a, p) => (p.y < a.y ? p : a), outline[0] ?? { x: 0, y: 0 });
  return (
    <svg className="pointer-events-none absolute inset-0 h-full w-full" aria-hidden data-testid="ghost">
      <polygon
        points={outline.map((p) => `${p.x.toFixed(1)},${p.y.toFixed(1)}`).join(' ')}
        fill="var(--ground)"
        fillOpacity="0.25"
        stroke="var(--ink)"
        strokeWidth="1.6"
        strokeDasharray="5 4"
      />
      <text x={top.x} y={top.y - 6} textAnchor="middle" fontSize="12" fill="var(--ink)" {...HALO}>
        preview
      </text>
    </svg>
  );
}

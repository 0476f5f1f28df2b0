'use client';
import { useMemo, useState } from 'react';
import { type Frame, FRONT, type View } from '@/portrait/lens';
import { useNarrow } from '@/ui/useNarrow';
import { frameOf } from '../pictures/frame';
import type { SecondPortrait, StationProps } from '../shell/panels';
import { Portrait } from './Portrait';

/** One frame for both, so that they are drawn at one scale. */
const around = (a: Frame, b: Frame): Frame => ({
  top: Math.max(a.top, b.top),
  bottom: Math.max(a.bottom, b.bottom),
  reach: Math.max(a.reach, b.reach),
});

/** Two portraits side by side at one scale, turning together under one hand. */
export function Pair({ at, beside }: { at: StationProps; beside: SecondPortrait }) {
  const hand = useState<View>(FRONT);
  const narrow = useNarrow();
  const frame = useMemo(
    () => around(frameOf(at.planting, at.season), frameOf(beside.planting, beside.season)),
    [at.planting, at.season, beside],
  );
  const both = [
    { planting: at.planting, season: at.season, year: null, week: at.week },
    { planting: beside.planting, season: beside.season, year: beside.year, week: beside.week },
  ];
  return (
    <div className="grid h-full grid-cols-2 divide-x divide-line">
      {both.map((one, i) => (
        <figure key={i} className="relative flex min-h-0 min-w-0 flex-col">
          <figcaption className="px-3 pt-1 text-[0.92rem] font-semibold">{beside.names[i]}</figcaption>
          <div className="min-h-0 flex-1">
            <Portrait {...one} frame={frame} hand={hand} small={i === 1 || narrow} />
          </div>
        </figure>
      ))}
    </div>
  );
}

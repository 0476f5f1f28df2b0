'use client';
import { useMemo } from 'react';
import { grow } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import { useUnits } from '../shell/units';
import { accountOf } from './account';
import { sightOf, sizeOf } from '@/portrait/lens';
import { type Still, useStill } from './darkroom';
import { frameGrown, frameKept } from './frames-kept';
import { Outline } from './Outline';
import { stillKey, type Wanted } from './still-key';
import { useNear } from './useNear';

/** Width and height in pixels of a planting's picture at a scale. */
export const pictureSize = (planting: Planting, scale: number): { w: number; h: number } =>
  sizeOf(frameKept(planting), scale);

/** The still itself: its address, undefined while it is taken, and its size in pixels. */
export function usePotStill({ planting, week, scale }: Wanted, wanted = true): { src: Still; w: number; h: number } {
  const { w, h } = wanted ? sizeOf(frameGrown(planting), scale) : pictureSize(planting, scale);
  const sitting = () => ({ sitter: { planting, week }, frame: frameGrown(planting) });
  const src = useStill(stillKey({ planting, week, scale }), { w, h, sitting, wanted });
  return useMemo(() => ({ src, w, h }), [src, w, h]);
}

/** A still of a planting at a true scale, drawn when it comes near the window. */
export function PotPicture({
  planting,
  week = 'peak',
  scale,
  className = '',
  waiting = null,
  shown = 1,
  flat = false,
  decorative = false,
}: {
  planting: Planting;
  week?: number | 'peak';
  scale: number;
  className?: string;
  /** Said in its place until it is drawn. */
  waiting?: string | null;
  /** Seen at this share of the size in which it is drawn, so that one still serves for large and small. */
  shown?: number;
  /** Left flat: what may be bettered in a moment is not drawn. */
  flat?: boolean;
  /** What it shows is said beside it. */
  decorative?: boolean;
}) {
  const units = useUnits((u) => u.units);
  const [watch, near] = useNear<HTMLSpanElement>();
  const { src, w, h } = usePotStill({ planting, week, scale }, near && !flat);
  const [width, height] = [Math.round(w * shown), Math.round(h * shown)];
  // What is far off is not grown before one comes near it.
  const season = near ? grow(planting) : null;
  const drawing = src === undefined && near && !decorative;
  return src && season ? (
    // eslint-disable-next-line @next/next/no-img-element -- drawn here, not fetched
    <img
      src={src}
      width={width}
      height={height}
      className={`h-auto max-w-full ${className}`}
      data-place="portrait"
      alt={decorative ? '' : accountOf(planting, season, week === 'peak' ? season.peak : week, units)}
    />
  ) : (
    <span
      ref={watch}
      className={`relative inline-flex max-w-full items-end overflow-hidden justify-center text-[0.84rem] text-quiet ${className}`}
      style={{ width, height }}
      role={drawing ? 'img' : undefined}
      aria-label={drawing ? 'Drawing the picture…' : undefined}
      data-place={near ? 'outline' : undefined}
    >
      {season && (
        <Outline
          planting={planting}
          week={week === 'peak' ? season.peak : week}
          sight={sightOf(planting.container, frameGrown(planting), scale)}
        />
      )}
      <span className="relative">{src === null ? 'Could not draw this container' : waiting}</span>
    </span>
  );
}

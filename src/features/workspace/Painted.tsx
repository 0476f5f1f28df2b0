'use client';
import { useEffect } from 'react';
import type { Planting } from '@/core/plantings/schema';
import { type Frame, sightIn } from '@/portrait/lens';
import { useStill } from '../pictures/darkroom';
import { Outline } from '../pictures/Outline';
import { useLast } from '../shell/useLast';

/**
 * The portrait before it can be drawn, or where it cannot: the planting’s outline at once, then the same
 * leaves painted in a worker, both where the portrait has them.
 */
export function Painted({
  planting,
  week,
  frame,
  size: { w, h },
  onSeen,
}: {
  planting: Planting;
  week: number;
  frame: Frame;
  size: { w: number; h: number };
  /** Told once the painted picture is there to be seen, or cannot be. */
  onSeen?: () => void;
}) {
  const { container, spot, placements, startDate, deeds, learned } = planting;
  const key = JSON.stringify(['first', container, spot, placements, startDate, deeds, learned, week, w, h]);
  // In passing: the shelf of stills is for the bench.
  const taken = useStill(key, { w, h, lasting: false, sitting: () => ({ sitter: { planting, week }, frame }) });
  useEffect(() => {
    if (taken === null) onSeen?.();
  }, [taken, onSeen]);
  // The last week stays until there is another.
  const src = useLast(taken ?? null);
  // It is on the page in the next frame, and seen in the one after.
  const seen = () => requestAnimationFrame(() => requestAnimationFrame(() => onSeen?.()));
  return (
    <div className="pointer-events-none absolute inset-0 overflow-hidden" data-testid="painted" aria-hidden>
      {src ? (
        // eslint-disable-next-line @next/next/no-img-element -- painted here, not fetched
        <img src={src} width={w} height={h} alt="" onLoad={seen} />
      ) : (
        <Outline planting={planting} week={week} sight={sightIn(container, frame, w, h)} />
      )}
    </div>
  );
}

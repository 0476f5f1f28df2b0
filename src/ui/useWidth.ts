'use client';
import type { RefObject } from 'react';
import { useSize } from './useSize';

/** Before it is measured; and no narrower than this, px. */
const USUAL = { width: 1240, height: 0 };
const LEAST = 180;

/** The width of what holds a drawing, px, as it changes. */
export function useWidth(): [RefObject<HTMLDivElement | null>, number] {
  const [box, { width }] = useSize(USUAL);
  return [box, Math.max(LEAST, width)];
}

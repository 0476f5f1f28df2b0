'use client';
import { type RefObject, useEffect, useRef, useState } from 'react';

/** Before it is measured; and no narrower than this, px. */
const USUAL = 1240;
const LEAST = 180;

/** The width of what holds a drawing, px, as it changes. */
export function useWidth(): [RefObject<HTMLDivElement | null>, number] {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(USUAL);
  useEffect(() => {
    const el = box.current;
    if (!el) return undefined;
    const watch = new ResizeObserver(() => setWidth(Math.max(LEAST, el.clientWidth)));
    watch.observe(el);
    return () => watch.disconnect();
  }, []);
  return [box, width];
}

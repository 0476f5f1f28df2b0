'use client';
import { type RefObject, useEffect, useRef, useState } from 'react';

interface Size {
  width: number;
  height: number;
}

/** The size of what holds a drawing, px, as it changes; `before` until it is measured. */
export function useSize(before: Size): [RefObject<HTMLDivElement | null>, Size] {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(before);
  useEffect(() => {
    const el = box.current;
    if (!el) return undefined;
    const measure = () =>
      setSize((was) =>
        was.width === el.clientWidth && was.height === el.clientHeight
          ? was
          : { width: el.clientWidth, height: el.clientHeight },
      );
    const watch = new ResizeObserver(measure);
    watch.observe(el);
    return () => watch.disconnect();
  }, []);
  return [box, size];
}

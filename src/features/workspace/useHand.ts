'use client';
import { type Dispatch, type KeyboardEvent, type PointerEvent, type SetStateAction, useEffect, useRef } from 'react';
import type { View } from '@/portrait/lens';
import type { PortraitSight } from './sights';

/** Where two portraits are looked at from, and how that is changed. */
export type Hand = readonly [View, Dispatch<SetStateAction<View>>];

/** A view turned by hand leaves the window. */
const turned = (v: View, azimuth: number, elevation: number): View => ({
  ...(v.near && { near: v.near }),
  azimuth,
  elevation: Math.min(1.5, Math.max(0.001, elevation)),
  zoom: v.zoom,
});

/**
 * What turns a portrait by drag and by keys. `pictures` counts those that were drawn; `rough` tells the stage
 * that it moves.
 */
export function useHand({
  view,
  setView,
  sights,
  pictures,
  rough,
}: {
  view: View;
  setView: Hand[1];
  sights: readonly PortraitSight[];
  pictures: number;
  rough: (moving: boolean) => void;
}) {
  const turning = useRef<{ x: number; y: number; view: View } | null>(null);
  // Turned by hand, it goes on when the last picture is there: on a slow machine the page would only take
  // time from the next.
  const awaited = useRef(false);
  const held = useRef<View | null>(null);
  useEffect(() => {
    awaited.current = held.current !== null;
    if (held.current) setView(held.current);
    held.current = null;
  }, [pictures, setView]);

  const turnBy = (azimuth: number, elevation: number) =>
    setView((v) => turned(v, v.azimuth + azimuth, v.elevation + elevation));
  const zoomBy = (k: number) => setView((v) => ({ ...v, zoom: Math.min(3, Math.max(0.6, v.zoom * k)) }));

  const onDown = (e: PointerEvent) => {
    turning.current = { x: e.clientX, y: e.clientY, view };
    e.currentTarget.setPointerCapture(e.pointerId);
    rough(true);
  };
  const onMove = (e: PointerEvent) => {
    const t = turning.current;
    if (!t) return;
    const to = turned(t.view, t.view.azimuth - (e.clientX - t.x) * 0.008, t.view.elevation + (e.clientY - t.y) * 0.006);
    if (awaited.current) held.current = to;
    else {
      awaited.current = true;
      setView(to);
    }
  };
  const onUp = () => {
    if (!turning.current) return;
    turning.current = null;
    awaited.current = false;
    if (held.current) setView(held.current);
    held.current = null;
    rough(false);
  };
  const onKey = (e: KeyboardEvent) => {
    const step = 0.14;
    const acts: Record<string, () => void> = {
      ArrowLeft: () => turnBy(-step, 0),
      ArrowRight: () => turnBy(step, 0),
      ArrowUp: () => turnBy(0, step),
      ArrowDown: () => turnBy(0, -step),
      '+': () => zoomBy(1.15),
      '=': () => zoomBy(1.15),
      '-': () => zoomBy(1 / 1.15),
    };
    for (const s of sights) acts[s.key] = () => setView(s.view);
    const act = acts[e.key];
    if (!act || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    act();
  };
  return { onPointerDown: onDown, onPointerMove: onMove, onPointerUp: onUp, onPointerCancel: onUp, onKeyDown: onKey };
}

'use client';
import { useEffect, useState } from 'react';
import type { Canopy } from '@/core/canopy/kinds';
import type { Container } from '@/core/containers/schema';
import { createStage, FRONT, type Frame, type Stage } from '@/portrait/stage';

/** What a still is taken of. */
export interface Shot {
  container: Container;
  frame: Frame;
  canopy: Canopy;
}

/** Pictures kept: a bench, and some screens of the library. */
const KEPT = 400;

let shared: { stage: Stage; canvas: HTMLCanvasElement } | null | 'none' = null;
const pictures = new Map<string, string>();
let queue: Promise<unknown> = Promise.resolve();

function room(): { stage: Stage; canvas: HTMLCanvasElement } | null {
  if (shared === null) {
    const canvas = document.createElement('canvas');
    try {
      shared = { canvas, stage: createStage(canvas, { shadows: false }) };
    } catch {
      shared = 'none';
    }
  }
  return shared === 'none' ? null : shared;
}

function take(shot: Shot, w: number, h: number): string | null {
  const made = room();
  if (!made) return null;
  made.stage.setContainer(shot.container);
  made.stage.setCanopy(shot.canopy);
  made.stage.setFrame(shot.frame);
  made.stage.setView(FRONT);
  made.stage.setSize(w, h, 2);
  made.stage.draw();
  return made.canvas.toDataURL('image/png');
}

function keep(key: string, url: string): void {
  const oldest = pictures.keys().next().value;
  if (pictures.size >= KEPT && oldest !== undefined) pictures.delete(oldest);
  pictures.set(key, url);
}

/** Width and height in pixels of a picture that shows a frame at so many pixels for a millimetre. */
export const sizeOf = (f: Frame, scale: number): { w: number; h: number } => ({
  w: Math.ceil(2 * f.reach * scale * 1.12),
  h: Math.ceil((f.top + f.bottom) * scale * 1.2),
});

/** A still by its key, taken when it is first wanted: one after another in one hidden canvas, with room for the page to draw in between. */
export function useStill(key: string, w: number, h: number, shoot: () => Promise<Shot>): string | undefined {
  const [, again] = useState(0);
  useEffect(() => {
    if (pictures.has(key)) return;
    let gone = false;
    queue = queue
      .then(async () => {
        if (gone || pictures.has(key)) return;
        const shot = await shoot();
        await new Promise(requestAnimationFrame);
        const url = gone ? null : take(shot, w, h);
        if (url) keep(key, url);
      })
      .catch((e: unknown) => console.warn('No picture:', e))
      .finally(() => !gone && again((n) => n + 1));
    return () => {
      gone = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that the picture shows
  }, [key]);
  return pictures.get(key);
}

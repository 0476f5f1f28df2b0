'use client';
import { useEffect, useState } from 'react';
import type { Canopy } from '@/core/canopy/kinds';
import type { Container } from '@/core/containers/schema';
import type { Frame, Stage, View } from '@/portrait/stage';
import { keepStill, readStill } from '@/storage/stills';
import { useDrawing } from '../shell/drawing';

/** What a still is taken of. */
export interface Shot {
  container: Container;
  frame: Frame;
  canopy: Canopy;
}

/** Pictures kept: a bench, and some screens of the library. */
const KEPT = 400;

interface Room {
  stage: Stage;
  canvas: HTMLCanvasElement;
  front: View;
}

const pictures = new Map<string, string>();
/** Pictures that could not be taken: said so, until they are wanted again. */
const missed = new Set<string>();
let queue: Promise<unknown> = Promise.resolve();

/** The room is furnished when the first picture is wanted: what draws is the heaviest part of the application. */
let furnished: Promise<Room | null> | null = null;

async function furnish(): Promise<Room | null> {
  const { createStage, FRONT } = await import('@/portrait/stage');
  const canvas = document.createElement('canvas');
  try {
    return { canvas, stage: createStage(canvas, { shadows: false, plain: useDrawing.getState().plain }), front: FRONT };
  } catch {
    // No WebGL here.
    return null;
  }
}

async function room(): Promise<Room | null> {
  furnished ??= furnish();
  try {
    return await furnished;
  } catch (e) {
    // It did not load: the next picture tries again.
    furnished = null;
    throw e;
  }
}

/** Where a leaf or flower has fewer pixels of a still than this, all of them told, few faces do for it. Working figure by eye. */
const FAR_PIXELS = 45;
/** Pixels for each of the page’s, so that edges are smooth on any screen; drawn plainly, one. */
const RATIO = 2;
const ratioNow = () => (useDrawing.getState().plain ? 1 : RATIO);

function take({ stage, canvas, front }: Room, shot: Shot, w: number, h: number, ratio = RATIO): string {
  const pieces = shot.canopy.batches.reduce((n, b) => n + b.count, 0);
  stage.setContainer(shot.container);
  stage.setCanopy(shot.canopy, (w * h * ratio ** 2) / Math.max(1, pieces) < FAR_PIXELS ? 'far' : 'near');
  stage.setFrame(shot.frame);
  stage.setView(front);
  stage.setSize(w, h, ratio);
  stage.draw();
  return canvas.toDataURL('image/png');
}

/** One picture outside the queue, kept nowhere: its address; null where nothing can be drawn. */
export async function developed(shot: Shot, w: number, h: number): Promise<string | null> {
  const made = await room();
  return made && take(made, shot, w, h);
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

/** A still as this release draws it here: another may draw it otherwise. */
const drawnNow = (key: string): string =>
  `${process.env.NEXT_PUBLIC_BUILD ?? ''}/${useDrawing.getState().plain ? 'plain' : 'fine'}/${key}`;

/** A still: its address; undefined while it is being taken, null where it could not be. */
export type Still = string | null | undefined;

/** A still by its key, kept from an earlier visit or taken when it is first wanted: one after another in one hidden canvas, with room for the page to draw in between. Not taken until it is `wanted`. */
export function useStill(key: string, w: number, h: number, shoot: () => Promise<Shot>, wanted = true): Still {
  const [, again] = useState(0);
  useEffect(() => {
    if (!wanted || pictures.has(key)) return;
    missed.delete(key);
    let gone = false;
    queue = queue
      .then(async () => {
        if (gone || pictures.has(key)) return;
        const before = await readStill(drawnNow(key));
        if (before) {
          keep(key, before);
          return;
        }
        const [made, shot] = await Promise.all([room(), shoot()]);
        await new Promise(requestAnimationFrame);
        const url = gone || !made ? null : take(made, shot, w, h, ratioNow());
        if (url) {
          keep(key, url);
          void keepStill(drawnNow(key), url);
        } else if (!made) missed.add(key);
      })
      .catch((e: unknown) => {
        missed.add(key);
        console.warn('No picture:', e);
      })
      .finally(() => !gone && again((n) => n + 1));
    return () => {
      gone = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that the picture shows
  }, [key, wanted]);
  return pictures.get(key) ?? (missed.has(key) ? null : undefined);
}

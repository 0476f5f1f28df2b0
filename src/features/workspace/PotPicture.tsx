'use client';
import { useEffect, useState } from 'react';
import { grow } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import { createStage, FRONT, type Stage } from '@/portrait/stage';
import { accountOf } from './account';
import { frameOf } from './derived';
import { sproutWorker } from './helpers';

let shared: { stage: Stage; canvas: HTMLCanvasElement } | null | 'none' = null;
const pictures = new Map<string, string>();
let queue: Promise<unknown> = Promise.resolve();
const KEPT = 60;

function darkroom(): { stage: Stage; canvas: HTMLCanvasElement } | null {
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

interface Wanted {
  planting: Planting;
  week: number | 'peak';
  /** Pixels for a millimetre. */
  scale: number;
}

/** Width and height in pixels of a planting's picture at a scale. */
export function pictureSize(planting: Planting, scale: number): { w: number; h: number } {
  const f = frameOf(planting, grow(planting));
  return { w: Math.ceil(2 * f.reach * scale * 1.12), h: Math.ceil((f.top + f.bottom) * scale * 1.2) };
}

async function take({ planting, week, scale }: Wanted): Promise<string | null> {
  const room = darkroom();
  if (!room) return null;
  const canopy = await sproutWorker().sprout(planting, week);
  const { w, h } = pictureSize(planting, scale);
  room.stage.setContainer(planting.container);
  room.stage.setCanopy(canopy);
  room.stage.setFrame(frameOf(planting, grow(planting)));
  room.stage.setView(FRONT);
  room.stage.setSize(w, h, 2);
  room.stage.draw();
  return room.canvas.toDataURL('image/png');
}

const keyOf = ({ planting: p, week, scale }: Wanted): string => JSON.stringify([p.container, p.spot, p.placements, p.startDate, week, scale]);

/** A still of a planting at a true scale. Taken one after another in one hidden canvas, and kept. */
export function PotPicture({ planting, week = 'peak', scale, className = '' }: { planting: Planting; week?: number | 'peak'; scale: number; className?: string }) {
  const wanted = { planting, week, scale };
  const key = keyOf(wanted);
  const [, again] = useState(0);
  const src = pictures.get(key);
  const { w, h } = pictureSize(planting, scale);
  useEffect(() => {
    if (pictures.has(key)) return;
    let gone = false;
    queue = queue
      .then(async () => {
        if (gone || pictures.has(key)) return;
        const url = await take({ planting, week, scale });
        if (pictures.size > KEPT) pictures.clear();
        if (url) pictures.set(key, url);
      })
      .catch((e: unknown) => console.warn('No picture:', e))
      .finally(() => !gone && again((n) => n + 1));
    return () => {
      gone = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that the picture shows
  }, [key]);
  const season = grow(planting);
  return src ? (
    // eslint-disable-next-line @next/next/no-img-element -- drawn here, not fetched
    <img src={src} width={w} height={h} className={className} alt={accountOf(planting, season, week === 'peak' ? season.peak : week).replace(/ Turn with.*/, '')} />
  ) : (
    <span className={`inline-block ${className}`} style={{ width: w, height: h }} role="img" aria-label="Portrait is being drawn" />
  );
}

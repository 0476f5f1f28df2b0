import type { Canopy } from '@/core/canopy/kinds';
import { grow } from '@/core/growth/season';
import { plantName } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { sprouting } from '../shell/workers';
import { sightOf, sizeOf } from '@/portrait/lens';
import { frameOf } from './frame';

/** A printed portrait is so high, px: 20 cm of paper at 300 dots to the inch. */
const HIGH = 2400;
/** The ruler has a tick every so far, and its figure at every other, mm. */
const TICK_MM = { metric: 100, imperial: 101.6 } as const;
const MARGIN = 24;
/** Dots for each pixel of its frame. */
const FINE = 2;

const canopyIn = (planting: Planting, week: number): Promise<Canopy> =>
  sprouting.ask((api) => api.sprout(planting, week, null));

function ruled(ctx: CanvasRenderingContext2D, perMm: number, footPx: number, topMm: number, units: UnitSystem): void {
  const tick = TICK_MM[units];
  const size = Math.round(HIGH / 60);
  ctx.strokeStyle = '#16211e';
  ctx.fillStyle = '#16211e';
  ctx.lineWidth = size / 12;
  ctx.font = `${size}px sans-serif`;
  ctx.textBaseline = 'middle';
  const x = MARGIN + size * 3.4;
  const y = (mm: number) => footPx - mm * perMm;
  ctx.beginPath();
  ctx.moveTo(x, y(0));
  ctx.lineTo(x, y(topMm));
  for (let mm = 0; mm <= topMm; mm += tick) {
    ctx.moveTo(x, y(mm));
    ctx.lineTo(x + size * 0.6, y(mm));
  }
  ctx.stroke();
  for (let mm = 0; mm <= topMm; mm += 2 * tick) {
    const text = formatLength(mm, units);
    ctx.fillText(text, x - size * 0.4 - ctx.measureText(text).width, y(mm));
  }
}

/** A portrait at the size of a print, with a ruler from its foot up or without. Throws where nothing can be drawn. */
export async function printedPortrait(
  planting: Planting,
  week: number,
  { ruler, units }: { ruler: boolean; units: UnitSystem },
): Promise<Blob> {
  const frame = frameOf(planting, grow(planting));
  const scale = HIGH / 2 / sizeOf(frame, 1).h;
  const { w, h, perMm, footPx } = sightOf(planting.container, frame, scale);
  const canvas = document.createElement('canvas');
  const ctx = canvas.getContext('2d');
  if (!ctx) throw new Error('This browser cannot draw the picture.');
  const copy = (from: HTMLCanvasElement) => {
    [canvas.width, canvas.height] = [from.width, from.height];
    ctx.drawImage(from, 0, 0);
  };
  const [{ largeStill }, canopy] = await Promise.all([import('@/portrait/still'), canopyIn(planting, week)]);
  try {
    largeStill({ container: planting.container, frame, canopy }, w * FINE, h * FINE, copy);
  } catch {
    const { paintedHere } = await import('./here');
    copy(paintedHere({ planting, week }, frame, w * FINE, h * FINE));
  }
  const k = canvas.height / h;
  if (ruler) ruled(ctx, perMm * k, footPx * k, frame.top + frame.bottom, units);
  return new Promise((done, fail) =>
    canvas.toBlob((b) => (b ? done(b) : fail(new Error('Could not save the picture.'))), 'image/png'),
  );
}

/**
 * A planting in a week as a binary glTF file, each plant by its name. What writes it is fetched when it is
 * first wanted.
 */
export async function model(planting: Planting, week: number): Promise<Blob> {
  const [{ modelFile }, canopy] = await Promise.all([import('@/portrait/model'), canopyIn(planting, week)]);
  const names = grow(planting).placed.map((p) => `${plantName(p.plant)} (${p.id})`);
  return modelFile(planting.container, canopy, names);
}

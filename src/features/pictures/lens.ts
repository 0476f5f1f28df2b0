import { footMm, rimOf } from '@/core/containers/outline';
import type { Planting } from '@/core/plantings/schema';
import { LENS } from '@/portrait/lens';
import type { Frame } from '@/portrait/stage';
import { sizeOf } from './darkroom';

/** Where things lie in a still taken at a scale: how many pixels it has for a millimetre in truth, its size, and how far under its top the container’s foot is. */
export interface Sight {
  perMm: number;
  w: number;
  h: number;
  footPx: number;
}

const HALF = (LENS.fovDeg * Math.PI) / 360;

/** How a still of a container in a frame is seen, by the same lens that takes it. */
export function sightOf({ container }: Pick<Planting, 'container'>, frame: Frame, scale: number): Sight {
  const { w, h } = sizeOf(frame, scale);
  const foot = footMm(container);
  const low = Math.max(foot, frame.bottom);
  const [sin, cos] = [Math.sin(LENS.elevation), Math.cos(LENS.elevation)];
  const tall = frame.top + low;
  const half = Math.max(frame.reach, rimOf(container.shape).wide / 2);
  const fit = Math.max(tall * cos + 2 * half * sin, (2 * half * h) / w);
  const distance = ((fit / 2) * LENS.margin) / Math.tan(HALF) + half * 0.5 + tall * 0.5 * sin;
  const perMm = h / (2 * distance * Math.tan(HALF));
  const middle = (frame.top - low) / 2;
  return { perMm, w, h, footPx: h / 2 + (middle + foot) * cos * perMm };
}

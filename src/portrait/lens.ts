import { footMm, rimOf } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';

/** How stills and portraits are looked at: angle of view, degrees; what is left round what is seen; how far the eye looks down, radians. */
export const LENS = { fovDeg: 17, margin: 1.06, elevation: 0.16 } as const;

/** What must be in the picture, mm from the rim: the tallest and widest the planting ever grows. */
export interface Frame {
  top: number;
  /** How far under the rim the picture goes: the foot, or the end of what hangs below it. */
  bottom: number;
  reach: number;
}

/** Width and height in pixels of a picture that shows a frame at so many pixels for a millimetre. */
export const sizeOf = (f: Frame, scale: number): { w: number; h: number } => ({
  w: Math.ceil(2 * f.reach * scale * 1.12),
  h: Math.ceil((f.top + f.bottom) * scale * 1.2),
});

/** Where things lie in a still taken at a scale: how many pixels it has for a millimetre in truth, its size, and how far under its top the container’s foot is. */
export interface Sight {
  perMm: number;
  w: number;
  h: number;
  footPx: number;
}

const HALF = (LENS.fovDeg * Math.PI) / 360;

/** From how far off a container is looked at so that its frame fills a picture, and how far over its rim, mm. */
export function eyeFrom(container: Container, frame: Frame, aspect: number): { distance: number; middle: number } {
  const low = Math.max(footMm(container), frame.bottom);
  const [sin, cos] = [Math.sin(LENS.elevation), Math.cos(LENS.elevation)];
  const tall = frame.top + low;
  const half = Math.max(frame.reach, rimOf(container.shape).wide / 2);
  const fit = Math.max(tall * cos + 2 * half * sin, (2 * half) / aspect);
  return {
    distance: ((fit / 2) * LENS.margin) / Math.tan(HALF) + half * 0.5 + tall * 0.5 * sin,
    middle: (frame.top - low) / 2,
  };
}

/** How a container in a frame is seen in a picture of so many pixels. */
export function sightIn(container: Container, frame: Frame, w: number, h: number): Sight {
  const { distance, middle } = eyeFrom(container, frame, w / h);
  const perMm = h / (2 * distance * Math.tan(HALF));
  return { perMm, w, h, footPx: h / 2 + (middle + footMm(container)) * Math.cos(LENS.elevation) * perMm };
}

/** The same in a still at a scale, by the lens that takes it. */
export function sightOf(container: Container, frame: Frame, scale: number): Sight {
  const { w, h } = sizeOf(frame, scale);
  return sightIn(container, frame, w, h);
}

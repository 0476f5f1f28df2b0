import { footMm, rimOf } from '@/core/containers/outline';
import type { Container } from '@/core/containers/schema';

/**
 * How stills and portraits are looked at: angle of view, degrees; what is left round what is seen; how far
 * the eye looks down, radians.
 */
export const LENS = { fovDeg: 17, margin: 1.06, elevation: 0.16 } as const;

/** Half an angle of view in degrees, in radians. */
export const HALF_DEG = Math.PI / 360;

/** What must be in the picture, mm from the rim: the tallest and widest the planting ever grows. */
export interface Frame {
  top: number;
  /** How far under the rim the picture goes: the foot, or the end of what hangs below it. */
  bottom: number;
  reach: number;
}

export interface View {
  /** Round the pot, radians; 0 is the front. */
  azimuth: number;
  /** Above the level, radians. */
  elevation: number;
  /** 1 fits the frame. */
  zoom: number;
  /** From so far before it, mm, as one bends to look at a flower: at so high over the rim. */
  near?: { awayMm: number; upMm: number };
  /** Seen by an eye inside a window, over its sill; mm from the rim's middle, up and toward the viewer. */
  window?: { eyeUp: number; eyeOut: number; sillUp: number; sillOut: number };
}

/** The front, a little above the rim, as one stands before a pot. */
export const FRONT: View = { azimuth: 0, elevation: LENS.elevation, zoom: 1 };
export const ABOVE: View = { azimuth: 0, elevation: 1.45, zoom: 1 };
export const LEVEL: View = { azimuth: 0, elevation: 0.001, zoom: 1 };

/** As wide as one sees, close to. Degrees, working figure. */
const NEAR_FOV = 34;

/** A point in mm from the rim’s middle: to the right, up, toward the viewer. */
export type Point = readonly [number, number, number];

/** An eye before a container. */
export interface Eye {
  at: Point;
  /** What it looks at. */
  to: Point;
  /** How much it sees from top to bottom, degrees. */
  fovDeg: number;
  /** How far off it stands to see all of the frame, and the middle of the frame over the rim, mm. */
  distance: number;
  middle: number;
}

/** Where an eye stands that looks at a container in its frame by a view, in a picture so many times as wide as high. */
export function eyeBefore(container: Container, frame: Frame, view: View, aspect: number): Eye {
  const { fovDeg: fov, margin } = LENS;
  const low = Math.max(footMm(container), frame.bottom);
  const middle = (frame.top - low) / 2;
  const tall = frame.top + low;
  const half = Math.max(frame.reach, rimOf(container.shape).wide / 2);
  const [sin, cos] = [Math.sin(view.elevation), Math.cos(view.elevation)];
  const [across, out] = [Math.sin(view.azimuth), Math.cos(view.azimuth)];
  const fit = Math.max(tall * cos + 2 * half * Math.abs(sin), (2 * half) / aspect);
  const distance =
    ((fit / 2) * margin) / Math.tan(fov * HALF_DEG) / view.zoom + half * 0.5 + tall * 0.5 * Math.abs(sin);
  const { window: w, near } = view;
  if (near) {
    // A little over it and before it, wherever one has gone round to.
    const off = half + near.awayMm / view.zoom;
    const at: Point = [across * off, near.upMm + near.awayMm * 0.3, out * off];
    const to: Point = [across * half * 0.4, near.upMm, out * half * 0.4];
    return { at, to, fovDeg: NEAR_FOV, distance, middle };
  }
  if (w) {
    // The true eye, and as wide a look as shows the whole container from there.
    const wide = Math.atan(((fit / 2) * margin) / Math.hypot(w.eyeOut, w.eyeUp - middle)) / HALF_DEG / view.zoom;
    return { at: [0, w.eyeUp, w.eyeOut], to: [0, middle, 0], fovDeg: wide, distance, middle };
  }
  const at: Point = [across * cos * distance, middle + sin * distance, out * cos * distance];
  return { at, to: [0, middle, 0], fovDeg: fov, distance, middle };
}

/** Width and height in pixels of a picture that shows a frame at so many pixels for a millimetre. */
export const sizeOf = (f: Frame, scale: number): { w: number; h: number } => ({
  w: Math.ceil(2 * f.reach * scale * 1.12),
  h: Math.ceil((f.top + f.bottom) * scale * 1.2),
});

/**
 * Where things lie in a still taken at a scale: how many pixels it has for a millimetre in truth, its size,
 * and how far under its top the container’s foot is.
 */
export interface StillSight {
  perMm: number;
  w: number;
  h: number;
  footPx: number;
}

/** How a container in a frame is seen in a picture of so many pixels. */
export function sightIn(container: Container, frame: Frame, w: number, h: number): StillSight {
  const { distance, middle } = eyeBefore(container, frame, FRONT, w / h);
  const perMm = h / (2 * distance * Math.tan(LENS.fovDeg * HALF_DEG));
  return { perMm, w, h, footPx: h / 2 + (middle + footMm(container)) * Math.cos(LENS.elevation) * perMm };
}

/** The same in a still at a scale, by the lens that takes it. */
export function sightOf(container: Container, frame: Frame, scale: number): StillSight {
  const { w, h } = sizeOf(frame, scale);
  return sightIn(container, frame, w, h);
}

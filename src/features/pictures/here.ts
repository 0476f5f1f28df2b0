import { seated, type Sitter } from '@/core/canopy/sitter';
import type { Frame } from '@/portrait/lens';
import { paintStill } from '@/portrait/painter/paint';

/** A still painted on the page itself: where a worker has no canvas, or no graphics chip draws it. */
export function paintedHere(sitter: Sitter, frame: Frame, w: number, h: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [w, h];
  const { container, canopy } = seated(sitter);
  canvas.getContext('2d')?.putImageData(new ImageData(paintStill(container, canopy, frame, w, h).rgba, w, h), 0, 0);
  return canvas;
}

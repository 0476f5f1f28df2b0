import type { Canopy } from '@/core/canopy/kinds';
import type { Container } from '@/core/containers/schema';
import { type Frame, FRONT } from './lens';
import { createStage } from './stage';

/** What a still is taken of. */
export interface Shot {
  container: Container;
  frame: Frame;
  canopy: Canopy;
}

/**
 * Draws a large still, near and with smooth edges, of so many pixels, and hands its canvas over for as long
 * as `look` takes. Throws where there is no WebGL.
 */
export function largeStill(
  { container, frame, canopy }: Shot,
  w: number,
  h: number,
  look: (canvas: HTMLCanvasElement) => void,
): void {
  const canvas = document.createElement('canvas');
  const stage = createStage(canvas, { shadows: false });
  stage.setContainer(container);
  stage.setCanopy(canopy);
  stage.setFrame(frame);
  stage.setView(FRONT);
  stage.setSize(w, h, 1);
  stage.draw();
  look(canvas);
  stage.dispose();
}

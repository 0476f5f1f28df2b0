import { expose } from 'comlink';
import { seated, type Sitter } from '@/core/canopy/sitter';
import type { Frame } from '@/portrait/lens';
import { paintStill } from '@/portrait/painter/paint';

/** Takes stills off the main thread. */
const api = {
  /** The address of a still of so many pixels; null where a worker has no canvas. */
  take: async (sitter: Sitter, frame: Frame, w: number, h: number): Promise<string | null> => {
    if (typeof OffscreenCanvas === 'undefined') return null;
    const canvas = new OffscreenCanvas(w, h);
    const { container, canopy } = seated(sitter);
    canvas.getContext('2d')?.putImageData(new ImageData(paintStill(container, canopy, frame, w, h).rgba, w, h), 0, 0);
    return new FileReaderSync().readAsDataURL(await canvas.convertToBlob({ type: 'image/png' }));
  },
};
export type DarkroomApi = typeof api;

expose(api);

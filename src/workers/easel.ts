import { expose } from 'comlink';
import { createStage, type Stage } from '@/portrait/stage';
import { letGo } from './let-go';

/** What the page hears of a picture: the graphics chip let go of it, gave it back, it is drawn anew. */
export interface Heard {
  lost: () => void;
  back: () => void;
  drawn: () => void;
}

/** What a stage is told from afar. */
export type Told = Exclude<keyof Stage, 'draw' | 'timed' | 'prepare' | 'setSize' | 'dispose' | 'hasStills' | 'opened'>;

interface Easel {
  stage: Stage;
  /** A size to take on with the next picture: taken on before, it would leave the canvas empty until then. */
  size: Parameters<Stage['setSize']> | null;
  /** The picture that is being drawn, and the one that is asked for after it. */
  now: Promise<number>;
  next: Promise<number> | null;
  heard: Heard;
}

const easels = new Map<number, Easel>();
const at = (id: number): Easel => {
  const easel = easels.get(id);
  if (!easel) throw new Error('There is no such picture.');
  return easel;
};

function fit(easel: Easel): void {
  if (easel.size) easel.stage.setSize(...easel.size);
  easel.size = null;
}

/** Draws portraits on canvases that the page hands over, off the main thread. */
const api = {
  /** Takes a canvas; refused where there is no WebGL. */
  open: (id: number, canvas: OffscreenCanvas, plain: boolean, heard: Heard): void => {
    easels.set(id, { stage: createStage(canvas, { plain }), size: null, now: Promise.resolve(0), next: null, heard });
    canvas.addEventListener('webglcontextlost', (e) => {
      // Without this the browser would never give it back.
      e.preventDefault();
      // What is closed lets its chip go, and nobody is to hear of it.
      if (easels.has(id)) heard.lost();
    });
    canvas.addEventListener('webglcontextrestored', () => {
      if (easels.has(id)) heard.back();
    });
  },
  tell: <K extends Told>(id: number, what: K, told: Parameters<Stage[K]>): void => {
    (at(id).stage[what] as (...told: unknown[]) => void)(...told);
  },
  setSize: (id: number, ...size: Parameters<Stage['setSize']>): void => {
    at(id).size = size;
  },
  prepare: async (id: number): Promise<void> => {
    await at(id).stage.prepare();
  },
  /** One picture for all that was asked for since the last; what it took once it is there, ms. */
  draw: (id: number): Promise<number> => {
    const easel = at(id);
    easel.next ??= easel.now.then(() => {
      easel.next = null;
      fit(easel);
      easel.now = easels.has(id) ? easel.stage.timed() : Promise.resolve(0);
      void easel.now.then(() => {
        if (easels.has(id)) easel.heard.drawn();
      });
      return easel.now;
    });
    return easel.next;
  },
  close: (id: number): void => {
    const easel = easels.get(id);
    easels.delete(id);
    easel?.stage.dispose();
    if (easel) letGo(easel.heard);
  },
};
export type EaselApi = typeof api;

expose(api);

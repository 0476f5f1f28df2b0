import { expose } from 'comlink';
import { createStage, type Stage } from '@/portrait/stage';

/** What a stage is told from afar. */
export type Told = Exclude<keyof Stage, 'draw' | 'timed' | 'prepare' | 'setSize' | 'dispose' | 'hasStills' | 'opened'>;

interface Easel {
  stage: Stage;
  /** A size to take on with the next picture: taken on before, it would leave the canvas empty until then. */
  size: Parameters<Stage['setSize']> | null;
  /** A picture is asked for. */
  asked: boolean;
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
  open: (id: number, canvas: OffscreenCanvas, plain: boolean, lost: () => void, back: () => void): void => {
    easels.set(id, { stage: createStage(canvas, { plain }), size: null, asked: false });
    canvas.addEventListener('webglcontextlost', (e) => {
      // Without this the browser would never give it back.
      e.preventDefault();
      lost();
    });
    canvas.addEventListener('webglcontextrestored', back);
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
  /** One picture for all that was asked for since the last. */
  draw: (id: number): void => {
    const easel = at(id);
    if (easel.asked) return;
    easel.asked = true;
    requestAnimationFrame(() => {
      easel.asked = false;
      if (!easels.has(id)) return;
      fit(easel);
      easel.stage.draw();
    });
  },
  timed: (id: number): Promise<number> => {
    fit(at(id));
    return at(id).stage.timed();
  },
  close: (id: number): void => {
    easels.get(id)?.stage.dispose();
    easels.delete(id);
  },
};
export type EaselApi = typeof api;

expose(api);

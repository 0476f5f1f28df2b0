import { proxy, transfer } from 'comlink';
import type { Stage } from '@/portrait/stage';
import type { Heard, Told } from '@/workers/easel';
import { drawing } from '../shell/workers';

let last = 0;

/**
 * A stage that a worker draws on a canvas of the page: what it is told is passed on, in order. Throws where a
 * browser cannot hand a canvas over.
 */
export function stageAfar(canvas: HTMLCanvasElement, plain: boolean, heard: Heard): Stage {
  const id = (last += 1);
  const handed = canvas.transferControlToOffscreen();
  const opened = drawing.ask((api) => api.open(id, transfer(handed, [handed]), plain, proxy(heard)));
  /** What cannot be passed on is not drawn: whoever waits for `opened` hears why. */
  const pass = (said: Promise<unknown>): void => void said.catch(() => undefined);
  const teller =
    <K extends Told>(what: K) =>
    (...told: Parameters<Stage[K]>): void =>
      pass(drawing.ask((api) => api.tell(id, what, told)));
  return {
    opened,
    setContainer: teller('setContainer'),
    setCanopy: teller('setCanopy'),
    setSurroundings: teller('setSurroundings'),
    setSun: teller('setSun'),
    setSill: teller('setSill'),
    setFrame: teller('setFrame'),
    setView: teller('setView'),
    light: teller('light'),
    thin: teller('thin'),
    setSize: (...size) => pass(drawing.ask((api) => api.setSize(id, ...size))),
    prepare: () => drawing.ask((api) => api.prepare(id)),
    draw: () => pass(drawing.ask((api) => api.draw(id))),
    timed: () => drawing.ask((api) => api.draw(id)),
    dispose: () => pass(drawing.ask((api) => api.close(id))),
  };
}

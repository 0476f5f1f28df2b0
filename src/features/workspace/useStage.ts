'use client';
import { useCallback, useRef, useState } from 'react';
import { createStage, type Stage } from '@/portrait/stage';

/** Over this time for one picture the machine draws in software: turn with fewer pixels. */
const SLOW_MS = 70;
const ROUGH = 0.55;
const ratio = () => Math.min(2, window.devicePixelRatio);

interface Staged {
  /** null until there is a canvas; 'none' where WebGL is missing. */
  stage: Stage | null | 'none';
  /** Put this on the canvas. */
  attach: (canvas: HTMLCanvasElement | null) => (() => void) | undefined;
  size: { w: number; h: number };
  /** Counts pictures drawn, for what is laid over them. */
  drawn: number;
  /** Asks for one picture in the next frame. */
  draw: () => void;
  /** Fewer pixels while something is being turned, where the machine is slow. */
  rough: (on: boolean) => void;
}

/** A stage on a canvas that follows the size of its parent and draws only when asked. */
export function useStage(): Staged {
  const [stage, setStage] = useState<Staged['stage']>(null);
  const [size, setSize] = useState({ w: 0, h: 0 });
  const [drawn, setDrawn] = useState(0);
  const live = useRef<Stage | null>(null);
  const slow = useRef(false);
  const queued = useRef(0);

  const draw = useCallback(() => {
    cancelAnimationFrame(queued.current);
    queued.current = requestAnimationFrame(() => {
      const from = performance.now();
      live.current?.draw();
      slow.current = performance.now() - from > SLOW_MS;
      setDrawn((n) => n + 1);
    });
  }, []);

  const attach = useCallback(
    (canvas: HTMLCanvasElement | null) => {
      const holder = canvas?.parentElement;
      if (!canvas || !holder) return undefined;
      let made: Stage;
      try {
        made = createStage(canvas);
      } catch {
        setStage('none');
        return undefined;
      }
      live.current = made;
      const watch = new ResizeObserver(() => {
        const { clientWidth: w, clientHeight: h } = holder;
        made.setSize(w, h, ratio());
        setSize({ w, h });
        draw();
      });
      watch.observe(holder);
      setStage(made);
      return () => {
        watch.disconnect();
        live.current = null;
        made.dispose();
      };
    },
    [draw],
  );

  const rough = useCallback(
    (on: boolean) => {
      if (on && !slow.current) return;
      live.current?.setSize(size.w, size.h, on ? ROUGH : ratio());
      draw();
    },
    [size, draw],
  );

  return { stage, attach, size, drawn, draw, rough };
}

'use client';
import { useCallback, useRef, useState } from 'react';
import type { Drawn } from '@/portrait/drawn';
import type { Heard } from '@/workers/easel';
import { SLOW_MS, useDrawing } from '../shell/drawing';

/**
 * What a picture should take while it is turned; the fewest pixels a side and the fewest leaves for it, as
 * shares of all.
 */
const AIM_MS = 60;
const LEAST_PIXELS = 0.26;
const LEAST_LEAVES = 0.11;
/** Stills that stand in are drawn with this share of the pixels a side. Working figure. */
const STILL_PIXELS = 0.7;
/** A lost picture that does not come back by itself gets a canvas of its own after so long, ms. Working figure. */
const COMES_BACK_MS = 2500;
const ratio = () => Math.min(2, window.devicePixelRatio);

export interface Staged<S extends Drawn> {
  /** null until there is a canvas; 'none' where WebGL is missing. */
  stage: S | null | 'none';
  /** The graphics chip let go of the picture; it is drawn again as soon as it can be. */
  lost: boolean;
  /** A canvas of another number is another canvas. */
  canvasKey: string;
  /** Put this on the canvas. */
  attach: (canvas: HTMLCanvasElement | null) => (() => void) | undefined;
  size: { w: number; h: number };
  /** Counts pictures asked for, for what is laid over them; and of what is drawn elsewhere those that are there. */
  drawn: number;
  pictures: number;
  /**
   * Asks for one picture in the next frame; `other` when there is more or less to draw than before, and then
   * what is to be done once that can be seen.
   */
  draw: (other?: boolean, then?: () => void) => void;
  /** What a whole picture took when it was last timed, ms. */
  took: number;
  /** Share of the leaves that is drawn now. */
  leaves: number;
  /** Fewer pixels while something is being turned, where the machine is slow. */
  rough: (on: boolean) => void;
}

/** A canvas is drawn on once: let go, it never draws again. */
const used = new WeakSet<HTMLCanvasElement>();

/**
 * What `make` draws (a function that stays the same) on a canvas that follows the size of its parent and
 * draws only when asked.
 */
export function useStage<S extends Drawn>(
  make: (canvas: HTMLCanvasElement, plain: boolean, heard: Heard) => S,
): Staged<S> {
  const [stage, setStage] = useState<Staged<S>['stage']>(null);
  const [size, setSize] = useState({ w: 0, h: 0 });
  const [drawn, setDrawn] = useState(0);
  const [pictures, setPictures] = useState(0);
  const [lost, setLost] = useState(false);
  const [leaves, setLeaves] = useState(1);
  const [lastTook, setLastTook] = useState(0);
  const [canvasKey, setCanvasKey] = useState(0);
  const plain = useDrawing((d) => d.plain);
  const live = useRef<S | null>(null);
  /** What a whole picture took when it was last timed, ms. */
  const took = useRef(0);
  const timed = useRef(false);
  /** Being turned or ridden along the season: what a picture takes now says nothing of a whole one. */
  const moving = useRef(false);
  const queued = useRef(0);
  /** Done once the next whole picture can be seen. */
  const seen = useRef<(() => void) | null>(null);

  const draw = useCallback((other = false, then?: () => void) => {
    if (other) timed.current = false;
    if (then) seen.current = then;
    cancelAnimationFrame(queued.current);
    queued.current = requestAnimationFrame(() => {
      const stage = live.current;
      // Timed once for each canopy: waiting for the pixels would itself slow a picture down.
      if (stage && !timed.current && !moving.current) {
        timed.current = true;
        const then = seen.current;
        seen.current = null;
        const seenNow = (ms: number) => {
          if (live.current !== stage) return;
          then?.();
          took.current = ms;
          setLastTook(ms);
          useDrawing.getState().took(ms);
          setDrawn((n) => n + 1);
        };
        // Drawn elsewhere it may be gone before it answers.
        void stage.timed().then(seenNow, () => undefined);
      } else stage?.draw();
      setDrawn((n) => n + 1);
    });
  }, []);

  const attach = useCallback(
    (canvas: HTMLCanvasElement | null) => {
      const holder = canvas?.parentElement;
      if (!canvas || !holder) return undefined;
      if (used.has(canvas)) {
        setCanvasKey((n) => n + 1);
        return undefined;
      }
      used.add(canvas);
      const cannot = () => {
        setSize({ w: holder.clientWidth, h: holder.clientHeight });
        setStage('none');
      };
      let waiting: ReturnType<typeof setTimeout> | undefined;
      const heard: Heard = {
        lost: () => {
          setLost(true);
          waiting = setTimeout(() => setCanvasKey((n) => n + 1), COMES_BACK_MS);
        },
        back: () => {
          clearTimeout(waiting);
          setLost(false);
          draw(true);
        },
        drawn: () => setPictures((n) => n + 1),
      };
      let made: S;
      try {
        made = make(canvas, plain, heard);
      } catch {
        cannot();
        return undefined;
      }
      live.current = made;
      made.opened?.catch(() => {
        if (live.current === made) cannot();
      });
      const onLost = (e: Event) => {
        // Without this the browser would never give it back.
        e.preventDefault();
        heard.lost();
      };
      canvas.addEventListener('webglcontextlost', onLost);
      canvas.addEventListener('webglcontextrestored', heard.back);
      setLost(false);
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
        clearTimeout(waiting);
        canvas.removeEventListener('webglcontextlost', onLost);
        canvas.removeEventListener('webglcontextrestored', heard.back);
        live.current = null;
        made.dispose();
      };
    },
    [make, plain, draw],
  );

  const rough = useCallback(
    (on: boolean) => {
      if (!on && !moving.current) return;
      if (on && took.current <= SLOW_MS) return;
      // Drawing in software is paid by the pixel and by the leaf.
      moving.current = on;
      const share = on ? AIM_MS / took.current : 1;
      const pixels = live.current?.hasStills?.() ? STILL_PIXELS : Math.max(LEAST_PIXELS, Math.sqrt(share));
      live.current?.setSize(size.w, size.h, ratio() * pixels);
      live.current?.thin(Math.max(LEAST_LEAVES, share));
      setLeaves(Math.max(LEAST_LEAVES, share));
      draw();
    },
    [size, draw],
  );

  return {
    stage,
    lost,
    canvasKey: `${canvasKey}${plain ? 'p' : ''}`,
    attach,
    size,
    drawn,
    pictures,
    draw,
    leaves,
    rough,
    took: lastTook,
  };
}

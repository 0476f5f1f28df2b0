'use client';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Composed, Proposal } from '@/core/compose/compose';
import type { Planting } from '@/core/plantings/schema';
import { startComposer } from '../workspace/helpers';
import { tell } from '../workspace/tell';

interface Work {
  state: 'idle' | 'working' | 'done';
  done: number;
  best: Proposal | null;
  composed: Composed | null;
}

const IDLE: Work = { state: 'idle', done: 0, best: null, composed: null };

/** Composing in a worker of its own, with progress; stopping ends the worker. */
export function useComposer(): Work & { start: (planting: Planting) => void; stop: () => void } {
  const [work, setWork] = useState<Work>(IDLE);
  const running = useRef<(() => void) | null>(null);
  const seed = useRef(1);
  const stop = () => {
    running.current?.();
    running.current = null;
    setWork(IDLE);
  };
  const start = (planting: Planting) => {
    running.current?.();
    const composer = startComposer();
    running.current = composer.stop;
    setWork({ ...IDLE, state: 'working' });
    composer.api
      .compose(planting, seed.current, proxy((done: number, best: Proposal | null) => setWork((w) => (w.state === 'working' ? { ...w, done, best: best ?? w.best } : w))))
      .then((composed) => setWork({ state: 'done', done: 1, best: null, composed }))
      .catch((e: unknown) => {
        setWork(IDLE);
        tell.problem('Composing stopped', String(e));
      })
      .finally(() => {
        composer.stop();
        if (running.current === composer.stop) running.current = null;
      });
    seed.current += 1;
  };
  useEffect(() => () => running.current?.(), []);
  return { ...work, start, stop };
}

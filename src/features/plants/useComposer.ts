'use client';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Composed, Proposal } from '@/core/compose/compose';
import type { Mine } from '@/core/stock/shelf';
import type { Planting } from '@/core/plantings/schema';
import { startComposer } from '../shell/workers';
import { tell } from '../shell/tell';

interface Work {
  state: 'idle' | 'working' | 'done';
  done: number;
  /** Ideas so far, while it works. */
  sofar: Proposal[];
  composed: Composed | null;
}

const IDLE: Work = { state: 'idle', done: 0, sofar: [], composed: null };

/** Composing in a worker of its own, with progress; stopping ends the worker. */
export function useComposer(): Work & { start: (planting: Planting, mine: Mine) => void; stop: () => void } {
  const [work, setWork] = useState<Work>(IDLE);
  const running = useRef<(() => void) | null>(null);
  const seed = useRef(1);
  const stop = () => {
    running.current?.();
    running.current = null;
    setWork(IDLE);
  };
  const start = (planting: Planting, mine: Mine) => {
    running.current?.();
    const composer = startComposer();
    running.current = composer.stop;
    setWork({ ...IDLE, state: 'working' });
    composer.api
      .compose(
        planting,
        seed.current,
        mine,
        proxy((done: number, sofar: Proposal[]) =>
          setWork((w) => (w.state === 'working' ? { ...w, done, sofar: sofar.length > 0 ? sofar : w.sofar } : w)),
        ),
      )
      .then((composed) => setWork({ state: 'done', done: 1, sofar: [], composed }))
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

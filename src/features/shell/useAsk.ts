'use client';
import { type DependencyList, useCallback, useEffect, useState } from 'react';

/** What has come of a question. */
export interface Answer<T> {
  /** The last answer to just this question; null until there is one. */
  value: T | null;
  error: Error | null;
  busy: boolean;
  /** Asks again. */
  again: () => void;
}

interface Settled<T> {
  deps: DependencyList;
  round: number;
  value: T | null;
  error: Error | null;
}

const asError = (e: unknown): Error => (e instanceof Error ? e : new Error(String(e)));

const same = (a: DependencyList, b: DependencyList): boolean =>
  a.length === b.length && a.every((x, i) => Object.is(x, b[i]));

/**
 * Asks something that takes a while, again whenever one of `deps` changes; `ask` null for not now. An answer to an
 * older question is never shown, and a failure is told with a way to ask again.
 */
export function useAsk<T>(ask: (() => Promise<T>) | null, deps: DependencyList): Answer<T> {
  const [settled, setSettled] = useState<Settled<T> | null>(null);
  const [round, setRound] = useState(0);
  const wanted = ask !== null;
  useEffect(() => {
    if (!ask) return undefined;
    let stale = false;
    const settle = (value: T | null, error: Error | null) => !stale && setSettled({ deps, round, value, error });
    ask().then(
      (value) => settle(value, null),
      (e: unknown) => settle(null, asError(e)),
    );
    return () => {
      stale = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the caller says what the question hangs on
  }, [...deps, round, wanted]);
  const again = useCallback(() => setRound((n) => n + 1), []);
  const mine = settled && settled.round === round && same(settled.deps, deps) ? settled : null;
  return { value: mine?.value ?? null, error: mine?.error ?? null, busy: wanted && !mine, again };
}

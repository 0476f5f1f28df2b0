'use client';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';

/** What this page was built of so far. */
const parts = (): string[] =>
  performance
    .getEntriesByType('resource')
    .flatMap((e) => (new URL(e.name).pathname.startsWith('/_next/static/') ? [e.name] : []));

/** Lets the application be opened without a network: keeps its pages, and what they are built of. */
export function KeepOpen() {
  const path = usePathname();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return undefined;
    let gone = false;
    // After the page has settled: what it loads first is what it needs first.
    const wait = setTimeout(() => {
      void navigator.serviceWorker
        .register(`/sw.js?build=${process.env.NEXT_PUBLIC_BUILD ?? '0'}`)
        .then(() => navigator.serviceWorker.ready)
        .then((ready) => !gone && ready.active?.postMessage({ parts: parts() }))
        .catch((e: unknown) => console.warn('Not kept for use without a network:', e));
    }, 1500);
    return () => {
      gone = true;
      clearTimeout(wait);
    };
  }, [path]);
  return null;
}

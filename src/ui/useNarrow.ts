'use client';
import { useSyncExternalStore } from 'react';

/** Below the width of the workbench, as `work:` in classes: a phone, or a page at twice its size. */
const NARROW = '(width < 60rem)';

function listen(changed: () => void): () => void {
  const query = window.matchMedia(NARROW);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** Whether the screen is narrow; false before there is one. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    listen,
    () => window.matchMedia(NARROW).matches,
    () => false,
  );

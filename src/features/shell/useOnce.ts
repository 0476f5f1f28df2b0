'use client';
import { useState } from 'react';
import { tell } from './tell';

/** Waits for what a press asked for, one at a time; what fails is told. */
export function useOnce(): { busy: boolean; once: (work: () => Promise<void>) => void } {
  const [busy, setBusy] = useState(false);
  const once = (work: () => Promise<void>) => {
    setBusy(true);
    work()
      .catch((e: unknown) => tell.problem('That did not work', e instanceof Error ? e.message : String(e)))
      .finally(() => setBusy(false));
  };
  return { busy, once };
}

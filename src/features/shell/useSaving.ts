'use client';
import { useState } from 'react';
import type { PaperDrawing } from '@/core/papers/drawing';
import { tell } from './tell';
import { savePdf } from './paper';

/** Saves papers as a PDF, one at a time, and says so when it cannot. */
export function useSaving(): { busy: boolean; save: (name: string, pages: () => readonly PaperDrawing[]) => void } {
  const [busy, setBusy] = useState(false);
  const save = (name: string, pages: () => readonly PaperDrawing[]) => {
    setBusy(true);
    savePdf(name, pages())
      .catch((e: unknown) => tell.problem('The PDF could not be written.', e instanceof Error ? e.message : String(e)))
      .finally(() => setBusy(false));
  };
  return { busy, save };
}

'use client';
import { useEffect } from 'react';
import { noteNew, noteTold, untold } from '@/storage/news';
import { useStored } from '@/storage/useStored';
import { Button } from '@/ui/Button';

/** Said once where containers were kept before forecasts changed; nothing otherwise. */
export function News() {
  const kept = useStored(() => untold().catch(() => 0)) ?? 0;
  useEffect(() => void noteNew().catch(() => undefined), []);
  if (kept === 0) return null;
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-3 pt-2 text-[0.9rem]">
      Forecasts and scores have become more careful: plants start smaller, take their time and open as they grow, and a
      score asks whether each colour you named arrives and whether anyone is buried. What you kept is as it was; it may
      read differently.
      <Button kind="bare" onClick={() => void noteTold()}>
        I have read it
      </Button>
    </p>
  );
}

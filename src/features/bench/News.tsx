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
      Predictions and scores are now more careful: plants start smaller and grow more slowly, and a score checks that
      each colour you asked for appears and that no plant is buried. Your saved containers have not changed, but their
      scores may differ.
      <Button kind="bare" onClick={() => void noteTold()}>
        I have read it
      </Button>
    </p>
  );
}

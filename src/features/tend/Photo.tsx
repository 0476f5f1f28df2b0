'use client';
import { useEffect, useState } from 'react';
import { useNear } from '@/features/pictures/useNear';
import { readEntryPhoto } from '@/storage/log';

/** The photograph of an entry of the log, read when it is scrolled to: a year of them does not fit in memory. */
export function Photo({ id, about }: { id: string; about: string }) {
  const [src, setSrc] = useState<string | null>(null);
  const [watch, near] = useNear<HTMLSpanElement>();
  useEffect(() => {
    if (!near) return;
    let url: string | null = null;
    let gone = false;
    readEntryPhoto(id)
      .then((blob) => {
        if (!blob || gone) return;
        url = URL.createObjectURL(blob);
        setSrc(url);
      })
      .catch(() => undefined);
    return () => {
      gone = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [id, near]);
  return (
    <span ref={watch} className="block min-h-24">
      {src ? (
        // eslint-disable-next-line @next/next/no-img-element -- kept in this browser, not fetched
        <img src={src} alt={about} className="max-h-72 w-full border border-line object-contain" />
      ) : (
        <span className="block h-24 bg-stream" aria-hidden />
      )}
    </span>
  );
}

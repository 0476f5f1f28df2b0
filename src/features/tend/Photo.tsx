'use client';
import { useEffect, useState } from 'react';
import { readEntryPhoto } from '@/storage/log';

/** The photograph of an entry of the log. */
export function Photo({ id, about }: { id: string; about: string }) {
  const [src, setSrc] = useState<string | null>(null);
  useEffect(() => {
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
  }, [id]);
  return src ? (
    // eslint-disable-next-line @next/next/no-img-element -- kept in this browser, not fetched
    <img src={src} alt={about} className="max-h-72 w-full border border-line object-contain" />
  ) : (
    <span className="block h-24 bg-stream" aria-hidden />
  );
}

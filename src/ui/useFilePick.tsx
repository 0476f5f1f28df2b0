'use client';
import { type ReactNode, useRef } from 'react';

/**
 * A file asked for by any button: what to press, and the hidden field to put beside it. The same file may be
 * picked twice running.
 */
export function useFilePick(
  label: string,
  accept: string,
  onPick: (file: File) => void,
): [press: () => void, field: ReactNode] {
  const input = useRef<HTMLInputElement>(null);
  return [
    () => input.current?.click(),
    <input
      key={label}
      ref={input}
      type="file"
      accept={accept}
      className="sr-only"
      tabIndex={-1}
      aria-label={label}
      onChange={(e) => {
        const f = e.target.files?.[0];
        e.target.value = '';
        if (f) onPick(f);
      }}
    />,
  ];
}

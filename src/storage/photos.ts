import { bytesOf } from '@/core/units/picture';

/** A data URL as a Blob, or null when it is none. */
export function blobOf(dataUrl: string): Blob | null {
  const read = bytesOf(dataUrl);
  return read && new Blob([read.bytes], { type: read.type });
}

/** Kinds of picture that are kept, and the bytes each begins with; null where any byte may stand. */
const KINDS = [
  { type: 'image/jpeg', ending: 'jpg', begins: [0xff, 0xd8, 0xff] },
  { type: 'image/png', ending: 'png', begins: [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] },
  { type: 'image/webp', ending: 'webp', begins: [...'RIFF____WEBP'].map((c) => (c === '_' ? null : c.charCodeAt(0))) },
] as const;

/** The type of a picture by its first bytes, whatever it is called; null for what is no picture that is kept. */
export const pictureTypeOf = (bytes: Uint8Array): string | null =>
  KINDS.find(({ begins }) => begins.every((b, i) => b === null || bytes[i] === b))?.type ?? null;

/** What a file of such a picture ends in. */
export const endingOf = (type: string): string => KINDS.find((k) => k.type === type)?.ending ?? 'jpg';

const DATA_URL = /^data:([a-z]+\/[a-z0-9.+-]+);base64,([A-Za-z0-9+/=]*)$/;

/** A data URL as its type and bytes, or null when it is none. */
export function bytesOf(dataUrl: string): { type: string; bytes: Uint8Array<ArrayBuffer> } | null {
  const m = DATA_URL.exec(dataUrl);
  if (!m?.[1] || m[2] === undefined) return null;
  try {
    return { type: m[1], bytes: Uint8Array.from(atob(m[2]), (c) => c.charCodeAt(0)) };
  } catch {
    return null;
  }
}

/** Bytes turned into text at once: more would overflow the call. */
const CHUNK = 0x8000;

/** Bytes as a data URL. */
export function dataUrlOf(bytes: Uint8Array, type: string): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return `data:${type};base64,${btoa(text)}`;
}

/** True of a data URL that holds what it says: a picture of its type. */
export function isPicture(dataUrl: string): boolean {
  const read = bytesOf(dataUrl);
  return read !== null && pictureTypeOf(read.bytes) === read.type;
}

const DATA_URL = /^data:([a-z]+\/[a-z0-9.+-]+);base64,([A-Za-z0-9+/=]*)$/;

/** A data URL as a Blob, or null when it is none. */
export function blobOf(dataUrl: string): Blob | null {
  const m = DATA_URL.exec(dataUrl);
  if (!m?.[1] || m[2] === undefined) return null;
  const bytes = Uint8Array.from(atob(m[2]), (c) => c.charCodeAt(0));
  return new Blob([bytes], { type: m[1] });
}

/** Bytes turned into text at once: more would overflow the call. */
const CHUNK = 0x8000;

/** A Blob as a data URL. */
export async function dataUrlOf(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return `data:${blob.type};base64,${btoa(text)}`;
}

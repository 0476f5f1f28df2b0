import type { PaperDrawing } from '@/core/papers/drawing';
import { downloadBlob } from './download';

const FONTS = { plain: '/fonts/bricolage-grotesque-400.ttf', bold: '/fonts/bricolage-grotesque-600.ttf' } as const;

async function font(path: string): Promise<ArrayBuffer> {
  const answer = await fetch(path);
  if (!answer.ok) throw new Error('The fonts could not be downloaded. Try again when you are online.');
  return answer.arrayBuffer();
}

/** Writes papers as one PDF and hands it over. What writes PDF is fetched when it is first wanted. */
export async function savePdf(name: string, pages: readonly PaperDrawing[]): Promise<void> {
  const [{ pdfOf }, plain, bold] = await Promise.all([import('@/pdf/write'), font(FONTS.plain), font(FONTS.bold)]);
  const bytes = await pdfOf(pages, { plain, bold });
  downloadBlob(name, new Blob([new Uint8Array(bytes)], { type: 'application/pdf' }));
}

import { toast } from 'sonner';
import type { Planting } from '@/core/plantings/schema';
import { download, fileName } from './download';

const isFull = (e: unknown): boolean => e instanceof Error && /quota/i.test(`${e.name} ${e.message}`);

/** A planting from memory to a file: what the browser would not keep is not lost. */
export const saveAsFile = (planting: Planting): void =>
  download(fileName(planting.name, 'planting.json'), JSON.stringify(planting, null, 2), 'application/json');

/** What the application says in passing. */
export const tell = {
  said: (text: string) => toast(text),
  problem: (title: string, detail: string): void => void toast.error(title, { description: detail, duration: 12_000 }),
  /** The browser would not keep it. Where the change is on the screen, `mine` hands it out to save it as a file. */
  notKept: (e: unknown, mine?: () => Planting) => {
    const full = isFull(e);
    const what = mine ? 'Your change is still on screen. Save it as a file.' : 'Nothing was changed.';
    const way = full
      ? 'Then free some space: delete containers, photographs in the log or photographs of your own plants.'
      : `(${String(e)})`;
    toast.error(full ? 'No room left to save' : 'Not saved', {
      id: mine ? 'not-kept' : undefined,
      description: `${full ? 'The browser’s storage is full. ' : ''}${what} ${way}`,
      duration: 30_000,
      action: mine ? { label: 'Save as a file', onClick: () => saveAsFile(mine()) } : undefined,
    });
  },
  /** Another tab changed the same: said, because one of the two had to give way. */
  met: (what: readonly string[]) =>
    toast(`Also changed in another tab: ${what.join(', ')}`, {
      description: 'The changes you made here were kept.',
      duration: 12_000,
    }),
  done: (text: string, undo?: () => void) =>
    toast(text, undo ? { action: { label: 'Undo', onClick: undo }, duration: 10_000 } : undefined),
};

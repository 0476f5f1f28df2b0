import { toast } from 'sonner';

/** What the application says in passing. */
export const tell = {
  said: (text: string) => toast(text),
  problem: (title: string, detail: string) => toast.error(title, { description: detail, duration: 12_000 }),
  /** The browser would not keep it: the edit is still on the screen. */
  notKept: (e: unknown) => {
    const full = e instanceof Error && /quota/i.test(`${e.name} ${e.message}`);
    toast.error(full ? 'No room left to save' : 'Not saved', {
      description: full
        ? 'The browser’s storage is full. Your change is still here: save a backup from the Bench, then make room.'
        : `Your change is still here, but the browser did not keep it. Save a backup. (${String(e)})`,
      duration: 30_000,
    });
  },
  done: (text: string, undo?: () => void) =>
    toast(text, undo ? { action: { label: 'Undo', onClick: undo }, duration: 10_000 } : undefined),
};

import { lidoLog } from '@/demo/log';
import { addEntry } from '@/storage/log';

/** Sets out what the volunteers wrote down, and photographed; a photograph that does not come leaves its words. */
export async function logDemo(): Promise<void> {
  for (const { entry, photo } of lidoLog) {
    const blob = photo
      ? await fetch(photo).then(
          (r) => (r.ok ? r.blob() : null),
          () => null,
        )
      : null;
    await addEntry(entry.kind === 'note' ? { ...entry, photo: blob !== null } : entry, blob);
  }
}

import type { Job } from '@/core/jobs';
import { doneOn, takenBack } from '@/core/jobs/doing';
import type { LogEntry } from '@/core/log/schema';
import type { Planting } from '@/core/plantings/schema';
import { addEntry, removeEntries } from '@/storage/log';
import { editStored } from '@/storage/plantings';
import { tell } from './tell';

/** An id for an entry of the log: later ones come after earlier ones. */
export const newEntryId = (): string => `log-${Date.now().toString(36)}-${crypto.randomUUID().slice(0, 6)}`;

/** Whatever is asked of storage is waited for, and told when it fails. */
export const told = (work: Promise<unknown>): void => void work.catch((e: unknown) => tell.notKept(e));

const nothing = async (): Promise<void> => undefined;

/**
 * Keeps an entry, with its photograph, and says so with a way back. `after` is what follows from the log,
 * done again when it is taken back.
 */
export async function logIt(
  entry: LogEntry,
  said: string,
  { photo = null, after = nothing }: { photo?: Blob | null; after?: () => Promise<void> } = {},
): Promise<void> {
  await addEntry(entry, photo);
  await after();
  tell.done(said, () => told(removeEntries([entry.id]).then(after)));
}

/** Notes that a container was watered to the brim, with litres that nobody counted. */
export const waterNow = (planting: Planting, today: string): Promise<void> =>
  logIt({ id: newEntryId(), of: planting.id, on: today, kind: 'water', litres: null }, `${planting.name} watered`);

/**
 * Does a job of a container as it is stored: a deed that its season knows, or water from the can. Undone from
 * what it says.
 */
export async function doJob(planting: Planting, job: Job, today: string): Promise<void> {
  if (job.done === 'watered') return waterNow(planting, today);
  const commands = doneOn(planting, job, today);
  if (commands.length === 0) return undefined;
  await editStored(new Map([[planting.id, commands]]));
  tell.done(`${planting.name}: ${job.text} done`, () =>
    told(editStored(new Map([[planting.id, takenBack(commands)]]))),
  );
}

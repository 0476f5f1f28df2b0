'use client';
import { useStored } from '@/storage/useStored';
import { today } from '@/core/units/date';
import { openFile, writeBundle } from '@/storage/bundle';
import { readCards } from '@/storage/cards';
import { noteBackup } from '@/storage/room';
import { Button } from '@/ui/Button';
import { useFilePick } from '@/ui/useFilePick';
import { downloadBlob } from '../shell/download';
import { keptSettings } from '../shell/settings';
import { tell } from '../shell/tell';
import { useOpenFile } from '../shell/useOpenFile';

/** All that is kept here, handed out as one file. */
export async function saveBackup(): Promise<void> {
  const now = new Date();
  const bundle = await writeBundle(keptSettings(), now.toISOString());
  downloadBlob(`rillbank-${today()}.zip`, bundle);
  await noteBackup(now.getTime());
}

export const sayNoBackup = (e: unknown): void => tell.problem('No backup was saved', String(e));

/** The whole bench out to a file, and in again. What would change what is here is told before it is done. */
export function Backup() {
  const pots = useStored(() => readCards(true).catch(() => []));
  const { open, dialog } = useOpenFile(openFile);
  const [pick, field] = useFilePick(
    'Backup or planting file',
    '.zip,.json,application/zip,application/json',
    (f) => void open(f),
  );
  return (
    <>
      <Button disabled={!pots || pots.length === 0} onClick={() => void saveBackup().catch(sayNoBackup)}>
        Save a backup
      </Button>
      <Button onClick={pick}>Open a file</Button>
      {field}
      {dialog}
    </>
  );
}

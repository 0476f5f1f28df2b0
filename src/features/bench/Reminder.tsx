'use client';
import { useStored } from '@/storage/useStored';
import { unsaved } from '@/storage/room';
import { Button } from '@/ui/Button';
import { countOf } from '@/ui/words';
import { saveBackup, sayNoBackup } from './Backup';

/** A line when work stands in this browser alone; nothing otherwise. */
export function Reminder() {
  const changed = useStored(() => unsaved(Date.now()).catch(() => 0)) ?? 0;
  if (changed === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-3 pt-2 text-[0.9rem] text-quiet">
      {countOf(changed, 'container')} changed since your last backup. Your work is stored only in this browser.
      <Button kind="bare" onClick={() => void saveBackup().catch(sayNoBackup)}>
        Save a backup
      </Button>
    </p>
  );
}

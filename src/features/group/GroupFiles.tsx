'use client';
import { writeGroup } from '@/core/formats/group';
import type { Group } from '@/core/groups/schema';
import type { Planting } from '@/core/plantings/schema';
import { openFile } from '@/storage/bundle';
import { Button } from '@/ui/Button';
import { useFilePick } from '@/ui/useFilePick';
import { download, fileName } from '../shell/download';
import type { Met } from '../shell/MergeDialog';
import { tell } from '../shell/tell';
import { useOpenFile } from '../shell/useOpenFile';
import { useArranging } from './arranging';

/**
 * A group as a file, out and in: its containers come with it, and what would change any that are here is told
 * first.
 */
export function GroupFiles({ group, plantings }: { group: Group; plantings: readonly Planting[] }) {
  const change = useArranging((a) => a.change);
  const arrange = ({ bench, merge }: Met) => {
    const [found] = bench.groups ?? [];
    if (!found) return;
    if (found.place !== group.place) {
      tell.said(`The layout of “${found.place}” is now the one in the file.`);
      return;
    }
    const as = new Map(merge.pots.map((p) => [p.pot.planting.id, p.id]));
    change('Open a file', {
      ...found,
      id: group.id,
      stands: found.stands.map((s) => ({ ...s, of: as.get(s.of) ?? s.of })),
    });
  };
  const { open, dialog } = useOpenFile(openFile, arrange);
  const [pick, field] = useFilePick('Group file', '.json,.zip,application/json,application/zip', (f) => void open(f));
  const save = () => download(fileName(group.place, 'group.json'), writeGroup(group, plantings), 'application/json');
  return (
    <>
      <Button kind="bare" onClick={save}>
        Save as a file
      </Button>
      <Button kind="bare" onClick={pick}>
        Open a file
      </Button>
      {field}
      {dialog}
    </>
  );
}

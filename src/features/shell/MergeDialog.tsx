'use client';
import { Dialog } from 'radix-ui';
import type { BenchFile } from '@/core/formats/backup';
import type { Fate, Merge } from '@/core/formats/merge';
import { plantName } from '@/core/plants/schema';
import { Button } from '@/ui/Button';

/** A file that was read, and what opening it would do. */
export interface Met {
  name: string;
  bench: BenchFile;
  /** What of it is damaged or missing, a sentence each. */
  problems: readonly string[];
  merge: Merge;
}

const SAYS: Record<Fate, string> = {
  new: 'Added',
  newer: 'Newer in the file: replaces yours',
  older: 'Newer here: yours is kept',
  same: 'Identical: no change',
};
const ORDER: readonly Fate[] = ['newer', 'older', 'new', 'same'];

/** Problems listed before the rest is only counted. */
const LISTED = 30;

/** What opening a file would do to each thing, before it is done. */
export function MergeDialog({ met, onTake, onClose }: { met: Met; onTake: () => void; onClose: () => void }) {
  const things = [
    ...met.merge.pots.map(({ pot, fate }) => ({ name: pot.planting.name, fate })),
    ...met.merge.plants.map(({ own, fate }) => ({ name: plantName(own.plant), fate })),
  ];
  const clash = things.some(({ fate }) => fate !== 'new');
  return (
    <Dialog.Root open onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/35" />
        <Dialog.Content className="fixed inset-x-2 top-[8vh] z-30 mx-auto flex max-h-[84vh] max-w-lg flex-col gap-3 rounded-[4px] border border-line bg-ground p-4">
          <Dialog.Title className="text-lg leading-tight">Open {met.name}?</Dialog.Title>
          <Dialog.Description className="text-[0.92rem] text-quiet">
            {met.problems.length > 0 && 'Part of this file is damaged. You can open the rest. '}
            {clash && 'You already have some of these. The newer version is kept.'}
          </Dialog.Description>
          <dl className="min-h-0 flex-1 overflow-y-auto text-[0.92rem]">
            {met.problems.length > 0 && (
              <div className="hair py-1.5">
                <dt className="font-semibold text-watchink">
                  Not imported <span className="font-normal">({met.problems.length})</span>
                </dt>
                {met.problems.slice(0, LISTED).map((p) => (
                  <dd key={p} className="break-words">
                    {p}
                  </dd>
                ))}
                {met.problems.length > LISTED && <dd>and {met.problems.length - LISTED} more.</dd>}
              </div>
            )}
            {ORDER.map((fate) => {
              const of = things.filter((t) => t.fate === fate);
              if (of.length === 0) return null;
              return (
                <div key={fate} className="hair py-1.5">
                  <dt className="font-semibold">
                    {SAYS[fate]} <span className="font-normal text-quiet">({of.length})</span>
                  </dt>
                  <dd>{of.map((t) => t.name).join(', ')}</dd>
                </div>
              );
            })}
          </dl>
          <div className="flex gap-2">
            <Button kind="deep" onClick={onTake}>
              Open it
            </Button>
            <Button onClick={onClose}>Cancel</Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

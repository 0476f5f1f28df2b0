'use client';
import { useStored } from '@/storage/useStored';
import { useEffect, useState } from 'react';
import type { Planting } from '@/core/plantings/schema';
import { lido, LIDO_DAY } from '@/demo/lido';
import { loadOnce, readShelf } from '@/storage/plantings';
import { useDiary } from '../shell/diary';
import { tell } from '../shell/tell';
import { lidoGroups } from '@/demo/groups';
import { saveGroup } from '@/storage/groups';
import { logDemo } from './log-demo';
import { useUnits } from '../shell/units';
import { EmptyBench } from './EmptyBench';
import { News } from './News';
import { Reminder } from './Reminder';
import { Shelves } from './Shelves';
import { Unreadable } from './Unreadable';
import { Waiting } from './Waiting';

/** All that stands on the bench; the demonstration is set out first where it is asked for. */
export function Shelving({ demo, onStart }: { demo: boolean; onStart: (like?: Planting) => void }) {
  const shelf = useStored(readShelf);
  const [ready, setReady] = useState(!demo);
  const load = useUnits((u) => u.load);
  useEffect(load, [load]);
  useEffect(() => {
    if (demo)
      void loadOnce('demo', lido)
        .then((set) => {
          if (!set) return undefined;
          useDiary.getState().openOn(LIDO_DAY);
          return Promise.all([logDemo(), ...lidoGroups.map(saveGroup)]).then(() => undefined);
        })
        .catch((e: unknown) => tell.notKept(e))
        .finally(() => setReady(true));
  }, [demo]);
  if (!shelf || !ready) return <Waiting />;
  return (
    <>
      <News />
      <Reminder />
      {shelf.unreadable.length > 0 && <Unreadable list={shelf.unreadable} />}
      {shelf.pots.length === 0 ? <EmptyBench onStart={() => onStart()} /> : <Shelves shelf={shelf} onStart={onStart} />}
    </>
  );
}

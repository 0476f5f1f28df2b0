'use client';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { byTurns, freshGroup, inRow, mirrored, withAll } from '@/core/groups/arrange';
import { judgeGroup } from '@/core/groups';
import type { Group as Arranged } from '@/core/groups/schema';
import { type Scene, sceneOf } from '@/core/groups/scene';
import type { Planting } from '@/core/plantings/schema';
import { writeGroup } from '@/core/formats/group';
import { formatDayFrom } from '@/core/units/date';
import { readGroup } from '@/storage/groups';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';
import { Button, buttonLook } from '@/ui/Button';
import { DateField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { useNarrow } from '@/ui/useNarrow';
import { useToday } from '../shell/diary';
import { download, fileName } from '../shell/download';
import { useCatchFocus } from '../shell/useCatchFocus';
import { useUnits } from '../shell/units';
import { useArranging } from './arranging';
import { Above } from './Above';
import { Figures } from './Figures';
import { Front } from './Front';
import { AsOne } from './AsOne';
import { Setting } from './Setting';

/** The containers of a place in one scene, arranged by hand, and judged as one. */
export function Group() {
  const load = useUnits((u) => u.load);
  useEffect(load, [load]);
  const place = useSearchParams().get('place') ?? '';
  const shelf = useStored(readShelf);
  const stored = useStored(() => readGroup(place), [place]);
  const plantings = useMemo(
    () => (shelf?.pots ?? []).filter((p) => !p.archived && p.planting.spot.name === place).map((p) => p.planting),
    [shelf, place],
  );
  const today = useToday();
  const { group, open } = useArranging();
  const ready = shelf !== undefined && stored !== undefined && plantings.length > 0;
  const mine = group?.place === place;
  useEffect(() => {
    if (ready && !mine) open(stored ? withAll(stored, plantings, today) : freshGroup(place, plantings, today));
  }, [ready, mine, stored, plantings, today, place, open]);
  const main = useCatchFocus<HTMLElement>('group');
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pt-3 work:px-6">
        <h1 className="flex-1 text-[1.5rem] font-bold leading-tight tracking-tight">
          {place || 'No place'} <span className="font-normal text-quiet">seen together</span>
        </h1>
        <Link href="/" className={buttonLook('plain')}>
          To the bench
        </Link>
      </header>
      <main ref={main} tabIndex={-1} className="flex-1 px-4 pb-8 outline-none work:px-6">
        {shelf !== undefined && plantings.length === 0 ? (
          <p className="pt-4">Nothing stands at “{place}”. Choose a place on the bench.</p>
        ) : group && mine ? (
          <Open group={group} plantings={plantings} today={today} />
        ) : (
          <p className="pt-4 text-quiet" aria-busy>
            Setting out the pots …
          </p>
        )}
      </main>
    </div>
  );
}

/** The scene is so tall at the most, px. */
const TALL = 520;
const TALL_NARROW = 380;

function Open({ group, plantings, today }: { group: Arranged; plantings: readonly Planting[]; today: string }) {
  const units = useUnits((u) => u.units);
  const narrow = useNarrow();
  const [date, setDate] = useState(today);
  const { view, look, move, undo, past } = useArranging();
  const scene: Scene = useMemo(() => sceneOf(group, plantings, date), [group, plantings, date]);
  const findings = useMemo(() => judgeGroup(scene), [scene]);
  const last = past.at(-1);
  const later = scene.bodies.filter((b) => b.planting.startDate > date).map((b) => b.planting.name);
  return (
    <div className="grid gap-x-6 gap-y-4 pt-2 work:grid-cols-[minmax(0,1fr)_19rem]">
      <div className="flex min-w-0 flex-col gap-2">
        <div className="flex flex-wrap items-end gap-2">
          <span className="w-44">
            <Segments
              label="Looked at"
              value={view}
              options={[
                { value: 'front', text: 'From the front' },
                { value: 'above', text: 'Above' },
              ]}
              onChange={look}
            />
          </span>
          <span className="w-40">
            <DateField label="On" value={date} onChange={setDate} />
          </span>
          <Button onClick={() => move('Stand in a row', inRow(scene))}>In a row</Button>
          {new Set(scene.bodies.map((b) => b.of)).size > 1 && (
            <Button onClick={() => move('Stand by turns', byTurns(scene))}>By turns</Button>
          )}
          <Button onClick={() => move('Mirror about the middle', mirrored(scene))}>Mirror</Button>
          <Button onClick={undo} disabled={!last} title={last ? `Undo: ${last.name}` : undefined}>
            Undo
          </Button>
          <Button
            kind="bare"
            onClick={() =>
              download(fileName(group.place, 'group.json'), writeGroup(group, plantings), 'application/json')
            }
          >
            Save as a file
          </Button>
        </div>
        {view === 'front' ? (
          <Front scene={scene} units={units} height={narrow ? TALL_NARROW : TALL} />
        ) : (
          <Above scene={scene} units={units} />
        )}
        <p className="text-[0.86rem] text-quiet">
          True to scale on {formatDayFrom(date, today)}. Drag a pot, or press it and use the arrows; page keys raise and
          lower it. Planted pots are heavy: set them out empty, or lift with two.{' '}
          {later.length > 0 && `Not planted yet that day, and drawn as on their first: ${later.join(', ')}. `}
          {scene.missing.length > 0 && `Not on the bench any more: ${scene.missing.join(', ')}.`}
        </p>
        <Setting group={group} units={units} />
      </div>
      <aside aria-label="As one" className="flex flex-col gap-4">
        <Figures scene={scene} units={units} />
        <AsOne findings={findings} />
      </aside>
    </div>
  );
}

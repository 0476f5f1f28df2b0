'use client';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { type ComponentProps, type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { byTurns, freshGroup, inRow, mirrored, withAll } from '@/core/groups/arrange';
import { byName } from '@/core/units/natural';
import { asGroup } from '@/core/groups/cluster';
import { type Scene, sceneOf } from '@/core/groups/scene';
import type { Group as Arranged } from '@/core/groups/schema';
import { lightOf } from '@/core/groups/sun';
import { sunOf } from '@/core/spots/sun-seen';
import type { Planting } from '@/core/plantings/schema';
import { formatDayFrom } from '@/core/units/date';
import { readGroupOf } from '@/storage/groups';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { useNarrow } from '@/ui/useNarrow';
import { useToday } from '../shell/diary';
import { SiteNav } from '../shell/SiteNav';
import { useCatchFocus } from '../shell/useCatchFocus';
import { useUnits } from '../shell/units';
import { useArranging } from './arranging';
import { Above } from './Above';
import { AsOne } from './AsOne';
import { ComposeGroup } from './ComposeGroup';
import { SIGHTS } from './eyes';
import { Figures } from './Figures';
import { GroupFiles } from './GroupFiles';
import { Hour } from '../shell/Hour';
import { InAll } from './InAll';
import { Light } from './Light';
import { type Camera, Picture } from './Picture';
import { Setting } from './Setting';
import { Year } from './Year';

/** The containers of a place in one scene, arranged by hand, and judged as one. */
export function Group() {
  const load = useUnits((u) => u.load);
  useEffect(load, [load]);
  const place = useSearchParams().get('place') ?? '';
  const shelf = useStored(readShelf);
  const stored = useStored(() => readGroupOf(place), [place]);
  const plantings = useMemo(
    () => (shelf?.pots ?? []).filter((p) => !p.archived && p.planting.spot.name === place).map((p) => p.planting),
    [shelf, place],
  );
  const places = useMemo(
    () => [...new Set((shelf?.pots ?? []).filter((p) => !p.archived).map((p) => p.planting.spot.name))].sort(byName),
    [shelf],
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
          {place} <span className={place ? 'font-normal text-quiet' : ''}>Together</span>
        </h1>
        <SiteNav here="group" />
      </header>
      <main ref={main} tabIndex={-1} className="flex-1 px-4 pb-8 outline-none work:px-6">
        {shelf !== undefined && plantings.length === 0 ? (
          <Places place={place} places={places} />
        ) : group && mine ? (
          <Open group={group} plantings={plantings} today={today} />
        ) : (
          <p className="pt-4 text-quiet" aria-busy>
            Loading your containers…
          </p>
        )}
      </main>
    </div>
  );
}

/** The places there are, to choose one; and that there is none of the name that was asked for. */
function Places({ place, places }: { place: string; places: readonly string[] }) {
  return (
    <div className="flex flex-col gap-2 pt-4">
      {place !== '' && <p>There are no containers at “{place}”.</p>}
      <p>
        {places.length === 0 ? 'Add a container on the bench first.' : 'Choose a place to see its containers together.'}
      </p>
      <ul aria-label="Places">
        {places.map((name) => (
          <li key={name}>
            <Link
              className="inline-block py-1 text-[1.05rem] wrap-anywhere text-glaze underline underline-offset-4"
              href={`/group?place=${encodeURIComponent(name)}`}
            >
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The scene is so tall, px. */
const TALL = 500;
const TALL_NARROW = 300;
/** The hour that is shown first: the sun stands high, and to one side. Solar. */
const FIRST_HOUR = 10;

const PARTS = [
  { value: 'one', text: 'Overall' },
  { value: 'light', text: 'Light' },
  { value: 'year', text: 'Year' },
  { value: 'all', text: 'Totals' },
] as const;
type Part = (typeof PARTS)[number]['value'];

interface OpenProps {
  group: Arranged;
  plantings: readonly Planting[];
  today: string;
}

function Open({ group, plantings, today }: OpenProps) {
  const units = useUnits((u) => u.units);
  const [date, setDate] = useState(today);
  const [hour, setHour] = useState(FIRST_HOUR);
  const [part, setPart] = useState<Part>('one');
  const [composing, setComposing] = useState(false);
  const camera = useRef<Camera>(null);
  const view = useArranging((a) => a.view);
  const scene: Scene = useMemo(() => sceneOf(group, plantings, date), [group, plantings, date]);
  const light = useMemo(() => lightOf(scene), [scene]);
  const sun = useMemo(() => (light ? sunOf(light, date, hour) : null), [light, date, hour]);
  const [first] = plantings;
  if (composing && first)
    return <ComposeGroup scene={scene} base={first} units={units} today={today} onClose={() => setComposing(false)} />;
  return (
    <div className="grid gap-x-6 gap-y-4 pt-2 work:grid-cols-[minmax(0,1fr)_19rem]">
      <div className="flex min-w-0 flex-col gap-2">
        <Looking date={date} onDate={setDate}>
          <Hour
            hour={hour}
            says={light === null ? 'wall direction not set' : sun ? '' : 'no direct sun at this hour'}
            onChange={setHour}
          />
        </Looking>
        {view === 'above' ? (
          <Above scene={scene} sun={sun} units={units} />
        ) : (
          <Seen scene={scene} eye={view} sun={sun} sunless={light === null} units={units} camera={camera} />
        )}
        <Said scene={scene} today={today} />
        <Arranging scene={scene} plantings={plantings} onCompose={() => setComposing(true)} />
        <Setting scene={scene} units={units} />
      </div>
      <aside aria-label="Overall" className="flex flex-col gap-3">
        <Figures scene={scene} units={units} today={today} />
        <Segments label="View" value={part} options={PARTS} onChange={setPart} />
        {part === 'one' && <AsOne scene={scene} plantings={plantings} />}
        {part === 'light' && <Light scene={scene} />}
        {part === 'year' && <Year group={group} plantings={plantings} today={today} onDay={setDate} />}
        {part === 'all' && (
          <InAll scene={scene} today={today} units={units} take={() => camera.current?.take() ?? null} />
        )}
      </aside>
    </div>
  );
}

/** From where, on which day and at which hour it is looked at. */
function Looking({ date, onDate, children }: { date: string; onDate: (date: string) => void; children: ReactNode }) {
  const { view, look } = useArranging();
  return (
    <div className="grid grid-cols-1 items-end gap-x-4 gap-y-2 min-[34rem]:grid-cols-[minmax(0,1fr)_9.5rem_minmax(0,0.7fr)]">
      <Segments label="View from" value={view} options={SIGHTS} onChange={look} />
      <DateField label="Date" value={date} onChange={onDate} />
      {children}
    </div>
  );
}

/** The picture, and where along it one stands. */
function Seen(at: Omit<ComponentProps<typeof Picture>, 'along' | 'onWalk' | 'height'>) {
  const narrow = useNarrow();
  const [along, setAlong] = useState(0.5);
  return <Picture {...at} along={along} onWalk={setAlong} height={narrow ? TALL_NARROW : TALL} />;
}

/** What is to be known of what is seen. */
function Said({ scene, today }: { scene: Scene; today: string }) {
  const later = scene.bodies.filter((b) => b.planting.startDate > scene.date).map((b) => b.planting.name);
  return (
    <p className="text-[0.86rem] text-quiet">
      True to scale on {formatDayFrom(scene.date, today)}. Drag a container, or select it and use the arrow keys; Page
      Up and Page Down raise and lower it, [ and ] turn it. Full containers are heavy: position them empty, or lift with
      two people.{' '}
      {later.length > 0 &&
        `Not yet planted on this date, so shown as on planting day: ${[...new Set(later)].join(', ')}. `}
      {scene.missing.length > 0 && `No longer on the bench: ${scene.missing.join(', ')}.`}
    </p>
  );
}

/** All of them set out at a press, a group composed, and the way back. */
function Arranging({
  scene,
  plantings,
  onCompose,
}: {
  scene: Scene;
  plantings: readonly Planting[];
  onCompose: () => void;
}) {
  const { move, undo, past } = useArranging();
  const last = past.at(-1);
  const onGround = scene.bodies.filter((b) => b.upMm === 0);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button kind="deep" onClick={onCompose}>
        Compose a group
      </Button>
      <Button onClick={() => move('Arrange in a row', inRow(scene))}>In a row</Button>
      {new Set(scene.bodies.map((b) => b.of)).size > 1 && (
        <Button onClick={() => move('Alternate them', byTurns(scene))}>Alternate</Button>
      )}
      {onGround.length > 2 && (
        <Button onClick={() => move('Arrange as a group', asGroup({ bodies: onGround }))}>As a group</Button>
      )}
      <Button onClick={() => move('Mirror left and right', mirrored(scene))}>Mirror</Button>
      <Button onClick={undo} disabled={!last} title={last ? `Undo: ${last.name}` : undefined}>
        Undo
      </Button>
      <span className="flex-1" />
      <GroupFiles group={scene.group} plantings={plantings} />
    </div>
  );
}

'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { BadInputError } from '@/core/formats/parse';
import { MOST_BYTES, readBench, tooLarge, writeBackup } from '@/core/formats/backup';
import { freshPlanting } from '@/core/plantings/fresh';
import type { Planting } from '@/core/plantings/schema';
import { lido } from '@/demo/lido';
import { readOwn } from '@/storage/plants';
import {
  archivePlanting,
  deletePlanting,
  importBench,
  loadOnce,
  readShelf,
  savePlanting,
  type Shelf,
} from '@/storage/plantings';
import { Button, buttonLook } from '@/ui/Button';
import { useFilePick } from '@/ui/useFilePick';
import { download } from '../shell/download';
import { Preferences } from '../shell/Preferences';
import { stationPath } from '../shell/stations';
import { tell } from '../shell/tell';
import { useUnits } from '../shell/units';
import { Jobs } from './Jobs';
import { pictureSize } from '../pictures/PotPicture';
import { PotOnShelf } from './PotOnShelf';

const today = () => new Date().toISOString().slice(0, 10);
const newId = () => `pot-${crypto.randomUUID().slice(0, 8)}`;

/** Home: every container as its own portrait at true relative size, by place. */
export function Bench({ demo }: { demo: boolean }) {
  const router = useRouter();
  const shelf = useLiveQuery(readShelf);
  const [ready, setReady] = useState(!demo);
  const load = useUnits((u) => u.load);
  useEffect(load, [load]);
  useEffect(() => {
    if (demo)
      void loadOnce('demo', lido)
        .catch((e: unknown) => tell.notKept(e))
        .finally(() => setReady(true));
  }, [demo]);

  /** A new container, in the same spot as another when one is given. */
  const start = async (like?: Planting) => {
    const fresh = freshPlanting(newId(), 'New pot', today());
    const p = like ? { ...fresh, spot: like.spot } : fresh;
    await savePlanting(p);
    router.push(stationPath(p.id, like ? 'container' : 'spot'));
  };
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pt-3 work:px-8 work:pt-5">
        <h1 className="flex-1 text-[1.9rem] font-bold leading-none tracking-tight">Rillbank</h1>
        <Button kind="deep" onClick={() => void start()}>
          Start a container
        </Button>
        <Link href="/library" className={buttonLook('plain')}>
          Library
        </Link>
        <BackupButtons shelf={shelf} />
        <Preferences />
      </header>
      <main className="flex flex-1 flex-col px-4 pb-8 work:px-8">
        {shelf && shelf.unreadable.length > 0 && <Unreadable list={shelf.unreadable} />}
        {!shelf || !ready ? (
          <p className="py-8 text-quiet" aria-busy>
            Setting out the pots …
          </p>
        ) : shelf.pots.length === 0 ? (
          <EmptyBench onStart={() => void start()} />
        ) : (
          <Shelves shelf={shelf} onStart={(like) => void start(like)} />
        )}
      </main>
    </div>
  );
}

/** Pixels for a millimetre on the bench: one scale for all. */
const SCALE = 0.36;

/** So many containers stand one place to a shelf. */
const FEW = 3;

function Shelves({ shelf, onStart }: { shelf: Shelf; onStart: (like?: Planting) => void }) {
  const standing = shelf.pots.filter((p) => !p.archived);
  const away = shelf.pots.filter((p) => p.archived);
  // A full bench is looked at from a step further back, places side by side.
  const crowded = standing.length > FEW;
  const scale = crowded ? SCALE * 0.6 : SCALE;
  const tallest = new Map<string, number>();
  for (const { planting } of standing)
    tallest.set(planting.spot.name, Math.max(tallest.get(planting.spot.name) ?? 0, pictureSize(planting, 1).h));
  // Tall places first: those beside each other are then about as tall, and little of the screen is empty.
  const places = [...tallest].sort((a, b) => b[1] - a[1]).map(([name]) => name);
  const copy = async (p: Planting) => {
    await savePlanting({ ...p, id: newId(), name: `${p.name}, copy`.slice(0, 80) });
  };
  const remove = async (p: Planting) => {
    await deletePlanting(p.id);
    tell.done(`${p.name} deleted`, () => void savePlanting(p));
  };
  const archive = async (p: Planting) => {
    await archivePlanting(p.id, true);
    tell.done(`${p.name} put away`, () => void archivePlanting(p.id, false));
  };
  return (
    <>
      <Jobs plantings={standing.map((p) => p.planting)} today={today()} />
      <div className={crowded ? 'flex flex-wrap items-stretch gap-x-7' : ''}>
        {places.map((place) => (
          <section key={place} className={`pt-6 ${crowded ? 'flex flex-1 flex-col' : ''}`}>
            <div className="flex items-baseline gap-3 whitespace-nowrap">
              <h2 className="text-[1rem] text-quiet">{place}</h2>
              {crowded && (
                <Button
                  kind="bare"
                  className="min-h-7! text-[0.86rem]!"
                  aria-label={`Start another container at ${place}`}
                  onClick={() => onStart(standing.find((p) => p.planting.spot.name === place)?.planting)}
                >
                  Start another
                </Button>
              )}
            </div>
            <ul className={`flex items-stretch gap-y-6 ${crowded ? 'flex-1 max-sm:flex-wrap' : 'flex-wrap'}`}>
              {standing
                .filter((p) => p.planting.spot.name === place)
                .map(({ planting }) => (
                  <PotOnShelf
                    key={planting.id}
                    planting={planting}
                    scale={scale}
                    onCopy={() => void copy(planting)}
                    onDelete={() => void remove(planting)}
                    onArchive={() => void archive(planting)}
                    onRename={(name) => void savePlanting({ ...planting, name })}
                  />
                ))}
              {crowded ? (
                <li className="flex-1" aria-hidden />
              ) : (
                <RoomForOne
                  place={place}
                  onStart={() => onStart(standing.find((p) => p.planting.spot.name === place)?.planting)}
                />
              )}
            </ul>
          </section>
        ))}
      </div>
      {away.length > 0 && (
        <details className="pt-6">
          <summary className="cursor-pointer text-quiet">{away.length} put away</summary>
          <ul className="max-w-md">
            {away.map(({ planting }) => (
              <li key={planting.id} className="hair flex items-center justify-between gap-3">
                <span>
                  {planting.name} <span className="text-quiet">{planting.spot.name}</span>
                </span>
                <Button
                  kind="bare"
                  onClick={() => void archivePlanting(planting.id, false)}
                  aria-label={`Put ${planting.name} back on the bench`}
                >
                  Put back
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

/** The rest of the shelf, with the outline of a pot that might stand there. */
function RoomForOne({ place, onStart }: { place: string; onStart: () => void }) {
  const [w, h] = [400 * SCALE, 360 * SCALE];
  return (
    <li className="flex min-w-[210px] flex-1 flex-col">
      <div className="flex flex-1 items-end border-b-[3px] border-ink px-6">
        <button
          type="button"
          onClick={onStart}
          className="group flex flex-col items-center text-quiet hover:text-glaze"
          aria-label={`Start another container at ${place}`}
        >
          <span className="pb-2 text-[0.9rem] group-hover:underline">Start another here</span>
          <svg width={w} height={h} viewBox={`0 0 ${w} ${h}`} aria-hidden>
            <path
              d={`M3 3H${w - 3}V22H${w - 10}L${w * 0.84} ${h - 1}H${w * 0.16}L10 22H3Z`}
              fill="none"
              stroke="currentColor"
              strokeWidth="1.3"
              strokeDasharray="5 5"
            />
          </svg>
        </button>
      </div>
      {/* As deep as what is written under the pots beside it, so that the shelf is one line. */}
      <div className="h-[7.35rem]" aria-hidden />
    </li>
  );
}

function EmptyBench({ onStart }: { onStart: () => void }) {
  return (
    <section className="m-auto flex max-w-[30rem] flex-col items-start gap-4 py-10">
      <h2 className="text-2xl leading-tight">An empty bench</h2>
      <p>
        Start a container: say how much sun its spot has and how big it is. Rillbank composes plantings that fit, grows
        them week by week, and writes the shopping list. It takes about two minutes.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" onClick={onStart}>
          Start a container
        </Button>
        <Button
          onClick={() =>
            void importBench({ plantings: lido, plants: [] }, newId).catch((e: unknown) => tell.notKept(e))
          }
        >
          Set out the lido’s pots to look at
        </Button>
      </div>
    </section>
  );
}

function Unreadable({ list }: { list: Shelf['unreadable'] }) {
  return (
    <section role="alert" className="mt-4 border-l-4 border-wrong pl-3">
      <h2>
        {list.length === 1 ? 'One container' : `${list.length} containers`} could not be read and{' '}
        {list.length === 1 ? 'is' : 'are'} kept as stored
      </h2>
      <ul className="text-[0.9rem] text-quiet">
        {list.map((u) => (
          <li key={u.id}>
            {u.id}: {u.why.split('\n')[0]}
          </li>
        ))}
      </ul>
    </section>
  );
}

function BackupButtons({ shelf }: { shelf: Shelf | undefined }) {
  const save = async () => {
    const { own } = await readOwn();
    download(
      `rillbank-${today()}.json`,
      writeBackup({ plantings: (shelf?.pots ?? []).map((p) => p.planting), plants: own }, new Date().toISOString()),
      'application/json',
    );
  };
  const open = async (f: File) => {
    try {
      if (f.size > MOST_BYTES) throw tooLarge(f.size);
      const { plantings: n, plants } = await importBench(readBench(await f.text()), newId);
      tell.said(
        `${n} ${n === 1 ? 'container' : 'containers'} set out${plants > 0 ? `, ${plants} of your own plants added` : ''}`,
      );
    } catch (e) {
      if (e instanceof BadInputError) tell.problem(`${f.name} was not opened; nothing changed`, e.message);
      else tell.notKept(e);
    }
  };
  const [pick, field] = useFilePick('Backup or planting file', '.json,application/json', (f) => void open(f));
  return (
    <>
      <Button disabled={!shelf || shelf.pots.length === 0} onClick={() => void save()}>
        Save a backup
      </Button>
      <Button onClick={pick}>Open a file</Button>
      {field}
    </>
  );
}

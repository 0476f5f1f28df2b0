'use client';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { Opened } from '@/core/formats/bundle';
import { readPlants, writePlants } from '@/core/formats/own-plants';
import { plantsCsv } from '@/core/formats/plants-csv';
import type { Plant } from '@/core/plants/schema';
import { readOwnWhole, readPhoto, removeOwn, saveOwn } from '@/storage/plants';
import { Button } from '@/ui/Button';
import { download } from '../shell/download';
import type { Known } from '../shell/known';
import { SiteNav } from '../shell/SiteNav';
import { tell } from '../shell/tell';
import { useOpenFile } from '../shell/useOpenFile';
import { useUnits } from '../shell/units';
import { stationPath } from '../shell/stations';
import { Compare } from './Compare';
import { FileMenu } from './FileMenu';
import { Filters } from './Filters';
import { ImportPlants } from './ImportPlants';
import { PlantForm, type Task } from './PlantForm';
import { PlantSheet } from './PlantSheet';
import { Shelves } from './Shelves';
import { StockPanel } from './StockPanel';
import { useLibrary } from './useLibrary';
import { countAsked } from './view';

/** A file of own plants, as what it brings. */
const plantsIn = async (file: File): Promise<Opened> => ({
  bench: { pots: [], plants: readPlants(await file.text()), stock: null, settings: {} },
  problems: [],
});

/** How many plants are shown, of how many, and whose. */
function howMany(shown: number, { library, own, stock }: Known): string {
  const said = (n: number) => n.toLocaleString('en-GB');
  return [
    `${said(shown)} ${shown === 1 ? 'plant' : 'plants'}${shown < library.length ? ` of ${said(library.length)}` : ''}`,
    ...(own.length > 0 ? [`${said(own.length)} of them yours`] : []),
    ...(stock?.keepTo ? [`in stock at ${stock.stock.nursery}`] : []),
  ].join(', ');
}

/** Every plant there is, on shelves: searched, sorted out, compared, added to. */
export function Library() {
  const router = useRouter();
  const params = useSearchParams();
  const lib = useLibrary(params.get('for'));
  const { units, load } = useUnits();
  useEffect(load, [load]);
  const { known, pot, asked, list, chosen, compared, choose } = lib;
  const [task, setTask] = useState<Task | null>(null);
  const [sheet, setSheet] = useState<File | null>(null);
  const [stocking, setStocking] = useState(false);
  const [comparing, setComparing] = useState(false);
  const [sorting, setSorting] = useState(false);
  const search = useRef<HTMLInputElement>(null);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key === 'Escape' && !(e.target as HTMLElement).closest('[role=dialog], [role=menu], input[type=search]'))
        choose(null);
      if (e.key !== '/' || (e.target as HTMLElement).closest('input, textarea, select')) return;
      e.preventDefault();
      search.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [choose]);

  const own = chosen ? (known.own.find((o) => o.plant.id === chosen.id) ?? null) : null;
  const remove = async (plant: Plant) => {
    const entry = known.own.find((o) => o.plant.id === plant.id);
    if (!entry) return;
    const photo = await readPhoto(plant.id);
    await removeOwn(plant.id);
    tell.done(
      plant.id.startsWith('own-') ? `${plant.common} deleted` : `The original ${plant.common} is restored`,
      () => void saveOwn([{ ...entry, photo }]).catch((e: unknown) => tell.notKept(e)),
    );
    if (plant.id.startsWith('own-')) lib.choose(null);
  };
  const saveJson = async () =>
    download('my-plants.json', writePlants(await readOwnWhole(), new Date().toISOString()), 'application/json');
  const { open: openPlants, dialog: merging } = useOpenFile(plantsIn);
  const open = (f: File) => {
    if (!/\.json$/i.test(f.name)) return setSheet(f);
    return openPlants(f);
  };
  const showCompare = comparing && compared.length > 0;
  return (
    <div className="flex min-h-dvh flex-col work:h-dvh work:overflow-hidden">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pb-2 pt-2.5 work:px-5">
        <Link
          href="/"
          className="text-[1.45rem] font-bold leading-none tracking-tight"
          aria-label="Rillbank, to the bench"
        >
          Rillbank
        </Link>
        <h1 className="text-[1rem] font-normal text-quiet">
          {pot ? (
            <>
              <Link
                className="text-ink underline decoration-line underline-offset-4"
                href={stationPath(pot.id, 'plants')}
              >
                {pot.name}
              </Link>{' '}
              / Library
            </>
          ) : (
            'Library'
          )}
        </h1>
        <input
          ref={search}
          type="search"
          className="field order-last min-w-0 flex-1 basis-full work:order-none work:max-w-md work:basis-40"
          aria-label="Search plants"
          placeholder="Common or botanical name"
          aria-keyshortcuts="/"
          value={asked.text}
          onChange={(e) => lib.setAsked({ ...asked, text: e.target.value })}
        />
        <span className="ml-auto flex flex-wrap items-center gap-2">
          <Button kind="deep" onClick={() => setTask({ do: 'add' })}>
            Add a plant
          </Button>
          <FileMenu
            own={known.own.length}
            shown={list.length}
            onOpen={open}
            onCsv={(all) =>
              download(
                all ? 'plants.csv' : 'my-plants.csv',
                plantsCsv(all ? list.map((s) => s.plant) : known.own.map((o) => o.plant)),
                'text/csv',
              )
            }
            onJson={() => void saveJson()}
          />
          <Button onClick={() => setStocking(true)}>
            <span className="sm:hidden">Stock</span>
            <span className="max-sm:hidden">Nursery stock</span>
            {known.stock?.keepTo ? ' (only these)' : ''}
          </Button>
        </span>
        <SiteNav here="library" pot={pot?.id} place={pot?.spot.name} />
      </header>
      <main
        className={`flex min-h-0 flex-1 flex-col work:grid ${chosen && !showCompare ? 'work:grid-cols-[15.4rem_minmax(0,1fr)_20rem]' : 'work:grid-cols-[15.4rem_minmax(0,1fr)]'}`}
      >
        <aside aria-label="Filter" className="min-h-0 px-4 pb-2 work:overflow-y-auto work:pl-5 work:pr-3">
          <Button className="work:hidden" aria-expanded={sorting} onClick={() => setSorting((s) => !s)}>
            Filter{countAsked(asked) > 0 ? ` (${countAsked(asked)})` : ''}
          </Button>
          <div className={`${sorting ? '' : 'max-work:hidden'} pt-2 work:pt-0`}>
            <Filters
              asked={asked}
              onChange={lib.setAsked}
              pots={lib.pots}
              pot={pot}
              units={units}
              onPot={(id) => router.replace(id ? `/library?for=${id}` : '/library')}
            />
          </div>
        </aside>
        <section aria-label="Plants" className="flex min-h-0 min-w-0 flex-col px-3 max-work:h-[78vh]">
          {showCompare ? (
            <Compare plants={compared} units={units} onDrop={lib.toggleCompared} onClose={() => setComparing(false)} />
          ) : (
            <>
              <p className="flex min-h-8 flex-wrap items-baseline gap-x-3 text-[0.9rem] text-quiet" role="status">
                {known.ready ? howMany(list.length, known) : 'Loading the library…'}
                {known.unreadable.length > 0 && (
                  <span className="text-wrong">
                    {known.unreadable.length} of your plants could not be read. Nothing has been deleted.
                  </span>
                )}
              </p>
              <div className="min-h-0 flex-1">
                {list.length > 0 ? (
                  <Shelves
                    list={list}
                    chosen={chosen?.id ?? null}
                    compared={compared.map((p) => p.id)}
                    own={lib.ownIds}
                    onChoose={lib.choose}
                  />
                ) : (
                  known.ready && <NoneFound text={asked.text} onAdd={() => setTask({ do: 'add' })} />
                )}
              </div>
            </>
          )}
          {compared.length > 0 && !showCompare && (
            <div className="flex items-center gap-2 border-t border-line py-1.5">
              <Button kind="deep" onClick={() => setComparing(true)}>
                Compare {compared.length}
              </Button>
              <span className="min-w-0 flex-1 truncate text-[0.9rem] text-quiet">
                {compared.map((p) => (p.variety ? `${p.common}, ${p.variety}` : p.common)).join('; ')}
              </span>
            </div>
          )}
        </section>
        {chosen && !showCompare && (
          <aside
            aria-label="Plant"
            className="min-h-0 bg-ground px-4 pb-4 max-work:fixed max-work:inset-x-0 max-work:bottom-0 max-work:z-10 max-work:max-h-[72vh] max-work:overflow-y-auto max-work:border-t-2 max-work:border-ink max-work:pt-3 work:overflow-y-auto work:pr-5"
          >
            <PlantSheet
              plant={chosen}
              own={own}
              pot={pot}
              lines={known.stock ? known.stock.stock.lines.filter((l) => l.plantId === chosen.id) : null}
              units={units}
              compared={compared.some((p) => p.id === chosen.id)}
              full={lib.full}
              onCompare={() => lib.toggleCompared(chosen.id)}
              onVary={() => setTask({ do: 'vary', plant: chosen })}
              onEdit={() => setTask({ do: 'edit', plant: chosen })}
              onRemove={() => void remove(chosen)}
              onClose={() => lib.choose(null)}
            />
          </aside>
        )}
      </main>
      {task && (
        <PlantForm
          task={task}
          library={known.all}
          own={lib.ownIds}
          units={units}
          onClose={(saved) => {
            setTask(null);
            if (saved) lib.choose(saved);
          }}
        />
      )}
      {merging}
      {sheet && <ImportPlants file={sheet} own={known.own} units={units} onClose={() => setSheet(null)} />}
      {stocking && <StockPanel stock={known.stock} all={known.all} onClose={() => setStocking(false)} />}
    </div>
  );
}

function NoneFound({ text, onAdd }: { text: string; onAdd: () => void }) {
  return (
    <div className="flex max-w-prose flex-col items-start gap-3 pt-8">
      <h2 className="text-lg">No plants match</h2>
      <p className="text-quiet">
        {text.trim()
          ? `No plants match “${text.trim()}” with these filters. Remove some filters, try part of the name, or add the plant yourself.`
          : 'Remove some filters on the left.'}
      </p>
      {text.trim() && <Button onClick={onAdd}>Add it from its label</Button>}
    </div>
  );
}

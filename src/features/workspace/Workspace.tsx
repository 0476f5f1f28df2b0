'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { isLong } from '@/core/compose/counts';
import { describe } from '@/core/containers/describe';
import { MATERIALS } from '@/core/containers/materials';
import type { Planting } from '@/core/plantings/schema';
import { readOne } from '@/storage/plantings';
import { buttonLook } from '@/ui/Button';
import { ContainerPanel } from '../container/ContainerPanel';
import { ContainerSums } from '../container/ContainerSums';
import { MakePanel } from '../make/MakePanel';
import { AddPlant } from '../plants/AddPlant';
import { Brief } from '../plants/Brief';
import { Cast } from '../plants/Cast';
import { Proposals } from '../plants/Proposals';
import { SwapPanel } from '../plants/SwapPanel';
import { useComposer } from '../plants/useComposer';
import { hasInstruments, SpotInstruments } from '../spot/SpotInstruments';
import { SpotPanel } from '../spot/SpotPanel';
import { SpotReading } from '../spot/SpotReading';
import { useDerived } from './derived';
import { Levels } from './Levels';
import { useKnown } from '../shell/known';
import { Palette } from './Palette';
import { Plan } from './Plan';
import { Portrait } from './Portrait';
import { Rill } from './Rill';
import { stationPath, type Station } from '../shell/stations';
import { useWorkspace } from '../shell/store';
import { TopBar } from './TopBar';
import { useShortcuts } from '../shell/useShortcuts';
import { useUnits } from '../shell/units';

/** Opens a stored planting, and follows it when another tab changes it. */
function useOpen(id: string): { planting: Planting | null; problem: string | null } {
  const { planting, stamp, open, follow } = useWorkspace();
  const row = useLiveQuery(
    () =>
      readOne(id)
        .then((r) => r ?? null)
        .catch((e: unknown) => (e instanceof Error ? e.message : String(e))),
    [id],
  );
  useEffect(() => {
    if (!row || typeof row === 'string') return;
    if (planting?.id !== id) open(row.planting, row.updatedAt);
    else if (row.updatedAt > stamp) follow(row.planting, row.updatedAt);
  }, [row, id, planting, stamp, open, follow]);
  const problem = row === null ? 'There is no such container on this bench.' : typeof row === 'string' ? row : null;
  return { planting: planting?.id === id ? planting : null, problem };
}

export function Workspace({ id, station }: { id: string; station: Station }) {
  const { planting, problem } = useOpen(id);
  const load = useUnits((u) => u.load);
  useEffect(load, [load]);
  if (problem) {
    return (
      <main className="mx-auto flex max-w-prose flex-col items-start gap-4 p-8">
        <h1 className="text-2xl">This container cannot be opened</h1>
        <p className="whitespace-pre-line">{problem}</p>
        <Link href="/" className={buttonLook('deep')}>
          Back to the bench
        </Link>
      </main>
    );
  }
  if (!planting)
    return (
      <main className="p-8 text-quiet" aria-busy>
        Fetching the pot …
      </main>
    );
  return <Open planting={planting} station={station} />;
}

function Open({ planting, station }: { planting: Planting; station: Station }) {
  useShortcuts();
  const router = useRouter();
  const { week: wanted, chosen, lit, show, run } = useWorkspace();
  const units = useUnits((u) => u.units);
  const { season, report, frame } = useDerived(planting);
  const composer = useComposer();
  const known = useKnown();
  const wantedId = useSearchParams().get('add');
  const wantedPlant = wantedId ? (known.all.find((p) => p.id === wantedId) ?? null) : null;
  const [briefing, setBriefing] = useState(false);
  const [adding, setAdding] = useState(false);
  const week = Math.min(wanted ?? season.peak, season.weeks.length - 1);
  const planted = planting.placements.length > 0;
  const hand = season.placed.find((p) => p.id === chosen);
  const proposing = station === 'plants' && composer.state !== 'idle';
  const compose = () => composer.start(planting, known.mine);
  useEffect(() => {
    document.title = `${planting.name} · Rillbank`;
  }, [planting.name]);

  const left =
    station === 'spot' ? (
      <SpotPanel planting={planting} />
    ) : station === 'container' ? (
      <ContainerPanel planting={planting} />
    ) : station === 'make' ? (
      <MakePanel planting={planting} units={units} known={known} />
    ) : planted && !briefing ? (
      <Cast season={season} week={week} onCompose={() => setBriefing(true)} onAdd={() => setAdding(true)} />
    ) : (
      <Brief planting={planting} known={known} onCompose={compose} onBack={planted ? () => setBriefing(false) : null} />
    );
  const right =
    station === 'spot' ? (
      <SpotReading planting={planting} library={known.library} />
    ) : station === 'container' ? (
      <ContainerSums planting={planting} units={units} />
    ) : station === 'plants' ? (
      hand ? (
        <SwapPanel key={hand.id} planting={planting} placed={hand} report={report} known={known} />
      ) : planted ? (
        <Levels planting={planting} report={report} mine={known.mine} />
      ) : (
        <Empty />
      )
    ) : null;
  const columns =
    station === 'make' ? 'work:grid-cols-[minmax(30rem,1.15fr)_1fr]' : 'work:grid-cols-[17.6rem_minmax(0,1fr)_18.6rem]';

  return (
    <div className="flex min-h-dvh flex-col work:h-dvh work:overflow-hidden">
      <TopBar
        planting={planting}
        station={station}
        report={report}
        subtitle={`${describe(planting.container, units)}, ${MATERIALS[planting.container.material].label.toLowerCase()}`}
      />
      {proposing ? (
        <main className="min-h-0 flex-1">
          <Proposals
            state={composer.state === 'working' ? 'working' : 'done'}
            done={composer.done}
            sofar={composer.sofar}
            composed={composer.composed}
            onStop={composer.stop}
            onClose={composer.stop}
            onTake={(p) => {
              run('Take a proposal', { do: 'plant', placements: p.planting.placements });
              show({ chosen: null, week: null });
              setBriefing(false);
              composer.stop();
            }}
          />
        </main>
      ) : (
        <main className={`flex min-h-0 flex-1 flex-col work:grid ${columns}`}>
          <aside
            aria-label={station}
            className="order-2 min-h-0 px-4 py-2 work:order-1 work:overflow-y-auto work:pl-5 work:pr-3"
          >
            {left}
            {(station === 'spot' || station === 'container' || planted) && !briefing && (
              <NextStation id={planting.id} station={station} />
            )}
          </aside>
          <section
            aria-label="Portrait"
            className={`relative order-1 work:order-2 work:h-auto work:min-h-0 ${station === 'make' ? 'h-[34vh]' : 'h-[58vh] min-h-[320px]'}`}
          >
            {station === 'spot' && hasInstruments(planting.spot) ? (
              <div className="h-full overflow-y-auto px-2 py-1">
                <SpotInstruments planting={planting} season={season} week={week} />
              </div>
            ) : (
              <Portrait planting={planting} season={season} frame={frame} week={week} lit={lit} />
            )}
            {station === 'plants' && planted && (
              <div
                className={`absolute bottom-0 right-1 ${isLong(planting.container.shape) ? 'w-[220px] sm:w-[300px]' : 'w-[132px] sm:w-[150px]'}`}
              >
                <Plan planting={planting} season={season} />
              </div>
            )}
          </section>
          {right && (
            <aside
              aria-label={station === 'plants' ? 'Levels' : 'What follows'}
              className="order-3 min-h-0 px-4 py-2 work:overflow-y-auto work:pl-3 work:pr-5"
            >
              {right}
            </aside>
          )}
        </main>
      )}
      {planted && !proposing && (
        <footer className="sticky bottom-0 z-10 order-last work:static">
          <Rill planting={planting} season={season} week={week} />
        </footer>
      )}
      <Palette
        planting={planting}
        season={season}
        onCompose={() => {
          router.push(stationPath(planting.id, 'plants'));
          compose();
        }}
        onAdd={() => setAdding(true)}
      />
      <AddPlant
        key={wantedPlant?.id ?? ''}
        planting={planting}
        library={wantedPlant ? known.all : known.library}
        wanted={wantedPlant}
        open={adding || wantedPlant !== null}
        onClose={() => {
          setAdding(false);
          if (wantedPlant) router.replace(stationPath(planting.id, 'plants'));
        }}
      />
    </div>
  );
}

const NEXT: Partial<Record<Station, { to: Station; text: string }>> = {
  spot: { to: 'container', text: 'Next: the container' },
  container: { to: 'plants', text: 'Next: the plants' },
  plants: { to: 'make', text: 'Next: the shopping list' },
};

/** The way on, for whoever comes for the first time. */
function NextStation({ id, station }: { id: string; station: Station }) {
  const next = NEXT[station];
  return next ? (
    <p className="pt-3">
      <Link href={stationPath(id, next.to)} className={buttonLook('plain')}>
        {next.text}
      </Link>
    </p>
  ) : null;
}

function Empty() {
  return (
    <div className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Nothing planted yet</h2>
      <p>
        Say what you would like on the left, then press Compose. You get several plantings that fit this spot and pot,
        each with its reasons.
      </p>
      <p className="text-quiet">
        Height, texture, trail, colour and vigour are judged here as soon as there is something to judge.
      </p>
    </div>
  );
}

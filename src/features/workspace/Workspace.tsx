'use client';
import Link from 'next/link';
import { type ReactNode, useEffect } from 'react';
import { describe } from '@/core/containers/describe';
import { MATERIALS } from '@/core/containers/materials';
import type { Planting } from '@/core/plantings/schema';
import { buttonLook } from '@/ui/Button';
import { useDesk } from '../plants/composing';
import { Boundary } from '../shell/Boundary';
import { useKnown } from '../shell/known';
import type { StationProps } from '../shell/panels';
import { stationAfter, stationPath, STATIONS, type Station } from '../shell/stations';
import { useWorkspace } from '../shell/store';
import { useCatchFocus } from '../shell/useCatchFocus';
import { useShortcuts } from '../shell/useShortcuts';
import { useUnits } from '../shell/units';
import { Adding } from './Adding';
import { useDerived } from './derived';
import { Palette } from './Palette';
import { PANELS } from './panels';
import { Portrait } from './Portrait';
import { Rill } from './Rill';
import { TopBar } from './TopBar';
import { useOpen } from './useOpen';

/** One container at one of its stations. */
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
  const wanted = useWorkspace((s) => s.week);
  const units = useUnits((u) => u.units);
  const { season, report, frame } = useDerived(planting);
  const known = useKnown();
  const week = Math.min(wanted ?? season.peak, season.weeks.length - 1);
  const { Whole, useWhole = never } = PANELS[station];
  const whole = useWhole();
  const at: StationProps = { planting, season, report, week, units, known };
  useEffect(() => useDesk.getState().set({ briefing: false, adding: false }), [planting.id]);
  useEffect(() => {
    document.title = `${planting.name}, ${STATIONS[station].name} · Rillbank`;
  }, [planting.name, station]);
  const material = MATERIALS[planting.container.material].label.toLowerCase();
  return (
    <div className="flex min-h-dvh flex-col work:h-dvh work:overflow-hidden">
      <a
        href="#work"
        className={`${buttonLook('deep')} sr-only focus:not-sr-only focus:absolute focus:left-2 focus:top-2 focus:z-40`}
      >
        Skip to the work
      </a>
      <TopBar
        planting={planting}
        station={station}
        report={report}
        subtitle={`${describe(planting.container, units)}, ${material}`}
      />
      <Boundary what={`the ${STATIONS[station].name} station`} resetOn={planting}>
        {whole && Whole ? (
          <WholeStand>
            <Whole {...at} />
          </WholeStand>
        ) : (
          <Stand station={station} at={at} frame={frame} />
        )}
      </Boundary>
      {planting.placements.length > 0 && !whole && (
        <footer className="sticky bottom-0 z-10 order-last work:static">
          <Rill planting={planting} season={season} week={week} />
        </footer>
      )}
      <Palette planting={planting} season={season} known={known} />
      <Adding planting={planting} known={known} />
    </div>
  );
}

const never = (): boolean => false;

/** A station that takes the whole frame. */
function WholeStand({ children }: { children: ReactNode }) {
  const main = useCatchFocus<HTMLElement>('whole');
  return (
    <main ref={main} id="work" tabIndex={-1} className="min-h-0 flex-1 outline-none">
      {children}
    </main>
  );
}

interface StandProps {
  station: Station;
  at: StationProps;
  frame: ReturnType<typeof useDerived>['frame'];
}

/** A station: its work, the portrait, and what follows from it. */
function Stand({ station, at, frame }: StandProps) {
  const { Work, Reading, Picture, hasPicture, Corner, broad, onward, readingName = 'What follows' } = PANELS[station];
  const columns = broad
    ? 'work:grid-cols-[minmax(30rem,1.15fr)_1fr]'
    : 'work:grid-cols-[17.6rem_minmax(0,1fr)_18.6rem]';
  const work = useCatchFocus<HTMLElement>(station);
  const pictured = Picture && hasPicture?.(at.planting);
  return (
    <main className={`flex min-h-0 flex-1 flex-col work:grid ${columns}`}>
      <aside
        ref={work}
        id="work"
        tabIndex={-1}
        aria-label={STATIONS[station].name}
        className="outline-none order-2 min-h-0 px-4 py-2 work:order-1 work:overflow-y-auto work:pl-5 work:pr-3"
      >
        <Work {...at} />
        {onward(at.planting) && <Onward id={at.planting.id} station={station} />}
      </aside>
      <section
        aria-label="Portrait"
        className={`relative order-1 work:order-2 work:h-auto work:min-h-0 ${broad ? 'h-[34vh]' : 'h-[58vh] min-h-[320px]'}`}
      >
        {pictured ? (
          <Picture {...at} />
        ) : (
          <Portrait planting={at.planting} season={at.season} frame={frame} week={at.week} />
        )}
        {Corner && <Corner {...at} />}
      </section>
      {Reading && (
        <aside aria-label={readingName} className="order-3 min-h-0 px-4 py-2 work:overflow-y-auto work:pl-3 work:pr-5">
          <Reading {...at} />
        </aside>
      )}
    </main>
  );
}

/** The way on, for whoever comes for the first time. */
function Onward({ id, station }: { id: string; station: Station }) {
  const next = stationAfter(station);
  const { onward } = STATIONS[station];
  if (!next || !onward) return null;
  return (
    <p className="pt-3">
      <Link href={stationPath(id, next)} className={buttonLook('plain')}>
        {onward}
      </Link>
    </p>
  );
}

'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { type ReactNode, useEffect } from 'react';
import { grow } from '@/core/growth/season';
import { turnOn } from '@/core/growth/turn';
import type { Planting } from '@/core/plantings/schema';
import { buttonLook } from '@/ui/Button';
import { useNarrow } from '@/ui/useNarrow';
import { countOf } from '@/ui/words';
import { useToday } from '../shell/diary';
import { useDesk } from '../plants/composing';
import { Boundary } from '../shell/Boundary';
import { useKnown } from '../shell/known';
import type { StationProps } from '../shell/panels';
import { potIn, STATIONS, type Station } from '../shell/stations';
import { useWorkspace } from '../shell/store';
import { useCatchFocus } from '../shell/useCatchFocus';
import { useShortcuts } from '../shell/useShortcuts';
import { useUnits } from '../shell/units';
import { Adding } from './Adding';
import { useDerived } from './derived';
import { Palette } from './Palette';
import { PANELS } from './panels';
import { Rill } from './Rill';
import { NarrowStand, type StandProps, WideStand } from './Stand';
import { TopBar } from './TopBar';
import { useOpen } from './useOpen';

/** One container at one of its stations. */
export function Workspace({ station }: { station: Station }) {
  const id = potIn(usePathname());
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
        Loading the container…
      </main>
    );
  return <Open planting={planting} station={station} />;
}

function Open({ planting: whole, station }: { planting: Planting; station: Station }) {
  const today = useToday();
  const planting = PANELS[station].allTurns ? whole : turnOn(whole, grow(whole), today).planting;
  useShortcuts();
  const wanted = useWorkspace((s) => s.week);
  const units = useUnits((u) => u.units);
  const { season, report, frame } = useDerived(planting);
  const known = useKnown();
  const { Whole, useWhole = never, Foot, useStream = plain, useWeek = plain } = PANELS[station];
  const usual = useWeek(planting);
  const week = Math.min(wanted ?? usual ?? season.peak, season.weeks.length - 1);
  const taken = useWhole();
  const at: StationProps = { planting, season, report, week, units, known };
  const stream = useStream(at);
  const narrow = useNarrow();
  useEffect(() => useDesk.getState().set({ briefing: false, adding: false }), [planting.id]);
  useEffect(() => {
    document.title = `${planting.name}, ${STATIONS[station].name} · Rillbank`;
  }, [planting.name, station]);
  return (
    <div className="flex min-h-dvh flex-col work:h-dvh work:overflow-hidden">
      <a
        href="#work"
        className={`${buttonLook('deep')} sr-only focus:not-sr-only focus:absolute focus:left-2 focus:top-2 focus:z-40`}
      >
        Skip to main content
      </a>
      <TopBar planting={planting} station={station} report={report} />
      <FromLater later={whole.later ?? []} />
      <Boundary what={`the ${STATIONS[station].name} page`} resetOn={planting}>
        {taken && Whole ? (
          <WholeStand>
            <Whole {...at} />
          </WholeStand>
        ) : (
          <Stand station={station} at={at} frame={frame} />
        )}
      </Boundary>
      {planting.placements.length > 0 && !taken && (
        <footer className="sticky bottom-0 z-10 order-last work:static">
          <Rill planting={planting} season={season} week={week} {...stream} />
          {Foot && !narrow && <Foot {...at} />}
        </footer>
      )}
      <Palette planting={planting} season={season} known={known} />
      <Adding planting={planting} known={known} />
    </div>
  );
}

/** What a newer Rillbank wrote into it and this one cannot show. */
function FromLater({ later }: { later: NonNullable<Planting['later']> }) {
  if (later.length === 0) return null;
  return (
    <p className="border-b border-line px-5 py-1 text-[0.88rem] text-quiet">
      Saved by a newer Rillbank: {countOf(later.length, 'thing')} in it cannot be shown here. Nothing is lost: open it
      in the newer one to see {later.length > 1 ? 'them' : 'it'} again.
    </p>
  );
}

/** A station as the screen is wide. */
function Stand(props: StandProps) {
  const narrow = useNarrow();
  return narrow ? <NarrowStand {...props} /> : <WideStand {...props} />;
}

const never = (): boolean => false;
const plain = (): null => null;

/** A station that takes the whole frame. */
function WholeStand({ children }: { children: ReactNode }) {
  const main = useCatchFocus<HTMLElement>('whole');
  return (
    <main ref={main} id="work" tabIndex={-1} className="min-h-0 flex-1 outline-none">
      {children}
    </main>
  );
}

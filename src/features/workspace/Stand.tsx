'use client';
import Link from 'next/link';
import { type ReactNode, useEffect, useRef } from 'react';
import { buttonLook } from '@/ui/Button';
import type { StationProps } from '../shell/panels';
import { usePointing } from '../shell/pointing';
import { stationAfter, stationPath, STATIONS, type Station } from '../shell/stations';
import { useCatchFocus } from '../shell/useCatchFocus';
import type { useDerived } from './derived';
import { PANELS } from './panels';
import { Pair } from './Pair';
import { Portrait } from './Portrait';
import { PortraitStrip } from './PortraitStrip';

export interface StandProps {
  station: Station;
  at: StationProps;
  frame: ReturnType<typeof useDerived>['frame'];
}

const READING = 'Results';
const nothing = (): null => null;

/** A station on a bench: its work, the portrait, and what follows from it, side by side. */
export function WideStand({ station, at, frame }: StandProps) {
  const {
    Work,
    Reading,
    Picture,
    hasPicture,
    Corner,
    broad,
    onward,
    readingName = READING,
    useBeside = nothing,
  } = PANELS[station];
  const beside = useBeside(at);
  const columns = broad ? 'grid-cols-[minmax(30rem,1.15fr)_1fr]' : 'grid-cols-[17.6rem_minmax(0,1fr)_18.6rem]';
  const work = useCatchFocus<HTMLElement>(station);
  return (
    <main className={`grid min-h-0 flex-1 ${columns}`}>
      <aside
        ref={work}
        id="work"
        tabIndex={-1}
        aria-label={STATIONS[station].name}
        className="min-h-0 overflow-y-auto py-2 pl-5 pr-3 outline-none"
      >
        {/* Before the work: it is in sight however long that is, and a key away. */}
        {onward(at.planting) && <Onward id={at.planting.id} station={station} />}
        <Work {...at} />
      </aside>
      <section aria-label="Picture" className="relative min-h-0">
        {Picture && hasPicture?.(at.planting) ? (
          <Picture {...at} />
        ) : beside ? (
          <Pair at={at} beside={beside} />
        ) : (
          <Portrait planting={at.planting} season={at.season} frame={frame} week={at.week} />
        )}
        {Corner && (
          <div className="absolute bottom-0 right-1">
            <Corner {...at} />
          </div>
        )}
      </section>
      {Reading && (
        <aside aria-label={readingName} className="min-h-0 overflow-y-auto py-2 pl-3 pr-5">
          <Reading {...at} />
        </aside>
      )}
    </main>
  );
}

/** A station in the hand: the portrait a strip, then the work, then what follows, one under the other. */
export function NarrowStand({ station, at, frame }: StandProps) {
  const {
    Work,
    Reading,
    Picture,
    hasPicture,
    Corner,
    Foot,
    onward,
    eager = false,
    readingName = READING,
    useBeside = nothing,
  } = PANELS[station];
  const beside = useBeside(at);
  const work = useCatchFocus<HTMLElement>(station);
  const reading = useInSight<HTMLElement>(usePointing((p) => p.chosen));
  return (
    <main className="flex flex-1 flex-col">
      {beside ? (
        <section aria-label="Picture" className="h-64 border-b border-line">
          <Pair at={at} beside={beside} />
        </section>
      ) : (
        <PortraitStrip {...at} frame={frame} />
      )}
      <aside ref={work} id="work" tabIndex={-1} aria-label={STATIONS[station].name} className="px-4 py-3 outline-none">
        {eager && onward(at.planting) && <Onward id={at.planting.id} station={station} />}
        <Work {...at} />
      </aside>
      {Picture && hasPicture?.(at.planting) && (
        <section aria-label="Checks and tools" className="px-2">
          <Picture {...at} />
        </section>
      )}
      {Corner && (
        <section aria-label="Plan" className="flex justify-center px-4">
          <Corner {...at} />
        </section>
      )}
      {Reading && (
        <aside ref={reading} aria-label={readingName} className="scroll-mt-16 px-4 py-3">
          <Reading {...at} />
        </aside>
      )}
      {Foot && at.planting.placements.length > 0 && <Foot {...at} />}
      {onward(at.planting) && (
        <div className="px-4 py-4">
          <Onward id={at.planting.id} station={station} />
        </div>
      )}
    </main>
  );
}

/** Brings what was opened by a tap elsewhere into view: `opened` names it, null for nothing. */
function useInSight<E extends HTMLElement>(opened: string | null): React.RefObject<E | null> {
  const ref = useRef<E>(null);
  useEffect(() => {
    if (opened !== null) ref.current?.scrollIntoView({ block: 'start' });
  }, [opened]);
  return ref;
}

/** The way on, for whoever comes for the first time. */
function Onward({ id, station }: { id: string; station: Station }): ReactNode {
  const next = stationAfter(station);
  const { onward } = STATIONS[station];
  if (!next || !onward) return null;
  return (
    <p className="flex pb-2 work:justify-end">
      <Link href={stationPath(id, next)} className={buttonLook('plain')}>
        {onward}
      </Link>
    </p>
  );
}

'use client';
import Link from 'next/link';
import { checkOf } from '@/core/balance';
import type { Report } from '@/core/balance/finding';
import type { Planting } from '@/core/plantings/schema';
import { spotName } from '@/core/spots/schema';
import { Button } from '@/ui/Button';
import { type Stop, Stream } from '@/ui/Stream';
import { useNarrow } from '@/ui/useNarrow';
import { SiteNav } from '../shell/SiteNav';
import { STATION_IDS, stationPath, STATIONS, type Station } from '../shell/stations';
import { nameOfLast } from '../shell/history';
import { useWorkspace } from '../shell/store';
import { PhoneBar } from './PhoneBar';
import { SavedSign } from './SavedSign';

/** Where you are, the stations, and the way back. */
export function TopBar({ planting, station, report }: { planting: Planting; station: Station; report: Report }) {
  const back = useWorkspace((s) => nameOfLast(s.history?.past ?? []));
  const forward = useWorkspace((s) => nameOfLast(s.history?.future ?? []));
  const undo = useWorkspace((s) => s.undo);
  const redo = useWorkspace((s) => s.redo);
  const narrow = useNarrow();
  const planted = planting.placements.length > 0;
  const wrongAt = new Set<Station>(
    report.findings.filter((f) => f.severity === 'wrong').map((f) => checkOf(f.check).at),
  );
  const stops = STATION_IDS.map((s): Stop => {
    const done = s === 'spot' || s === 'container' || planted;
    return {
      key: s,
      text: STATIONS[s].name,
      href: stationPath(planting.id, s),
      state: wrongAt.has(s) ? 'wrong' : done ? 'done' : 'todo',
    };
  });
  if (narrow) return <PhoneBar planting={planting} station={station} stops={stops} />;
  return (
    <header className="flex items-center gap-x-3 px-5 pb-1.5 pt-2.5">
      <Link
        href="/"
        className="text-[1.45rem] font-bold leading-none tracking-tight"
        aria-label="Rillbank, to the bench"
      >
        Rillbank
      </Link>
      <div className="relative min-w-0 flex-1 truncate text-[0.93rem] text-quiet">
        {spotName(planting.spot)} /{' '}
        <h1 className="inline text-[length:inherit] font-semibold text-ink">
          {planting.name}
          <span className="sr-only">, {STATIONS[station].name}</span>
        </h1>
      </div>
      <div className="flex items-center gap-1 print:hidden">
        <SavedSign />
        <Button
          kind="bare"
          className="px-2!"
          disabled={!back}
          onClick={undo}
          title={back ? `Undo ${back} (Ctrl Z)` : 'Nothing to undo'}
        >
          Undo
        </Button>
        <Button
          kind="bare"
          className="px-2!"
          disabled={!forward}
          onClick={redo}
          title={forward ? `Redo ${forward} (Ctrl Shift Z)` : 'Nothing to redo'}
        >
          Redo
        </Button>
      </div>
      <SiteNav here={station} pot={planting.id} place={planting.spot.name} />
      <div className="w-[26rem]">
        <Stream current={station} stops={stops} />
      </div>
    </header>
  );
}

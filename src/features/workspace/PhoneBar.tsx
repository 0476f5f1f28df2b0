'use client';
import Link from 'next/link';
import type { Planting } from '@/core/plantings/schema';
import type { Stop } from '@/ui/Stream';
import { STATIONS, type Station } from '../shell/stations';
import { SavedSign } from './SavedSign';
import { StationMenu } from './StationMenu';

/** The head of a narrow screen, one row: back, name, station. */
export function PhoneBar({
  planting,
  station,
  stops,
}: {
  planting: Planting;
  station: Station;
  stops: readonly Stop[];
}) {
  return (
    <header className="sticky top-0 z-20 flex h-14 items-center gap-1 border-b border-line bg-ground px-1.5 print:static">
      <Link href="/" className="grid size-[44px] shrink-0 place-items-center" aria-label="Rillbank, to the bench">
        <svg width="12" height="20" viewBox="0 0 12 20" aria-hidden>
          <path d="M10 2L2 10l8 8" fill="none" stroke="var(--glaze)" strokeWidth="2.4" />
        </svg>
      </Link>
      <h1 className="relative min-w-0 flex-1 truncate text-[1rem] leading-tight">
        {planting.name}
        <span className="sr-only">, {STATIONS[station].name}</span>
      </h1>
      <SavedSign />
      <StationMenu planting={planting} station={station} stops={stops} />
    </header>
  );
}

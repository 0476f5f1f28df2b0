'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import { bestWeeks } from '@/core/growth/stretches';
import { buttonLook } from '@/ui/Button';
import type { Panels, StationProps } from '../shell/panels';
import { stationPath } from '../shell/stations';
import { AtItsBest } from './AtItsBest';
import { ByMonth } from './ByMonth';
import { Charts } from './Charts';
import { Covering } from './Covering';
import { Lanes } from './Lanes';
import { useTrying } from './trying';
import { useBeside } from './useBeside';
import { Water } from './Water';
import { WhatIf } from './WhatIf';

const isPlanted = ({ placements }: StationProps['planting']): boolean => placements.length > 0;

/** What lies ahead of a planting, and what can be tried on it. */
function Work(at: StationProps) {
  if (!isPlanted(at.planting))
    return (
      <div className="flex flex-col items-start gap-3">
        <p>Plant something first, and its season appears here.</p>
        <Link href={stationPath(at.planting.id, 'plants')} className={buttonLook('plain')}>
          Go to Plants
        </Link>
      </div>
    );
  return (
    <div className="flex flex-col gap-5">
      <AtItsBest {...at} />
      <Covering {...at} />
      <ByMonth {...at} />
      <Water {...at} />
    </div>
  );
}

function Reading(at: StationProps) {
  if (!isPlanted(at.planting)) return null;
  return (
    <div className="flex flex-col gap-5">
      <WhatIf {...at} />
      <Charts {...at} />
    </div>
  );
}

/** The held week and the best weeks, for the stream. */
function useStream({ planting, season: grown }: StationProps) {
  const { of, held } = useTrying();
  const best = useMemo(() => bestWeeks(grown), [grown]);
  return { held: of === planting.id ? held : null, best };
}

export const seasonStation: Panels = {
  Work,
  Reading,
  useBeside,
  Foot: Lanes,
  useStream,
  onward: isPlanted,
  allTurns: true,
  readingName: 'What-if and charts',
};

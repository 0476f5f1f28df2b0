'use client';
import type { Panels, StationProps } from '../shell/panels';
import { hasInstruments, SpotInstruments } from './SpotInstruments';
import { SpotPanel } from './SpotPanel';
import { SpotReading } from './SpotReading';

export const spotStation: Panels = {
  Work: ({ planting }: StationProps) => <SpotPanel planting={planting} />,
  Reading: ({ planting, known }: StationProps) => <SpotReading planting={planting} library={known.library} />,
  Picture: ({ planting, season, week }: StationProps) => (
    <div className="h-full overflow-y-auto px-2 py-1">
      <SpotInstruments planting={planting} season={season} week={week} />
    </div>
  ),
  hasPicture: ({ spot: s }) => hasInstruments(s),
  onward: () => true,
};

'use client';
import type { Planting } from '@/core/plantings/schema';
import type { Spot } from '@/core/spots/schema';
import { SightSection } from '@/ui/SightSection';
import { SunClock } from '@/ui/SunClock';
import { useWorkspace } from '../workspace/store';
import { useUnits } from '../workspace/units';

/** Whether the spot has anything to show beside its fields. */
export const hasInstruments = ({ light, seen, sight }: Spot): boolean => light.kind === 'clock' || (seen === 'inside' && sight !== null);

/** The sun clock and the section through the window, beside the planting. */
export function SpotInstruments({ planting }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const units = useUnits((u) => u.units);
  const { spot } = planting;
  const { light, sight } = spot;
  const set = (name: string, change: Partial<Spot>) => run(name, { do: 'set', change: { spot: { ...spot, ...change } } });
  return (
    <div className="mx-auto flex max-w-[46rem] flex-col gap-4">
      {light.kind === 'clock' && <SunClock light={light} onChange={(l) => set('Draw the skyline', { light: l })} />}
      {spot.seen === 'inside' && sight && <SightSection sight={sight} units={units} onChange={(s) => set('Change the sightline', { sight: s })} />}
    </div>
  );
}

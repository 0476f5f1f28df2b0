'use client';
import { signature } from '@/core/plants/signature';
import type { Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import { movedTo } from '@/core/plantings/start-day';
import { diaryToday } from '../shell/diary';
import type { Spot } from '@/core/spots/schema';
import { SightSection } from '@/ui/SightSection';
import { SunClock } from '@/ui/SunClock';
import { useWorkspace } from '../shell/store';
import { useUnits } from '../shell/units';

/** Whether the spot has anything to show beside its fields. */
export const hasInstruments = ({ light, seen, sight }: Spot): boolean =>
  light.kind === 'clock' || (seen === 'inside' && sight !== null);

/** The sun clock and the section through the window, beside the planting. */
export function SpotInstruments({ planting, season, week }: { planting: Planting; season: Season; week: number }) {
  const run = useWorkspace((s) => s.run);
  const units = useUnits((u) => u.units);
  const { spot } = planting;
  const { light, sight } = spot;
  const set = (name: string, change: Partial<Spot>) =>
    run(name, { do: 'set', change: movedTo(planting, change, diaryToday()) });
  const grown = season.weeks[Math.min(week, season.weeks.length - 1)]?.plants ?? [];
  const plants = season.placed.map((p, i) => ({
    id: p.id,
    towardMm: p.yMm,
    heightMm: grown[i]?.heightMm ?? 0,
    spreadMm: grown[i]?.spreadMm ?? 0,
    colour: signature(p.plant),
  }));
  return (
    <div className="mx-auto flex max-w-[46rem] flex-col gap-4">
      {spot.seen === 'inside' && sight && (
        <SightSection
          sight={sight}
          plants={plants}
          units={units}
          onChange={(s) => set('Change the sightline', { sight: s })}
        />
      )}
      {light.kind === 'clock' && <SunClock light={light} onChange={(l) => set('Draw the skyline', { light: l })} />}
    </div>
  );
}

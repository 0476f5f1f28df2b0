'use client';
import { dayOf, type Deed } from '@/core/plantings/deeds';
import { plantName } from '@/core/plants/schema';
import { addDays, daysBetween, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import type { StationProps } from '../shell/panels';
import { useWorkspace } from '../shell/store';
import { deedWords } from './deed-words';

type Props = Pick<StationProps, 'planting' | 'season'> & { last: number };

/** What is planned: moved by a week, or left out. What is done stands at Tend. */
export function Planned({ planting, season, last }: Props) {
  const deeds = planting.deeds.filter((d) => d.done === null).sort((a, b) => dayOf(a).localeCompare(dayOf(b)));
  const whose = (id: string | null): string => {
    const found = season.placed.find((p) => p.id === id);
    return found ? plantName(found.plant) : 'the whole container';
  };
  return (
    <ul aria-label="Planned" className="flex flex-col">
      {deeds.map((deed) => (
        <li key={deed.id} className="flex flex-col items-start gap-1 border-t border-line py-1.5">
          <span>
            {deedWords(deed.what)}, {whose(deed.to)}, {formatDay(dayOf(deed))}
          </span>
          <Moved planting={planting} deed={deed} last={last} />
        </li>
      ))}
    </ul>
  );
}

/** One that is planned, by its week. */
function Moved({ planting, deed, last }: { planting: Props['planting']; deed: Deed; last: number }) {
  const run = useWorkspace((s) => s.run);
  const to = (week: number) =>
    run(
      `Move it to week ${week}`,
      { do: 'unplan', id: deed.id },
      { do: 'plan', deed: { ...deed, on: addDays(planting.startDate, week * 7) } },
    );
  return (
    <span className="flex flex-wrap items-end gap-2">
      <span className="w-20">
        <NumberField
          label="Week"
          value={Math.floor(daysBetween(planting.startDate, dayOf(deed)) / 7)}
          min={1}
          max={last}
          whole
          onChange={to}
        />
      </span>
      <Button onClick={() => run(`Remove: ${deedWords(deed.what)}`, { do: 'unplan', id: deed.id })}>Remove</Button>
    </span>
  );
}

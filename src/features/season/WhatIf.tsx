'use client';
import { useState } from 'react';
import { YEAR_IDS, YEARS } from '@/core/growth/years';
import { freeId } from '@/core/plantings/ids';
import { type Plant, plantName } from '@/core/plants/schema';
import { addDays } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { Choose } from '@/ui/Field';
import type { StationProps } from '../shell/panels';
import { useWorkspace } from '../shell/store';
import { DEEDS, type Tried } from './deed-words';
import { Effects } from './Effects';
import { Fares } from './Fares';
import { Planned } from './Planned';
import { useTrying } from './trying';

const ALL = 'all';

/** A deed to try, and the kind of plant it is tried on, or all. */
interface Asking {
  what: Tried;
  to: string;
}

/** A deed tried before it is planned, those that are planned, and another year. */
export function WhatIf(at: StationProps) {
  const { planting } = at;
  const { of, tried, year } = useTrying();
  // Kept while something is tried: dropped, it stands as it was asked for.
  const asking = useState<Asking>({ what: 'pinch', to: ALL });
  const trying = of === planting.id && (tried !== null || year !== null);
  return (
    <section aria-label="What if" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">What if</h2>
      {trying ? <Trial {...at} /> : <Choices {...at} asking={asking} />}
      {planting.deeds.some((d) => d.done === null) && (
        <Planned planting={planting} last={at.season.weeks.length - 1} season={at.season} />
      )}
    </section>
  );
}

/** What is being tried: what comes of it, and whether it is kept. */
function Trial({ planting, report }: StationProps) {
  const run = useWorkspace((s) => s.run);
  const { tried, year, drop } = useTrying();
  return (
    <div role="status" className="flex flex-col items-start gap-2 border-l-2 border-glaze pl-2">
      <p className="font-semibold">{tried?.label ?? (year && YEARS[year].label)}</p>
      {year && <Fares planting={planting} year={year} />}
      {tried && <Effects planting={planting} report={report} commands={tried.commands} />}
      <p className="flex flex-wrap gap-2">
        {tried && (
          <Button
            kind="deep"
            onClick={() => {
              run(tried.label, ...tried.commands);
              drop();
            }}
          >
            Save this
          </Button>
        )}
        <Button onClick={drop}>{tried ? 'Discard' : 'Back to an average year'}</Button>
      </p>
    </div>
  );
}

/** What can be tried. */
function Choices({
  planting,
  season,
  week,
  asking: [{ what, to }, ask],
}: StationProps & { asking: readonly [Asking, (next: Asking) => void] }) {
  const { of, held, attempt, drop } = useTrying();
  const kinds = [...new Map(season.placed.map((p) => [p.plant.id, p.plant])).values()];
  const at = Math.max(1, week);
  const attemptDeed = () => {
    const kind = kinds.find((k) => k.id === to);
    const all = kind ? season.placed.filter((p) => p.plant.id === kind.id).map((p) => p.id) : [null];
    attempt(planting.id, {
      tried: {
        label: `${DEEDS[what]}${kind ? `, ${plantName(kind)}` : ''}, week ${at}`,
        commands: all.map((id, i) => ({
          do: 'plan',
          deed: { id: freeId(planting, i), what, to: id, on: addDays(planting.startDate, at * 7), done: null },
        })),
      },
    });
  };
  return (
    <>
      <Choose
        label="What to do"
        value={what}
        options={(Object.keys(DEEDS) as Tried[]).map((value) => ({ value, text: DEEDS[value] }))}
        onChange={(next) => ask({ what: next, to })}
      />
      <Choose
        label="To which plant"
        value={to}
        options={[
          { value: ALL, text: 'the whole container' },
          ...kinds.map((k: Plant) => ({ value: k.id, text: plantName(k) })),
        ]}
        onChange={(next) => ask({ what, to: next })}
      />
      <p className="flex flex-wrap gap-2">
        <Button onClick={attemptDeed}>Try it in week {at}</Button>
        {held === null || of !== planting.id ? (
          <Button onClick={() => attempt(planting.id, { held: week })}>Compare with week {week}</Button>
        ) : (
          <Button onClick={drop}>Stop comparing week {held}</Button>
        )}
      </p>
      <Choose
        label="Year"
        value="ordinary"
        options={[
          { value: 'ordinary' as const, text: 'An average year' },
          ...YEAR_IDS.map((value) => ({ value, text: `${YEARS[value].label}, ${YEARS[value].about}` })),
        ]}
        onChange={(next) => next !== 'ordinary' && attempt(planting.id, { year: next })}
      />
    </>
  );
}

'use client';
import type { Job } from '@/core/jobs';
import type { Planting } from '@/core/plantings/schema';
import { sum } from '@/core/units/number';
import { formatVolume } from '@/core/units/quantity';
import type { UnitSystem } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { told, waterNow } from '../shell/doing';
import { JobLine } from './JobLine';
import type { ContainerJobs } from './props';

interface Props {
  place: string;
  asking: readonly ContainerJobs[];
  today: string;
  units: UnitSystem;
  litresAMinute: number;
}

const litresOf = ({ litres = 0, times = 1 }: Job, count: number): number => litres * times * count;

/** Jobs, each with its container. */
function Lines({
  of,
  today,
  units,
}: { of: readonly { planting: Planting; job: Job }[] } & Pick<Props, 'today' | 'units'>) {
  return (
    <ul>
      {of.map(({ planting, job }) => (
        <JobLine
          key={`${planting.id}.${job.kind}.${job.key}`}
          planting={planting}
          job={job}
          today={today}
          units={units}
          named
        />
      ))}
    </ul>
  );
}

/** What a place asks for today: the water of it in one, then each job. */
export function PlaceToday({ place, asking, today, units, litresAMinute }: Props) {
  const thirsty = asking.flatMap((a) => {
    const job = a.now.find((j) => j.done === 'watered');
    return job ? [{ planting: a.planting, job }] : [];
  });
  const litres = sum(thirsty.map(({ planting, job }) => litresOf(job, planting.container.count)));
  const now = asking.flatMap((a) => a.now.map((job) => ({ planting: a.planting, job })));
  const soon = asking.flatMap((a) => a.soon.map((job) => ({ planting: a.planting, job })));
  soon.sort((a, b) => a.job.due.localeCompare(b.job.due));
  const waterAll = async () => {
    for (const { planting } of thirsty) await waterNow(planting, today);
  };
  return (
    <section aria-label={place} className="break-inside-avoid pt-3">
      <div className="flex flex-wrap items-baseline gap-x-3 border-b-[3px] border-ink pb-0.5">
        <h2 className="flex-1 text-[1.1rem] wrap-anywhere">{place}</h2>
        {thirsty.length > 0 && (
          <p className="text-[0.92rem]">
            {formatVolume(litres, units)} in total, {Math.max(1, Math.round(litres / litresAMinute))} min with the hose
          </p>
        )}
      </div>
      {now.length === 0 ? (
        <p className="py-1.5 text-quiet">Nothing today.</p>
      ) : (
        <Lines of={now} today={today} units={units} />
      )}
      {thirsty.length > 1 && (
        <p className="pt-1 print:hidden">
          <Button kind="deep" onClick={() => told(waterAll())}>
            All {thirsty.length} watered
          </Button>
        </p>
      )}
      {soon.length > 0 && (
        <details className="pt-1 text-[0.92rem] print:hidden">
          <summary className="cursor-pointer text-quiet pointer-coarse:py-2">
            {soon.length === 1 ? 'One more' : `${soon.length} more`} in the next few days
          </summary>
          <Lines of={soon} today={today} units={units} />
        </details>
      )}
    </section>
  );
}

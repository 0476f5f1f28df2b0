'use client';
import Link from 'next/link';
import { jobsOf } from '@/core/jobs';
import { jobsBetween, jobsIcs } from '@/core/formats/jobs-ics';
import type { Planting } from '@/core/plantings/schema';
import { addDays, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { useDiary } from '../shell/diary';
import { download } from '../shell/download';
import { stationPath } from '../shell/stations';

/** Where the diary is open on another day than the real one: which, and the way back. */
function DiaryDay() {
  const { open, openOn } = useDiary();
  if (open === null) return null;
  return (
    <p className="text-quiet">
      The diary is open on {formatDay(open)} {open.slice(0, 4)}.{' '}
      <Button kind="bare" className="min-h-[24px]!" onClick={() => openOn(null)}>
        Open it on the real day
      </Button>
    </p>
  );
}

/** How far ahead a calendar goes, days. */
const YEAR = 365;

/** A year of jobs for the calendar of a phone: opened again it moves what has moved, and doubles nothing. */
const saveCalendar = (plantings: readonly Planting[], today: string): void =>
  download('rillbank-jobs.ics', jobsIcs(jobsBetween(plantings, today, addDays(today, YEAR))), 'text/calendar');

/** What the bench asks for in the next two weeks; containers that ask the same share a line. */
export function Jobs({ plantings, today }: { plantings: readonly Planting[]; today: string }) {
  const lines = new Map<string, { due: string; pots: Planting[] }>();
  for (const p of plantings)
    for (const job of jobsOf(p, { today })) {
      const text = job.says;
      const line = lines.get(text) ?? { due: job.due, pots: [] };
      line.pots.push(p);
      lines.set(text, line);
    }
  const sorted = [...lines].sort((a, b) => a[1].due.localeCompare(b[1].due));
  return (
    <section
      aria-label="Next two weeks"
      className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line pb-2 pt-3 text-[0.9rem]"
    >
      <h2 className="text-[0.95rem] text-quiet">Next two weeks</h2>
      <DiaryDay />
      {sorted.length === 0 && <p>Nothing due.</p>}
      {plantings.length > 0 && (
        <Button kind="bare" className="order-last min-h-[24px]!" onClick={() => saveCalendar(plantings, today)}>
          Save the year’s jobs as a calendar
        </Button>
      )}
      <ul className="flex flex-wrap gap-x-5 gap-y-1">
        {sorted.map(([text, { pots }]) => (
          <li key={text}>
            {text}:{' '}
            {pots.slice(0, 3).map((p, i) => (
              <span key={p.id}>
                {i > 0 && ', '}
                <Link
                  className="underline decoration-line underline-offset-2 hover:decoration-glaze"
                  href={stationPath(p.id, 'plants')}
                >
                  {p.name}
                </Link>
              </span>
            ))}
            {pots.length > 3 && ` and ${pots.length - 3} more`}
          </li>
        ))}
      </ul>
    </section>
  );
}

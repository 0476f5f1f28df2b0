'use client';
import Link from 'next/link';
import { type Job, JOBS, jobsOf } from '@/core/jobs';
import type { Planting } from '@/core/plantings/schema';
import { Button, buttonLook } from '@/ui/Button';
import { type Surround, useAround } from '../shell/around';
import { DiaryDay } from '../shell/DiaryDay';
import { Failed } from '../shell/Failed';
import { inTurn } from '../shell/in-turn';
import { useAsk } from '../shell/useAsk';
import { useLast } from '../shell/useLast';
import { saveCalendar } from '../shell/calendar';
import { type Station, stationPath } from '../shell/stations';

/** How far ahead the strip goes, days. */
const STRIP_DAYS = 14;
/** Names told of a line, and lines told of the strip. */
const NAMED = 2;
const LINES = 7;

/** What many containers ask for, each of its own plants, is told of by its kind. */
const SHORT: Partial<Record<Job['kind'], string>> = {
  water: 'Water today',
  feed: 'Feed',
  iron: 'Give iron',
  deadhead: 'Deadhead',
  pinch: 'Pinch out the tips',
  stake: 'Tie in',
  shear: 'Cut back',
  clip: 'Clip',
  turn: 'Give it a quarter turn',
  settle: 'Check new plants daily',
  winterWater: 'Feel the mix under cover',
  tidy: 'Pick off yellow leaves',
  look: 'Look the leaves over for pests',
};

/** Where a job is done that is not done at Tend. */
const AT: Partial<Record<Job['kind'], Station>> = { compose: 'plants', plant: 'make', rescue: 'season' };

interface Line {
  text: string;
  at: Station;
  due: string;
  again: boolean;
  pots: Planting[];
}

async function linesOf(plantings: readonly Planting[], today: string, around: Surround['of']): Promise<Line[]> {
  const lines = new Map<string, Line>();
  const jobs = await inTurn(plantings, (p) => jobsOf(p, { today, days: STRIP_DAYS }, around(p)));
  for (const [i, planting] of plantings.entries())
    for (const job of jobs[i] ?? []) {
      const { again = false } = JOBS[job.kind];
      // What comes again and again is told only when it is due.
      if (again && job.due > today) continue;
      const text = SHORT[job.kind] ?? job.says;
      const line = lines.get(text) ?? { text, at: AT[job.kind] ?? 'tend', due: job.due, again, pots: [] };
      // Two colours of one kind are one container.
      if (!line.pots.includes(planting)) line.pots.push(planting);
      lines.set(text, line);
    }
  // What is not done every week comes first: it is what one would miss.
  return [...lines.values()].sort((a, b) => Number(a.again) - Number(b.again) || a.due.localeCompare(b.due));
}

/** What the bench asks for today and in the next two weeks; containers that ask the same share a line. */
export function Jobs({ plantings, today }: { plantings: readonly Planting[]; today: string }) {
  const around = useAround(plantings);
  const asked = useAsk(around.ready ? () => linesOf(plantings, today, around.of) : null, [
    plantings,
    today,
    around.of,
    around.ready,
  ]);
  const lines = useLast(asked.value) ?? [];
  const calendar = () => saveCalendar('rillbank-jobs.ics', plantings, today, around.of);
  return (
    <section
      aria-label="Next two weeks"
      className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line pb-2 pt-3 text-[0.9rem]"
    >
      <h2 className="sr-only">Next two weeks</h2>
      {plantings.length > 0 && (
        <Link href="/today" className={buttonLook('plain')} prefetch={false}>
          Today’s jobs
        </Link>
      )}
      <DiaryDay />
      {asked.value?.length === 0 && <p>Nothing due.</p>}
      {asked.error && <Failed what="What is due could not be worked out." error={asked.error} again={asked.again} />}
      {plantings.length > 0 && (
        <Button kind="bare" className="order-last min-h-[24px]!" onClick={calendar}>
          Save the year’s jobs to your calendar
        </Button>
      )}
      <ul className={`flex flex-wrap gap-x-5 gap-y-1 ${asked.value || plantings.length === 0 ? '' : 'min-h-17'}`}>
        {lines.slice(0, LINES).map(({ text, at, pots }) => (
          <li key={text} className="leading-6">
            {text}:{' '}
            {pots.slice(0, NAMED).map((p, i) => (
              <span key={p.id}>
                {i > 0 && ', '}
                <Link
                  className="inline-block underline decoration-line underline-offset-2 hover:decoration-glaze"
                  href={stationPath(p.id, at)}
                >
                  {p.name}
                </Link>
              </span>
            ))}
            {pots.length > NAMED && ` and ${pots.length - NAMED} more`}
          </li>
        ))}
        {lines.length > LINES && <li className="leading-6 text-quiet">and {lines.length - LINES} more under Today</li>}
      </ul>
    </section>
  );
}

'use client';
import { useEffect, useState } from 'react';
import { digestOf } from '@/core/jobs/digest';
import { jobsOf } from '@/core/jobs';
import type { Planting } from '@/core/plantings/schema';
import { Toggle } from '@/ui/Toggle';
import type { Surround } from '../shell/around';
import { told } from '../shell/doing';
import { type CanRemind, canRemind, keepReminders, startReminding, stopReminding } from '../shell/reminders';
import { keptRemind } from '../shell/settings';

/** Reminders are worked out so far ahead, days. */
const AHEAD_DAYS = 14;

const SAYS: Record<CanRemind, string> = {
  no: 'This browser has no notifications. Save the jobs as a calendar instead.',
  blocked: 'Notifications are blocked for this site. Allow them in your browser’s settings.',
  ask: 'Your browser will ask whether you allow it.',
  yes: 'Reminders cover the two weeks after you last opened this page. Install Rillbank to get them while it is closed.',
};

/** A notification with the day's jobs, asked for here and nowhere else. */
export function Remind({
  plantings,
  today,
  of,
}: {
  plantings: readonly Planting[];
  today: string;
  of: Surround['of'];
}) {
  // Never rendered on the server: the bench it tells of is in the browser.
  const [can, setCan] = useState(canRemind);
  const [on, setOn] = useState(() => canRemind() === 'yes' && keptRemind());
  useEffect(() => {
    if (!on) return;
    const jobs = plantings.flatMap((p) =>
      jobsOf(p, { today, days: AHEAD_DAYS }, of(p)).map((job) => ({ job, name: p.name })),
    );
    told(keepReminders(digestOf(jobs, today)));
  }, [on, plantings, today, of]);
  const set = async (wanted: boolean) => {
    const given = wanted ? await startReminding() : false;
    if (!wanted) await stopReminding();
    setOn(given);
    setCan(canRemind());
  };
  return (
    <section aria-label="Reminders" className="flex flex-col gap-1">
      {(can === 'ask' || can === 'yes') && (
        <Toggle label="Remind me of the day’s jobs" on={on} onChange={(wanted) => told(set(wanted))} />
      )}
      <p className="text-[0.84rem] text-quiet">{SAYS[can]}</p>
    </section>
  );
}

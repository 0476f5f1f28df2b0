'use client';
import { useEffect, useMemo } from 'react';
import { byUrgency, jobsOf } from '@/core/jobs';
import type { Planting } from '@/core/plantings/schema';
import { aheadOf } from '@/core/water/ahead';
import { wholeDay } from '@/core/water/words';
import { readShelf } from '@/storage/plantings';
import { useStored } from '@/storage/useStored';
import { Button } from '@/ui/Button';
import { Choose } from '@/ui/Field';
import { WeatherWeek } from '@/ui/WeatherWeek';
import { type Surround, useAround } from '../shell/around';
import { DiaryDay, DiaryPick } from '../shell/DiaryDay';
import { useToday } from '../shell/diary';
import { saveCalendar } from '../shell/calendar';
import { fileName } from '../shell/download';
import { SiteNav } from '../shell/SiteNav';
import { useCatchFocus } from '../shell/useCatchFocus';
import { useUnits } from '../shell/units';
import { useAtTend } from './at';
import { PlaceToday } from './PlaceToday';
import type { ContainerJobs } from './props';
import { Remind } from './Remind';
import { Rota } from './Rota';
import { Estimated } from './Estimated';
import { OwnWeather } from './OwnWeather';

/** What comes in the days after today, days. */
const SOON_DAYS = 6;
const WEEK_DAYS = 8;

function askingOf(plantings: readonly Planting[], today: string, around: Surround['of']): ContainerJobs[] {
  return plantings.map((planting) => {
    const jobs = jobsOf(planting, { today, days: SOON_DAYS }, around(planting));
    const now = jobs.filter((j) => j.due <= today).sort(byUrgency);
    return { planting, now, soon: jobs.filter((j) => j.due > today) };
  });
}

/** The morning's round: what every container asks for today, by place, to be ticked with a thumb or printed. */
export function Today() {
  const load = useUnits((u) => u.load);
  useEffect(load, [load]);
  const main = useCatchFocus<HTMLElement>('today');
  const shelf = useStored(readShelf);
  const plantings = useMemo(() => (shelf?.pots ?? []).filter((p) => !p.archived).map((p) => p.planting), [shelf]);
  const today = useToday();
  return (
    <div className="mx-auto flex min-h-dvh max-w-[80rem] flex-col px-4 pb-10 work:px-8">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 pt-3 work:pt-5">
        <h1 className="flex-1 text-[1.7rem] font-bold leading-tight tracking-tight">{wholeDay(today)}</h1>
        <SiteNav here="today" />
      </header>
      <main ref={main} tabIndex={-1} className="outline-none">
        {shelf === undefined ? (
          <p className="pt-6 text-quiet" aria-busy>
            Loading jobs…
          </p>
        ) : plantings.length === 0 ? (
          <p className="pt-6">Your bench is empty, so there are no jobs.</p>
        ) : (
          <Round plantings={plantings} today={today} />
        )}
      </main>
    </div>
  );
}

function Round({ plantings, today }: { plantings: readonly Planting[]; today: string }) {
  const units = useUnits((u) => u.units);
  const around = useAround(plantings);
  const { place, look } = useAtTend();
  const places = [...new Set(plantings.map((p) => p.spot.name))];
  const shown = useMemo(() => plantings.filter((p) => place === null || p.spot.name === place), [plantings, place]);
  const asking = useMemo(
    () => (around.ready ? askingOf(shown, today, around.of) : []),
    [shown, today, around.ready, around.of],
  );
  const [first] = shown;
  if (!around.ready || !first)
    return (
      <p className="pt-6 text-quiet" aria-busy>
        Loading the weather…
      </p>
    );
  const shownPlaces = [...new Set(shown.map((p) => p.spot.name))];
  const calendar = () => saveCalendar(fileName(place ?? 'rillbank', 'jobs.ics'), shown, today, around.of);
  const week = around
    .of(first)
    .weather.filter((d) => d.date >= today)
    .slice(0, WEEK_DAYS);
  return (
    <div className="grid gap-x-10 gap-y-6 pt-2 work:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <DiaryDay />
        <div className="flex flex-wrap items-end gap-3 py-2 print:hidden">
          <span className="min-w-48 flex-1">
            <Choose
              label="Place"
              value={place ?? ''}
              options={[{ value: '', text: 'All places' }, ...places.map((p) => ({ value: p, text: p }))]}
              onChange={(p) => look(p === '' ? null : p)}
            />
          </span>
          <Button onClick={() => window.print()}>Print</Button>
          <Button onClick={calendar}>Save as a calendar</Button>
        </div>
        {shownPlaces.map((name) => (
          <PlaceToday
            key={name}
            place={name}
            asking={asking.filter((a) => a.planting.spot.name === name)}
            today={today}
            units={units}
            litresAMinute={around.tending.litresAMinute}
          />
        ))}
      </div>
      <div className="flex min-w-0 flex-col gap-5">
        <section aria-label="Weather ahead" className="flex flex-col gap-1">
          <h2 className="text-[1rem] text-quiet">Weather ahead</h2>
          <WeatherWeek days={week} today={today} units={units} />
          <p className="text-[0.84rem] text-quiet">Source: {around.weatherFrom}.</p>
          <Estimated weather={around.of(first).weather} today={today} where="below" />
        </section>
        <Rota
          asking={shown.map((planting) => {
            const { weather, found, dripL } = around.of(planting);
            return { planting, ahead: aheadOf(planting, weather, today, found, dripL) };
          })}
          tending={around.tending}
          today={today}
          units={units}
        />
        <div className="flex flex-col gap-3 print:hidden">
          <Remind plantings={plantings} today={today} of={around.of} />
          <OwnWeather today={today} />
          <span className="max-w-52">
            <DiaryPick />
          </span>
        </div>
      </div>
    </div>
  );
}

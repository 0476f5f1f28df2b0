'use client';
import { readDays } from '@/core/climate/days-csv';
import { NO_WEATHER } from '@/core/climate/written';
import { changeWeather, readWeather } from '@/storage/weather';
import { useStored } from '@/storage/useStored';
import { Button } from '@/ui/Button';
import { useFilePick } from '@/ui/useFilePick';
import { told } from '../shell/doing';
import { tell } from '../shell/tell';

/** Weather of one's own, from a file of days. */
export function OwnWeather() {
  const written = useStored(readWeather) ?? NO_WEATHER;
  const take = async (file: File) => {
    const read = readDays(await file.text());
    if (!read.ok) return tell.problem(`Could not read ${file.name}. Nothing has changed.`, read.problems.join(' '));
    await changeWeather((now) => {
      const days = new Map([...now.days, ...read.days].map((d) => [d.date, d]));
      return { name: file.name, days: [...days.values()].sort((a, b) => a.date.localeCompare(b.date)) };
    });
    tell.said(`${read.days.length} days of weather read`);
    return undefined;
  };
  const [pick, field] = useFilePick('Daily weather, CSV', '.csv,text/csv', (f) => told(take(f)));
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <Button onClick={pick}>Import weather from a file</Button>
      {field}
      {written.days.length > 0 ? (
        <>
          <span className="text-[0.88rem] text-quiet">{written.days.length} days of your own records.</span>
          <Button kind="bare" onClick={() => told(changeWeather(() => NO_WEATHER))}>
            Delete them
          </Button>
        </>
      ) : (
        <span className="text-[0.84rem] text-quiet">CSV: date, high_c, low_c, rain_mm.</span>
      )}
    </div>
  );
}

'use client';
import { useState } from 'react';
import type { Day } from '@/core/climate/days';
import { readDays } from '@/core/climate/days-file';
import { NO_WEATHER } from '@/core/climate/written';
import { type YearKept, yearsKept } from '@/core/climate/year-like';
import { formatDay } from '@/core/units/date';
import { MM_PER_INCH } from '@/core/units/length';
import { tenth } from '@/core/units/number';
import { celsius, fahrenheit } from '@/core/units/quantity';
import { changeWeather, readWeather } from '@/storage/weather';
import { useStored } from '@/storage/useStored';
import { Button } from '@/ui/Button';
import { Choose, OptionalNumberField } from '@/ui/Field';
import { useFilePick } from '@/ui/useFilePick';
import { told } from '../shell/doing';
import { tell } from '../shell/tell';
import { useUnits } from '../shell/units';

/** Letters of a paste: a few years of days. */
const MOST_LETTERS = 200_000;

/** Keeps days among one’s own; of two for one day the later counts. */
const take = (name: string, days: readonly Day[]): Promise<void> =>
  changeWeather((now) => {
    const all = new Map([...now.days, ...days].map((d) => [d.date, d]));
    return { ...now, name, days: [...all.values()].sort((a, b) => a.date.localeCompare(b.date)) };
  });

/** Reads days from a text and keeps them; says what is wrong where it cannot be read. */
async function takeText(name: string, text: string): Promise<boolean> {
  const read = readDays(text);
  if (!read.ok) {
    tell.problem(`Could not read ${name}. Nothing has changed.`, read.problems.join(' '));
    return false;
  }
  await take(name, read.days);
  tell.said(`${read.days.length === 1 ? '1 day' : `${read.days.length} days`} of weather saved`);
  return true;
}

/** Weather of one’s own: today’s in three fields, or days from a file or a paste. */
export function OwnWeather({ today }: { today: string }) {
  const written = useStored(readWeather) ?? NO_WEATHER;
  const [paste, setPaste] = useState('');
  const [pick, field] = useFilePick('Daily weather, CSV or JSON', '.csv,.json,.txt,text/csv,application/json', (f) =>
    told(f.text().then((text) => takeText(f.name, text))),
  );
  return (
    <section aria-label="Your weather" className="flex flex-col gap-2 text-[0.93rem]">
      <h2 className="text-[1rem] text-quiet">Your weather</h2>
      <TodayFields key={today} today={today} known={written.days.find((d) => d.date === today)} />
      <details>
        <summary className="cursor-pointer text-quiet">Add more days</summary>
        <form
          className="flex flex-col items-start gap-2 pt-1"
          onSubmit={(e) => {
            e.preventDefault();
            told(takeText('pasted days', paste).then((ok) => ok && setPaste('')));
          }}
        >
          <Button onClick={pick}>Import from a file</Button>
          {field}
          <label className="flex w-full flex-col gap-1">
            <span className="label">Or paste rows from a weather station or service</span>
            <textarea
              className="field min-h-20 w-full"
              maxLength={MOST_LETTERS}
              placeholder={'date,high,low,rain\n2026-07-09,24,13,0'}
              value={paste}
              onChange={(e) => setPaste(e.target.value)}
            />
          </label>
          <Button type="submit" disabled={paste.trim() === ''}>
            Add pasted days
          </Button>
        </form>
      </details>
      <LikeYear years={yearsKept(written.days, today)} like={written.like} />
      {written.days.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-3 text-[0.88rem] text-quiet">
          {written.days.length === 1 ? '1 day' : `${written.days.length} days`} of your own records.
          <Button kind="bare" onClick={() => told(changeWeather(() => NO_WEATHER))}>
            Delete them
          </Button>
        </p>
      )}
    </section>
  );
}

/** No year: days without a record are as the forecast has them. */
const NO_YEAR = '';

/** Which year the days without a record are taken to be like, of those that were recorded. */
function LikeYear({ years, like }: { years: readonly YearKept[]; like: number | null }) {
  if (years.length === 0) return null;
  const choose = (value: string) => {
    const year = value === NO_YEAR ? null : Number(value);
    told(
      changeWeather((now) => ({ ...now, like: year })).then(() =>
        tell.said(year === null ? 'Other days from the simulated forecast' : `Other days as in ${year}`),
      ),
    );
  };
  return (
    <div className="flex flex-col gap-1">
      <Choose
        label="Days you have no record of"
        value={like === null ? NO_YEAR : String(like)}
        options={[
          { value: NO_YEAR, text: 'from the simulated forecast' },
          ...years.map(({ year, days }) => ({ value: String(year), text: `as in ${year}, ${days} days recorded` })),
        ]}
        onChange={choose}
      />
      {like !== null && (
        <p className="text-[0.88rem] text-quiet">
          These days set how much to water. They bring no reminders of frost, gales or heavy rain: watch a local
          forecast for those.
        </p>
      )}
    </div>
  );
}

/** Today’s high, low and rain, as read off a thermometer and a gauge. */
function TodayFields({ today, known }: { today: string; known: Day | undefined }) {
  const imperial = useUnits((s) => s.units) === 'imperial';
  const [high, setHigh] = useState<number | null>(null);
  const [low, setLow] = useState<number | null>(null);
  const [rain, setRain] = useState<number | null>(null);
  const shown = (c: number | undefined) => (c === undefined ? null : imperial ? tenth(fahrenheit(c)) : c);
  const inCelsius = (t: number) => (imperial ? tenth(celsius(t)) : t);
  const [now, least] = [high ?? shown(known?.highC), low ?? shown(known?.lowC)];
  const fell =
    rain ?? (known ? (imperial ? Math.round((known.rainMm / MM_PER_INCH) * 100) / 100 : known.rainMm) : null);
  const save = () => {
    if (now === null || least === null) return;
    const [highC, lowC] = [inCelsius(now), inCelsius(least)];
    if (lowC > highC) {
      tell.problem('Not saved', 'The low is above the high. Check both.');
      return;
    }
    const rainMm = tenth((fell ?? 0) * (imperial ? MM_PER_INCH : 1));
    told(take('your records', [{ date: today, highC, lowC, rainMm }]).then(() => tell.said('Today’s weather saved')));
  };
  const [coldest, hottest] = imperial ? [-76, 136] : [-60, 58];
  const unit = imperial ? '°F' : '°C';
  return (
    <form
      aria-label={`Weather on ${formatDay(today)}`}
      className="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <OptionalNumberField label={`Today’s high, ${unit}`} value={now} min={coldest} max={hottest} onChange={setHigh} />
      <OptionalNumberField label={`Low, ${unit}`} value={least} min={coldest} max={hottest} onChange={setLow} />
      <OptionalNumberField
        label={imperial ? 'Rain, in' : 'Rain, mm'}
        value={fell}
        min={0}
        max={imperial ? 20 : 500}
        onChange={setRain}
      />
      <Button type="submit" disabled={now === null || least === null}>
        Save
      </Button>
    </form>
  );
}

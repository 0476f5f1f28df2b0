'use client';
import { useMemo, useState } from 'react';
import { stretchOf } from '@/core/climate/days';
import { addDays, daysBetween, formatDay, formatDayFrom } from '@/core/units/date';
import { formatVolume } from '@/core/units/quantity';
import type { UnitSystem } from '@/core/units/length';
import { awayOver, type LeftAlone as Left, type Dying, type Fading, type SavingWay } from '@/core/water/away';
import { countOf } from '@/ui/words';
import { Button } from '@/ui/Button';
import { DateField, NumberField } from '@/ui/Field';
import { Mark } from '@/ui/Mark';
import { keepTending } from './keep';
import type { TendProps } from './props';

/** Away for so many days unless another number is asked for, and at the most; from a day at most so far ahead. */
const USUAL_DAYS = 9;
const MOST_DAYS = 60;
const FURTHEST_DAYS = 270;

function savingWords({ how, amount }: SavingWay, hangs: boolean, units: UnitSystem): string {
  switch (how) {
    case 'shade':
      return hangs
        ? 'Take it down and stand it in a shady, sheltered corner'
        : 'Move it into a shady, sheltered corner';
    case 'neighbour':
      return `A neighbour who waters it every ${amount === 1 ? 'day' : amount === 2 ? 'other day' : `${amount} days`}`;
    case 'tray':
      return `A deep tray holding ${formatVolume(amount, units)}, filled as you leave`;
    case 'drip':
      return `A drip timer that gives ${formatVolume(amount, units)} each morning`;
  }
}

const listed = (dying: readonly Dying[]): string => {
  const kinds = [...new Set(dying.map((d) => d.name))];
  return kinds
    .map(
      (k) =>
        `${k}${dying.filter((d) => d.name === k).length > 1 ? ` × ${dying.filter((d) => d.name === k).length}` : ''}`,
    )
    .join('; ');
};

/** Each kind once, with how long it is without flower: “Fuchsia, bare for two weeks, whole after five”. */
const faded = (fading: readonly Fading[]): string => {
  const kinds = [...new Map(fading.map((f) => [f.name, f])).values()];
  return kinds
    .map((f) => `${f.name}, without flowers for ${countOf(f.bareWeeks, 'week')}, full again after ${f.wholeWeeks}`)
    .join('; ');
};

/** What a way to save it leaves undone. */
const leftBy = ({ dying, fading }: Pick<Left, 'dying' | 'fading'>): string => {
  if (dying.length > 0) return `Still lost: ${listed(dying)}.`;
  return fading.length > 0
    ? `Everything survives. Flowers are lost: ${faded(fading)}.`
    : 'Everything survives, in flower.';
};

/** Nobody there for some days: what dies, what is lost in flower, and what would save it. */
export function Away({ planting, today, around, units }: TendProps) {
  const [days, setDays] = useState(USUAL_DAYS);
  const [leaving, setLeaving] = useState(today);
  const from = leaving < today ? today : leaving;
  const { weather, dripL } = around;
  const away = useMemo(
    () => awayOver(planting, stretchOf(weather, planting.spot, from, days), dripL),
    [planting, weather, from, days, dripL],
  );

  const back = addDays(from, days);
  const furthest = addDays(today, FURTHEST_DAYS);
  if (planting.startDate > back) return <p>It is not planted until {formatDayFrom(planting.startDate, today)}.</p>;
  return (
    <section aria-label="Away" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Away from {formatDayFrom(from, today)}</h2>
      <div className="grid grid-cols-[1fr_5rem] items-end gap-2">
        <DateField
          label="First day away"
          value={from}
          onChange={(day) => setLeaving(day > furthest ? furthest : day)}
        />
        <NumberField label="Days away" value={days} min={1} max={MOST_DAYS} whole onChange={setDays} />
      </div>
      <p>
        Watered as you leave, then left until {formatDay(back)}.{' '}
        {away.dryOn === null
          ? 'It does not dry out.'
          : `It dries out on ${formatDay(away.dryOn)}, day ${daysBetween(from, away.dryOn) + 1}.`}
      </p>
      {away.dying.length + away.fading.length === 0 ? (
        <p>
          <Mark severity="good" /> {away.dryOn === null ? 'No plants are lost.' : 'Everything survives, but wilts.'}
        </p>
      ) : (
        <div role="status" className="flex flex-col gap-2">
          {away.dying.length > 0 && (
            <p>
              <Mark severity="wrong" /> {countOf(away.dying.length, 'plant')} would die, the first on{' '}
              {formatDay(away.dying[0]?.on ?? from)}: {listed(away.dying)}.
            </p>
          )}
          {away.fading.length > 0 && (
            <p>
              <Mark severity="watch" />{' '}
              {away.dying.length > 0 ? 'The survivors lose their flowers' : 'It survives but loses its flowers'}:{' '}
              {faded(away.fading)}.
            </p>
          )}
          <h3 className="text-[0.92rem]">
            What would save {away.dying.length + away.fading.length === 1 ? 'it' : 'them'}
          </h3>
          <ul>
            {away.savings.map((s) => (
              <li key={s.how} className="border-t border-line py-1.5">
                <p>{savingWords(s, planting.container.mount === 'hook', units)}</p>
                <p className="text-[0.9rem] text-quiet">
                  <Mark severity={s.dying.length + s.fading.length === 0 ? 'good' : 'watch'} /> {leftBy(s)}
                </p>
                {s.how === 'drip' && (
                  <Button
                    onClick={() =>
                      keepTending((now) => ({
                        drip: { ...now.drip, [planting.id]: Math.round(s.amount * 10) / 10 },
                      }))
                    }
                  >
                    Use this timer setting
                  </Button>
                )}
              </li>
            ))}
            {away.savings.length === 0 && <li>None of these is enough. Someone must water it daily.</li>}
          </ul>
        </div>
      )}
      <p className="text-[0.86rem] text-quiet">
        Based on the forecast, then average weather. Ask someone to check it anyway.
      </p>
    </section>
  );
}

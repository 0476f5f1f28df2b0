'use client';
import { useState } from 'react';
import { faresIn, WEATHER_IDS, WEATHERS } from '@/core/growth/weathers';
import { dayOf, type Deed } from '@/core/plantings/deeds';
import { freeId } from '@/core/plantings/ids';
import { type Plant, plantName } from '@/core/plants/schema';
import { addDays, daysBetween, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { Choose, NumberField } from '@/ui/Field';
import type { StationProps } from '../shell/panels';
import { useWorkspace } from '../shell/store';
import { useTrying } from './trying';

/** What can be tried here, in the gardener's words. */
const DEEDS = {
  pinch: 'Pinch out the tips',
  'cut-back': 'Cut back by half',
  deadhead: 'Take off spent flowers',
  fleece: 'Put fleece over',
  'bring-in': 'Bring indoors',
} as const;
type Tried = keyof typeof DEEDS;
const ALL = 'all';

const saidOf = (what: Deed['what']): string => (what in DEEDS ? DEEDS[what as Tried] : what.replace('-', ' '));

/** A deed tried before it is planned, those that are planned, and another year's weather. */
export function WhatIf({ planting, season, week }: StationProps) {
  const run = useWorkspace((s) => s.run);
  const { of, tried, weather, held, attempt, drop } = useTrying();
  const here = of === planting.id;
  const [what, setWhat] = useState<Tried>('pinch');
  const [to, setTo] = useState<string>(ALL);
  const kinds = [...new Map(season.placed.map((p) => [p.plant.id, p.plant])).values()];
  const last = season.weeks.length - 1;
  const at = Math.max(1, week);
  const attemptDeed = (when: number) => {
    const kind = kinds.find((k) => k.id === to);
    const all = kind ? season.placed.filter((p) => p.plant.id === kind.id).map((p) => p.id) : [null];
    attempt(planting.id, {
      tried: {
        label: `${DEEDS[what]}${kind ? `, ${plantName(kind)}` : ''}, week ${when}`,
        commands: all.map((id, i) => ({
          do: 'plan',
          deed: { id: freeId(planting, i), what, to: id, on: addDays(planting.startDate, when * 7), done: null },
        })),
      },
    });
  };
  return (
    <section aria-label="What if" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">What if</h2>
      {here && (tried ?? weather) ? (
        <div role="status" className="flex flex-col items-start gap-2 border-l-2 border-glaze pl-2">
          <p className="font-semibold">{tried?.label ?? (weather && WEATHERS[weather].label)}</p>
          {weather && <Fares planting={planting} weather={weather} />}
          <p className="flex flex-wrap gap-2">
            {tried && (
              <Button
                kind="deep"
                onClick={() => {
                  run(tried.label, ...tried.commands);
                  drop();
                }}
              >
                Keep it
              </Button>
            )}
            <Button onClick={drop}>{tried ? 'Drop it' : 'Back to an ordinary year'}</Button>
          </p>
        </div>
      ) : (
        <>
          <Choose
            label="Deed"
            value={what}
            options={(Object.keys(DEEDS) as Tried[]).map((value) => ({ value, text: DEEDS[value] }))}
            onChange={setWhat}
          />
          <Choose
            label="Of"
            value={to}
            options={[
              { value: ALL, text: 'the whole container' },
              ...kinds.map((k: Plant) => ({ value: k.id, text: plantName(k) })),
            ]}
            onChange={setTo}
          />
          <p className="flex flex-wrap gap-2">
            <Button onClick={() => attemptDeed(at)}>Try it in week {at}</Button>
            {held === null || !here ? (
              <Button onClick={() => attempt(planting.id, { held: week })}>Hold week {week} beside</Button>
            ) : (
              <Button onClick={drop}>Let week {held} go</Button>
            )}
          </p>
          <Choose
            label="Year"
            value="ordinary"
            options={[
              { value: 'ordinary' as const, text: 'An ordinary year' },
              ...WEATHER_IDS.map((value) => ({ value, text: `${WEATHERS[value].label}, ${WEATHERS[value].about}` })),
            ]}
            onChange={(next) => next !== 'ordinary' && attempt(planting.id, { weather: next })}
          />
        </>
      )}
      {planting.deeds.length > 0 && <Planned planting={planting} last={last} season={season} />}
    </section>
  );
}

/** Who carries another year, and who does not. */
function Fares({ planting, weather }: Pick<StationProps, 'planting'> & { weather: keyof typeof WEATHERS }) {
  const said = (against: number): string => {
    const by = Math.round((against - 1) * 100);
    return by === 0 ? 'as ever' : by > 0 ? `${by} % more` : `${-by} % less`;
  };
  return (
    <ul className="self-stretch">
      {faresIn(planting, weather).map((f) => (
        <li key={f.id} className="flex justify-between gap-2">
          <span>{f.name}</span>
          <span className="whitespace-nowrap text-quiet">{said(f.against)}</span>
        </li>
      ))}
    </ul>
  );
}

/** What is planned or done: moved by a week, or taken back. */
function Planned({ planting, season, last }: Pick<StationProps, 'planting' | 'season'> & { last: number }) {
  const run = useWorkspace((s) => s.run);
  const deeds = [...planting.deeds].sort((a, b) => dayOf(a).localeCompare(dayOf(b)));
  const whose = (id: string | null): string => {
    const found = season.placed.find((p) => p.id === id);
    return found ? plantName(found.plant) : 'all of it';
  };
  return (
    <ul aria-label="Planned" className="flex flex-col">
      {deeds.map((d) => {
        const week = Math.floor(daysBetween(planting.startDate, dayOf(d)) / 7);
        return (
          <li key={d.id} className="flex flex-col items-start gap-1 border-t border-line py-1.5">
            <span>
              {saidOf(d.what)}, {whose(d.to)}, {formatDay(dayOf(d))}
              {d.done ? ', done' : ''}
            </span>
            {!d.done && (
              <span className="flex flex-wrap items-end gap-2">
                <span className="w-20">
                  <NumberField
                    label="Week"
                    value={week}
                    min={1}
                    max={last}
                    whole
                    onChange={(n) =>
                      run(
                        `Move it to week ${n}`,
                        { do: 'unplan', id: d.id },
                        { do: 'plan', deed: { ...d, on: addDays(planting.startDate, n * 7) } },
                      )
                    }
                  />
                </span>
                <Button onClick={() => run(`Leave out: ${saidOf(d.what)}`, { do: 'unplan', id: d.id })}>
                  Leave it out
                </Button>
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

'use client';
import { useState } from 'react';
import type { UnitSystem } from '@/core/units/length';
import { formatVolume } from '@/core/units/quantity';
import { type ContainerAhead, rotaOf } from '@/core/water/rota';
import type { Tending } from '@/core/water/tending';
import { dayWords } from '@/core/water/words';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { keepTending } from './keep';

interface Props {
  asking: readonly ContainerAhead[];
  tending: Tending;
  today: string;
  units: UnitSystem;
}

/** A rota is for so many days. */
const DAYS = 8;

/** Who waters when, where, with how many litres and minutes of hose. */
export function Rota({ asking, tending, today, units }: Props) {
  const places = [...new Set(asking.map((a) => a.planting.spot.name))];
  const turns = rotaOf(asking, tending.people, tending.litresAMinute).slice(0, DAYS);
  return (
    <section aria-label="Watering schedule" className="flex flex-col gap-2">
      <h2 className="text-[1rem] text-quiet">Watering schedule</h2>
      <People people={tending.people} />
      {turns.length === 0 ? (
        <p>No watering needed in the forecast.</p>
      ) : (
        <table className="w-full border-collapse text-[0.92rem] tabular-nums">
          <thead>
            <tr className="text-left text-quiet">
              <th scope="col" className="font-normal">
                Day
              </th>
              <th scope="col" className="font-normal">
                Where
              </th>
              <th scope="col" className="text-right font-normal">
                Water
              </th>
              <th scope="col" className="text-right font-normal">
                Hose
              </th>
            </tr>
          </thead>
          <tbody>
            {turns.map((t) => (
              <tr key={t.date} className="border-t border-line align-top">
                <th scope="row" className="py-1 pr-2 text-left font-semibold">
                  {dayWords(t.date, today)}
                  {t.who && <span className="block font-normal text-glaze">{t.who}</span>}
                </th>
                <td className="py-1 pr-2 wrap-anywhere">
                  {placesWords(
                    t.rounds.map((r) => r.place),
                    places,
                  )}
                </td>
                <td className="whitespace-nowrap py-1 text-right">{formatVolume(t.litres, units)}</td>
                <td className="whitespace-nowrap py-1 pl-2 text-right">{Math.max(1, Math.round(t.minutes))} min</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <span className="max-w-44 print:hidden">
        <NumberField
          label="Hose flow, litres a minute"
          value={tending.litresAMinute}
          min={0.5}
          max={60}
          onChange={(litresAMinute) => keepTending(() => ({ litresAMinute }))}
        />
      </span>
    </section>
  );
}

/** Places in few words: all of them, all but one, or their names. */
function placesWords(at: readonly string[], all: readonly string[]): string {
  const missing = all.filter((p) => !at.includes(p));
  if (all.length > 2 && missing.length === 0) return 'All places';
  return all.length > 3 && missing.length === 1 ? `All but ${missing[0] ?? ''}` : at.join(', ');
}

/** Who takes turns, in their order. */
function People({ people }: { people: readonly string[] }) {
  const [name, setName] = useState('');
  const add = () => {
    const who = name.trim().slice(0, 40);
    if (!who) return;
    setName('');
    keepTending((now) => ({ people: [...now.people, who] }));
  };
  return (
    <div className="flex flex-col gap-1 print:hidden">
      {people.length > 0 && (
        <ul aria-label="In the schedule" className="flex flex-wrap gap-x-3">
          {people.map((who, i) => (
            <li key={`${who}-${i}`} className="flex items-center gap-1">
              {who}
              <Button
                kind="bare"
                className="min-h-[24px]! text-[0.86rem]!"
                aria-label={`Remove ${who} from the schedule`}
                onClick={() => keepTending((now) => ({ people: now.people.filter((_, k) => k !== i) }))}
              >
                remove
              </Button>
            </li>
          ))}
        </ul>
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <label className="flex min-w-0 flex-1 flex-col gap-1">
          <span className="label">Person watering</span>
          <input className="field" value={name} maxLength={40} onChange={(e) => setName(e.target.value)} />
        </label>
        <Button type="submit">Add</Button>
      </form>
    </div>
  );
}

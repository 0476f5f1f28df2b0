'use client';
import { useMemo, useState } from 'react';
import { laidOut, type KindPlanted } from '@/core/compose/over/planted';
import { type ListedPlant, readPlantList } from '@/core/formats/plant-list';
import { finderOf } from '@/core/plants/search';
import { plantName, type Plant } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { listed } from '@/core/units/listed';
import { Button } from '@/ui/Button';
import { Choose, DateField } from '@/ui/Field';
import { useToday } from '../shell/diary';
import { useWorkspace } from '../shell/store';
import { tell } from '../shell/tell';

/** Letters of a list: sixty kinds, each with a long name. */
const MOST_LETTERS = 3000;

/** What each line means: the plant that was chosen for it, else the likeliest. */
const meant = (line: ListedPlant, chosen: Readonly<Record<string, string>>): Plant | undefined =>
  line.found.find((p) => p.id === chosen[line.text]) ?? line.found[0];

/** Kinds with how many of each, those that were listed twice added up. */
function kindsOf(lines: readonly ListedPlant[], chosen: Readonly<Record<string, string>>): KindPlanted[] {
  const kinds = new Map<string, KindPlanted>();
  for (const line of lines) {
    const plant = meant(line, chosen);
    if (plant) kinds.set(plant.id, { plant, count: line.count + (kinds.get(plant.id)?.count ?? 0) });
  }
  return [...kinds.values()];
}

/** A container that is planted already: what is in it, as one writes it down, laid out by itself. */
export function Planted({ planting, library }: { planting: Planting; library: readonly Plant[] }) {
  const today = useToday();
  const run = useWorkspace((s) => s.run);
  const [text, setText] = useState('');
  const [on, setOn] = useState(today);
  const [chosen, setChosen] = useState<Record<string, string>>({});
  // The library is indexed once there is something to find, not when the page opens.
  const begun = text !== '';
  const find = useMemo(() => finderOf(begun ? library : []), [begun, library]);
  const lines = useMemo(() => readPlantList(text, find), [text, find]);
  const kinds = kindsOf(lines, chosen);
  const count = kinds.reduce((n, k) => n + k.count, 0);
  const add = () => {
    const { placements, brief, left } = laidOut({ ...planting, startDate: on }, kinds);
    run('Add what is already planted', { do: 'set', change: { startDate: on, brief } }, { do: 'plant', placements });
    if (left.length > 0)
      tell.problem(
        'Not all of it fits',
        `There is no room in this container for ${listed(left.map((k) => `${k.count} × ${plantName(k.plant)}`))}. Check the container’s size.`,
      );
  };
  return (
    <details className="border-b border-line pb-2">
      <summary className="cursor-pointer text-[0.95rem]">Already planted? List what is in it</summary>
      <form
        className="flex flex-col gap-2 pt-2"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <label className="flex flex-col gap-1">
          <span className="label">Plants, with how many of each</span>
          <textarea
            className="field min-h-20"
            maxLength={MOST_LETTERS}
            placeholder="3 petunia purple, 1 canna, 2 bacopa"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        {lines.length > 0 && (
          <ul aria-label="What was understood" className="flex flex-col">
            {lines.map((line, i) => (
              <li
                key={`${i}${line.text}`}
                className="grid grid-cols-[1.6rem_1fr] items-center gap-2 border-t border-line py-1"
              >
                <span className="text-right tabular-nums">{line.count}</span>
                {line.found.length === 0 ? (
                  <span className="text-[0.88rem] text-watchink">
                    No plant matches “{line.text.slice(0, 40)}”. Try part of its name, or add it in the library.
                  </span>
                ) : (
                  <Choose
                    label={`Plant for “${line.text.slice(0, 40)}”`}
                    value={meant(line, chosen)?.id ?? ''}
                    options={line.found.map((p) => ({ value: p.id, text: plantName(p) }))}
                    onChange={(id) => setChosen({ ...chosen, [line.text]: id })}
                  />
                )}
              </li>
            ))}
          </ul>
        )}
        <DateField label="Planted on" value={on} onChange={setOn} />
        <Button type="submit" kind="deep" className="self-start" disabled={count === 0}>
          {count === 0 ? 'Add these plants' : `Add ${count === 1 ? '1 plant' : `${count} plants`}`}
        </Button>
      </form>
    </details>
  );
}

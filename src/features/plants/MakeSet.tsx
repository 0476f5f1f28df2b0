'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { partnerName } from '@/core/compose/over/partner-name';
import type { Planting } from '@/core/plantings/schema';
import { savePlanting } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';

import { Segments } from '@/ui/Segments';
import { newId } from '../shell/ids';
import type { Known } from '../shell/known';
import { stationPath } from '../shell/stations';
import { useOnce } from '../shell/useOnce';
import { useWorkspace } from '../shell/store';
import { tell } from '../shell/tell';
import { startComposer } from '../shell/workers';
import { Way } from './Way';

/** Several of it in a row: all the same, or by turns with a partner that is composed for it. */
export function MakeSet({ planting, known }: { planting: Planting; known: Known }) {
  const run = useWorkspace((s) => s.run);
  const router = useRouter();
  const [count, setCount] = useState(Math.max(2, planting.container.count));
  const [way, setWay] = useState<'same' | 'turns'>('same');
  const { busy, once } = useOnce();
  const ofThis = way === 'same' ? count : Math.ceil(count / 2);
  const counted = () =>
    run(`A set of ${count}`, { do: 'set', change: { container: { ...planting.container, count: ofThis } } });
  const byTurns = async () => {
    const composer = startComposer();
    try {
      const found = await composer.ask((api) => api.partner(planting, 1, known.mine));
      if (!found)
        return tell.problem(
          'No partner was found',
          'No partner in these colours shares a plant with it. Make them all the same, or relax the brief.',
        );
      const id = newId();
      const partner = {
        ...found.planting,
        id,
        name: partnerName(planting.name),
        container: { ...planting.container, count: Math.max(1, count - ofThis) },
      };
      await savePlanting(partner);
      counted();
      tell.done(`${partner.name} added to the bench`);
      router.push(stationPath(id, 'plants'));
    } finally {
      composer.stop();
    }
  };
  const make = () => {
    if (way === 'same') counted();
    else once(byTurns);
  };
  return (
    <Way title="A set">
      <div className="grid grid-cols-[5rem_1fr] items-end gap-2">
        <NumberField label="How many" value={count} min={1} max={500} whole onChange={setCount} />
        <Segments
          label="Pattern"
          value={way}
          options={[
            { value: 'same', text: 'All the same' },
            { value: 'turns', text: 'Alternating with a partner' },
          ]}
          onChange={setWay}
        />
      </div>
      <Button className="self-start" disabled={busy} onClick={make}>
        {busy ? 'Composing its partner…' : `Make a set of ${count}`}
      </Button>
      <p className="text-[0.84rem] text-quiet">
        {way === 'same'
          ? 'The shopping list covers all of them.'
          : `${ofThis} of this one alternating with ${Math.max(1, count - ofThis)} of a partner: same colours, one plant in common, a different centrepiece.`}
      </p>
    </Way>
  );
}

'use client';
import { useState } from 'react';
import type { Planting } from '@/core/plantings/schema';
import type { Scene } from '@/core/groups/scene';
import { withAll } from '@/core/groups/arrange';
import { groupInRow } from '@/core/groups/row';
import { Button } from '@/ui/Button';
import { Choose, NumberField } from '@/ui/Field';
import { savePlantings } from '@/storage/plantings';
import { newId } from '../shell/ids';
import { useKnown } from '../shell/known';
import { tell } from '../shell/tell';
import { useOnce } from '../shell/useOnce';
import { startComposer } from '../shell/workers';
import { useArranging } from './arranging';

const WAYS = [
  { value: 'alike', text: 'All the same' },
  { value: 'turns', text: 'Alternating with a partner' },
  { value: 'rhythm', text: 'Two, then one partner' },
] as const;
type WayId = (typeof WAYS)[number]['value'];

/** Of so many, how many are partners. */
const partners = (way: WayId, count: number): number =>
  way === 'alike' ? 0 : way === 'turns' ? Math.floor(count / 2) : Math.floor(count / 3);

/** A row of one container: all alike, or with a partner that is composed for it, by turns or in a rhythm. */
export function RowOf({ scene, planting, today }: { scene: Scene; planting: Planting; today: string }) {
  const change = useArranging((a) => a.change);
  const known = useKnown();
  const [count, setCount] = useState(6);
  const [way, setWay] = useState<WayId>('turns');
  const { busy, once } = useOnce();
  const make = async () => {
    const others = partners(way, count);
    const composer = startComposer();
    try {
      const found = others > 0 ? await composer.ask((api) => api.partner(planting, 1, known.mine)) : null;
      if (others > 0 && !found)
        return tell.problem(
          'No partner was found',
          'No partner in these colours shares a plant with it. Make them all the same, or relax the brief.',
        );
      const mine = { ...planting, container: { ...planting.container, count: count - others } };
      const partner = found && {
        ...found.planting,
        id: newId(),
        name: `${planting.name}, partner`.slice(0, 80),
        container: { ...planting.container, count: others },
      };
      const both = partner ? [mine, partner] : [mine];
      await savePlantings(both);
      const here = [...scene.bodies.map((b) => b.planting).filter((p) => p.id !== mine.id), ...both];
      const all = withAll(scene.group, here, today);
      change(
        `A row of ${count}`,
        groupInRow(
          all,
          here,
          both.map((p) => p.id),
          today,
        ),
      );
      tell.done(partner ? `Row of ${count}, including ${others} partners` : `${count} in a row`);
    } finally {
      composer.stop();
    }
  };
  return (
    <details className="text-[0.93rem]">
      <summary className="cursor-pointer text-quiet pointer-coarse:py-2">A row of this one</summary>
      <div className="grid grid-cols-[5rem_1fr] items-end gap-2 pt-2">
        <NumberField label="How many" value={count} min={2} max={24} whole onChange={setCount} />
        <Choose label="Pattern" value={way} options={WAYS} onChange={setWay} />
      </div>
      <Button className="mt-2" disabled={busy || !known.ready} onClick={() => once(make)}>
        {busy ? 'Composing its partner…' : `Make a row of ${count}`}
      </Button>
    </details>
  );
}

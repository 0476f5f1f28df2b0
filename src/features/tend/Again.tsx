'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PlantedAgain as Planned } from '@/core/compose/again';
import { shoppingList } from '@/core/materials/list';
import { formatDayFrom } from '@/core/units/date';
import { formatMoney } from '@/core/units/quantity';
import { deletePlanting, savePlanting } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { told } from '../shell/doing';
import { newId } from '../shell/ids';
import { stationPath } from '../shell/stations';
import { tell } from '../shell/tell';
import { weigh } from '../shell/workers';
import type { TendProps } from './props';

/** A container's name in another year: “Left-hand pot 2027”. */
const named = (name: string, day: string): string =>
  `${name.replace(/ (19|20)\d\d$/, '').slice(0, 75)} ${day.slice(0, 4)}`;

/** The same container a year on: what would be planted instead of what failed, its cost, and doing it. */
export function Again({ planting, known, today, surround: { log } }: TendProps) {
  const [planned, setPlanned] = useState<Planned | null>(null);
  const [busy, setBusy] = useState(false);
  const router = useRouter();
  const plan = () => {
    setBusy(true);
    weigh(known.mine, (api) => api.again(planting, log, today, { id: newId(), name: planting.name }))
      .then(setPlanned, (e: unknown) => tell.problem('Could not plan it', e instanceof Error ? e.message : String(e)))
      .finally(() => setBusy(false));
  };
  const keep = async ({ planting: next }: Planned) => {
    const made = { ...next, name: named(next.name, next.startDate) };
    await savePlanting(made);
    tell.done(`${made.name} is on the bench`, () => told(deletePlanting(made.id)));
    router.push(stationPath(made.id, 'plants'));
  };
  return (
    <section aria-label="Plant it again" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Plant it again</h2>
      {planned ? (
        <>
          <p>
            For {formatDayFrom(planned.planting.startDate, today)},{' '}
            {formatMoney(shoppingList(planned.planting, 1).each)} in plants, mix and feed
            {planned.planting.container.count > 1 ? ', each' : ''}.
          </p>
          {planned.instead.length === 0 ? (
            <p className="text-quiet">Nothing failed, so the plants stay the same.</p>
          ) : (
            <ul aria-label="What changes">
              {planned.instead.map(({ was, why, now }) => (
                <li key={was} className="border-t border-line py-1.5">
                  {now ? `${now} instead of ${was}` : `${was} stays: nothing better was found`}
                  <span className="block text-[0.9rem] text-quiet">{why}</span>
                </li>
              ))}
            </ul>
          )}
          <p className="text-[0.9rem] text-quiet">
            What you measured goes with it. This year’s container keeps its log.
          </p>
          <p className="flex flex-wrap gap-2">
            <Button kind="deep" onClick={() => told(keep(planned))}>
              Add it to the bench
            </Button>
            <Button kind="bare" onClick={() => setPlanned(null)}>
              Not now
            </Button>
          </p>
        </>
      ) : (
        <>
          <p className="text-quiet">
            The same container next year. What died or disappointed is replaced; what you measured is taken into
            account.
          </p>
          <Button className="self-start" disabled={busy} onClick={plan}>
            {busy ? 'Planning…' : 'Plan next year'}
          </Button>
        </>
      )}
    </section>
  );
}

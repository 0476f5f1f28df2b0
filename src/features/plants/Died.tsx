'use client';
import { replaced } from '@/core/compose/changes/replace';
import type { Swap } from '@/core/compose/changes/swaps';
import { plantName } from '@/core/plants/schema';
import type { Placed } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { formatMoney } from '@/core/units/quantity';
import { Button } from '@/ui/Button';
import { logIt, newEntryId, told } from '../shell/doing';
import { point } from '../shell/pointing';
import { useWorkspace } from '../shell/store';

/** Stand-ins that are offered beside the same again. */
const OFFERED = 3;

/** A plant that died: the same again, what could stand in, or a gap; noted in the log, priced as one plant. */
export function Died({
  planting,
  placed,
  swaps,
  today,
}: {
  planting: Planting;
  placed: Placed;
  swaps: readonly Swap[];
  today: string;
}) {
  const run = useWorkspace((s) => s.run);
  const { plant, start } = placed;
  const name = plantName(plant);
  const log = () =>
    told(
      logIt(
        { id: newEntryId(), of: planting.id, on: today, kind: 'death', to: placed.id, plant: plant.id, why: '' },
        `${name}: death noted in the log`,
      ),
    );
  const offers = [{ plant, start }, ...swaps.slice(0, OFFERED)].map((s) => replaced(planting, placed, s, today));
  return (
    <section aria-label={`${name} died`} className="flex flex-col gap-1.5 border-l-2 border-glaze pl-3 text-[0.9rem]">
      <p>Replace it with</p>
      {offers.map((offer, i) => (
        <Button
          key={offer.plant.id}
          className="justify-between!"
          onClick={() => {
            run(`Replace ${name}, which died, with ${plantName(offer.plant)}`, ...offer.commands);
            log();
            point({ chosen: null });
          }}
        >
          <span>{i === 0 ? 'The same again' : plantName(offer.plant)}</span>
          <span className="text-quiet">{offer.price === null ? '' : formatMoney(offer.price)}</span>
        </Button>
      ))}
      <Button
        kind="bare"
        onClick={() => {
          run(`Lift ${name}, which died`, { do: 'lift', id: placed.id, on: today });
          log();
          point({ chosen: null });
        }}
      >
        Leave a gap
      </Button>
    </section>
  );
}

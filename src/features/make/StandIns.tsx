'use client';
import type { StandIn } from '@/core/compose/changes/stand-ins';
import { plantName, type Plant } from '@/core/plants/schema';
import { plantIdOf } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { availabilityOf } from '@/core/stock/shelf';
import { Button } from '@/ui/Button';
import { Window } from '@/ui/Window';
import { fitting, Specimen } from '../pictures/Specimen';
import { checkOf } from '@/core/balance';
import { Failed } from '../shell/Failed';
import { useAsk } from '../shell/useAsk';
import { weigh } from '../shell/workers';
import type { Known } from '../shell/known';
import { useWorkspace } from '../shell/store';

/** What could take the place of a plant that cannot be had, each tried in all its places and judged. */
export function StandIns({
  plant,
  planting,
  known,
  onClose,
}: {
  plant: Plant;
  planting: Planting;
  known: Known;
  onClose: () => void;
}) {
  const run = useWorkspace((s) => s.run);
  const stock = known.stock?.stock ?? null;
  const count = planting.placements.filter((p) => plantIdOf(p) === plant.id).length;
  const asked = useAsk<StandIn[]>(
    () => weigh(known.mine, (api) => api.standIns(planting, plant.id, stock)),
    [planting, plant.id, known.mine, stock],
  );
  const found = asked.value;
  const scale = fitting([plant, ...(found ?? []).map((s) => s.plant)], 82, 116);
  return (
    <Window
      title={
        <>
          Substitutes for {plantName(plant)}
          {count > 1 && <span className="font-normal text-quiet"> in all {count} places</span>}
        </>
      }
      width="usual"
      onClose={onClose}
    >
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-x-5 overflow-y-auto sm:grid-cols-[9rem_1fr]">
        <figure className="flex flex-col items-center justify-end self-start border-b-2 border-ink pt-4 max-sm:hidden">
          <Specimen plant={plant} scale={scale} />
          <figcaption className="sr-only">{plantName(plant)}, not available</figcaption>
        </figure>
        <div className="min-w-0" aria-busy={asked.busy}>
          <p className="pb-1 text-[0.9rem] text-quiet" role="status">
            {found === null
              ? asked.busy
                ? 'Looking for substitutes…'
                : ''
              : found.length === 0
                ? 'No substitute in stock. Remove the plant, or relax the brief.'
                : `The ${found.length} closest matches${stock ? `, all in stock at ${stock.nursery}` : ''}, drawn to the same scale.`}
          </p>
          {asked.error && <Failed what="Could not find substitutes." error={asked.error} again={asked.again} />}
          <ul aria-label="Substitutes">
            {(found ?? []).map((s) => (
              <li
                key={s.plant.id}
                className="hair grid grid-cols-[6.4rem_1fr] items-end gap-3 pt-2 sm:grid-cols-[7.6rem_1fr_auto]"
              >
                <span className="flex h-full items-end justify-center">
                  <Specimen plant={s.plant} scale={scale} />
                </span>
                <span className="min-w-0 self-center pb-2 text-[0.9rem] leading-snug">
                  <span className="block font-semibold">{plantName(s.plant)}</span>
                  <span className="block">{s.differs.join(', ')}</span>
                  <span className="block text-[0.86rem] text-quiet">
                    {s.moves.length > 0
                      ? s.moves
                          .slice(0, 3)
                          .map((m) => `${checkOf(m.check).name} ${m.from} to ${m.to}`)
                          .join(', ')
                      : 'no checks change'}
                  </span>
                  {known.stock && <span className="block text-[0.86rem] text-quiet">{inWords(known, s)}</span>}
                </span>
                <span className="flex items-center gap-3 pb-2 max-sm:col-start-2 sm:flex-col sm:items-end">
                  <span className={`text-[0.9rem] ${s.change > 0 ? 'font-semibold text-glaze' : 'text-quiet'}`}>
                    {s.change > 0 ? '+' : s.change < 0 ? '−' : '±'}
                    {Math.abs(s.change).toFixed(1)}
                  </span>
                  <Button
                    aria-label={`Use ${plantName(s.plant)}`}
                    onClick={() => {
                      run(`${plantName(s.plant)} for ${plantName(plant)}`, ...s.commands);
                      onClose();
                    }}
                  >
                    Use it
                  </Button>
                </span>
              </li>
            ))}
          </ul>
        </div>
      </div>
    </Window>
  );
}

/** What the nursery has of a stand-in, in the size it would be bought in. */
function inWords(known: Known, s: StandIn): string {
  const start = s.commands.flatMap((c) => (c.do === 'swap' ? [c.start] : []))[0];
  if (!known.stock || !start) return '';
  const { state, line } = availabilityOf(known.stock.stock, s.plant.id, start, s.commands.length);
  return state === 'not listed'
    ? 'not on the nursery’s list'
    : state === 'out'
      ? 'also out of stock'
      : `${line?.available ?? 0} at the nursery`;
}

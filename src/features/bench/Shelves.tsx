'use client';
import { useMemo } from 'react';
import { type PotState, stateOf } from '@/core/jobs/state';
import type { Planting } from '@/core/plantings/schema';
import type { UnitSystem } from '@/core/units/length';
import { sum } from '@/core/units/number';
import { archivePlanting, deletePlanting, editStored, savePlanting, type Shelf } from '@/storage/plantings';
import Link from 'next/link';
import { Button, buttonLook } from '@/ui/Button';
import { pictureSize } from '../pictures/PotPicture';
import { Boundary } from '../shell/Boundary';
import { useToday } from '../shell/diary';
import { told } from '../shell/doing';
import { newId } from '../shell/ids';
import { inTurn } from '../shell/in-turn';
import { tell } from '../shell/tell';
import { useUnits } from '../shell/units';
import { useAsk } from '../shell/useAsk';
import { useLast } from '../shell/useLast';
import { Jobs } from './Jobs';
import { PotOnShelf } from './PotOnShelf';
import { RoomForOne } from './RoomForOne';
import { isCrowded, scaleFor } from './scale';

/** How tall a container's picture is, mm; nothing for one that cannot be grown, which is told in its own place. */
function heightOf(planting: Planting): number {
  try {
    return pictureSize(planting, 1).h;
  } catch {
    return 0;
  }
}

/** What state each is in, by its id; one that cannot be grown is told of in its own place. */
async function statesOf(plantings: readonly Planting[], today: string, units: UnitSystem) {
  const states = await inTurn(plantings, (p): [string, PotState] | null => {
    try {
      return [p.id, stateOf(p, today, units)];
    } catch {
      return null;
    }
  });
  return new Map(states.filter((s) => s !== null));
}

/** Every container as its own portrait at true relative size, by place. */
export function Shelves({ shelf, onStart }: { shelf: Shelf; onStart: (like?: Planting) => void }) {
  const day = useToday();
  const units = useUnits((u) => u.units);
  const standing = shelf.pots.filter((p) => !p.archived);
  const away = shelf.pots.filter((p) => p.archived);
  const plantings = useMemo(() => shelf.pots.filter((p) => !p.archived).map((p) => p.planting), [shelf]);
  const asked = useAsk(() => statesOf(plantings, day, units), [plantings, day, units]);
  const states = useLast(asked.value);
  const crowded = isCrowded(standing.length);
  const scale = scaleFor(standing.length);
  const tallest = new Map<string, number>();
  for (const { planting } of standing)
    tallest.set(planting.spot.name, Math.max(tallest.get(planting.spot.name) ?? 0, heightOf(planting)));
  // Tall places first: those beside each other are then about as tall, and little of the screen is empty.
  const places = [...tallest].sort((a, b) => b[1] - a[1]).map(([name]) => name);
  const copy = async (p: Planting) => {
    await savePlanting({ ...p, id: newId(), name: `${p.name} (copy)`.slice(0, 80) });
  };
  const remove = async (p: Planting) => {
    await deletePlanting(p.id);
    tell.done(`${p.name} deleted`, () => told(savePlanting(p)));
  };
  const archive = async (p: Planting) => {
    await archivePlanting(p.id, true);
    tell.done(`${p.name} put away`, () => told(archivePlanting(p.id, false)));
  };
  return (
    <>
      <Jobs plantings={plantings} today={day} />
      <div className={crowded ? 'flex flex-wrap items-stretch gap-x-7' : ''}>
        {places.map((place) => (
          <section key={place} className={`max-w-full pt-6 ${crowded ? 'flex flex-1 flex-col max-lg:basis-full' : ''}`}>
            <div className="flex flex-wrap items-baseline gap-x-3 whitespace-nowrap max-sm:whitespace-normal">
              <h2 className="text-[1rem] text-quiet wrap-anywhere">{place}</h2>
              {crowded && (
                <Button
                  kind="bare"
                  className="min-h-7! text-[0.86rem]!"
                  aria-label={`Add another container at ${place}`}
                  onClick={() => onStart(standing.find((p) => p.planting.spot.name === place)?.planting)}
                >
                  Add another
                </Button>
              )}
              {sum(plantings.filter((p) => p.spot.name === place).map((p) => p.container.count)) > 1 && (
                <Link
                  href={`/group?place=${encodeURIComponent(place)}`}
                  className={`${buttonLook('bare')} min-h-7! text-[0.86rem]!`}
                  aria-label={`See ${place} together`}
                  prefetch={false}
                >
                  View together
                </Link>
              )}
            </div>
            <ul className={`flex items-stretch gap-y-6 ${crowded ? 'flex-1 max-lg:flex-wrap' : 'flex-wrap'}`}>
              {standing
                .filter((p) => p.planting.spot.name === place)
                .map(({ planting }) => (
                  <Boundary key={planting.id} small what={planting.name} resetOn={planting}>
                    <PotOnShelf
                      planting={planting}
                      scale={scale}
                      state={states?.get(planting.id)}
                      onCopy={() => told(copy(planting))}
                      onDelete={() => told(remove(planting))}
                      onArchive={() => told(archive(planting))}
                      onRename={(name) => told(editStored(new Map([[planting.id, [{ do: 'set', change: { name } }]]])))}
                    />
                  </Boundary>
                ))}
              {crowded ? (
                <li className="flex-1" aria-hidden />
              ) : (
                <RoomForOne
                  place={place}
                  onStart={() => onStart(standing.find((p) => p.planting.spot.name === place)?.planting)}
                />
              )}
            </ul>
          </section>
        ))}
      </div>
      {away.length > 0 && (
        <details className="pt-6">
          <summary className="cursor-pointer text-quiet">{away.length} put away</summary>
          <ul className="max-w-md">
            {away.map(({ planting }) => (
              <li key={planting.id} className="hair flex items-center justify-between gap-3">
                <span>
                  {planting.name} <span className="text-quiet">{planting.spot.name}</span>
                </span>
                <Button
                  kind="bare"
                  onClick={() => told(archivePlanting(planting.id, false))}
                  aria-label={`Return ${planting.name} to the bench`}
                >
                  Put back
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

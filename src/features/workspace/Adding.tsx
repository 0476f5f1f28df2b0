'use client';
import { useRouter, useSearchParams } from 'next/navigation';
import type { Planting } from '@/core/plantings/schema';
import { AddPlant } from '../plants/AddPlant';
import { useDesk } from '../plants/composing';
import type { Known } from '../shell/known';
import { stationPath } from '../shell/stations';

/** One more plant: asked for here, or brought from the library by its id in the address. */
export function Adding({ planting, known }: { planting: Planting; known: Known }) {
  const router = useRouter();
  const { adding, set } = useDesk();
  const id = useSearchParams().get('add');
  const wanted = id ? (known.all.find((p) => p.id === id) ?? null) : null;
  return (
    <AddPlant
      key={wanted?.id ?? ''}
      planting={planting}
      library={wanted ? known.all : known.library}
      wanted={wanted}
      open={adding || wanted !== null}
      onClose={() => {
        set({ adding: false });
        if (wanted) router.replace(stationPath(planting.id, 'plants'));
      }}
    />
  );
}

'use client';
import { plantName, type Plant } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { PlantPick } from './PlantPick';

type Brief = Planting['brief'];

/** Plants that must be in, and plants that never may. */
export function WantedPlants({
  brief,
  library,
  onChange,
}: {
  brief: Brief;
  library: readonly Plant[];
  onChange: (change: Partial<Brief>) => void;
}) {
  return (
    <div role="group" aria-label="Plants to include or avoid" className="grid grid-cols-2 gap-2 text-[0.9rem]">
      <List
        label="Include"
        ids={brief.must}
        most={5}
        library={library}
        onChange={(must) => onChange({ must, never: brief.never.filter((id) => !must.includes(id)) })}
      />
      <List
        label="Avoid"
        ids={brief.never}
        most={200}
        library={library}
        onChange={(never) => onChange({ never, must: brief.must.filter((id) => !never.includes(id)) })}
      />
    </div>
  );
}

function List({
  label,
  ids,
  most,
  library,
  onChange,
}: {
  label: string;
  ids: readonly string[];
  most: number;
  library: readonly Plant[];
  onChange: (ids: string[]) => void;
}) {
  return (
    <div>
      <PlantPick
        label={`${label}: add a plant`}
        text={ids.length >= most ? `${label}: ${most} at most` : `${label}…`}
        library={library}
        disabled={ids.length >= most}
        onPick={(p) => !ids.includes(p.id) && onChange([...ids, p.id])}
      />
      <ul>
        {ids.map((id) => {
          const plant = library.find((p) => p.id === id);
          const name = plant ? plantName(plant) : id;
          return (
            <li key={id} className="flex items-center justify-between gap-2 border-b border-line">
              {name}
              <button
                type="button"
                className="px-2 py-1 text-glaze"
                aria-label={`Remove ${name} from ${label.toLowerCase()}`}
                onClick={() => onChange(ids.filter((x) => x !== id))}
              >
                ×
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

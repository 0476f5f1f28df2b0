'use client';
import { LIBRARY, libraryPlant } from '@/core/plants';
import { plantName } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';

type Brief = Planting['brief'];

const BY_NAME = [...LIBRARY].sort((a, b) => plantName(a).localeCompare(plantName(b)));

/** Plants that must be in, and plants that never may. */
export function WantedPlants({ brief, onChange }: { brief: Brief; onChange: (change: Partial<Brief>) => void }) {
  const count = brief.must.length + brief.never.length;
  return (
    <details className="text-[0.9rem]" open={count > 0 || undefined}>
      <summary className="cursor-pointer text-quiet">Must have and never{count > 0 ? ` (${count})` : ''}</summary>
      <div className="flex flex-col gap-2 pt-1.5">
        <List label="Must have" ids={brief.must} most={5} onChange={(must) => onChange({ must, never: brief.never.filter((id) => !must.includes(id)) })} />
        <List label="Never" ids={brief.never} most={200} onChange={(never) => onChange({ never, must: brief.must.filter((id) => !never.includes(id)) })} />
      </div>
    </details>
  );
}

function List({ label, ids, most, onChange }: { label: string; ids: readonly string[]; most: number; onChange: (ids: string[]) => void }) {
  return (
    <div>
      <select className="field w-full" aria-label={`${label}: add a plant`} value="" disabled={ids.length >= most} onChange={(e) => e.target.value && onChange([...ids, e.target.value])}>
        <option value="">{ids.length >= most ? `${label}: ${most} at most` : `${label} …`}</option>
        {BY_NAME.filter((p) => !ids.includes(p.id)).map((p) => (
          <option key={p.id} value={p.id}>
            {plantName(p)}
          </option>
        ))}
      </select>
      <ul>
        {ids.map((id) => {
          const plant = libraryPlant(id);
          const name = plant ? plantName(plant) : id;
          return (
            <li key={id} className="flex items-center justify-between gap-2 border-b border-line">
              {name}
              <button type="button" className="px-2 py-1 text-glaze" aria-label={`Take ${name} off: ${label.toLowerCase()}`} onClick={() => onChange(ids.filter((x) => x !== id))}>
                ×
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

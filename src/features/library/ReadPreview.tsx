'use client';
import { sourceOf, type ReadPlants } from '@/core/formats/plants-csv';
import { plantName } from '@/core/plants/schema';
import { Button } from '@/ui/Button';
import { PlantGlyph } from '@/ui/PlantGlyph';

/** Rows and errors listed before the rest is only counted. */
const LISTED = 60;

/** What was read of their table: what would be added, and what is left out and why. */
export function ReadPreview({
  read: { plants, errors },
  onKeep,
  onErrors,
}: {
  read: ReadPlants;
  onKeep: () => void;
  onErrors: () => void;
}) {
  const instead = plants.filter((p) => p.instead !== null);
  const count = (n: number, what: string) => `${n.toLocaleString('en-GB')} ${n === 1 ? what : `${what}s`}`;
  return (
    <>
      <p role="status" className="text-[0.95rem]">
        {count(plants.length, 'plant')} can be added
        {errors.length > 0 ? `; ${count(errors.length, 'row')} cannot be read and will be skipped` : ''}.
        {instead.length > 0 ? ` ${count(instead.length, 'plant')} would replace plants you already have.` : ''}
      </p>
      <div
        role="group"
        aria-label="What was read"
        tabIndex={0}
        className="grid min-h-0 flex-1 gap-4 overflow-y-auto sm:grid-cols-2"
      >
        {errors.length > 0 && (
          <section className="min-w-0">
            <h3 className="hair pb-1 text-[0.95rem] text-wrong">Skipped</h3>
            <ol className="text-[0.88rem]">
              {errors.slice(0, LISTED).map((e) => (
                <li key={e.row} className="hair py-1">
                  <span className="font-semibold">Row {e.row}</span>
                  {e.name && `, ${e.name}`}: {e.message}
                </li>
              ))}
              {errors.length > LISTED && (
                <li className="py-1 text-quiet">
                  and {errors.length - LISTED} more; the skipped-rows file has them all.
                </li>
              )}
            </ol>
          </section>
        )}
        <section className="min-w-0">
          <h3 className="hair pb-1 text-[0.95rem]">To add</h3>
          <ul className="text-[0.88rem]">
            {plants.slice(0, LISTED).map((p) => (
              <li key={p.row} className="hair grid grid-cols-[30px_1fr] gap-2 py-1">
                <PlantGlyph plant={p.plant} size={24} />
                <span className="min-w-0">
                  <span className="font-semibold">{plantName(p.plant)}</span>{' '}
                  <span className="italic text-quiet">{p.plant.botanical}</span>
                  <span className="block text-[0.82rem] text-quiet">{sourceOf(p)}</span>
                  {p.doubts.length > 0 && (
                    <span className="block text-[0.82rem] text-watchink">check: {p.doubts.join('; ')}</span>
                  )}
                </span>
              </li>
            ))}
            {plants.length > LISTED && (
              <li className="py-1 text-quiet">and {(plants.length - LISTED).toLocaleString('en-GB')} more.</li>
            )}
          </ul>
        </section>
      </div>
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" disabled={plants.length === 0} onClick={onKeep}>
          Add {count(plants.length, 'plant')}
          {errors.length > 0 ? `, skip ${count(errors.length, 'row')}` : ''}
        </Button>
        {errors.length > 0 && <Button onClick={onErrors}>Save skipped rows</Button>}
      </div>
    </>
  );
}

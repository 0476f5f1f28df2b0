'use client';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { PLANT_COLUMNS } from '@/core/formats/plant-columns';
import { sourceOf, type Mapping, type ReadPlants } from '@/core/formats/plants-csv';
import { plantName, type Plant } from '@/core/plants/schema';
import type { UnitSystem } from '@/core/units/length';
import { type Own, saveOwn } from '@/storage/plants';
import type { Opened } from '@/workers/plants';
import { Button } from '@/ui/Button';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { Segments } from '@/ui/Segments';
import { Window } from '@/ui/Window';
import { download } from '../shell/download';
import { startReader } from '../shell/workers';
import { tell } from '../shell/tell';

type Reader = ReturnType<typeof startReader>;
type Step =
  | { at: 'open' }
  | { at: 'refused'; why: string }
  | { at: 'match'; opened: Extract<Opened, { ok: true }> }
  | { at: 'reading'; done: number }
  | { at: 'preview'; read: ReadPlants }
  | { at: 'keeping' };

/** Rows and errors listed before the rest is only counted. */
const LISTED = 60;

/** A spreadsheet of plants, in three steps: match its columns, look at what was read, add. Nothing is kept before the last. */
export function ImportPlants({
  file,
  own,
  units: usual,
  onClose,
}: {
  file: File;
  own: readonly Own[];
  units: UnitSystem;
  onClose: () => void;
}) {
  const [step, setStep] = useState<Step>({ at: 'open' });
  const [mapping, setMapping] = useState<Mapping>({});
  const [units, setUnits] = useState(usual);
  const reader = useRef<Reader | null>(null);
  useEffect(() => {
    const r = startReader();
    reader.current = r;
    file
      .text()
      .then((text) => r.ask<Opened>((api) => api.open(text)))
      .then((opened) => {
        if (!opened.ok) return setStep({ at: 'refused', why: opened.why });
        setMapping(opened.mapping);
        setStep({ at: 'match', opened });
      })
      .catch((e: unknown) => setStep({ at: 'refused', why: e instanceof Error ? e.message : String(e) }));
    return r.stop;
  }, [file]);

  const read = async () => {
    const r = reader.current;
    if (!r) return;
    setStep({ at: 'reading', done: 0 });
    const plants: Plant[] = own.map((o) => o.plant);
    try {
      const told = proxy((done: number) => setStep((s) => (s.at === 'reading' ? { at: 'reading', done } : s)));
      const out = await r.ask((api) => api.read(mapping, units, plants, told));
      setStep({ at: 'preview', read: out });
    } catch (e) {
      setStep({ at: 'refused', why: e instanceof Error ? e.message : String(e) });
    }
  };
  const keep = async (read: ReadPlants) => {
    const { plants } = read;
    setStep({ at: 'keeping' });
    const updatedAt = new Date().toISOString();
    try {
      await saveOwn(plants.map((p) => ({ plant: p.plant, updatedAt })));
      tell.said(`${plants.length.toLocaleString('en-GB')} plants added`);
      onClose();
    } catch (e) {
      tell.notKept(e);
      setStep({ at: 'preview', read });
    }
  };
  return (
    <Window
      title={`Plants from ${file.name}`}
      width="broad"
      close={step.at === 'reading' ? 'Stop' : 'Close'}
      stays
      onClose={onClose}
    >
      {(step.at === 'open' || step.at === 'keeping') && (
        <p className="text-quiet" aria-busy>
          {step.at === 'open' ? 'Opening…' : 'Adding…'}
        </p>
      )}
      {step.at === 'refused' && (
        <p role="alert" className="text-wrong">
          {step.why} No plants were added.
        </p>
      )}
      {step.at === 'match' && (
        <Match
          opened={step.opened}
          mapping={mapping}
          units={units}
          onMapping={setMapping}
          onUnits={setUnits}
          onRead={() => void read()}
        />
      )}
      {step.at === 'reading' && (
        <p className="flex items-center gap-3" role="status">
          Reading rows <progress max={1} value={step.done} className="bar h-1.5 w-56" aria-label="Reading rows" />
        </p>
      )}
      {step.at === 'preview' && (
        <Preview
          read={step.read}
          onKeep={() => void keep(step.read)}
          onErrors={() =>
            void reader.current
              ?.ask((api) => api.leftOut(step.read.errors))
              .then(
                (csv) => download('rows-left-out.csv', csv, 'text/csv'),
                (e: unknown) => tell.problem('The rows were not saved', String(e)),
              )
          }
        />
      )}
    </Window>
  );
}

/** Which of their columns is which of ours, with what stands under it. */
function Match({
  opened,
  mapping,
  units,
  onMapping,
  onUnits,
  onRead,
}: {
  opened: Extract<Opened, { ok: true }>;
  mapping: Mapping;
  units: UnitSystem;
  onMapping: (m: Mapping) => void;
  onUnits: (u: UnitSystem) => void;
  onRead: () => void;
}) {
  const of = (i: number) => PLANT_COLUMNS.find((c) => mapping[c.key] === i)?.key ?? '';
  const assign = (i: number, key: string) => {
    const next = Object.fromEntries(Object.entries(mapping).filter(([k, at]) => at !== i && k !== key));
    onMapping(key ? { ...next, [key]: i } : next);
  };
  const used = Object.keys(mapping).length;
  return (
    <>
      <p className="text-[0.93rem]">
        {opened.rows.toLocaleString('en-GB')} rows. Choose what each column means. Columns you skip are ignored; missing
        details are filled in from related plants.
      </p>
      <div className="min-h-0 flex-1 overflow-y-auto">
        <table className="w-full text-[0.9rem]">
          <thead>
            <tr className="text-left text-quiet [&>th]:border-b [&>th]:border-ink [&>th]:pb-1 [&>th]:font-normal">
              <th scope="col">Column in the file</th>
              <th scope="col">Meaning</th>
              <th scope="col" className="max-sm:hidden">
                Example
              </th>
            </tr>
          </thead>
          <tbody>
            {opened.headings.map((h, i) => (
              <tr key={`${h}${i}`} className="[&>td]:border-b [&>td]:border-line [&>td]:py-1 [&>td]:pr-3">
                <td className="font-semibold">{h || `(column ${i + 1})`}</td>
                <td>
                  <select
                    className="field w-full"
                    aria-label={`Meaning of ${h || `column ${i + 1}`}`}
                    value={of(i)}
                    onChange={(e) => assign(i, e.target.value)}
                  >
                    <option value="">ignore</option>
                    <optgroup label="Usually on the label">
                      {PLANT_COLUMNS.filter((c) => c.common).map((c) => (
                        <option key={c.key} value={c.key}>
                          {c.label}
                        </option>
                      ))}
                    </optgroup>
                    <optgroup label="Everything else">
                      {PLANT_COLUMNS.filter((c) => !c.common).map((c) => (
                        <option key={c.key} value={c.key}>
                          {c.label}
                        </option>
                      ))}
                    </optgroup>
                  </select>
                </td>
                <td className="max-w-64 truncate text-quiet max-sm:hidden">
                  {opened.sample
                    .map((r) => r[i])
                    .filter(Boolean)
                    .slice(0, 3)
                    .join(', ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <Segments
          label="Numbers without a unit are in"
          value={units}
          options={[
            { value: 'metric', text: 'cm' },
            { value: 'imperial', text: 'inches' },
          ]}
          onChange={onUnits}
        />
        <span className="flex items-center gap-3">
          {mapping.common === undefined && (
            <span className="text-[0.9rem] text-watchink">One column must be the common name.</span>
          )}
          <Button kind="deep" disabled={mapping.common === undefined} onClick={onRead}>
            Read {used} {used === 1 ? 'column' : 'columns'}
          </Button>
        </span>
      </div>
    </>
  );
}

function Preview({
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

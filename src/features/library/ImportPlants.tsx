'use client';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Mapping, ReadPlants } from '@/core/formats/plants-csv';
import type { Plant } from '@/core/plants/schema';
import type { UnitSystem } from '@/core/units/length';
import { type Own, saveOwn } from '@/storage/plants';
import type { OpenedSheet } from '@/workers/plants';
import { Window } from '@/ui/Window';
import { download } from '../shell/download';
import { startReader } from '../shell/workers';
import { tell } from '../shell/tell';
import { MatchColumns } from './MatchColumns';
import { ReadPreview } from './ReadPreview';

type Reader = ReturnType<typeof startReader>;
type Step =
  | { at: 'open' }
  | { at: 'refused'; why: string }
  | { at: 'match'; opened: Extract<OpenedSheet, { ok: true }> }
  | { at: 'reading'; done: number }
  | { at: 'preview'; read: ReadPlants }
  | { at: 'keeping' };

/**
 * A spreadsheet of plants, in three steps: match its columns, look at what was read, add. Nothing is kept
 * before the last.
 */
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
      .then((text) => r.ask<OpenedSheet>((api) => api.open(text)))
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
        <MatchColumns
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
        <ReadPreview
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

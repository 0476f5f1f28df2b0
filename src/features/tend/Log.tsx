'use client';
import { useState } from 'react';
import { comparedWith } from '@/core/log/learn';
import { type LogEntry } from '@/core/log/schema';
import { plantName } from '@/core/plants/schema';
import { formatDayFrom } from '@/core/units/date';
import { formatLength } from '@/core/units/length';
import { formatVolume } from '@/core/units/quantity';
import { logCsv } from '@/core/formats/log-csv';
import { readLaterLog, removeEntries } from '@/storage/log';
import { useStored } from '@/storage/useStored';
import { Button } from '@/ui/Button';
import { download, fileName } from '../shell/download';
import { told } from '../shell/doing';
import { tell } from '../shell/tell';
import { AddDeath, AddMeasure, AddNote, AddVerdict, AddWater } from './AddEntry';
import { Photo } from './Photo';
import { applyLessons, applyWaterLesson, tellsOfWater } from './lessons';
import type { TendProps } from './props';

const ADDS = {
  note: { text: 'Note or photograph', Form: AddNote },
  measure: { text: 'Measure', Form: AddMeasure },
  water: { text: 'Water used', Form: AddWater },
  death: { text: 'A death', Form: AddDeath },
  verdict: { text: 'For next year', Form: AddVerdict },
} as const;
type Add = keyof typeof ADDS;
const ADD_IDS = Object.keys(ADDS) as Add[];

/** What was seen of a container: written down, photographed, measured. */
export function Log(at: TendProps) {
  const { planting, surround } = at;
  const [adding, setAdding] = useState<Add | null>(null);
  const entries = surround.log.filter((e) => e.of === planting.id);
  const later = useStored(() => readLaterLog(planting.id), [planting.id]) ?? [];
  const Form = adding && ADDS[adding].Form;
  return (
    <section aria-label="Log" className="flex flex-col gap-3 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Log</h2>
      <p className="flex flex-wrap gap-1.5">
        {ADD_IDS.map((id) => (
          <Button
            key={id}
            kind={adding === id ? 'deep' : 'plain'}
            aria-expanded={adding === id}
            onClick={() => setAdding(adding === id ? null : id)}
          >
            {ADDS[id].text}
          </Button>
        ))}
      </p>
      {Form && <Form {...at} onDone={() => setAdding(null)} />}
      {entries.length === 0 && !adding && (
        <p className="text-quiet">
          No entries yet. A photograph every two weeks will help you choose next year’s plants.
        </p>
      )}
      {entries.length > 0 && (
        <Button
          kind="bare"
          className="self-start px-0!"
          onClick={() => download(fileName(planting.name, 'log.csv'), logCsv(planting, entries), 'text/csv')}
        >
          Save the log as CSV
        </Button>
      )}
      {later.length > 0 && (
        <p className="text-quiet">
          {later.length === 1 ? '1 entry' : `${later.length} entries`} saved by a newer Rillbank cannot be shown here.
          Nothing is lost: open the log in that version.
        </p>
      )}
      <ol className="flex flex-col">
        {entries.map((e) => (
          <Entry key={e.id} entry={e} {...at} />
        ))}
      </ol>
    </section>
  );
}

/** What an entry says, in words. */
function said(entry: LogEntry, { planting, season, units }: TendProps): string {
  const whose = (to: string) => {
    const found = season.placed.find((p) => p.id === to);
    return found ? plantName(found.plant) : 'a plant since removed';
  };
  switch (entry.kind) {
    case 'note':
      return entry.text;
    case 'water':
      return entry.litres === null ? 'Watered' : `Watered, ${formatVolume(entry.litres, units)}`;
    case 'probe':
      return `Probe reading: ${Math.round(entry.share * 100)}%`;
    case 'death':
      return `${whose(entry.to)} died${entry.why ? `: ${entry.why}` : ''}`;
    case 'verdict':
      return [
        `${entry.again ? 'Again' : 'Don’t plant again'}: ${kindName(entry.plant, season) ?? planting.name}`,
        ...(entry.text ? [entry.text] : []),
      ].join('. ');
    case 'measure': {
      const told = comparedWith(planting, [entry])[0]?.forecast;
      const part = (name: string, mm: number | null, forecast: number | undefined) =>
        mm === null
          ? []
          : [
              `${formatLength(mm, units)} ${name}${forecast ? ` (predicted ${formatLength(Math.round(forecast), units)})` : ''}`,
            ];
      const sizes = [...part('high', entry.heightMm, told?.heightMm), ...part('wide', entry.spreadMm, told?.spreadMm)];
      return `${whose(entry.to)}: ${sizes.join(', ')}`;
    }
  }
}

const kindName = (id: string | null, season: TendProps['season']): string | null => {
  const found = season.placed.find((p) => p.plant.id === id);
  return found ? plantName(found.plant) : id;
};

function Entry({ entry, ...at }: TendProps & { entry: LogEntry }) {
  const text = said(entry, at);
  const relearn = async () => {
    if (entry.kind === 'measure') await applyLessons(at.planting.spot.name);
    if (tellsOfWater(entry)) await applyWaterLesson(entry.of, at.today);
  };
  const remove = async () => {
    const back = await removeEntries([entry.id]);
    await relearn();
    tell.done('Removed from the log', () => told(back().then(relearn)));
  };
  const day = formatDayFrom(entry.on, at.today);
  return (
    <li className="flex flex-col gap-1 border-t border-line py-2">
      <span className="flex items-baseline justify-between gap-2">
        <span className="text-quiet">{day}</span>
        <Button
          kind="bare"
          className="min-h-[24px]! text-[0.86rem]!"
          aria-label={`Remove from the log: ${day}, ${text.slice(0, 40)}`}
          onClick={() => told(remove())}
        >
          Remove
        </Button>
      </span>
      {entry.kind === 'note' && entry.photo && (
        <Photo id={entry.id} about={entry.text || `Photograph of ${at.planting.name}, ${day}`} />
      )}
      {text && <p className="whitespace-pre-line break-words">{text}</p>}
    </li>
  );
}

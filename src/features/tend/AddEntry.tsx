'use client';
import { type FormEvent, type ReactNode, useState } from 'react';
import { type LogEntry, LogEntrySchema } from '@/core/log/schema';
import { plantName } from '@/core/plants/schema';
import { blobOf } from '@/storage/photos';
import { Button } from '@/ui/Button';
import { Choose, DateField, LengthField, OptionalNumberField } from '@/ui/Field';
import { useFilePick } from '@/ui/useFilePick';
import { logIt, newEntryId, told } from '../shell/doing';
import { LOG_SIDE, smallPhoto } from '../shell/photo';
import { tell } from '../shell/tell';
import { applyLessons, applyWaterLesson } from './lessons';
import type { TendProps } from './props';

type Props = TendProps & { onDone: () => void };

/** A form of the log: its fields, and the button that keeps it. */
function Form({ children, onKeep, off = false }: { children: ReactNode; onKeep: () => void; off?: boolean }) {
  return (
    <form
      className="flex flex-col gap-2 border-l-2 border-glaze pl-3"
      onSubmit={(e: FormEvent) => {
        e.preventDefault();
        onKeep();
      }}
    >
      {children}
      <Button type="submit" kind="deep" className="self-start" disabled={off}>
        Save entry
      </Button>
    </form>
  );
}

function Words({ label, value, onChange }: { label: string; value: string; onChange: (text: string) => void }) {
  return (
    <label className="flex flex-col gap-1">
      <span className="label">{label}</span>
      <textarea className="field min-h-20" maxLength={2000} value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}

/** Which plant of the container. */
function PlantChoice({
  season,
  value,
  onChange,
}: Pick<Props, 'season'> & { value: string; onChange: (id: string) => void }) {
  const seen = new Map<string, number>();
  const options = season.placed.map((p) => {
    const nth = (seen.get(p.plant.id) ?? 0) + 1;
    seen.set(p.plant.id, nth);
    const twins = season.placed.filter((o) => o.plant.id === p.plant.id).length > 1;
    return { value: p.id, text: `${plantName(p.plant)}${twins ? `, ${nth}` : ''}` };
  });
  return <Choose label="Which plant" value={value} options={options} onChange={onChange} />;
}

/** Keeps an entry that is whole; what is not is said. */
async function keep(entry: LogEntry, said: string, more: Parameters<typeof logIt>[2] = {}): Promise<boolean> {
  const read = LogEntrySchema.safeParse(entry);
  if (!read.success) {
    tell.problem('Not saved', read.error.issues[0]?.message ?? 'Part of this entry could not be saved.');
    return false;
  }
  await logIt(read.data, said, more);
  return true;
}

const begun = ({ planting }: Props, on: string) => ({ id: newEntryId(), of: planting.id, on });

/** Words, a photograph, or both. */
export function AddNote(at: Props) {
  const [on, setOn] = useState(at.today);
  const [text, setText] = useState('');
  const [photo, setPhoto] = useState<string | null>(null);
  const [pick, field] = useFilePick(
    'Photograph',
    'image/*',
    (f) =>
      void smallPhoto(f, LOG_SIDE)
        .then(setPhoto)
        .catch((e: Error) => tell.problem('Photograph not added', e.message)),
  );
  const write = async () => {
    const blob = photo === null ? null : blobOf(photo);
    if (
      await keep({ ...begun(at, on), kind: 'note', text: text.trim(), photo: blob !== null }, 'Entry saved', {
        photo: blob,
      })
    )
      at.onDone();
  };
  return (
    <Form off={text.trim() === '' && photo === null} onKeep={() => told(write())}>
      <DateField label="Day" value={on} onChange={setOn} />
      <Words label="What you see" value={text} onChange={setText} />
      <p className="flex flex-wrap items-center gap-2">
        <Button onClick={pick}>{photo ? 'Another photograph' : 'Add a photograph'}</Button>
        {photo && (
          <Button kind="bare" onClick={() => setPhoto(null)}>
            Remove photograph
          </Button>
        )}
      </p>
      {field}
      {/* eslint-disable-next-line @next/next/no-img-element -- just chosen, not fetched */}
      {photo && <img src={photo} alt="The photograph chosen" className="max-h-40 self-start border border-line" />}
    </Form>
  );
}

/** Height and width of one plant. */
export function AddMeasure(at: Props) {
  const [on, setOn] = useState(at.today);
  const [to, setTo] = useState(at.season.placed[0]?.id ?? '');
  const now = at.season.placed.findIndex((p) => p.id === to);
  const grown = at.season.weeks[at.week]?.plants[now];
  const [high, setHigh] = useState<number | null>(null);
  const [wide, setWide] = useState<number | null>(null);
  const plant = at.season.placed[now]?.plant;
  const write = async () => {
    if (!plant) return;
    const entry = { ...begun(at, on), kind: 'measure' as const, to, plant: plant.id, heightMm: high, spreadMm: wide };
    const after = () => applyLessons(at.planting.spot.name);
    if (await keep(entry, 'Measurement saved; predicted sizes updated', { after })) at.onDone();
  };
  return (
    <Form off={high === null && wide === null} onKeep={() => told(write())}>
      <PlantChoice season={at.season} value={to} onChange={setTo} />
      <DateField label="Day" value={on} onChange={setOn} />
      <LengthField
        label="Height above the soil"
        mm={high ?? Math.round(grown?.heightMm ?? 200)}
        units={at.units}
        min={5}
        max={5000}
        onChange={setHigh}
      />
      <LengthField
        label="Width"
        mm={wide ?? Math.round(grown?.spreadMm ?? 200)}
        units={at.units}
        min={5}
        max={5000}
        onChange={setWide}
      />
      <p className="text-[0.86rem] text-quiet">
        The figures shown are predictions; only those you change are saved as measurements.
      </p>
    </Form>
  );
}

/** The water it took to the brim, counted. */
export function AddWater(at: Props) {
  const [on, setOn] = useState(at.today);
  const [litres, setLitres] = useState<number | null>(null);
  const write = async () => {
    const after = () => applyWaterLesson(at.planting.id, at.today);
    if (await keep({ ...begun(at, on), kind: 'water', litres }, 'Water entry saved', { after })) at.onDone();
  };
  return (
    <Form onKeep={() => told(write())}>
      <DateField label="Day" value={on} onChange={setOn} />
      <OptionalNumberField
        label="Litres until it ran from the base"
        value={litres}
        min={0}
        max={500}
        onChange={setLitres}
      />
      <p className="text-[0.86rem] text-quiet">
        Measure it twice within two weeks, and predictions adjust to how much{' '}
        {at.planting.container.count > 1 ? 'each of them' : 'it'} really uses here. Leave it empty if you did not
        measure.
      </p>
    </Form>
  );
}

/** A plant that is gone, and why. */
export function AddDeath(at: Props) {
  const [to, setTo] = useState(at.season.placed[0]?.id ?? '');
  const [why, setWhy] = useState('');
  const plant = at.season.placed.find((p) => p.id === to)?.plant;
  const write = async () => {
    if (
      plant &&
      (await keep({ ...begun(at, at.today), kind: 'death', to, plant: plant.id, why: why.trim() }, 'Entry saved'))
    )
      at.onDone();
  };
  return (
    <Form onKeep={() => told(write())}>
      <PlantChoice season={at.season} value={to} onChange={setTo} />
      <Words label="Cause of death, if known" value={why} onChange={setWhy} />
      <p className="text-[0.86rem] text-quiet">You can fill the gap under Replant.</p>
    </Form>
  );
}

/** What to plant again, and what not. */
export function AddVerdict(at: Props) {
  const kinds = [...new Map(at.season.placed.map((p) => [p.plant.id, p.plant])).values()];
  const [of, setOf] = useState('');
  const [again, setAgain] = useState<'yes' | 'no'>('yes');
  const [text, setText] = useState('');
  const write = async () => {
    const entry = {
      ...begun(at, at.today),
      kind: 'verdict' as const,
      plant: of || null,
      again: again === 'yes',
      text: text.trim(),
    };
    if (await keep(entry, 'Entry saved')) at.onDone();
  };
  return (
    <Form onKeep={() => told(write())}>
      <Choose
        label="To which plant"
        value={of}
        options={[
          { value: '', text: 'the whole container' },
          ...kinds.map((k) => ({ value: k.id, text: plantName(k) })),
        ]}
        onChange={setOf}
      />
      <Choose
        label="Next year"
        value={again}
        options={[
          { value: 'yes', text: 'Plant it again' },
          { value: 'no', text: 'Don’t plant again' },
        ]}
        onChange={setAgain}
      />
      <Words label="Why" value={text} onChange={setText} />
    </Form>
  );
}

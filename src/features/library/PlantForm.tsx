'use client';
import { Dialog } from 'radix-ui';
import { useDeferredValue, useId, useMemo, useState } from 'react';
import { ownId } from '@/core/formats/plants-csv';
import { implausible } from '@/core/plants/plausible';
import { PlantSchema, plantName, type Plant } from '@/core/plants/schema';
import { fromTag, relativesIn, type FromTag, type Tag } from '@/core/plants/tag';
import type { UnitSystem } from '@/core/units/length';
import { checkedWith } from '@/core/units/plainly';
import { type OwnToKeep, readPhoto, saveOwn } from '@/storage/plants';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { useFilePick } from '@/ui/useFilePick';
import { tell } from '../shell/tell';
import { useAsk } from '../shell/useAsk';
import { RestFields, TagFields } from './PlantFields';
import { RangeField } from './RangeField';
import { smallPhoto } from '../shell/photo';
import { fitting, Specimen } from '../pictures/Specimen';

/** What the form is opened for: a new plant from its tag, another variety of one, or one to put right. */
export type Task = { do: 'add' } | { do: 'vary'; plant: Plant } | { do: 'edit'; plant: Plant };

const TITLE: Record<Task['do'], string> = {
  add: 'Add a plant from its label',
  vary: 'Add another variety',
  edit: 'Correct a plant',
};

function firstTag(task: Task): Tag {
  if (task.do === 'add') return { common: '' };
  const tag: Tag & { id?: string } = { ...task.plant };
  delete tag.id;
  return task.do === 'vary' ? { ...tag, variety: '' } : tag;
}

/** Where the fields that were not given come from, in a sentence. */
function origin({ from, plant }: FromTag): string {
  if (from.kind === 'habit')
    return 'The library has no such plant. Other details are typical of the habit, and toxicity is unknown.';
  return from.kind === 'species'
    ? `Other details are copied from ${from.name}.`
    : `Other details are copied from ${from.name}, another ${plant.botanical.split(' ')[0] ?? ''}. Only its warnings about poison are copied, never “safe”.`;
}

/** A plant of one's own: the fields of a tag first, all the others under them, drawn as it is described. */
export function PlantForm({
  task,
  library,
  own,
  units,
  onClose,
}: {
  task: Task;
  library: readonly Plant[];
  own: ReadonlySet<string>;
  units: UnitSystem;
  onClose: (saved: string | null) => void;
}) {
  const [tag, setTag] = useState<Tag>(() => firstTag(task));
  /** Undefined while the one that is kept is left as it is. */
  const [photo, setPhoto] = useState<string | null | undefined>(task.do === 'edit' ? undefined : null);
  const kept = useAsk(task.do === 'edit' ? () => readPhoto(task.plant.id) : null, [task]);
  const [tried, setTried] = useState(false);
  const relatives = useMemo(() => relativesIn(library), [library]);
  const taken = useMemo(() => new Set(library.map((p) => p.id)), [library]);
  const id =
    task.do === 'edit' ? task.plant.id : ownId(`${tag.common} ${tag.variety ?? ''}`, (x) => taken.has(x) || own.has(x));
  const made = fromTag(tag, relatives, id);
  const { plant } = made;
  const drawn = useDeferredValue(plant);
  const set = (change: Partial<Tag>) => setTag((t) => ({ ...t, ...change }));
  const checked = checkedWith(PlantSchema, { ...plant, common: plant.common.trim(), variety: plant.variety.trim() });
  const doubts = checked.success ? implausible(checked.data) : [];
  // Two of one name on a shelf could not be told apart.
  const unnamed = task.do === 'vary' && !plant.variety.trim();
  const keep = async () => {
    setTried(true);
    if (!checked.success || unnamed) return;
    const entry: OwnToKeep = { plant: checked.data, updatedAt: new Date().toISOString(), photo };
    try {
      const followed = await saveOwn([entry]);
      tell.said(
        `${plantName(plant)} saved${followed > 0 ? `; ${followed} ${followed === 1 ? 'container' : 'containers'} updated` : ''}`,
      );
      onClose(plant.id);
    } catch (e) {
      tell.notKept(e);
    }
  };
  return (
    <Dialog.Root open onOpenChange={(o) => !o && onClose(null)}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/35" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-2 top-[3vh] z-30 mx-auto flex max-h-[94vh] max-w-4xl flex-col rounded-[4px] border border-line bg-ground"
          onPointerDownOutside={(e) => e.preventDefault()}
        >
          <header className="flex items-center justify-between gap-3 px-4 pt-3">
            <Dialog.Title className="text-lg">
              {task.do === 'vary'
                ? `Another variety of ${task.plant.common}`
                : task.do === 'edit' && !task.plant.id.startsWith('own-')
                  ? `Correct ${plantName(task.plant)}`
                  : TITLE[task.do]}
            </Dialog.Title>
            <Dialog.Close asChild>
              <Button kind="bare">Close</Button>
            </Dialog.Close>
          </header>
          <form
            className="grid min-h-0 flex-1 overflow-y-auto sm:grid-cols-[13rem_1fr]"
            onSubmit={(e) => {
              e.preventDefault();
              void keep();
            }}
          >
            <div className="flex items-end justify-center border-line p-3 pl-7 pt-6 max-sm:border-b sm:sticky sm:top-0 sm:h-[19rem]">
              <Specimen plant={drawn} scale={fitting([drawn], 165, 230)} />
            </div>
            <div className="flex min-w-0 flex-col gap-2.5 p-4 sm:pl-2">
              <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
                <Name
                  label="Common name"
                  value={tag.common}
                  hint="Petunia"
                  needed={tried}
                  onChange={(common) => set({ common })}
                />
                <Name
                  label="Botanical name"
                  value={tag.botanical ?? ''}
                  hint="as on the label"
                  onChange={(botanical) => set({ botanical: botanical || undefined })}
                />
                <Name
                  label="Variety"
                  value={tag.variety ?? ''}
                  hint="double apricot"
                  needed={tried && unnamed}
                  onChange={(variety) => set({ variety })}
                />
              </div>
              <p className="text-[0.86rem] text-quiet" aria-live="polite">
                {task.do === 'add'
                  ? tag.common.trim()
                    ? origin(made)
                    : 'Enter the name, then change whatever differs on the label. The rest is filled in from related plants.'
                  : task.do === 'edit' && !task.plant.id.startsWith('own-')
                    ? 'Your version replaces the original, which you can restore at any time.'
                    : 'Change what is different about it.'}
              </p>
              <TagFields
                plant={plant}
                units={units}
                set={set}
                ranges={
                  <>
                    <RangeField
                      label="Height when grown"
                      value={plant.heightMm}
                      units={units}
                      onChange={(heightMm) => set({ heightMm })}
                    />
                    <RangeField
                      label="Spread"
                      value={plant.spreadMm}
                      units={units}
                      onChange={(spreadMm) => set({ spreadMm })}
                    />
                    <RangeField
                      label="Trails below the rim"
                      value={plant.trailMm}
                      units={units}
                      onChange={(trailMm) => set({ trailMm })}
                    />
                  </>
                }
              />
              <Name
                label="Note"
                value={tag.note ?? ''}
                hint="where it came from, how it did"
                onChange={(note) => set({ note })}
              />
              <Photo photo={photo === undefined ? kept.value : photo} onChange={setPhoto} />
              <details className="text-[0.93rem]">
                <summary className="cursor-pointer text-quiet">
                  Everything else: roles, leaf and flower, hardiness, poison
                </summary>
                <RestFields plant={plant} set={set} />
              </details>
              {doubts.length > 0 && (
                <p className="text-[0.88rem] text-watchink">Check this: {doubts.join('; ')}. You can still save it.</p>
              )}
              {tried && !checked.success && (
                <p role="alert" className="text-wrong">
                  {plant.common.trim() === ''
                    ? 'Enter a name.'
                    : checked.error.issues
                        .slice(0, 2)
                        .map((i) => `${i.path.join(' ')}: ${i.message}`)
                        .join('; ')}
                </p>
              )}
              <div className="flex gap-2">
                <Button kind="deep" type="submit">
                  {task.do === 'edit' ? 'Save changes' : 'Add to my plants'}
                </Button>
                <Dialog.Close asChild>
                  <Button>Cancel</Button>
                </Dialog.Close>
              </div>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** A name that the portrait follows letter by letter. */
function Name({
  label,
  value,
  hint,
  needed = false,
  onChange,
}: {
  label: string;
  value: string;
  hint: string;
  needed?: boolean;
  onChange: (text: string) => void;
}) {
  const id = useId();
  const most = label === 'Note' ? 160 : label === 'Botanical name' ? 80 : 60;
  const problem = value.length > most ? `At most ${most} letters.` : needed && !value.trim() ? 'Enter a name.' : null;
  return (
    <Field label={label} id={id}>
      <input
        id={id}
        className="field w-full"
        value={value}
        placeholder={hint}
        autoComplete="off"
        aria-invalid={problem !== null}
        aria-describedby={problem ? `${id}-e` : undefined}
        onChange={(e) => onChange(e.target.value)}
      />
      {problem && (
        <p id={`${id}-e`} role="alert" className="text-[0.82rem] text-wrong">
          {problem}
        </p>
      )}
    </Field>
  );
}

function Photo({ photo, onChange }: { photo: string | null; onChange: (photo: string | null) => void }) {
  const [pick, field] = useFilePick(
    'Photograph',
    'image/*',
    (f) =>
      void smallPhoto(f).then(onChange, (err: unknown) =>
        tell.problem('No photograph was added', err instanceof Error ? err.message : String(err)),
      ),
  );
  return (
    <div className="flex items-center gap-3">
      {photo && (
        // eslint-disable-next-line @next/next/no-img-element -- the gardener's own photograph, kept in the browser
        <img src={photo} alt="Photograph" className="h-16 w-16 rounded-[3px] object-cover" />
      )}
      <Button onClick={pick}>{photo ? 'Another photograph' : 'Add a photograph'}</Button>
      {photo && (
        <Button kind="bare" onClick={() => onChange(null)}>
          Remove photograph
        </Button>
      )}
      {field}
    </div>
  );
}

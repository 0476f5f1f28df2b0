'use client';
import Link from 'next/link';
import { useEffect, useMemo, useRef } from 'react';
import { SCHEMES, schemeOf } from '@/core/colour/schemes';
import { refusal } from '@/core/compose/filter';
import { ONLY, ONLY_WORDS } from '@/core/plants/sorts';
import { usualStarts } from '@/core/containers/counts';
import { SchemeIdSchema, type Planting, type SchemeId } from '@/core/plantings/schema';
import { SCHOOL_IDS, SCHOOLS } from '@/core/schools';
import { saveStock } from '@/storage/stock';
import { Button } from '@/ui/Button';
import { Choose, ColourField, DateField, OptionalDateField, OptionalNumberField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { Toggle } from '@/ui/Toggle';
import { countOf, sentence } from '@/ui/words';
import type { Known } from '../shell/known';
import { composeAhead } from '../shell/in-parts';
import { tell } from '../shell/tell';
import { useWorkspace } from '../shell/store';
import { useComposing } from './composing';
import { SchemeSwatch } from './SchemeSwatch';
import { LeafLed } from './LeafLed';
import { FIRST_COLOURS, Palette } from './Palette';
import { WantedPlants } from './WantedPlants';

const SORTS = ONLY.map((value) => ({ value, text: sentence(ONLY_WORDS[value]) }));
const ARRANGEMENTS = SCHOOL_IDS.map((value) => ({ value, text: SCHOOLS[value].label }));

/** A brief that has not changed for so long is composed ahead. Working figure: between two taps. */
const SETTLED_MS = 600;

/** What the gardener asks for; Compose answers it. */
export function Brief({
  planting,
  known,
  found,
  onCompose,
  onBack,
}: {
  planting: Planting;
  known: Known;
  found: { count: number; look: () => void } | null;
  onCompose: () => void;
  onBack: (() => void) | null;
}) {
  const run = useWorkspace((s) => s.run);
  const { brief } = planting;
  const set = (change: Partial<Planting['brief']>) =>
    run('Change the brief', { do: 'set', change: { brief: { ...brief, ...change } } });
  const scheme = schemeOf(brief);
  const fits = useMemo(
    () => known.library.filter((p) => refusal(p, planting) === null).length,
    [known.library, planting],
  );
  const [few, many] = usualStarts(planting.container);
  const seed = useComposing((c) => c.seed + 1);
  const opened = useRef(false);
  useEffect(() => {
    // At once when it is opened, then whenever it has settled.
    const soon = setTimeout(() => composeAhead(planting, known.mine, seed), opened.current ? SETTLED_MS : 0);
    opened.current = true;
    return () => clearTimeout(soon);
  }, [planting, known.mine, seed]);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        onCompose();
      }}
    >
      <fieldset>
        <legend className="label pb-1">Colour scheme</legend>
        <div className="grid grid-cols-2 gap-x-2 gap-y-0.5">
          {SchemeIdSchema.options.map((id: SchemeId) => (
            <label
              key={id}
              className="flex min-h-8 cursor-pointer items-center gap-1.5 rounded-[3px] px-1 text-[0.87rem] leading-tight hyphens-auto wrap-anywhere has-checked:bg-glaze has-checked:text-onglaze has-focus-visible:outline-2 has-focus-visible:outline-glaze"
            >
              <input
                type="radio"
                name="scheme"
                className="sr-only"
                checked={brief.scheme === id}
                onChange={() =>
                  set({
                    scheme: id,
                    from: SCHEMES[id].from === 'must' ? (brief.from ?? planting.container.colour) : brief.from,
                    palette: id === 'palette' && brief.palette.length === 0 ? [...FIRST_COLOURS] : brief.palette,
                  })
                }
              />
              <SchemeSwatch scheme={id} from={brief.from} />
              {SCHEMES[id].label}
            </label>
          ))}
        </div>
        <p className="pt-1 text-[0.82rem] text-quiet">{scheme.about}</p>
      </fieldset>
      {brief.scheme === 'palette' && <Palette colours={brief.palette} onChange={(palette) => set({ palette })} />}
      {scheme.from !== 'no' && (
        <div className="flex items-end gap-2">
          {scheme.from === 'may' && (
            <div className="flex-1">
              <Toggle
                label="Start from a colour"
                on={brief.from !== null}
                onChange={(on) => set({ from: on ? planting.container.colour : null })}
              />
            </div>
          )}
          {(scheme.from === 'must' || brief.from) && (
            <div className="w-24">
              <ColourField
                label="Colour"
                value={brief.from ?? planting.container.colour}
                onChange={(from) => set({ from })}
              />
            </div>
          )}
        </div>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Choose
          label="Arrangement"
          value={brief.school}
          options={ARRANGEMENTS}
          onChange={(school) => set({ school })}
        />
        <Choose label="Plants to use" value={brief.only} options={SORTS} onChange={(only) => set({ only })} />
      </div>
      <p className="-mt-2 text-[0.82rem] text-quiet">{SCHOOLS[brief.school].about}</p>
      {brief.school === 'leaf-led' && <LeafLed planting={planting} library={known.library} onChange={set} />}
      <Segments
        label={`On planting day (${few} to ${many} plants is usual)`}
        value={brief.density}
        options={[
          { value: 'room to grow', text: 'Room to grow' },
          { value: 'full now', text: 'Full straight away' },
        ]}
        onChange={(density) => set({ density })}
      />
      <div className="grid grid-cols-[5.6rem_1fr] gap-2">
        <OptionalNumberField
          label="Budget, £"
          value={brief.budget}
          min={1}
          max={10000}
          onChange={(budget) => set({ budget })}
        />
        <DateField
          label="Planting date"
          value={planting.startDate}
          onChange={(startDate) => run('Change the planting date', { do: 'set', change: { startDate } })}
        />
      </div>
      <div className="grid grid-cols-2 gap-2">
        <OptionalDateField
          label="At its best on"
          value={brief.bestOn}
          after={planting.startDate}
          onChange={(bestOn) => set({ bestOn })}
        />
        <OptionalDateField
          label="Replant on"
          value={brief.changeOver}
          after={planting.startDate}
          onChange={(changeOver) => set({ changeOver })}
        />
      </div>
      <Toggle
        label="Year-round: every plant must survive the winter"
        on={brief.lasting}
        onChange={(lasting) => set({ lasting })}
      />
      <WantedPlants brief={brief} library={known.all} onChange={set} />
      {known.stock && (
        <Toggle
          label={`Only plants in stock at ${known.stock.stock.nursery}`}
          on={known.stock.keepTo}
          onChange={(keepTo) =>
            known.stock && void saveStock({ ...known.stock, keepTo }).catch((e: unknown) => tell.notKept(e))
          }
        />
      )}
      <div className="flex flex-wrap items-center gap-2">
        <Button kind="deep" type="submit">
          Compose
        </Button>
        {found && <Button onClick={found.look}>See the {countOf(found.count, 'proposal')}</Button>}
        {onBack && <Button onClick={onBack}>Back to the plants</Button>}
      </div>
      <p className="text-[0.82rem] text-quiet">
        {fits} of {known.library.length.toLocaleString('en-GB')} plants suit this spot and container.{' '}
        <Link className="text-glaze underline underline-offset-4" href={`/library?for=${planting.id}`}>
          See them in the library
        </Link>
      </p>
    </form>
  );
}

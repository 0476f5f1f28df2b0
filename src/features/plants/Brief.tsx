'use client';
import Link from 'next/link';
import { useEffect, useMemo, useRef } from 'react';
import { refusal } from '@/core/compose/filter';
import { ONLY, ONLY_WORDS } from '@/core/plants/sorts';
import type { Planting } from '@/core/plantings/schema';
import { SCHOOL_IDS, SCHOOLS } from '@/core/schools';
import { Button } from '@/ui/Button';
import { Choose, DateField, OptionalNumberField } from '@/ui/Field';
import { countOf, sentence } from '@/ui/words';
import type { Known } from '../shell/known';
import { composeAhead } from '../shell/in-parts';
import { useWorkspace } from '../shell/store';
import { useComposing } from './composing';
import { SchemeChoice } from './SchemeChoice';
import { MoreBrief } from './MoreBrief';
import { LeafLed } from './LeafLed';

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
  const fits = useMemo(
    () => known.library.filter((p) => refusal(p, planting) === null).length,
    [known.library, planting],
  );
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
      <SchemeChoice planting={planting} onChange={set} />
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
      <div
        className={`sticky ${planting.placements.length > 0 ? 'max-work:bottom-[3.3rem]' : ''} bottom-0 z-10 -mx-1 flex flex-wrap items-center gap-1.5 bg-ground px-1 py-2`}
      >
        <Button kind="deep" type="submit">
          Compose
        </Button>
        {found && <Button onClick={found.look}>See the {countOf(found.count, 'proposal')}</Button>}
        {onBack && (
          <Button className="px-2!" onClick={onBack}>
            Back to the plants
          </Button>
        )}
      </div>
      <MoreBrief planting={planting} known={known} onChange={set} />
      <p className="text-[0.82rem] text-quiet">
        {fits} of {known.library.length.toLocaleString('en-GB')} plants suit this spot and container.{' '}
        <Link className="text-glaze underline underline-offset-4" href={`/library?for=${planting.id}`}>
          See them in the library
        </Link>
      </p>
    </form>
  );
}

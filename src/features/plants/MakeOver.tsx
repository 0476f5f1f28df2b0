'use client';
import { useState } from 'react';
import { changingOnly, countOfSome, type Some, SOME } from '@/core/compose/over/changing';
import { SCHEMES } from '@/core/colour/schemes';
import { rimOf } from '@/core/containers/outline';
import { SOLD } from '@/core/containers/sold';
import { plantName } from '@/core/plants/schema';
import type { Planting, SchemeId } from '@/core/plantings/schema';
import { SchemeIdSchema } from '@/core/plantings/schema';
import { formatLength } from '@/core/units/length';
import { same } from '@/core/units/same';
import { Button } from '@/ui/Button';

import { Several } from '@/ui/Segments';
import { sentence } from '@/ui/words';
import type { Known } from '../shell/known';
import { point } from '../shell/pointing';
import { useWorkspace } from '../shell/store';
import { tell } from '../shell/tell';
import { useOnce } from '../shell/useOnce';
import { useUnits } from '../shell/units';
import { weigh } from '../shell/workers';
import { useComposing } from './composing';
import { MakeSet } from './MakeSet';
import { FIRST_COLOURS } from './Palette';
import { SchemeSwatch } from './SchemeSwatch';
import { Way } from './Way';

interface Props {
  planting: Planting;
  known: Known;
}

const SOME_WORDS: Record<Some, string> = {
  thriller: 'Thriller',
  filler: 'Fillers',
  spiller: 'Spillers',
  seasonal: 'Seasonal',
};

/** What can be made of a planting as it stands: other colours, another size, some of it changed, a set. */
export function MakeOver({ planting, known, onBack }: Props & { onBack: () => void }) {
  return (
    <div className="flex flex-col gap-4">
      <header className="hair flex items-center justify-between gap-2 pb-1.5">
        <h2 className="whitespace-nowrap text-[1rem]">Change the planting</h2>
        <Button kind="bare" onClick={onBack} aria-label="Back to the plants">
          Back
        </Button>
      </header>
      <Recolour planting={planting} known={known} />
      <AnotherSize planting={planting} known={known} />
      <ChangeSome planting={planting} known={known} />
      <MakeSet planting={planting} known={known} />
    </div>
  );
}

/** Every place stays; who stands in it is of the new colours. */
function Recolour({ planting, known }: Props) {
  const run = useWorkspace((s) => s.run);
  const { busy, once } = useOnce();
  const [done, setDone] = useState<{ scheme: SchemeId; text: string } | null>(null);
  const { brief } = planting;
  // Undone, it is no longer so.
  const told = done?.scheme === brief.scheme ? done.text : null;
  const to = (scheme: SchemeId) =>
    once(async () => {
      const from = SCHEMES[scheme].from === 'must' ? (brief.from ?? planting.container.colour) : null;
      const palette = brief.palette.length > 0 ? brief.palette : [...FIRST_COLOURS];
      const { commands, changes } = await weigh(known.mine, (api) => api.recolour(planting, { scheme, from, palette }));
      run(`Recolour: ${SCHEMES[scheme].label.toLowerCase()}`, ...commands);
      point({ chosen: null });
      const text =
        changes.length === 0
          ? 'It is already in those colours.'
          : `${changes.map((c) => `${plantName(c.to)} replaces ${plantName(c.from)}`).join('; ')}.`;
      setDone({ scheme, text });
    });
  return (
    <Way title="Recolour">
      <div className="grid grid-cols-2 gap-x-2 gap-y-0.5" role="group" aria-label="Recolour">
        {SchemeIdSchema.options.map((id) => (
          <Button
            key={id}
            kind="bare"
            className="min-h-8! justify-start! gap-2 rounded-[3px] px-1! text-left text-[0.89rem]! leading-tight aria-pressed:bg-glaze aria-pressed:text-onglaze!"
            aria-pressed={brief.scheme === id}
            disabled={busy}
            onClick={() => to(id)}
          >
            <SchemeSwatch scheme={id} from={brief.from} />
            {SCHEMES[id].label}
          </Button>
        ))}
      </div>
      <p role="status" className="text-[0.84rem] text-quiet">
        {busy ? 'Looking through the colours…' : (told ?? 'Positions, sizes and kept plants do not change.')}
      </p>
    </Way>
  );
}

/** The same kinds in a container of another size. */
function AnotherSize({ planting, known }: Props) {
  const run = useWorkspace((s) => s.run);
  const units = useUnits((u) => u.units);
  const { busy, once } = useOnce();
  const { container } = planting;
  const nameOf = (shape: typeof container.shape) => formatLength(rimOf(shape).wide, units);
  // Of two of one width the ordinary one.
  const sizes = SOLD[container.shape.kind].filter(
    (s, i, all) => !same(s, container.shape) && all.findIndex((o) => nameOf(o) === nameOf(s)) === i,
  );
  const to = (shape: typeof container.shape) =>
    once(async () => {
      const next = { ...container, shape };
      const placements = await weigh(known.mine, (api) => api.resized(planting, next));
      if (!placements)
        return tell.problem(
          'It does not fit that size',
          'These plants cannot be arranged in it. Compose a new planting instead.',
        );
      run(`Refit it to ${nameOf(shape)}`, { do: 'set', change: { container: next } }, { do: 'plant', placements });
      point({ chosen: null });
    });
  return (
    <Way title="Another size">
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="Another size">
        {sizes.map((shape) => (
          <Button
            key={JSON.stringify(shape)}
            disabled={busy}
            aria-label={`Refit it to ${nameOf(shape)}`}
            onClick={() => to(shape)}
          >
            {nameOf(shape)}
          </Button>
        ))}
      </div>
      <p className="text-[0.84rem] text-quiet">
        Same kinds of plant. A bigger container gets a larger centre plant first, then more around it, then more along
        the rim.
      </p>
    </Way>
  );
}

/** Some of it composed again, the rest kept. */
function ChangeSome({ planting, known }: Props) {
  const start = useComposing((c) => c.start);
  const [some, setSome] = useState<Some[]>([]);
  const counts = countOfSome(planting);
  const options = SOME.filter((s) => counts[s] > 0).map((value) => ({ value, text: `${SOME_WORDS[value]}` }));
  return (
    <Way title="Change some of it">
      <Several label="Change" values={some} options={options} onChange={setSome} />
      <Button
        kind="deep"
        disabled={some.length === 0}
        onClick={() => start(changingOnly(planting, some), known.mine)}
        className="self-start"
      >
        Compose the rest again
      </Button>
      <p className="text-[0.84rem] text-quiet">
        {some.length === 0
          ? 'Choose what to replace. Everything else stays in place.'
          : `New ${sentence(some.map((s) => SOME_WORDS[s].toLowerCase()).join(' and '))} are chosen to suit what stays.`}
      </p>
    </Way>
  );
}

'use client';
import { useMemo, useState } from 'react';
import { uncover } from '@/core/compose/changes/uncover';
import { type Covering as Told, coverings } from '@/core/growth/covering';
import { plantName } from '@/core/plants/schema';
import { formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { Mark } from '@/ui/Mark';
import type { StationProps } from '../shell/panels';
import { point } from '../shell/pointing';
import { useWorkspace } from '../shell/store';
import { useTrying } from './trying';

const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** Every covering ahead, in words, and what can be tried against it. */
export function Covering(at: StationProps) {
  const { planting, season } = at;
  const list = useMemo(() => coverings(planting, season), [planting, season]);
  return (
    <section aria-label="Plants shading each other" className="flex flex-col gap-1 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Plants shading each other</h2>
      {list.length === 0 && <p className="text-quiet">Every plant gets the light it needs.</p>}
      <ul>
        {list.map((c) => (
          <One key={c.under} {...at} covering={c} />
        ))}
      </ul>
    </section>
  );
}

function One({ planting, season, known, covering: c }: StationProps & { covering: Told }) {
  const [open, setOpen] = useState(false);
  const show = useWorkspace((s) => s.show);
  const attempt = useTrying((t) => t.attempt);
  const ways = useMemo(() => (open ? uncover(planting, c, known.library) : []), [open, planting, c, known.library]);
  const plant = (id: string) => season.placed.find((p) => p.id === id)?.plant;
  const name = (id: string) => {
    const found = plant(id);
    return found ? plantName(found) : id;
  };
  // What is grown for its leaf thins.
  const flowers = (plant(c.under)?.flower.show ?? 0) > 0;
  const suffers = flowers ? `flowers at ${percent(c.blooms)} of its best` : 'stays thin';
  const pointAt = () => point({ lit: [c.under, c.by], covered: { under: c.under, by: c.by } });
  const letGo = () => point({ lit: null, covered: null });
  return (
    <li
      className="flex flex-col items-start gap-1 border-t border-line py-1.5 first:border-t-0"
      onPointerEnter={pointAt}
      onPointerLeave={letGo}
      onFocus={pointAt}
      onBlur={letGo}
    >
      <p className="leading-snug">
        <Mark severity={c.dies ? 'wrong' : 'watch'} /> From week {c.week}, {formatDay(c.date)}, {name(c.by)} covers{' '}
        {name(c.under)}:{' '}
        {c.smothered
          ? `at most ${percent(c.least)} of its light is left, and it ${c.dies ? 'dies' : suffers}.`
          : `it ends up ${percent(c.lost)} narrower.`}
      </p>
      <p className="flex flex-wrap gap-x-4">
        <Button kind="bare" className="px-0!" onClick={() => show(c.worstWeek)}>
          Show the effect in week {c.worstWeek}
        </Button>
        <Button kind="bare" className="px-0!" aria-expanded={open} onClick={() => setOpen(!open)}>
          What would help?
        </Button>
      </p>
      {open && ways.length === 0 && (
        <p className="text-quiet">None of these would help much. Swap one of them under Plants.</p>
      )}
      {ways.map((way) => (
        <Button key={way.label} onClick={() => attempt(planting.id, { tried: way })}>
          {way.label}: {way.lost > 0 ? `${percent(way.lost)} smaller` : 'no loss'}
        </Button>
      ))}
    </li>
  );
}

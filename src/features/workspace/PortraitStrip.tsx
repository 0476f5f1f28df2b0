'use client';
import { useState } from 'react';
import { dayInWeek, formatDay } from '@/core/units/date';
import { formatLength } from '@/core/units/length';
import type { Frame } from '@/portrait/lens';
import { Button } from '@/ui/Button';
import { Mark } from '@/ui/Mark';
import { countOf } from '@/ui/words';
import { useToday } from '../shell/diary';
import type { StationProps } from '../shell/panels';
import { Portrait } from './Portrait';

/** The portrait on a narrow screen: a strip that opens at a touch, and shrinks again. */
export function PortraitStrip({ planting, season, report, week, units, frame }: StationProps & { frame: Frame }) {
  const today = useToday();
  const [open, setOpen] = useState(false);
  const at = season.weeks[week];
  const tallest = Math.max(0, ...(at?.plants ?? []).map((g) => (g.alive ? g.heightMm : 0)));
  const { worst, count } = worstOf(report);
  const portrait = <Portrait planting={planting} season={season} frame={frame} week={week} small={!open} />;
  if (open)
    return (
      <section aria-label="Picture" className="relative h-[58vh] min-h-[320px] border-b border-line">
        {portrait}
        <Button className="absolute bottom-1 left-2 min-h-[44px]!" onClick={() => setOpen(false)}>
          Shrink the picture
        </Button>
      </section>
    );
  return (
    <section aria-label="Picture" className="relative flex h-28 border-b border-line print:hidden">
      <div className="h-full w-36 shrink-0">{portrait}</div>
      <button
        type="button"
        className="flex min-w-0 flex-1 flex-col justify-center gap-0.5 pr-3 text-left after:absolute after:inset-0"
        onClick={() => setOpen(true)}
      >
        {season.placed.length > 0 && (
          <>
            <span className="font-semibold">
              Week {week}
              {at ? `, ${formatDay(dayInWeek(at.date, today))}` : ''}
            </span>
            <span className="text-quiet">{formatLength(tallest, units)} tall</span>
            <span>
              <Mark severity={worst} />{' '}
              {worst === 'good' ? 'No concerns' : countOf(count, worst === 'wrong' ? 'problem' : 'concern')}
            </span>
          </>
        )}
        <span className="text-glaze">Enlarge the picture</span>
      </button>
    </section>
  );
}

function worstOf({ findings }: StationProps['report']): { worst: 'good' | 'watch' | 'wrong'; count: number } {
  for (const worst of ['wrong', 'watch'] as const) {
    const count = findings.filter((f) => f.severity === worst).length;
    if (count > 0) return { worst, count };
  }
  return { worst: 'good', count: 0 };
}

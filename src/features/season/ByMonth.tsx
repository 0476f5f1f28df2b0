'use client';
import { useMemo } from 'react';
import { barest, byMonth, type MonthColour } from '@/core/balance/by-month';
import { schemeOf } from '@/core/colour/schemes';
import { MONTH_NAMES } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { Mark } from '@/ui/Mark';
import type { StationProps } from '../shell/panels';
import { useWorkspace } from '../shell/store';

/** So much left of its fullest is all of it. Working figure. */
const STANDS_FULL = 0.9;

const percent = (share: number): string => `${Math.round(share * 100)}%`;
const monthName = (month: string): string => MONTH_NAMES[Number(month.slice(5)) - 1] ?? month;

/** What is said of a month. */
function saidOf(m: MonthColour): string {
  if (m.verdict === 'bare') return 'almost nothing to see';
  if (m.verdict === 'green') return 'green, almost no colour';
  if (m.verdict === 'holds') return m.flower < 0.05 ? 'on scheme, thanks to foliage' : 'on scheme';
  if (m.lacks) return `needs more ${m.lacks}`;
  return m.over ? `too much ${m.over}` : `${percent(m.stray)} outside the scheme`;
}

/** The colours of each month, and whether the scheme still holds. */
export function ByMonth({ planting, season }: StationProps) {
  const show = useWorkspace((s) => s.show);
  const months = useMemo(() => byMonth(planting, season), [planting, season]);
  const least = useMemo(() => barest(planting, season), [planting, season]);
  const said = months.map(saidOf);
  return (
    <section aria-label="Colour by month" className="flex flex-col gap-1 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Colour by month</h2>
      <p className="text-[0.86rem] text-quiet">
        Compared with “{schemeOf(planting.brief).label}”, the scheme in your brief.
      </p>
      <ul>
        {months.map((m, i) => (
          <li key={m.month} className="grid grid-cols-[5.2rem_1fr] items-center gap-x-2 border-t border-line py-0.5">
            <Button
              kind="bare"
              className="justify-start! px-0! work:min-h-7!"
              title={`Go to week ${m.week}`}
              onClick={() => show(m.week)}
            >
              {monthName(m.month)}
            </Button>
            <span className="flex flex-col gap-0.5">
              <span
                role="img"
                aria-label={`${said[i]}: ${m.swatches.map((s) => `${s.name}, ${percent(s.share)}`).join('; ') || 'no colour but green'}`}
                className="flex h-3 w-full"
              >
                {m.swatches.map((s) => (
                  <span
                    key={`${s.name}${s.hex}`}
                    title={`${s.name}, ${percent(s.share)}`}
                    style={{ background: s.hex, width: `${s.share * 100}%` }}
                  />
                ))}
              </span>
              {said[i] !== said[i - 1] && (
                <span className="text-[0.86rem] leading-tight">
                  {m.verdict !== 'holds' && <Mark severity="watch" />} {said[i]}
                </span>
              )}
            </span>
          </li>
        ))}
      </ul>
      {least && (
        <p>
          {least.share >= STANDS_FULL
            ? 'It stays full all winter'
            : `Thinnest in ${monthName(least.month)}, with ${percent(least.share)} of its fullest growth left`}
          {least.names.length > 0 ? `, mostly ${least.names.join(' and ')}` : ''}.
        </p>
      )}
    </section>
  );
}

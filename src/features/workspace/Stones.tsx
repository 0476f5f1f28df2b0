'use client';
import { Popover } from 'radix-ui';
import { useMemo } from 'react';
import type { Season } from '@/core/growth/grown';
import { type Stone, stonesOf } from '@/core/jobs';
import type { Planting } from '@/core/plantings/schema';
import { addDays, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { acrossAt } from '@/ui/weeks';
import { useWorkspace } from '../shell/store';

interface Props {
  planting: Planting;
  season: Season;
  /** Width and height of the stream, px. */
  W: number;
  high: number;
}

/** A stone's middle under the stream's upper edge, and over its lower one, px. */
const TOP = 11;
const FOOT = 30;
/** Nearer to the right edge than this its words stand before it, px. */
const ROOM = 130;
/** Half of what is pressed, px. */
const HALF = 12;
/** A letter of its words is about so wide, px. */
const LETTER = 6.2;

/** What lies in the stream: frost, jobs, what is smothered. Each opens to say why, and what is done. */
export function Stones({ planting, season, W, high }: Props) {
  const stones = useMemo(() => stonesOf(planting, season), [planting, season]);
  const last = season.weeks.length - 1;
  const shown = stones.filter((s) => s.week <= last);
  const at = (s: Stone) => acrossAt(s.week, last, W);
  // Its words would run into the next stone of its row: it says them when it is pressed.
  const runsOn = (s: Stone) =>
    shown.some((o) => o.bad === s.bad && at(o) > at(s) && at(o) - at(s) < 2 * HALF + s.text.length * LETTER);
  return (
    <>
      {shown.map((s) => (
        <One
          key={s.kind + s.week + s.text}
          stone={s}
          day={formatDay(addDays(planting.startDate, s.week * 7))}
          x={at(s)}
          silent={runsOn(s)}
          y={s.bad ? high - FOOT : TOP}
          before={at(s) > W - ROOM}
        />
      ))}
    </>
  );
}

interface OneProps {
  stone: Stone;
  day: string;
  x: number;
  y: number;
  before: boolean;
  /** Without its words. */
  silent: boolean;
}

function One({ stone, day, x, y, before, silent }: OneProps) {
  const show = useWorkspace((s) => s.show);
  const words = stone.text.charAt(0).toUpperCase() + stone.text.slice(1);
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`${words}, ${day}`}
        className={`absolute flex min-w-6 items-center gap-1 text-[0.8rem] leading-none text-ink ${before ? 'flex-row-reverse' : ''}`}
        style={{
          top: y - HALF,
          height: HALF * 2,
          ...(before ? { right: `calc(100% - ${x + 7}px)` } : { left: x - 7 }),
        }}
      >
        <svg width="14" height="10" viewBox="0 0 14 10" aria-hidden>
          <ellipse
            cx="7"
            cy="5"
            rx="6.4"
            ry="4.2"
            fill={stone.bad ? 'var(--watch)' : 'color-mix(in oklab, var(--quiet) 82%, var(--paper))'}
            stroke="var(--ink)"
            strokeWidth="0.8"
          />
        </svg>
        {!silent && stone.text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          sideOffset={6}
          collisionPadding={8}
          aria-label={words}
          className="z-30 flex w-[min(21rem,94vw)] flex-col items-start gap-1.5 rounded-[4px] border border-line bg-ground p-3 text-[0.92rem]"
        >
          <p className="font-semibold">
            {words}, {day}
          </p>
          <p>{stone.why}</p>
          <Popover.Close asChild>
            <Button kind="bare" className="px-0!" onClick={() => show(stone.week)}>
              Go to week {stone.week}
            </Button>
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

'use client';
import { useState } from 'react';
import type { Season } from '@/core/growth/grown';
import type { Stretch } from '@/core/growth/stretches';
import type { Planting } from '@/core/plantings/schema';
import { dayInWeek, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { useNarrow } from '@/ui/useNarrow';
import { useWidth } from '@/ui/useWidth';
import { acrossAt } from '@/ui/weeks';
import { useToday } from '../shell/diary';
import { point } from '../shell/pointing';
import { useWorkspace } from '../shell/store';
import { RillPicture } from './RillPicture';
import { Stones } from './Stones';
import { courseIn, FOLDED, FULL } from './stream-paths';

interface Props {
  planting: Planting;
  season: Season;
  week: number;
  /** Its best weeks, where they are shown. */
  best?: Stretch | null;
  /** A week held beside the one that is looked at. */
  held?: number | null;
}

/** The season as a stream: each kind's bloom a band of its own colour, as thick as it shows; a float to ride on it. */
export function Rill({ planting, season, week, best, held = null }: Props) {
  const show = useWorkspace((s) => s.show);
  const narrow = useNarrow();
  const [unfolded, setUnfolded] = useState(false);
  const folded = narrow && !unfolded;
  const bed = folded ? FOLDED : FULL;
  const H = bed.high;
  const course = courseIn(bed);
  const [box, W] = useWidth();
  const last = season.weeks.length - 1;
  const x = (w: number) => acrossAt(w, last, W);
  const at = season.weeks[week];
  const float = { x: x(week), y: course(week) };
  const today = useToday();
  const date = at ? formatDay(dayInWeek(at.date, today)) : '';
  const title = `Week ${week}${week === season.peak ? ', peak' : ''}`;
  const flip = float.x > W - 170;
  return (
    <section
      aria-label="The season"
      className={`bg-stream px-3 work:px-5 ${folded ? 'flex items-center gap-2 py-1' : 'pb-1.5 pt-2'}`}
    >
      {folded && <span className="w-16 shrink-0 text-[0.84rem] font-semibold leading-tight">Week {week}</span>}
      <div ref={box} className="relative min-w-0 flex-1">
        <svg width={W} height={H} viewBox={`0 0 ${W} ${H}`} className="block w-full overflow-visible" aria-hidden>
          <RillPicture season={season} W={W} bed={bed} best={best} />
          {held !== null && <Held at={x(held)} high={H} />}
          <line
            x1={float.x}
            x2={float.x}
            y1={folded ? 4 : 20}
            y2={H - (folded ? 4 : 20)}
            stroke="var(--ink)"
            strokeWidth="1.2"
          />
          <g transform={`translate(${float.x} ${float.y})`}>
            <circle r="10" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.3" />
            <path d="M-10 0A10 10 0 0 1 10 0Z" fill="var(--wrong)" stroke="var(--ink)" strokeWidth="1.3" />
          </g>
          {!folded && (
            <text
              x={float.x + (flip ? -8 : 8)}
              y={31}
              fontSize="13"
              fontWeight="650"
              fill="var(--ink)"
              textAnchor={flip ? 'end' : 'start'}
              style={{ paintOrder: 'stroke', stroke: 'var(--stream)', strokeWidth: 3 }}
            >
              {title}
            </text>
          )}
        </svg>
        <input
          type="range"
          min={0}
          max={last}
          step={1}
          value={week}
          onChange={(e) => show(Number(e.target.value))}
          onPointerDown={() => point({ sliding: true })}
          onPointerUp={rest}
          onPointerCancel={rest}
          onBlur={rest}
          aria-label="Week shown"
          aria-valuetext={`${title}, ${date}`}
          className={`absolute inset-x-0 w-full cursor-ew-resize opacity-0 ${folded ? 'top-0 h-11' : 'top-4 h-[92px]'}`}
        />
        {!folded && <Stones planting={planting} season={season} W={W} high={H} />}
      </div>
      {narrow && (
        <Button
          kind="bare"
          className="min-h-[44px]! shrink-0"
          aria-expanded={unfolded}
          onClick={() => setUnfolded(!unfolded)}
        >
          {folded ? 'Season' : 'Hide the season strip'}
        </Button>
      )}
    </section>
  );
}

/** The hand is off the float. */
const rest = () => point({ sliding: false });

/** The second float, where a week is held: hollow, and it stays. */
const Held = ({ at, high }: { at: number; high: number }) => (
  <g stroke="var(--ink)" strokeWidth="1.2" strokeDasharray="4 3" fill="none">
    <line x1={at} x2={at} y1={20} y2={high - 20} />
    <circle cx={at} cy={high / 2} r="7" fill="var(--paper)" />
  </g>
);

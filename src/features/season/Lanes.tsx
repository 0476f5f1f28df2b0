'use client';
import { useMemo } from 'react';
import { type Lane, lanesOf } from '@/core/growth/lanes';
import { useWidth } from '@/ui/useWidth';
import { acrossAt } from '@/ui/weeks';
import type { StationProps } from '../shell/panels';
import { point } from '../shell/pointing';
import { useTried } from './useBeside';

const HIGH = 15;
const GAP = 4;

/** What a lane says to who cannot see it. */
function saidOf({ name, cells }: Lane): string {
  const from = cells.findIndex((c) => c.what === 'flower');
  const to = cells.reduce((last, c, k) => (c.what === 'flower' ? k : last), -1);
  const gone = cells.findIndex((c, k) => k > 0 && c.what === 'gone' && cells[k - 1]?.what !== 'gone');
  return `${name}: ${from < 0 ? 'few or no flowers' : `in flower weeks ${from} to ${to}`}${gone > 0 ? `, died down or dead from week ${gone}` : ''}`;
}

/**
 * Each kind's season in a band of its own: its flower, its leaf, what comes after; with what is tried, a
 * second one under it.
 */
export function Lanes({ planting, season, week }: StationProps) {
  const tried = useTried(planting);
  const lanes = useMemo(() => lanesOf(season), [season]);
  const other = useMemo(() => (tried ? lanesOf(tried.season) : null), [tried]);
  const [box, W] = useWidth();
  const last = season.weeks.length - 1;
  const step = (acrossAt(1, last, W) - acrossAt(0, last, W)) / 2;
  const row = (lane: Lane, y: number, high: number) =>
    lane.cells.slice(0, last + 1).map((c, k) => {
      const from = Math.max(0, acrossAt(k, last, W) - step);
      return c.what === 'gone' ? null : (
        <rect
          key={k}
          x={from}
          y={y + (c.what === 'flower' ? 0 : high * 0.3)}
          width={Math.min(W, acrossAt(k, last, W) + step) - from + 0.4}
          height={c.what === 'flower' ? high : high * 0.4}
          fill={c.hex}
          opacity={0.25 + 0.75 * c.share}
        />
      );
    });
  const high = other ? HIGH / 2 : HIGH;
  return (
    <div className="bg-stream px-3 pb-2 work:px-5 max-work:pb-3">
      <div ref={box}>
        <svg
          width={W}
          height={lanes.length * (HIGH + GAP)}
          className="block w-full"
          role="group"
          aria-label="Season by plant"
        >
          {lanes.map((lane, i) => {
            const y = i * (HIGH + GAP);
            const same = other?.find((o) => o.id === lane.id);
            return (
              <g
                key={lane.id}
                role="img"
                aria-label={
                  saidOf(lane) + (same ? `; with what is tried, ${saidOf(same).replace(`${lane.name}: `, '')}` : '')
                }
                onPointerEnter={() => point({ lit: lane.ids })}
                onPointerLeave={() => point({ lit: null })}
              >
                <rect x={0} y={y} width={W} height={HIGH} fill="transparent" />
                {row(lane, y, high)}
                {same && row(same, y + high + 1, high)}
                <text
                  x={4}
                  y={y + HIGH - 3.5}
                  fontSize="12"
                  fill="var(--ink)"
                  style={{ paintOrder: 'stroke', stroke: 'var(--stream)', strokeWidth: 4 }}
                >
                  {lane.name}
                </text>
              </g>
            );
          })}
          <line
            x1={acrossAt(week, last, W)}
            x2={acrossAt(week, last, W)}
            y1={0}
            y2={lanes.length * (HIGH + GAP)}
            stroke="var(--ink)"
            strokeWidth="1.2"
          />
        </svg>
      </div>
    </div>
  );
}

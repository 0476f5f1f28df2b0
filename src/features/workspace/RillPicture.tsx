'use client';
import { useMemo } from 'react';
import type { Season } from '@/core/growth/grown';
import type { Stretch } from '@/core/growth/stretches';
import { acrossAt } from '@/ui/weeks';
import { point } from '../shell/pointing';
import { type StreamBed, FOLDED, streamOf } from './stream-paths';

interface Props {
  season: Season;
  /** Width, px. */
  W: number;
  bed: StreamBed;
  /** Its best weeks, where they are shown. */
  best?: Stretch | null;
}

/** What the stream is drawn of: banks, bands, months, stones. */
export function RillPicture({ season, W, bed, best = null }: Props) {
  const folded = bed === FOLDED;
  const H = bed.high;
  const last = season.weeks.length - 1;
  const x = (w: number) => acrossAt(w, last, W);
  const { paths, banks, surface } = useMemo(() => streamOf(season, W, bed), [season, W, bed]);
  const months = monthTicks(season);
  return (
    <>
      <path d={banks} fill="color-mix(in oklab, #7fb0ad 62%, var(--stream))" />
      {paths.map((p) => (
        <path
          key={p.name}
          d={p.d}
          fill={p.hex}
          stroke="color-mix(in oklab, var(--ink) 18%, transparent)"
          strokeWidth="0.5"
          onPointerEnter={() => point({ lit: p.ids })}
          onPointerLeave={() => point({ lit: null })}
        >
          <title>{p.name}</title>
        </path>
      ))}
      <path d={surface} fill="none" stroke="white" strokeOpacity="0.35" strokeWidth="1" strokeDasharray="26 40 9 55" />
      {!folded &&
        months
          .filter((m, i) => i === 0 || (x(m.week) > (i === 1 ? 118 : 0) && (W > 560 || i % 2 === 0)))
          .map((m) => (
            <g key={m.week}>
              <line x1={x(m.week)} x2={x(m.week)} y1={H - 21} y2={H - 16} stroke="var(--quiet)" />
              <text
                x={x(m.week)}
                y={H - 4}
                fontSize="12"
                fill="var(--quiet)"
                textAnchor={x(m.week) > W - 30 ? 'end' : x(m.week) < 30 ? 'start' : 'middle'}
              >
                {m.text}
              </text>
            </g>
          ))}
      {best && !folded && (
        <g stroke="var(--glaze)" strokeWidth="2" fill="none">
          <path d={`M${x(best.from)} ${H - 27}v-4H${x(best.to)}v4`} />
          <text
            x={(x(best.from) + x(best.to)) / 2}
            y={H - 35}
            fontSize="12"
            fill="var(--ink)"
            stroke="var(--stream)"
            strokeWidth="3"
            style={{ paintOrder: 'stroke' }}
            textAnchor="middle"
          >
            best weeks
          </text>
        </g>
      )}
    </>
  );
}

const WEEKS_A_MONTH = 4.345;

function monthTicks(season: Season): { week: number; text: string }[] {
  const first = season.weeks[0];
  if (!first) return [];
  const day = new Date(`${first.date}T12:00:00`);
  const out = [{ week: 0, text: `Planted ${day.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}` }];
  for (let k = 1; k * WEEKS_A_MONTH < season.weeks.length + 1; k += 1) {
    const d = new Date(Date.UTC(day.getFullYear(), day.getMonth() + k, 1, 12));
    const week = (d.getTime() - day.getTime()) / 6.048e8;
    if (week > 2.6 && week < season.weeks.length - 0.6)
      out.push({ week, text: d.toLocaleDateString('en-GB', { month: 'long' }) });
  }
  return out;
}

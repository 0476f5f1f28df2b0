'use client';
import { useMemo, useRef, useState, useEffect } from 'react';
import { bloomBands } from '@/core/growth/stream';
import { stonesOf } from '@/core/jobs';
import { formatDay } from '@/core/units/date';
import type { Season } from '@/core/growth/grown';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { useNarrow } from '@/ui/useNarrow';
import { point } from '../shell/pointing';
import { useWorkspace } from '../shell/store';

/** The stream at its full size, and folded to its float, px: height, middle, most from bank to bank. */
const FULL = { high: 136, mid: 66, widest: 76, wander: 1 };
const FOLDED = { high: 44, mid: 22, widest: 26, wander: 0.5 };
type Bed = typeof FULL;

/** A smooth line through points (Catmull–Rom as cubic Béziers). */
function smooth(points: readonly (readonly [number, number])[]): string {
  return points
    .map(([x, y], i) => {
      if (i === 0) return `${x.toFixed(1)} ${y.toFixed(1)}`;
      const [p0, p1, p2, p3] = [
        points[Math.max(0, i - 2)],
        points[i - 1],
        points[i],
        points[Math.min(points.length - 1, i + 1)],
      ].map((p) => p ?? [0, 0]);
      const c = (a: number, b: number, d: number) => (b - a) / 6 + d;
      return `C${c(p0?.[0] ?? 0, p2?.[0] ?? 0, p1?.[0] ?? 0).toFixed(1)} ${c(p0?.[1] ?? 0, p2?.[1] ?? 0, p1?.[1] ?? 0).toFixed(1)} ${c(p3?.[0] ?? 0, p1?.[0] ?? 0, x).toFixed(1)} ${c(p3?.[1] ?? 0, p1?.[1] ?? 0, y).toFixed(1)} ${x.toFixed(1)} ${y.toFixed(1)}`;
    })
    .join(' ');
}

const acrossAt = (week: number, last: number, width: number): number => 10 + (week / last) * (width - 20);
/** The stream wanders a little, as water does. */
const courseIn =
  ({ mid, wander }: Bed) =>
  (week: number): number =>
    mid + wander * (5 * Math.sin(week / 3.1 + 0.6) + 2.5 * Math.sin(week / 1.3));
/** Share of the canopy that shows as banks. */
const GREEN = 0.1;

/** The bands and banks as paths, for a width in pixels. */
function streamOf(season: Season, width: number, bed: Bed) {
  const course = courseIn(bed);
  const { bands, leaf: banks } = bloomBands(season);
  const last = season.weeks.length - 1;
  const weeks = season.weeks.map((_, k) => k);
  const total = weeks.map((k) => bands.reduce((s, b) => s + (b.width[k] ?? 0), 0));
  const carried = weeks.map((k) => (total[k] ?? 0) + (banks[k] ?? 0) * GREEN);
  const scale = bed.widest / Math.max(1, ...carried);
  const line = (ys: readonly number[]) => ys.map((y, k) => [acrossAt(k, last, width), y] as const);
  const area = (upper: readonly number[], lower: readonly number[]) =>
    `M${smooth(line(upper))} L${smooth(line(lower).reverse())}Z`;
  const half = carried.map((c) => Math.max(7, c * scale) / 2);
  const top = weeks.map((k) => course(k) - ((total[k] ?? 0) * scale) / 2);
  const paths = bands.map((b, n) => {
    const over = weeks.map((k) => (top[k] ?? 0) + bands.slice(0, n).reduce((s, o) => s + (o.width[k] ?? 0), 0) * scale);
    return {
      ...b,
      d: area(
        over,
        over.map((y, k) => y + (b.width[k] ?? 0) * scale),
      ),
    };
  });
  return {
    paths,
    banks: area(
      weeks.map((k) => course(k) - (half[k] ?? 0)),
      weeks.map((k) => course(k) + (half[k] ?? 0)),
    ),
    surface: `M${smooth(line(weeks.map((k) => course(k) - 1)))}`,
  };
}

/** The season as a stream: each kind's bloom a band of its own colour, as thick as it shows; a float to ride on it. */
export function Rill({ planting, season, week }: { planting: Planting; season: Season; week: number }) {
  const show = useWorkspace((s) => s.show);
  const narrow = useNarrow();
  const [unfolded, setUnfolded] = useState(false);
  const folded = narrow && !unfolded;
  const bed = folded ? FOLDED : FULL;
  const H = bed.high;
  const course = courseIn(bed);
  const box = useRef<HTMLDivElement>(null);
  const [W, setW] = useState(1240);
  useEffect(() => {
    const el = box.current;
    if (!el) return;
    const watch = new ResizeObserver(() => setW(Math.max(180, el.clientWidth)));
    watch.observe(el);
    return () => watch.disconnect();
  }, []);
  const last = season.weeks.length - 1;
  const x = (w: number) => acrossAt(w, last, W);
  const { paths, banks, surface } = useMemo(() => streamOf(season, W, bed), [season, W, bed]);
  const events = useMemo(() => stonesOf(planting, season), [planting, season]);
  const months = monthTicks(season);
  const at = season.weeks[week];
  const float = { x: x(week), y: course(week) };
  const date = at ? formatDay(at.date) : '';
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
          <path
            d={surface}
            fill="none"
            stroke="white"
            strokeOpacity="0.35"
            strokeWidth="1"
            strokeDasharray="26 40 9 55"
          />
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
          {!folded &&
            events.map((e) => (
              <g key={e.kind + e.week}>
                <ellipse
                  cx={x(e.week)}
                  cy={e.bad ? H - 30 : 11}
                  rx="6.5"
                  ry="4.2"
                  fill={e.bad ? 'var(--watch)' : 'color-mix(in oklab, var(--quiet) 82%, var(--paper))'}
                  stroke="var(--ink)"
                  strokeWidth="0.8"
                />
                <text
                  x={x(e.week) + (x(e.week) > W - 120 ? -11 : 11)}
                  y={(e.bad ? H - 30 : 11) + 4}
                  fontSize="12"
                  fill="var(--ink)"
                  textAnchor={x(e.week) > W - 120 ? 'end' : 'start'}
                >
                  {e.text}
                </text>
              </g>
            ))}
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
          aria-label="Week shown"
          aria-valuetext={`${title}, ${date}`}
          className={`absolute inset-x-0 w-full cursor-ew-resize opacity-0 ${folded ? 'top-0 h-11' : 'top-4 h-[92px]'}`}
        />
      </div>
      {narrow && (
        <Button
          kind="bare"
          className="min-h-[44px]! shrink-0"
          aria-expanded={unfolded}
          onClick={() => setUnfolded(!unfolded)}
        >
          {folded ? 'Season' : 'Fold the season'}
        </Button>
      )}
    </section>
  );
}

function monthTicks(season: Season): { week: number; text: string }[] {
  const first = season.weeks[0];
  if (!first) return [];
  const day = new Date(`${first.date}T12:00:00`);
  const out = [{ week: 0, text: `Planted ${day.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}` }];
  for (let k = 1; k < 9; k += 1) {
    const d = new Date(Date.UTC(day.getFullYear(), day.getMonth() + k, 1, 12));
    const week = (d.getTime() - day.getTime()) / 6.048e8;
    if (week > 2.6 && week < season.weeks.length - 0.6)
      out.push({ week, text: d.toLocaleDateString('en-GB', { month: 'long' }) });
  }
  return out;
}

'use client';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { SKYLINE_POINTS, type ClockLight } from '@/core/spots/schema';
import { shines, skylineAt, sunByMonth, sunOnDay, sunPath } from '@/core/spots/sun-clock';

const [W, H] = [620, 250];
const [LEFT, RIGHT, TOP, BOTTOM] = [26, 8, 10, 22];
const MOST_ALTITUDE = 78;
const COMPASS: readonly [number, string][] = [
  [0, 'N'],
  [45, 'NE'],
  [90, 'E'],
  [135, 'SE'],
  [180, 'S'],
  [225, 'SW'],
  [270, 'W'],
  [315, 'NW'],
];
const MONTHS = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'];
const STEP_DEG = 360 / SKYLINE_POINTS;

const nameOf = (deg: number): string => COMPASS[Math.round((((deg % 360) + 360) % 360) / 45) % 8]?.[1] ?? 'N';

/** Paths drawn: the longest, the middling and the shortest day, which change places south of the equator. */
const DAYS = [
  { date: '2026-06-21', text: '21 Jun' },
  { date: '2026-03-20', text: '20 Mar' },
  { date: '2026-12-21', text: '21 Dec' },
];

/**
 * The sky as it is seen from the spot, with the sun's way through it: drag the skyline up to what stands there. Below,
 * direct sun by hour and month. Everything is drawn from the same reckoning that judges the plants.
 */
export function SunClock({ light, onChange }: { light: ClockLight; onChange: (light: ClockLight) => void }) {
  const svg = useRef<SVGSVGElement>(null);
  const [draft, setDraft] = useState<ClockLight | null>(null);
  const [cursor, setCursor] = useState(0);
  const last = useRef<number | null>(null);
  const shown = draft ?? light;
  const middle = shown.latitude >= 0 ? 180 : 0;
  const x = (azimuth: number) => LEFT + (((((azimuth - middle + 180) % 360) + 360) % 360) / 360) * (W - LEFT - RIGHT);
  const y = (altitude: number) => H - BOTTOM - (Math.max(0, altitude) / MOST_ALTITUDE) * (H - TOP - BOTTOM);
  const azimuths = Array.from({ length: 181 }, (_, i) => middle - 180 + i * 2);
  const straight = (a: number) => LEFT + ((a - middle + 180) / 360) * (W - LEFT - RIGHT);

  const toPoint = (e: PointerEvent): { index: number; altitude: number } | null => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return null;
    const px = ((e.clientX - box.left) / box.width) * W;
    const py = ((e.clientY - box.top) / box.height) * H;
    const azimuth = middle - 180 + ((px - LEFT) / (W - LEFT - RIGHT)) * 360;
    return {
      index: ((Math.round(azimuth / STEP_DEG) % SKYLINE_POINTS) + SKYLINE_POINTS) % SKYLINE_POINTS,
      altitude: Math.min(90, Math.max(0, Math.round(((H - BOTTOM - py) / (H - TOP - BOTTOM)) * MOST_ALTITUDE))),
    };
  };
  const put = (index: number, altitude: number, from: number | null) => {
    // A quick drag passes over several points: all of them are raised.
    const steps =
      from === null
        ? [index]
        : Array.from({ length: Math.abs(index - from) + 1 }, (_, i) => from + Math.sign(index - from) * i);
    const list = Math.abs(index - (from ?? index)) > SKYLINE_POINTS / 2 ? [index] : steps;
    return { ...shown, skyline: shown.skyline.map((a, i) => (list.includes(i) ? altitude : a)) };
  };
  const onDown = (e: PointerEvent) => {
    const p = toPoint(e);
    if (!p) return;
    svg.current?.setPointerCapture(e.pointerId);
    last.current = p.index;
    setCursor(p.index);
    setDraft(put(p.index, p.altitude, null));
  };
  const onMove = (e: PointerEvent) => {
    if (!draft) return;
    const p = toPoint(e);
    if (!p) return;
    const from = last.current;
    last.current = p.index;
    setDraft(put(p.index, p.altitude, from));
  };
  const onUp = () => {
    if (draft) onChange(draft);
    setDraft(null);
  };
  const onKey = (e: KeyboardEvent) => {
    const along = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
    const up = { ArrowUp: 2, ArrowDown: -2, PageUp: 10, PageDown: -10 }[e.key];
    if (along !== undefined) setCursor((cursor + along + SKYLINE_POINTS) % SKYLINE_POINTS);
    else if (up !== undefined)
      onChange(put(cursor, Math.min(90, Math.max(0, (light.skyline[cursor] ?? 0) + up)), null));
    else return;
    e.preventDefault();
  };
  const behind = shown.wall ? azimuths.filter((a) => Math.cos(((a - shown.facing) * Math.PI) / 180) < 0) : [];
  const months = sunByMonth(shown);

  return (
    <figure className="flex flex-col gap-1">
      <svg
        ref={svg}
        viewBox={`0 0 ${W} ${H}`}
        className="w-full cursor-crosshair touch-none select-none"
        role="slider"
        tabIndex={0}
        aria-label="Skyline: left and right arrows choose a direction; up and down raise or lower the obstruction there"
        aria-valuemin={0}
        aria-valuemax={90}
        aria-valuenow={shown.skyline[cursor] ?? 0}
        aria-valuetext={`${nameOf(cursor * STEP_DEG)}, ${cursor * STEP_DEG}°: ${Math.round(shown.skyline[cursor] ?? 0)}° high`}
        onPointerDown={onDown}
        onPointerMove={onMove}
        onPointerUp={onUp}
        onPointerCancel={onUp}
        onKeyDown={onKey}
      >
        <rect x={LEFT} y={TOP} width={W - LEFT - RIGHT} height={H - TOP - BOTTOM} fill="var(--paper)" />
        {[0, 20, 40, 60].map((a) => (
          <g key={a}>
            <line
              x1={LEFT}
              x2={W - RIGHT}
              y1={y(a)}
              y2={y(a)}
              stroke="var(--line)"
              strokeDasharray={a === 0 ? undefined : '2 5'}
            />
            <text x={LEFT - 5} y={y(a) + 4} textAnchor="end" fontSize="12" fill="var(--quiet)">
              {a}°
            </text>
          </g>
        ))}
        {behind.map((a) => (
          <rect
            key={a}
            x={straight(a) - 1}
            y={TOP}
            width={((W - LEFT - RIGHT) / 180) * 1.06}
            height={H - TOP - BOTTOM}
            fill="var(--ink)"
            opacity={0.1}
          />
        ))}
        {shown.trees.map((t, i) => {
          const wide = (t.toDeg - t.fromDeg + 360) % 360 || 360;
          return (
            <path
              key={i}
              d={`M${x(t.fromDeg)} ${y(0)}V${y(t.altitudeDeg * 0.8)}q${(wide / 720) * (W - LEFT - RIGHT)} ${-(y(0) - y(t.altitudeDeg * 0.4))} ${(wide / 360) * (W - LEFT - RIGHT)} 0V${y(0)}Z`}
              fill="#5f8a4c"
              opacity={0.35}
            />
          );
        })}
        {DAYS.map(({ date, text }) => {
          const path = sunPath(shown.latitude, date).filter((s) => s.altitude > 0);
          const noon = path.reduce(
            (a, b) => (b.altitude > a.altitude ? b : a),
            path[0] ?? { hour: 12, azimuth: 180, altitude: 0 },
          );
          return (
            <g key={date}>
              {path.map((s) => {
                const open = shines(shown, s, Number(date.slice(5, 7)));
                return (
                  <circle
                    key={s.hour}
                    cx={x(s.azimuth)}
                    cy={y(s.altitude)}
                    r={Number.isInteger(s.hour) ? 4 : 1.7}
                    fill={open ? 'var(--watch)' : 'color-mix(in oklab, var(--quiet) 45%, var(--ground))'}
                  />
                );
              })}
              <text x={x(noon.azimuth)} y={y(noon.altitude) - 8} textAnchor="middle" fontSize="12" fill="var(--quiet)">
                {text}
              </text>
            </g>
          );
        })}
        <path
          d={`M${straight(middle - 180)} ${y(0)}${azimuths.map((a) => `L${straight(a)} ${y(skylineAt(shown.skyline, a))}`).join('')}V${y(0)}Z`}
          fill="color-mix(in oklab, var(--ink) 74%, var(--glaze))"
          opacity={0.82}
        />
        <circle
          cx={x(cursor * STEP_DEG)}
          cy={y(shown.skyline[cursor] ?? 0)}
          r={6}
          fill="var(--ground)"
          stroke="var(--glaze)"
          strokeWidth={2.4}
        />
        {COMPASS.map(([deg, name]) => (
          <text
            key={deg}
            x={x(deg)}
            y={H - 6}
            textAnchor={x(deg) < LEFT + 8 ? 'start' : 'middle'}
            fontSize="13"
            fill={name.length === 1 ? 'var(--ink)' : 'var(--quiet)'}
          >
            {name}
          </text>
        ))}
      </svg>
      <HourTable months={months} />
      <figcaption className="text-[0.84rem] text-quiet" aria-live="polite">
        {`Direct sun on 21 June ${sunOnDay(shown, '2026-06-21').hours.toFixed(1)} h, 20 March ${sunOnDay(shown, '2026-03-20').hours.toFixed(1)} h, 21 December ${sunOnDay(shown, '2026-12-21').hours.toFixed(1)} h.`}{' '}
        Hours are solar time.
      </figcaption>
    </figure>
  );
}

/** Direct sun by hour (across) and month (down): a full cell is a whole hour. */
function HourTable({
  months,
}: {
  months: readonly { hours: number; morning: number; afternoon: number; byHour: number[] }[];
}) {
  const [from, to] = [4, 21];
  const cell = { w: 30, h: 13 };
  return (
    <svg
      viewBox={`-24 -14 ${(to - from) * cell.w + 76} ${12 * cell.h + 16}`}
      className="w-full"
      role="img"
      aria-label={`Hours of direct sun a day by month, January first: ${months.map((m) => m.hours.toFixed(1)).join(', ')}`}
    >
      {Array.from({ length: to - from + 1 }, (_, i) => (
        <text
          key={i}
          x={i * cell.w}
          y={-4}
          textAnchor="middle"
          fontSize="11"
          fill={from + i === 13 ? 'var(--ink)' : 'var(--quiet)'}
        >
          {(from + i) % 3 === 1 ? from + i : ''}
        </text>
      ))}
      {months.map((m, row) => (
        <g key={row}>
          <text x={-8} y={row * cell.h + 10} textAnchor="end" fontSize="11" fill="var(--quiet)">
            {MONTHS[row]}
          </text>
          {m.byHour.slice(from, to).map((share, i) => (
            <g key={i}>
              <rect
                x={i * cell.w + 0.5}
                y={row * cell.h + 0.5}
                width={cell.w - 1}
                height={cell.h - 1}
                fill="var(--stream)"
              />
              {share > 0.01 && (
                <rect
                  x={
                    i * cell.w +
                    0.5 +
                    ((m.byHour[from + i + 1] ?? 0) > share ? (cell.w - 1) * (1 - Math.min(1, share)) : 0)
                  }
                  y={row * cell.h + 0.5}
                  width={(cell.w - 1) * Math.min(1, share)}
                  height={cell.h - 1}
                  fill="var(--watch)"
                  opacity={from + i >= 13 ? 1 : 0.62}
                />
              )}
            </g>
          ))}
          <text
            x={(to - from) * cell.w + 44}
            y={row * cell.h + 10.5}
            textAnchor="end"
            fontSize="11.5"
            fill="var(--ink)"
          >
            {m.hours.toFixed(1)} h
          </text>
        </g>
      ))}
      <line x1={(13 - from) * cell.w} x2={(13 - from) * cell.w} y1={0} y2={12 * cell.h} stroke="var(--ink)" />
    </svg>
  );
}

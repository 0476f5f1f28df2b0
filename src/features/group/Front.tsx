'use client';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { type Body, nameOf, type Scene } from '@/core/groups/scene';
import { grow } from '@/core/growth/season';
import { daysBetween } from '@/core/units/date';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { LENS } from '@/portrait/lens';
import { useWidth } from '@/ui/useWidth';
import { frameOf } from '../pictures/frame';
import { sightOf } from '../pictures/lens';
import { PotPicture } from '../pictures/PotPicture';
import { useArranging } from './arranging';

const [SIN, COS] = [Math.sin(LENS.elevation), Math.cos(LENS.elevation)];
/** Room round what stands there, mm. */
const BESIDE_MM = 350;
const OVER_MM = 350;
const BEFORE_MM = 500;
/** A key moves by this, and with shift by that, mm. */
const STEP_MM = 50;
const FINE_MM = 10;

/** The scene as it is seen from the front, a little from above, true to scale: stills of the containers before the wall. */
export function Front({ scene, units, height }: { scene: Scene; units: UnitSystem; height: number }) {
  const [box, width] = useWidth();
  const { group, bodies } = scene;
  const left = Math.min(
    -600,
    ...bodies.map((b) => b.xMm - b.leafR),
    ...group.openings.map((o) => o.xMm - o.widthMm / 2),
  );
  const right = Math.max(
    600,
    ...bodies.map((b) => b.xMm + b.leafR),
    ...group.openings.map((o) => o.xMm + o.widthMm / 2),
  );
  const top = Math.max(1200, ...bodies.map((b) => b.topZ), ...group.openings.map((o) => o.sillMm + o.heightMm));
  const near = Math.max(600, ...bodies.map((b) => b.yMm + b.rimY), ...group.ledges.map((l) => l.yMm + l.deepMm));
  const wide = right - left + 2 * BESIDE_MM;
  const tall = (top + OVER_MM) * COS + (near + BEFORE_MM) * SIN;
  const k = Math.min(width / wide, height / tall);
  const x = (mm: number) => width / 2 + (mm - (left + right) / 2) * k;
  const ground = (top + OVER_MM) * COS * k;
  const y = (yMm: number, upMm: number) => ground + (yMm * SIN - upMm * COS) * k;
  const order = [...bodies].sort((a, b) => a.yMm - b.yMm || a.upMm - b.upMm);
  return (
    <div ref={box} className="relative w-full overflow-hidden" style={{ height: tall * k }}>
      <svg width={width} height={tall * k} className="absolute inset-0" aria-hidden>
        <rect width={width} height={ground} fill={group.wall} />
        <rect
          y={ground}
          width={width}
          height={tall * k - ground}
          fill="color-mix(in oklab, var(--ground) 82%, var(--ink))"
        />
        {group.openings.map((o, i) => (
          <rect
            key={i}
            x={x(o.xMm - o.widthMm / 2)}
            y={y(0, o.sillMm + o.heightMm)}
            width={o.widthMm * k}
            height={o.heightMm * COS * k}
            fill="color-mix(in oklab, var(--ink) 62%, var(--ground))"
            stroke="var(--paper)"
            strokeWidth={Math.max(2, 60 * k)}
          />
        ))}
        {group.path && (
          <path
            d={`M${x(group.path.xMm - group.path.widthMm / 2)} ${ground}V${tall * k}M${x(group.path.xMm + group.path.widthMm / 2)} ${ground}V${tall * k}`}
            stroke="var(--paper)"
            strokeDasharray="6 5"
            strokeWidth="1.5"
          />
        )}
        {group.ledges.map((l) => (
          <g key={l.id} stroke="var(--ink)" strokeWidth="0.8">
            <rect
              x={x(l.xMm - l.widthMm / 2)}
              y={y(l.yMm, l.heightMm)}
              width={l.widthMm * k}
              height={l.deepMm * SIN * k}
              fill="color-mix(in oklab, var(--ground) 88%, var(--ink))"
            />
            <rect
              x={x(l.xMm - l.widthMm / 2)}
              y={y(l.yMm + l.deepMm, l.heightMm)}
              width={l.widthMm * k}
              height={l.heightMm * COS * k}
              fill="color-mix(in oklab, var(--ground) 70%, var(--ink))"
            />
          </g>
        ))}
      </svg>
      {order.map((b) => (
        <Pot key={b.id} body={b} date={scene.date} k={k} at={{ x: x(b.xMm), y: y(b.yMm, b.upMm) }} units={units} />
      ))}
    </div>
  );
}

/** “30 cm left of the middle, 20 cm from the wall”. */
export function whereWords(b: Pick<Body, 'xMm' | 'yMm' | 'upMm'>, units: UnitSystem): string {
  const side =
    b.xMm === 0
      ? 'in the middle'
      : `${formatLength(Math.abs(b.xMm), units)} ${b.xMm < 0 ? 'left' : 'right'} of the middle`;
  return `${side}, ${formatLength(b.yMm, units)} from the wall${b.upMm > 0 ? `, ${formatLength(b.upMm, units)} up` : ''}`;
}

/** One container: chosen by a press, moved by dragging or by keys. */
function Pot({
  body,
  date,
  k,
  at,
  units,
}: {
  body: Body;
  date: string;
  k: number;
  at: { x: number; y: number };
  units: UnitSystem;
}) {
  const { chosen, choose, move } = useArranging();
  const held = useRef<{ x: number; from: number } | null>(null);
  const { planting } = body;
  const season = grow(planting);
  const frame = frameOf(planting, season);
  const sight = sightOf(planting, frame, k);
  const stretch = k / sight.perMm;
  const week = Math.max(0, Math.min(season.weeks.length - 1, Math.floor(daysBetween(planting.startDate, date) / 7)));
  const name = `Move ${nameOf(body)}`;
  const to = (change: { xMm?: number; yMm?: number; upMm?: number }) => move(name, [{ id: body.id, ...change }]);
  const onKey = (e: KeyboardEvent) => {
    const by = e.shiftKey ? FINE_MM : STEP_MM;
    const keys: Record<string, () => void> = {
      ArrowLeft: () => to({ xMm: body.xMm - by }),
      ArrowRight: () => to({ xMm: body.xMm + by }),
      ArrowUp: () => to({ yMm: Math.max(0, body.yMm - by) }),
      ArrowDown: () => to({ yMm: body.yMm + by }),
      PageUp: () => to({ upMm: body.upMm + by }),
      PageDown: () => to({ upMm: Math.max(0, body.upMm - by) }),
    };
    const act = keys[e.key];
    if (!act) return;
    e.preventDefault();
    act();
  };
  const onMove = (e: PointerEvent) => {
    if (held.current)
      to({ xMm: Math.round((held.current.from + (e.clientX - held.current.x) / k) / FINE_MM) * FINE_MM });
  };
  return (
    <button
      type="button"
      aria-label={`${nameOf(body)}, ${whereWords(body, units)}. Arrows move it, page keys raise and lower it`}
      aria-pressed={chosen === body.id}
      className={`absolute touch-none ${chosen === body.id ? 'outline-2 outline-dashed outline-glaze' : ''}`}
      style={{
        left: at.x - (sight.w * stretch) / 2,
        top: at.y - sight.footPx * stretch,
        width: sight.w * stretch,
        height: sight.h * stretch,
      }}
      onClick={() => choose(body.id)}
      onKeyDown={onKey}
      onPointerDown={(e) => {
        choose(body.id);
        held.current = { x: e.clientX, from: body.xMm };
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={onMove}
      onPointerUp={() => (held.current = null)}
      onPointerCancel={() => (held.current = null)}
    >
      <PotPicture planting={planting} week={week} scale={k} className="pointer-events-none size-full" />
    </button>
  );
}

'use client';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { ShapeSchema, type Free } from '@/core/containers/schema';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { Button } from '@/ui/Button';

const STEP = 10;

/**
 * Corners of an own outline, seen from above with the front at the foot: dragged, nudged by arrow keys, added
 * between, taken out.
 */
export function OutlineEditor({
  shape,
  units,
  onChange,
}: {
  shape: Free;
  units: UnitSystem;
  onChange: (shape: Free) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const { corners } = shape;
  const half = Math.max(...corners.flat().map(Math.abs)) * 1.25;
  const put = (next: [number, number][]) => {
    const parsed = ShapeSchema.safeParse({ ...shape, corners: next });
    if (parsed.success && parsed.data.kind === 'free') onChange(parsed.data);
  };
  const move = (i: number, x: number, y: number) =>
    put(corners.map((c, k) => (k === i ? [Math.round(x / STEP) * STEP, Math.round(y / STEP) * STEP] : c)));
  const onMove = (e: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (held === null || !box) return;
    move(
      held,
      ((e.clientX - box.left) / box.width) * 2 * half - half,
      ((e.clientY - box.top) / box.height) * 2 * half - half,
    );
  };
  const onKey = (e: KeyboardEvent, i: number) => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[e.key];
    const at = corners[i];
    if (by && at) {
      e.preventDefault();
      move(i, at[0] + (by[0] ?? 0), at[1] + (by[1] ?? 0));
    } else if ((e.key === 'Delete' || e.key === 'Backspace') && corners.length > 3) {
      e.preventDefault();
      put(corners.filter((_, k) => k !== i));
    }
  };
  const split = () => {
    // The longest side gets another corner in its middle.
    const long = (i: number) =>
      Math.hypot(
        (corners[(i + 1) % corners.length]?.[0] ?? 0) - (corners[i]?.[0] ?? 0),
        (corners[(i + 1) % corners.length]?.[1] ?? 0) - (corners[i]?.[1] ?? 0),
      );
    const at = corners.reduce((best, _, i) => (long(i) > long(best) ? i : best), 0);
    const [a, b] = [corners[at], corners[(at + 1) % corners.length]];
    if (a && b)
      put([
        ...corners.slice(0, at + 1),
        [Math.round((a[0] + b[0]) / 2), Math.round((a[1] + b[1]) / 2)],
        ...corners.slice(at + 1),
      ]);
  };
  return (
    <div>
      <svg
        ref={svg}
        viewBox={`${-half} ${-half} ${half * 2} ${half * 2}`}
        className="w-full touch-none select-none"
        role="group"
        aria-label="Outline from above, front at the bottom. Arrow keys move a corner; Delete removes it."
        onPointerMove={onMove}
        onPointerUp={() => setHeld(null)}
      >
        <path
          d={`M${corners.map((c) => c.join(' ')).join('L')}Z`}
          fill="color-mix(in oklab, #4a382c 30%, var(--ground))"
          stroke="var(--ink)"
          strokeWidth={half * 0.012}
        />
        {corners.map(([x, y], i) => (
          <circle
            key={i}
            cx={x}
            cy={y}
            r={half * 0.05}
            fill="var(--ground)"
            stroke="var(--glaze)"
            strokeWidth={half * 0.016}
            className="cursor-move"
            tabIndex={0}
            role="button"
            aria-label={`Corner ${i + 1}: ${formatLength(Math.abs(x), units)} ${x < 0 ? 'left' : 'right'}, ${formatLength(Math.abs(y), units)} ${y < 0 ? 'back' : 'front'}`}
            onKeyDown={(e) => onKey(e, i)}
            onPointerDown={(e) => {
              svg.current?.setPointerCapture(e.pointerId);
              setHeld(i);
            }}
          />
        ))}
      </svg>
      <Button onClick={split} disabled={corners.length >= 24}>
        Add a corner
      </Button>
    </div>
  );
}

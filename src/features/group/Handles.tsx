'use client';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { snapped } from '@/core/groups/arrange';
import { type Body, nameOf, type Scene } from '@/core/groups/scene';
import type { UnitSystem } from '@/core/units/length';
import type { Together } from '@/portrait/place/together';
import { useArranging } from './arranging';
import { FINE_MM, STEP_MM, TURN_DEG, whereWords } from './moving';

interface Box {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** What a container takes of the picture, px; null behind the eye. */
function boxOf(stage: Together, { xMm, yMm, upMm, leafR, topZ }: Body): Box | null {
  const at = [-1, 1].flatMap((side) => [upMm, topZ].map((z) => stage.project(xMm + side * leafR, yMm, z)));
  if (at.some((p) => !p.ahead)) return null;
  return {
    left: Math.min(...at.map((p) => p.x)),
    right: Math.max(...at.map((p) => p.x)),
    top: Math.min(...at.map((p) => p.y)),
    bottom: Math.max(...at.map((p) => p.y)),
  };
}

/** Each container under a hand: chosen by a press, moved by dragging or by keys. */
export function Handles({
  stage,
  drawn,
  scene,
  units,
  rough,
  nudged,
}: {
  stage: Together;
  /** Counts pictures: where things are in them may have changed. */
  drawn: number;
  scene: Scene;
  units: UnitSystem;
  rough: (on: boolean) => void;
  nudged: () => void;
}) {
  const order = [...scene.bodies].sort((a, b) => a.yMm - b.yMm || a.upMm - b.upMm);
  return (
    <div data-drawn={drawn}>
      {order.map((b) => {
        const box = boxOf(stage, b);
        return (
          box && <Handle key={b.id} scene={scene} body={b} box={box} units={units} rough={rough} nudged={nudged} />
        );
      })}
    </div>
  );
}

function Handle({
  scene,
  body,
  box,
  units,
  rough,
  nudged,
}: {
  scene: Scene;
  body: Body;
  box: Box;
  units: UnitSystem;
  rough: (on: boolean) => void;
  nudged: () => void;
}) {
  const { chosen, choose, move } = useArranging();
  const held = useRef<{ x: number; from: number } | null>(null);
  const name = `Move ${nameOf(body)}`;
  const to = (change: Partial<Pick<Body, 'xMm' | 'yMm' | 'upMm' | 'turnDeg'>>) =>
    move(name, [{ id: body.id, ...change }], true);
  const mmPerPx = (2 * body.leafR) / Math.max(1, box.right - box.left);
  const onKey = (e: KeyboardEvent) => {
    const by = e.shiftKey ? FINE_MM : STEP_MM;
    const keys: Record<string, () => void> = {
      ArrowLeft: () => to({ xMm: body.xMm - by }),
      ArrowRight: () => to({ xMm: body.xMm + by }),
      ArrowUp: () => to({ yMm: Math.max(0, body.yMm - by) }),
      ArrowDown: () => to({ yMm: body.yMm + by }),
      PageUp: () => to({ upMm: body.upMm + by }),
      PageDown: () => to({ upMm: Math.max(0, body.upMm - by) }),
      '[': () => to({ turnDeg: (body.turnDeg - TURN_DEG) % 360 }),
      ']': () => to({ turnDeg: (body.turnDeg + TURN_DEG) % 360 }),
    };
    const act = keys[e.key];
    if (!act || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    nudged();
    act();
  };
  const onMove = (e: PointerEvent) => {
    const from = held.current;
    if (!from) return;
    const xMm = Math.round((from.from + (e.clientX - from.x) * mmPerPx) / FINE_MM) * FINE_MM;
    to({ xMm: snapped(scene, body.id, xMm, body.yMm).xMm });
  };
  const letGo = () => {
    if (!held.current) return;
    held.current = null;
    rough(false);
  };
  return (
    <button
      type="button"
      aria-label={`${nameOf(body)}, ${whereWords(body, units)}. Use the arrow keys to move it, Page Up and Page Down raise and lower it, [ and ] turn it`}
      aria-pressed={chosen === body.id}
      className={`absolute cursor-move touch-none ${chosen === body.id ? 'outline-2 outline-dashed outline-glaze' : ''}`}
      style={{ left: box.left, top: box.top, width: box.right - box.left, height: box.bottom - box.top }}
      onClick={() => choose(body.id)}
      onKeyDown={onKey}
      onPointerDown={(e) => {
        choose(body.id);
        held.current = { x: e.clientX, from: body.xMm };
        e.currentTarget.setPointerCapture(e.pointerId);
        rough(true);
      }}
      onPointerMove={onMove}
      onPointerUp={letGo}
      onPointerCancel={letGo}
    />
  );
}

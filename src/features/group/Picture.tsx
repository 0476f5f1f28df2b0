'use client';
import {
  type KeyboardEvent,
  type PointerEvent,
  type Ref,
  useEffect,
  useImperativeHandle,
  useMemo,
  useRef,
  useState,
} from 'react';
import type { Canopy } from '@/core/canopy/kinds';
import { hookMm } from '@/core/containers/outline';
import { type EyeId, eyeOf, reachOf } from '@/core/groups/eyes';
import { type Scene, weekOf } from '@/core/groups/scene';
import type { Direction } from '@/core/spots/sun-seen';
import type { Planting } from '@/core/plantings/schema';
import type { UnitSystem } from '@/core/units/length';
import type { Setting } from '@/portrait/place/setting';
import { createTogether, type Together } from '@/portrait/place/together';
import { Failed } from '../shell/Failed';
import { useAsk } from '../shell/useAsk';
import { sprouting } from '../shell/workers';
import { useStage } from '../pictures/useStage';
import { Handles } from './Handles';
import { StandIn } from './StandIn';

/** Gone round by so much a key, radians; walked by so much, as a share of the way. */
const TURN = 0.12;
const STEP = 0.06;
/** One goes round no further than this: behind is the wall. Radians. */
const ROUND_MOST = 1.1;

/** Where the sun is drawn when nobody knows where it stands: high, and to one side. */
const SOMEWHERE = { x: -0.45, y: 0.62, z: 0.64 };
/** What is moved by keys or slid is drawn whole after so long at rest, ms. */
const SETTLE_MS = 300;

/** A picture of the scene as it is seen now, and its size. */
export interface Taken {
  href: string;
  wide: number;
  high: number;
}
export interface Camera {
  take: () => Taken | null;
}

/** What grows in each container on a day, each kind of planting once. */
function useCanopies(scene: Scene): { canopies: ReadonlyMap<string, Canopy>; error: Error | null; again: () => void } {
  const plantings = useMemo(() => [...new Map(scene.bodies.map((b) => [b.of, b.planting])).values()], [scene]);
  const key = plantings.map((p) => p.id).join();
  const stable = useStable(plantings);
  const asked = useAsk(
    () =>
      Promise.all(
        stable.map(async (p): Promise<[string, Canopy]> => {
          const week = weekOf(p, scene.date);
          return [p.id, await sprouting.ask((api) => api.sprout(p, week, null))];
        }),
      ).then((all) => new Map(all)),
    [stable, scene.date, key],
  );
  const [last, setLast] = useState<ReadonlyMap<string, Canopy>>(new Map());
  // What was grown stays until there is another.
  if (asked.value && asked.value !== last) setLast(asked.value);
  return { canopies: asked.value ?? last, error: asked.error, again: asked.again };
}

/** The same list while its members are the same. */
function useStable(list: readonly Planting[]): readonly Planting[] {
  const [kept, setKept] = useState(list);
  const same = kept.length === list.length && kept.every((p, i) => p === list[i]);
  if (!same) setKept(list);
  return same ? kept : list;
}

/** How far a setting goes is told in steps of this, mm. */
const REACH_STEP = 250;
const outward = (mm: number): number => Math.sign(mm) * Math.ceil(Math.abs(mm) / REACH_STEP) * REACH_STEP;

/** The wall, ground, openings, steps, way and hooks of a scene, as they are drawn. */
function settingOf(scene: Scene): Setting {
  const { group, bodies } = scene;
  const { left, right, up, out } = reachOf(scene);
  return {
    wall: { colour: group.wall, build: group.build },
    ground: group.ground,
    openings: group.openings,
    ledges: group.ledges,
    path: group.path,
    hooks: bodies
      .filter((b) => b.planting.container.mount === 'hook')
      .map((b) => ({ xMm: b.xMm, yMm: b.yMm, atMm: b.rimZ + hookMm(b.planting.container) })),
    reach: { left: outward(left), right: outward(right), up: outward(up), out: outward(out) },
  };
}

interface Props {
  scene: Scene;
  eye: EyeId;
  /** How far one has walked, 0 to 1. */
  along: number;
  onWalk: (along: number) => void;
  sun: Direction | null;
  /** Nobody knows where the sun stands here. */
  sunless: boolean;
  units: UnitSystem;
  height: number;
  camera: Ref<Camera>;
}

/** The scene as it is seen from an eye: every leaf of every container in its setting, with the shadows of the hour. */
export function Picture({ scene, eye, along, onWalk, sun, sunless, units, height, camera }: Props) {
  const { stage: staged, canvasKey, attach, size, drawn, draw, rough, took } = useStage<Together>(createTogether);
  const stage = staged === 'none' ? null : staged;
  const { canopies, error, again } = useCanopies(scene);
  const [round, setRound] = useState(0);
  const held = useRef<{ x: number; round: number; along: number } | null>(null);
  const { bodies } = scene;
  const grown = bodies.every((b) => canopies.has(b.of));

  useEffect(() => {
    if (!stage) return;
    stage.keepOnly(new Set(bodies.map((b) => b.id)));
    for (const b of bodies) {
      stage.setPot(b.id, b.planting.container, canopies.get(b.of) ?? null);
      stage.place(b.id, b);
    }
    draw(true);
  }, [stage, bodies, canopies, draw]);

  // Set up again only when something of it changed: a pot that is moved leaves the wall as it was.
  const setting = JSON.stringify(settingOf(scene));
  useEffect(() => {
    stage?.setSetting(JSON.parse(setting) as Setting);
    draw();
  }, [stage, setting, draw]);

  useEffect(() => {
    // The hour is slid over many: the shadows are drawn where it comes to rest.
    const waiting = setTimeout(() => {
      stage?.setSun(sunless ? SOMEWHERE : sun);
      draw();
    }, SETTLE_MS);
    return () => clearTimeout(waiting);
  }, [stage, sun, sunless, draw]);

  useEffect(() => {
    if (!stage || size.h === 0) return;
    stage.setEye(eyeOf(scene, eye, size.w / size.h, along, round));
    draw();
  }, [stage, scene, eye, size, along, round, draw]);

  useImperativeHandle(camera, () => ({ take: () => stage?.picture() ?? null }));

  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  /** Moved by a key: light while the keys go on, whole when they rest. */
  const nudged = () => {
    rough(true);
    clearTimeout(resting.current);
    resting.current = setTimeout(() => rough(false), SETTLE_MS);
  };
  const turnTo = (to: number) => setRound(Math.max(-ROUND_MOST, Math.min(ROUND_MOST, to)));
  const walkTo = (to: number) => onWalk(Math.max(0, Math.min(1, to)));
  const onKey = (e: KeyboardEvent) => {
    const way = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
    if (!way || e.target !== e.currentTarget) return;
    e.preventDefault();
    nudged();
    if (eye === 'along') walkTo(along + way * STEP);
    else if (eye === 'front') turnTo(round + way * TURN);
  };
  const onDown = (e: PointerEvent) => {
    if (e.target instanceof HTMLElement && e.target.closest('button')) return;
    clearTimeout(resting.current);
    held.current = { x: e.clientX, round, along };
    e.currentTarget.setPointerCapture(e.pointerId);
    rough(true);
  };
  const onMove = (e: PointerEvent) => {
    const from = held.current;
    if (!from) return;
    const by = (e.clientX - from.x) / Math.max(1, size.w);
    if (eye === 'along') walkTo(from.along - by);
    else if (eye === 'front') turnTo(from.round - by * 2);
  };
  const onUp = () => {
    if (!held.current) return;
    held.current = null;
    rough(false);
  };
  if (staged === 'none')
    return <p className="py-6 text-quiet">This browser cannot draw the scene. Use the view from above.</p>;
  return (
    <div
      className="relative w-full overflow-hidden"
      style={{ height }}
      role="group"
      tabIndex={0}
      aria-label={
        eye === 'along'
          ? 'The scene, walking past. Arrow keys walk'
          : eye === 'front'
            ? 'The scene from the front. Arrow keys move round it'
            : `The scene from the ${eye}`
      }
      data-state={grown ? 'grown' : 'growing'}
      onKeyDown={onKey}
      onPointerDown={onDown}
      onPointerMove={onMove}
      onPointerUp={onUp}
      onPointerCancel={onUp}
    >
      <canvas
        key={canvasKey}
        ref={attach}
        className="block h-full w-full touch-pan-y"
        data-testid="together"
        data-drawn={drawn}
        data-took={Math.round(took)}
        data-pieces={stage?.pieces() ?? 0}
      />
      {stage && <Handles stage={stage} drawn={drawn} scene={scene} units={units} rough={rough} nudged={nudged} />}
      {stage &&
        [...new Map(bodies.map((b) => [b.of, b])).values()].map((b) => (
          <StandIn key={b.of} stage={stage} scene={scene} body={b} of={canopies.get(b.of)} />
        ))}
      {!grown && !error && (
        <p className="absolute left-2 top-2 bg-ground px-2 text-[0.86rem] text-quiet" aria-busy>
          Drawing the plants…
        </p>
      )}
      {error && (
        <div className="absolute inset-x-4 top-4 bg-ground">
          <Failed what="The plants could not be drawn." error={error} again={again} />
        </div>
      )}
    </div>
  );
}

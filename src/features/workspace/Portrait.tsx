'use client';
import { type KeyboardEvent, type PointerEvent, useCallback, useEffect, useRef, useState } from 'react';
import type { Canopy } from '@/core/canopy/kinds';
import type { Season } from '@/core/growth/season';
import type { Planting } from '@/core/plantings/schema';
import { ABOVE, createStage, FRONT, type Frame, LEVEL, type Stage, type View } from '@/portrait/stage';
import { Button } from '@/ui/Button';
import { Elevation } from './Elevation';
import { sproutWorker } from './helpers';
import { accountOf } from './account';
import { Ruler } from './Ruler';

/** Over this time for one picture the machine draws in software: turn with fewer pixels. */
const SLOW_MS = 70;
const ROUGH = 0.55;

interface Props {
  planting: Planting;
  season: Season;
  frame: Frame;
  week: number;
  lit: readonly string[] | null;
}

const SIGHTS: { name: string; key: string; view: View }[] = [
  { name: 'Front', key: '1', view: FRONT },
  { name: 'Eye height', key: '2', view: LEVEL },
  { name: 'Above', key: '3', view: ABOVE },
];

/** The container, alive and true to scale: turn it by drag or arrow keys. */
export function Portrait({ planting, season, frame, week, lit }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const stage = useRef<Stage | null>(null);
  const slow = useRef(false);
  const queued = useRef(0);
  const turning = useRef<{ x: number; y: number; view: View } | null>(null);
  const [view, setView] = useState<View>(FRONT);
  const [canopy, setCanopy] = useState<Canopy | null>(null);
  const [noGl, setNoGl] = useState(false);
  const [drawn, setDrawn] = useState(0);
  const [size, setSize] = useState({ w: 0, h: 0 });

  const draw = useCallback(() => {
    cancelAnimationFrame(queued.current);
    queued.current = requestAnimationFrame(() => {
      const from = performance.now();
      stage.current?.draw();
      slow.current = performance.now() - from > SLOW_MS;
      setDrawn((n) => n + 1);
    });
  }, []);

  useEffect(() => {
    const el = canvas.current;
    const holder = box.current;
    if (!el || !holder) return;
    try {
      stage.current = createStage(el);
    } catch {
      setNoGl(true);
      return;
    }
    const fit = () => {
      const { clientWidth: w, clientHeight: h } = holder;
      stage.current?.setSize(w, h, Math.min(2, window.devicePixelRatio));
      setSize({ w, h });
      draw();
    };
    const watch = new ResizeObserver(fit);
    watch.observe(holder);
    return () => {
      watch.disconnect();
      stage.current?.dispose();
      stage.current = null;
    };
  }, [draw]);

  useEffect(() => {
    stage.current?.setContainer(planting.container);
    stage.current?.setBackdrop(planting.spot.seen === 'wall' ? planting.spot.backdrop : null);
    draw();
  }, [planting.container, planting.spot.backdrop, planting.spot.seen, draw]);

  useEffect(() => {
    stage.current?.setFrame(frame);
    draw();
  }, [frame, draw]);

  useEffect(() => {
    let stale = false;
    void sproutWorker()
      .sprout(planting, week)
      .then((c) => !stale && setCanopy(c));
    return () => {
      stale = true;
    };
  }, [planting, week]);

  useEffect(() => {
    stage.current?.setCanopy(canopy);
    draw();
  }, [canopy, draw]);

  useEffect(() => {
    stage.current?.light(lit && lit.length > 0 ? new Set(season.placed.flatMap((p, i) => (lit.includes(p.id) ? [i] : []))) : null);
    draw();
  }, [lit, canopy, season, draw]);

  useEffect(() => {
    stage.current?.setView(view);
    draw();
  }, [view, draw]);

  const rough = (on: boolean) => {
    if (!slow.current && on) return;
    stage.current?.setSize(size.w, size.h, on ? ROUGH : Math.min(2, window.devicePixelRatio));
    if (!on) draw();
  };
  const turnBy = (azimuth: number, elevation: number) => setView((v) => ({ ...v, azimuth: v.azimuth + azimuth, elevation: Math.min(1.5, Math.max(0.001, v.elevation + elevation)) }));
  const zoomBy = (k: number) => setView((v) => ({ ...v, zoom: Math.min(3, Math.max(0.6, v.zoom * k)) }));

  const onDown = (e: PointerEvent) => {
    turning.current = { x: e.clientX, y: e.clientY, view };
    e.currentTarget.setPointerCapture(e.pointerId);
    rough(true);
  };
  const onMove = (e: PointerEvent) => {
    const t = turning.current;
    if (!t) return;
    setView({ ...t.view, azimuth: t.view.azimuth - (e.clientX - t.x) * 0.008, elevation: Math.min(1.5, Math.max(0.001, t.view.elevation + (e.clientY - t.y) * 0.006)) });
  };
  const onUp = () => {
    if (!turning.current) return;
    turning.current = null;
    rough(false);
  };
  const onKey = (e: KeyboardEvent) => {
    const step = 0.14;
    const acts: Record<string, () => void> = {
      ArrowLeft: () => turnBy(-step, 0),
      ArrowRight: () => turnBy(step, 0),
      ArrowUp: () => turnBy(0, step),
      ArrowDown: () => turnBy(0, -step),
      '+': () => zoomBy(1.15),
      '=': () => zoomBy(1.15),
      '-': () => zoomBy(1 / 1.15),
    };
    for (const s of SIGHTS) acts[s.key] = () => setView(s.view);
    const act = acts[e.key];
    if (!act || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    act();
  };

  return (
    <div className="relative h-full w-full">
      <div ref={box} className="absolute inset-0">
        <div
          role="img"
          tabIndex={0}
          aria-label={accountOf(planting, season, week)}
          aria-keyshortcuts="ArrowLeft ArrowRight ArrowUp ArrowDown 1 2 3 + -"
          data-state={canopy ? 'grown' : 'growing'}
          className="absolute inset-0 cursor-grab touch-pan-y active:cursor-grabbing"
          onPointerDown={onDown}
          onPointerMove={onMove}
          onPointerUp={onUp}
          onPointerCancel={onUp}
          onKeyDown={onKey}
        >
          {noGl ? <Elevation planting={planting} canopy={canopy} frame={frame} /> : <canvas ref={canvas} className="block h-full w-full" data-testid="portrait" />}
        </div>
        {!noGl && <Ruler stage={stage.current} drawn={drawn} frame={frame} planting={planting} season={season} week={week} view={view} size={size} />}
      </div>
      <div className="absolute left-2 top-2 flex flex-wrap gap-1 print:hidden">
        {!noGl &&
          SIGHTS.map((s) => (
            <Button key={s.key} kind="bare" aria-pressed={view === s.view} className={view === s.view ? 'font-semibold' : ''} title={`Key ${s.key}`} onClick={() => setView(s.view)}>
              {s.name}
            </Button>
          ))}
      </div>
    </div>
  );
}

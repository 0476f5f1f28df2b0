'use client';
import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { plantName } from '@/core/plants/schema';
import { fitting, Specimen, specimenFrame, underMm } from '../pictures/Specimen';
import type { Shown } from './view';

/** Least room for a plant on a shelf, and the room its picture may take, px. */
const CELL = 138;
const PICTURE = { wide: 112, tall: 148 };
const ROW = PICTURE.tall + 74;

interface Props {
  list: readonly Shown[];
  chosen: string | null;
  compared: readonly string[];
  own: ReadonlySet<string>;
  onChoose: (id: string) => void;
}

/**
 * Plants on shelves, as many as there are: only the shelves near the screen exist. Arrow keys walk along and
 * between them.
 */
export function Shelves({ list, chosen, compared, own, onChoose }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const [columns, setColumns] = useState(5);
  useEffect(() => {
    const el = holder.current;
    if (!el) return undefined;
    const watch = new ResizeObserver(() => setColumns(Math.max(2, Math.floor(el.clientWidth / CELL))));
    watch.observe(el);
    return () => watch.disconnect();
  }, []);
  const rows = Math.ceil(list.length / columns);
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing it returns is handed on
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => holder.current,
    estimateSize: () => ROW,
    overscan: 1,
  });
  useEffect(() => {
    holder.current?.scrollTo({ top: 0 });
  }, [list]);

  const onKey = (e: KeyboardEvent) => {
    const at = list.findIndex((s) => s.plant.id === (e.target as HTMLElement).dataset.plant);
    const step = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: columns, ArrowUp: -columns }[e.key];
    const next = at >= 0 && step !== undefined ? list[at + step] : undefined;
    if (!next) return;
    e.preventDefault();
    virtual.scrollToIndex(Math.floor((at + (step ?? 0)) / columns));
    onChoose(next.plant.id);
    requestAnimationFrame(() =>
      requestAnimationFrame(() =>
        holder.current?.querySelector<HTMLElement>(`[data-plant="${next.plant.id}"]`)?.focus(),
      ),
    );
  };

  return (
    <div ref={holder} className="h-full overflow-y-auto overscroll-contain pl-2" onKeyDown={onKey}>
      <div role="list" aria-label="Plants" className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((row) => (
          <div
            key={row.key}
            className="absolute inset-x-0 top-0"
            style={{ height: ROW, transform: `translateY(${row.start}px)` }}
          >
            <div className="grid" style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
              {list.slice(row.index * columns, (row.index + 1) * columns).map((s) => (
                <div key={s.plant.id} role="listitem">
                  <OnShelf
                    shown={s}
                    on={chosen === s.plant.id}
                    compared={compared.includes(s.plant.id)}
                    own={own.has(s.plant.id)}
                    onChoose={() => onChoose(s.plant.id)}
                  />
                </div>
              ))}
            </div>
          </div>
        ))}
      </div>
    </div>
  );
}

function OnShelf({
  shown: { plant, refusal },
  on,
  compared,
  own,
  onChoose,
}: {
  shown: Shown;
  on: boolean;
  compared: boolean;
  own: boolean;
  onChoose: () => void;
}) {
  const frame = specimenFrame(plant);
  const { hangs } = frame;
  const scale = fitting([plant], PICTURE.wide, PICTURE.tall - 8);
  const marks = [own ? 'own' : '', compared ? 'compared' : ''].filter(Boolean).join(', ');
  return (
    <button
      type="button"
      data-plant={plant.id}
      aria-pressed={on}
      aria-label={`${plantName(plant)}, ${plant.botanical}${refusal ? `. Ruled out: ${refusal.why}` : ''}`}
      className={`flex h-full w-full flex-col text-left ${on ? 'bg-stream' : 'hover:bg-stream/60'}`}
      onClick={onChoose}
    >
      <span
        className={`flex w-full justify-center border-b-2 border-ink/80 ${hangs ? 'items-start pt-1' : 'items-end'}`}
        style={{ height: PICTURE.tall + 6 }}
      >
        <span
          className={refusal ? 'opacity-45' : ''}
          style={hangs ? undefined : { marginBottom: -underMm(frame) * scale }}
        >
          <Specimen plant={plant} scale={scale} />
        </span>
      </span>
      <span className="px-1.5 pt-1 leading-tight">
        <span className="block truncate text-[0.93rem] font-semibold">{plant.common}</span>
        <span className="block truncate text-[0.84rem] text-quiet">{plant.variety || plant.botanical}</span>
        {refusal ? (
          <span className="block truncate text-[0.8rem] text-watchink">ruled out: {REFUSED[refusal.rule]}</span>
        ) : (
          marks && <span className="block truncate text-[0.8rem] text-glaze">{marks}</span>
        )}
      </span>
    </button>
  );
}

const REFUSED: Record<NonNullable<Shown['refusal']>['rule'], string> = {
  never: 'on your avoid list',
  only: 'different kind',
  scheme: 'scheme',
  light: 'light',
  scorch: 'would scorch',
  safety: 'safety',
  height: 'too tall',
  nights: 'cold nights',
  warmth: 'too warm or too cool',
  wind: 'wind',
  fit: 'container too small',
  winter: 'winter',
  season: 'out of season',
};

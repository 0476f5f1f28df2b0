'use client';
import { useMemo, useState } from 'react';
import { type Compared, comparedWith } from '@/core/log/learn';
import type { Season } from '@/core/growth/grown';
import type { Learned, Planting } from '@/core/plantings/schema';
import { grow } from '@/core/growth/season';
import { signature } from '@/core/plants/signature';
import { plantName } from '@/core/plants/schema';
import { daysBetween } from '@/core/units/date';
import { formatLength } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { Chart, type Line } from '@/ui/Chart';
import { Choose } from '@/ui/Field';
import { told } from '../shell/doing';
import { applyLessons, learnedWords } from './lessons';
import type { TendProps } from './props';

const SIZES = { heightMm: 'Height', spreadMm: 'Width' } as const;
type Size = keyof typeof SIZES;

/** The forecast before anything was measured, as it is now, and what was measured, by week. */
function linesOf(
  planting: Planting,
  season: Season,
  compared: readonly Compared[],
  id: string | null,
  size: Size,
): Line[] {
  const i = season.placed.findIndex((p) => p.id === id);
  const plant = season.placed[i]?.plant;
  if (!plant) return [];
  const plain = grow({ ...planting, learned: [] });
  const of = (s: Season) => s.weeks.map((w) => (w.plants[i]?.alive ? (w.plants[i]?.[size] ?? null) : null));
  const weekOf = (on: string) => Math.round(daysBetween(planting.startDate, on) / 7);
  const seen = season.weeks.map(
    ({ week }) => compared.find((c) => c.to === id && weekOf(c.on) === week && c[size] !== null)?.[size] ?? null,
  );
  return [
    { name: 'First prediction', hex: '#8a9a94', values: of(plain) },
    { name: 'Current prediction', hex: signature(plant), values: of(season) },
    { name: 'Measured', hex: '#9a1f4c', values: seen, points: true },
  ];
}

/** What was measured against what was forecast, and what the forecast has learned of it. */
export function Measured(at: TendProps) {
  const { planting, season, surround, units, today } = at;
  const compared = useMemo(() => comparedWith(planting, surround.log), [planting, surround.log]);
  const kinds = useMemo(() => {
    const measured = new Set(compared.map((m) => m.to));
    return season.placed.filter((p) => measured.has(p.id));
  }, [compared, season]);
  const [chosen, choose] = useState<string | null>(null);
  const [size, setSize] = useState<Size>('heightMm');
  const shown = kinds.find((k) => k.id === chosen) ?? kinds[0];
  const id = shown?.id ?? null;
  const lines = useMemo(() => linesOf(planting, season, compared, id, size), [planting, season, compared, id, size]);
  const now = Math.floor(daysBetween(planting.startDate, today) / 7);
  return (
    <>
      <section aria-label="Measured" className="flex flex-col gap-2 text-[0.95rem]">
        <h2 className="hair pb-1.5 text-[0.95rem]">Measured against predicted</h2>
        {!shown ? (
          <p className="text-quiet">
            Measure a plant’s height or width, and predictions adjust to how it grows at this place.
          </p>
        ) : (
          <>
            <Choose
              label="Plant"
              value={shown.id}
              options={kinds.map((k) => ({ value: k.id, text: plantName(k.plant) }))}
              onChange={choose}
            />
            <Choose
              label="Size"
              value={size}
              options={(Object.keys(SIZES) as Size[]).map((value) => ({ value, text: SIZES[value] }))}
              onChange={setSize}
            />
            <Chart
              label={`${SIZES[size]} of ${plantName(shown.plant)}: measured, and predicted, by week; the figures are in the log`}
              steps={season.weeks.map((w) => String(w.week))}
              lines={lines}
              kind="line"
              written={(v) => formatLength(Math.round(v), units)}
              along="week"
              at={now >= 0 && now < season.weeks.length ? now : undefined}
            />
            <ul className="flex flex-wrap gap-x-3 text-[0.86rem]">
              {lines.map((l) => (
                <li key={l.name} className="flex items-center gap-1.5">
                  <span
                    aria-hidden
                    className="inline-block h-2.5 w-4 border border-ink/30"
                    style={{ background: l.hex }}
                  />
                  {l.name}
                </li>
              ))}
            </ul>
          </>
        )}
        {(planting.learned.length > 0 || planting.drinksBy !== 1) && (
          <>
            <h3 className="text-[0.92rem]">Learned at {planting.spot.name}</h3>
            <ul>
              {planting.learned.map((l) => (
                <li key={l.plant} className="border-t border-line py-1">
                  {season.placed.find((p) => p.plant.id === l.plant)?.plant.common ?? l.plant}: {lessonWords(l)} than
                  first predicted
                </li>
              ))}
              {planting.drinksBy !== 1 && (
                <li className="border-t border-line py-1">
                  The container uses {learnedWords(planting.drinksBy, 'more', 'less', 'as much')} water than first
                  predicted
                </li>
              )}
            </ul>
            <Button kind="bare" className="self-start" onClick={() => told(applyLessons(planting.spot.name, true))}>
              Use the first prediction
            </Button>
          </>
        )}
        {planting.learned.length === 0 && compared.length > 0 && (
          <Button className="self-start" onClick={() => told(applyLessons(planting.spot.name))}>
            Adjust predictions to it
          </Button>
        )}
      </section>
    </>
  );
}

/** What was learned of a kind, without what is as it was forecast. */
function lessonWords({ heightBy, spreadBy, paceBy }: Learned): string {
  const faster = paceBy === 1 ? [] : [learnedWords(paceBy, 'faster', 'slower', 'as fast')];
  return [
    learnedWords(heightBy, 'taller', 'shorter', 'as tall'),
    learnedWords(spreadBy, 'wider', 'narrower', 'as wide'),
    ...faster,
  ].join(', ');
}

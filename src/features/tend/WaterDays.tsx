'use client';
import { useMemo } from 'react';
import { formatDay } from '@/core/units/date';
import { formatTemperature, formatVolume } from '@/core/units/quantity';
import { aheadOf } from '@/core/water/ahead';
import { shortDay } from '@/core/water/words';
import { WeatherWeek } from '@/ui/WeatherWeek';
import type { TendProps } from './props';

/** Days that are drawn, and the drawing: units of its own. */
const SHOWN = 7;
const W = 280;
const H = 120;
const PAD = 4;

/** The water in it through the week, watered as it asks, over the weather that drives it. */
export function WaterDays({ planting, today, around, surround, units }: TendProps) {
  const { weather, found, dripL } = around;
  const ahead = useMemo(
    () => aheadOf(planting, weather, today, found, dripL),
    [planting, weather, today, found, dripL],
  );
  const days = ahead.days.slice(0, SHOWN);
  const coming = weather.filter((d) => d.date >= today).slice(0, SHOWN);
  const step = W / SHOWN;
  const y = (litres: number) => PAD + (H - 2 * PAD) * (1 - litres / ahead.usableL);
  const path = days.flatMap((d, i) => {
    // Watered once or more it is full at some hour of the day, and ends where it ends.
    const mid =
      d.times > 0
        ? [
            [i * step + step * 0.55, ahead.leastL],
            [i * step + step * 0.56, ahead.usableL],
          ]
        : [];
    return [[i * step, d.fromL], ...mid, [(i + 1) * step, d.toL]] as number[][];
  });
  const line = path.map(([x = 0, l = 0], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y(l).toFixed(1)}`).join('');
  if (planting.startDate > today) return <WeatherWeek days={coming} today={today} units={units} />;
  return (
    <section aria-label="Water in the week ahead" className="flex flex-col gap-1">
      <h2 className="text-[0.95rem]">The week ahead</h2>
      <svg viewBox={`0 0 ${W} ${H}`} className="w-full bg-stream" aria-hidden>
        <path d={`${line}L${W} ${H}L0 ${H}Z`} fill="var(--glaze)" opacity="0.28" />
        <path d={line} fill="none" stroke="var(--glaze)" strokeWidth="1.8" />
        <path d={`M0 ${y(ahead.leastL)}H${W}`} stroke="var(--ink)" strokeDasharray="3 3" strokeWidth="0.9" />
        {days.map(
          (d, i) =>
            d.times > 0 && (
              <text
                key={d.date}
                x={i * step + step / 2}
                y={H - 8}
                textAnchor="middle"
                fontSize="11"
                fontWeight="650"
                fill="var(--ink)"
              >
                {d.times > 1 ? `${d.times} ×` : 'water'}
              </text>
            ),
        )}
      </svg>
      <WeatherWeek days={coming} today={today} units={units} />
      <p className="text-[0.84rem] text-quiet">
        Water in the mix, assuming you water when needed. Below the dashed line, it needs water. Weather from{' '}
        {surround.weatherFrom}.
      </p>
      <details className="text-[0.86rem]">
        <summary className="cursor-pointer text-quiet pointer-coarse:py-2">Show as a table</summary>
        <table className="w-full border-collapse tabular-nums">
          <thead>
            <tr className="text-quiet">
              <th scope="col" className="text-left font-normal">
                Day
              </th>
              <th scope="col" className="text-right font-normal">
                High
              </th>
              <th scope="col" className="text-right font-normal">
                Water used
              </th>
              <th scope="col" className="text-right font-normal">
                Rain received
              </th>
              <th scope="col" className="text-right font-normal">
                Watering
              </th>
            </tr>
          </thead>
          <tbody>
            {days.map((d, i) => (
              <tr key={d.date} className="border-t border-line">
                <th scope="row" className="text-left font-normal">
                  {shortDay(d.date)} {formatDay(d.date)}
                </th>
                <td className="text-right">{formatTemperature(coming[i]?.highC ?? 0, units)}</td>
                <td className="text-right">{formatVolume(d.usedL, units)}</td>
                <td className="text-right">{formatVolume(d.rainL, units)}</td>
                <td className="text-right">{d.times > 0 ? formatVolume(d.givenL, units) : '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}

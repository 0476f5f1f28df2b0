'use client';
import { useMemo } from 'react';
import { dayHighC, nightC } from '@/core/climate';
import { formatDay, monthPosition } from '@/core/units/date';
import { formatTemperature, formatVolume } from '@/core/units/quantity';
import { type Watering, wateringOn } from '@/core/water/balance';
import type { StationProps } from '../shell/panels';

/** A day of a heat wave, over the ordinary high and low, °C. Working figures. */
const HEAT = { high: 9, low: 7 } as const;

/** Roots that have this share of what the mix holds have all of it. */
const ROOTED = 0.95;

/** How often, in words. */
function often({ timesADay, everyDays }: Watering): string {
  if (timesADay !== null) return timesADay < 1.3 ? 'once a day' : timesADay < 2.4 ? 'twice a day' : 'three times a day';
  if (everyDays === null) return 'not at all';
  return everyDays < 1.6 ? 'every day' : `every ${Math.round(everyDays)} days`;
}

/** How much it drinks in the week that is looked at, on an ordinary dry day and in a heat wave. */
export function Water({ planting, season, week, units }: StationProps) {
  const date = season.weeks[week]?.date ?? planting.startDate;
  const { usual, hot, highC, lowC } = useMemo(() => {
    const at = monthPosition(date);
    const [high, low] = [dayHighC(planting.spot, at), nightC(planting.spot, at)];
    const on = (by: { high: number; low: number }) =>
      wateringOn(planting, { date, highC: high + by.high, lowC: low + by.low, rainMm: 0 });
    return { usual: on({ high: 0, low: 0 }), hot: on(HEAT), highC: high, lowC: low };
  }, [planting, date]);
  return (
    <section aria-label="Water" className="flex flex-col gap-1 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Water in week {week}</h2>
      <p>
        On a dry day around {formatDay(date)} ({formatTemperature(highC, units)} by day,{' '}
        {formatTemperature(lowC, units)} at night): {often(usual)}, {formatVolume(usual.eachL, units)} each time.
      </p>
      <p>
        In a heatwave: {often(hot)}. The mix holds {formatVolume(usual.usableL, units)} that roots can use
        {usual.reachL < usual.usableL * ROOTED && `, and so far they reach ${formatVolume(usual.reachL, units)} of it`}.
        Feel the mix before you water; this is only a guide.
      </p>
    </section>
  );
}

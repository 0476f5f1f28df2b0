'use client';
import { useMemo } from 'react';
import { formatDay } from '@/core/units/date';
import { spanOfLitres } from '@/core/growth/sure';
import { formatVolume, formatVolumeSpan } from '@/core/units/quantity';
import { aheadOf } from '@/core/water/ahead';
import { awayWords, dayWords, timesWords } from '@/core/water/words';
import { simulatedProbe } from '@/standins/probe';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { Gauge } from '@/ui/Gauge';
import { Estimated } from './Estimated';
import { Mark } from '@/ui/Mark';
import { logIt, newEntryId, told, waterNow } from '../shell/doing';
import { keepTending } from './keep';
import { applyWaterLesson, learnedWords } from './lessons';
import type { TendProps } from './props';

/** How it stands for water now, when it asks next, and how long it bears to be left. */
export function Water({ planting, today, around, surround, units }: TendProps) {
  const { weather, found, dripL } = around;
  const ahead = useMemo(
    () => aheadOf(planting, weather, today, found, dripL),
    [planting, weather, today, found, dripL],
  );
  if (planting.startDate > today)
    return <p>Planting is due {dayWords(planting.startDate, today)}; watering starts then.</p>;
  const { next, usableL, heldL, leastL, graceHours, from } = ahead;
  const share = heldL / usableL;
  const usesL = ahead.days[0] ? ahead.days[0].usedL + ahead.days[0].lackedL : null;
  const due = next !== null && next.on <= today;
  const each = planting.container.count > 1 ? ' each' : '';
  const often = next && next.times > 1 ? `, ${timesWords(next.times)} that day` : '';
  const probing = surround.tending.probes.includes(planting.id);
  const probe = async () => {
    const read = await simulatedProbe.read(planting.id, today, share);
    await logIt(
      { id: newEntryId(), of: planting.id, on: today, kind: 'probe', share: read },
      `The probe says ${Math.round(read * 100)}%`,
      { after: () => applyWaterLesson(planting.id, today) },
    );
  };
  return (
    <section aria-label="Water" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Water</h2>
      <Gauge share={share} least={leastL / usableL} label="Water in the mix" />
      <p className="text-[0.88rem] text-quiet">
        {formatVolume(heldL, units)} of {formatVolume(usableL, units)} of water that roots can use
        {from
          ? from.on === today && from.share === 1
            ? ', filled today.'
            : `, estimated from your entry of ${formatDay(from.on)}.`
          : ', assuming it was watered whenever it needed it.'}
      </p>
      <p className={due ? 'font-semibold' : ''}>
        {due && <Mark severity="watch" />}{' '}
        {next
          ? `Water ${dayWords(next.on, today)}: ${formatVolume(next.litres, units)}${each}${often}.`
          : 'No watering needed in the forecast.'}
      </p>
      {usesL !== null && (
        <p>
          On a day like this it uses {formatVolumeSpan(spanOfLitres(usesL), units)}
          {planting.drinksBy !== 1 &&
            `, ${learnedWords(planting.drinksBy, 'more', 'less', 'as much')} than first predicted`}
          .
        </p>
      )}
      {graceHours !== null && (
        <p>
          Once it needs water, it can wait about{' '}
          {graceHours < 48 ? `${Math.round(graceHours)} hours` : `${Math.round(graceHours / 24)} days`}.
        </p>
      )}
      <p>{awayWords(ahead, today)}</p>
      <Estimated weather={weather} today={today} />
      <p className="flex flex-wrap gap-2">
        <Button kind="deep" onClick={() => told(waterNow(planting, today))}>
          I’ve watered it
        </Button>
        {probing && <Button onClick={() => told(probe())}>Read the probe</Button>}
      </p>
      <details className="text-[0.9rem]">
        <summary className="cursor-pointer text-quiet pointer-coarse:py-2">Drip and probe</summary>
        <div className="flex flex-col items-start gap-2 pt-2">
          <NumberField
            label="Drip timer, litres each morning"
            value={dripL}
            min={0}
            max={200}
            onChange={(litres) => keepTending((now) => ({ drip: { ...now.drip, [planting.id]: litres } }))}
          />
          <label className="flex items-center gap-2 pointer-coarse:min-h-[44px]">
            <input
              type="checkbox"
              className="size-6 accent-glaze"
              checked={probing}
              onChange={(e) => {
                const on = e.target.checked;
                keepTending((now) => ({
                  probes: on
                    ? [...new Set([...now.probes, planting.id])]
                    : now.probes.filter((id) => id !== planting.id),
                }));
              }}
            />
            It has a moisture probe
          </label>
          <p className="text-quiet">This probe is simulated, in place of a real one.</p>
        </div>
      </details>
    </section>
  );
}

'use client';
import { useId, useState } from 'react';
import { climateFromDailyCsv } from '@/core/climate/daily-csv';
import { PROFILES } from '@/core/climate/profiles';
import { SUMMERS, type Summer } from '@/core/climate/summers';
import type { Spot } from '@/core/spots/schema';
import { buttonLook } from '@/ui/Button';
import { Choose } from '@/ui/Field';

const PLAIN = (['cool', 'warm', 'hot'] as Summer[]).map((s) => ({
  value: s as string,
  text: `summers ${SUMMERS[s].label.split(',')[0] ?? s}`,
}));

/** The weather of a place: plain summers, one of the shipped places, or read from daily records. */
export function ClimatePanel({
  spot,
  onChange,
}: {
  spot: Spot;
  onChange: (name: string, change: Partial<Spot>) => void;
}) {
  const id = useId();
  const [problems, setProblems] = useState<string[]>([]);
  const own = spot.climate && !PROFILES.some((p) => p.name === spot.climate?.name);
  const value = spot.climate
    ? own
      ? 'own'
      : (PROFILES.find((p) => p.name === spot.climate?.name)?.id ?? 'own')
    : spot.summer;
  const take = (v: string) => {
    const p = PROFILES.find((q) => q.id === v);
    if (p)
      onChange('Change the climate', {
        climate: { name: p.name, highC: [...p.highC], lowC: [...p.lowC], rainMm: [...p.rainMm] },
        lastFrost: p.lastFrost,
        firstFrost: p.firstFrost,
        coldestWinterC: p.coldestWinterC,
        ...(spot.light.kind === 'clock' ? { light: { ...spot.light, latitude: p.latitude } } : {}),
      });
    else if (v === 'cool' || v === 'warm' || v === 'hot') onChange('Change the climate', { climate: null, summer: v });
  };
  const read = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > 5_000_000)
      return setProblems([`${file.name} is larger than 5 MB. A few years of daily weather is enough.`]);
    const out = climateFromDailyCsv(await file.text());
    if (!out.ok) return setProblems(out.problems);
    setProblems([]);
    onChange('Import weather', {
      climate: { name: file.name.replace(/\.csv$/i, '').slice(0, 60) || 'Your weather data', ...out.climate },
      coldestWinterC: Math.max(-45, Math.min(15, out.coldestC)),
    });
  };
  return (
    <div className="flex flex-col gap-1.5">
      <Choose
        label="Climate"
        value={value}
        options={[
          ...PLAIN,
          ...PROFILES.map((p) => ({ value: p.id, text: p.name })),
          ...(own ? [{ value: 'own', text: spot.climate?.name ?? 'your weather data' }] : []),
        ]}
        onChange={take}
      />
      <div className="flex flex-wrap items-center gap-x-2 has-focus-visible:outline-2 has-focus-visible:outline-glaze">
        <label htmlFor={id} className={`${buttonLook('plain')} cursor-pointer`}>
          Import daily weather
        </label>
        <input
          id={id}
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => void read(e.target.files?.[0])}
        />
        <span className="text-[0.82rem] text-quiet">CSV: date, high_c, low_c, rain_mm</span>
      </div>
      {problems.length > 0 && (
        <div role="alert" className="text-[0.84rem] text-wrong">
          <p>Import failed. Nothing has changed.</p>
          <ul>
            {problems.map((p) => (
              <li key={p}>{p}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}

'use client';
import { useMemo, useState } from 'react';
import type { Swap } from '@/core/compose/changes/swaps';
import { whyNot } from '@/core/compose/filter';
import type { Report } from '@/core/balance/finding';
import { SEVERITY_WORDS } from '@/core/balance/severity';
import { referTo } from '@/core/plants';
import { plantName, type Plant } from '@/core/plants/schema';
import { STARTS } from '@/core/plants/starts';
import { plantIdOf, type Placed } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { Choose } from '@/ui/Field';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { Toggle } from '@/ui/Toggle';
import { checkOf } from '@/core/balance';
import { Failed } from '../shell/Failed';
import { useToday } from '../shell/diary';
import { point } from '../shell/pointing';
import { useAsk } from '../shell/useAsk';
import { weigh } from '../shell/workers';
import type { Known } from '../shell/known';
import { useWorkspace } from '../shell/store';
import { Died } from './Died';

/** One plant in hand: its start size, keep or take out, and what could stand in its place, judged. */
export function SwapPanel({
  planting,
  placed,
  report,
  known,
}: {
  planting: Planting;
  placed: Placed;
  report: Report;
  known: Known;
}) {
  const { mine, library } = known;
  const run = useWorkspace((s) => s.run);
  const [all, setAll] = useState(true);
  const [died, setDied] = useState(false);
  const today = useToday();
  const { plant } = placed;
  const same = planting.placements.filter((p) => plantIdOf(p) === plant.id);
  const asked = useAsk<Swap[]>(() => weigh(mine, (api) => api.swaps(planting, placed.id)), [planting, placed.id, mine]);
  const swaps = asked.value;
  const targets = all && same.length > 1 ? same.map((p) => p.id) : [placed.id];
  return (
    <div className="flex flex-col gap-2">
      <header className="hair flex items-start justify-between gap-2 pb-1.5">
        <div className="flex gap-2">
          <PlantGlyph plant={plant} size={34} />
          <div>
            <h2 className="leading-tight">{plantName(plant)}</h2>
            <p className="text-[0.84rem] italic text-quiet">{plant.botanical}</p>
          </div>
        </div>
        <Button kind="bare" onClick={() => point({ chosen: null, lit: null })}>
          Checks
        </Button>
      </header>
      <p className="text-[0.86rem] text-quiet">{plant.note}</p>
      <Choose
        label="Size to buy"
        value={placed.start}
        options={plant.starts
          .map((s) => ({ value: s.size, text: `${STARTS[s.size].label}, £${s.price.toFixed(2)}` }))
          .concat(
            plant.starts.some((s) => s.size === placed.start)
              ? []
              : [{ value: placed.start, text: STARTS[placed.start].label }],
          )}
        onChange={(start) => run(`Size to buy for ${plantName(plant)}`, { do: 'start', id: placed.id, start })}
      />
      <Toggle
        label="Keep it when you compose again"
        on={placed.locked ?? false}
        onChange={(locked) =>
          run(locked ? `Keep ${plantName(plant)}` : `Stop keeping ${plantName(plant)}`, {
            do: 'lock',
            id: placed.id,
            locked,
          })
        }
      />
      <div className="grid grid-flow-col gap-1.5">
        <Button
          className="justify-center!"
          onClick={() => {
            run(`Remove ${plantName(plant)}`, { do: 'remove', id: placed.id });
            point({ chosen: null });
          }}
        >
          Remove
        </Button>
        {planting.startDate <= today && (
          <Button className="justify-center!" aria-expanded={died} onClick={() => setDied(!died)}>
            It died
          </Button>
        )}
      </div>
      {died && <Died planting={planting} placed={placed} swaps={swaps ?? []} today={today} />}
      <section>
        <header className="hair flex items-baseline justify-between pb-1 pt-1">
          <h3 className="text-[0.93rem]">Swap it for</h3>
          <span className="text-[0.84rem] text-quiet">
            {swaps ? `${swaps.length} fit, best first` : asked.busy ? 'comparing…' : ''}
          </span>
        </header>
        {asked.error && <Failed what="Could not compare swaps." error={asked.error} again={asked.again} />}
        {same.length > 1 && <Toggle label={`Swap all ${same.length} of them`} on={all} onChange={setAll} />}
        <ul aria-label="Plants you could swap in">
          {(swaps ?? []).slice(0, 12).map((s) => {
            const p = s.plant;
            return (
              <li key={p.id} className="hair">
                <button
                  type="button"
                  className="grid w-full grid-cols-[32px_1fr_auto] items-center gap-x-2 py-1 text-left hover:bg-stream"
                  onClick={() =>
                    run(
                      `Replace ${plantName(plant)} with ${plantName(p)}`,
                      ...targets.map((id) => ({ do: 'swap' as const, id, plant: referTo(p), start: s.start })),
                    )
                  }
                >
                  <PlantGlyph plant={p} size={26} />
                  <span className="min-w-0">
                    <span className="block text-[0.9rem] leading-tight">{plantName(p)}</span>
                    <span className="block text-[0.8rem] leading-tight text-quiet">{changesOf(report, s.report)}</span>
                  </span>
                  <span className={`text-[0.86rem] ${s.change > 0 ? 'font-semibold text-glaze' : 'text-quiet'}`}>
                    {s.change > 0 ? '+' : s.change < 0 ? '−' : '±'}
                    {Math.abs(s.change).toFixed(1)}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        {swaps?.length === 0 && (
          <p className="py-2 text-[0.88rem]">
            Nothing else in the library fits here. Change the spot or choose a bigger container.
          </p>
        )}
        <WhyNot planting={planting} placed={placed} library={library} />
      </section>
    </div>
  );
}

/** Checks that change severity, or that nothing does. */
function changesOf(now: Report, then: Report): string {
  const moved = then.findings.flatMap((f) => {
    const was = now.findings.find((g) => g.check === f.check);
    return was && was.severity !== f.severity
      ? [`${checkOf(f.check).name} ${SEVERITY_WORDS[was.severity]} to ${SEVERITY_WORDS[f.severity]}`]
      : [];
  });
  return moved.length > 0 ? moved.slice(0, 3).join(', ') : 'no checks change';
}

/** Why not any other plant of this role: each has its rule and its numbers. */
function WhyNot({ planting, placed, library }: { planting: Planting; placed: Placed; library: readonly Plant[] }) {
  const refused = useMemo(
    () =>
      library
        .filter((p) => p.roles.includes(placed.role))
        .flatMap((p) => {
          const why = whyNot(p, planting)[0];
          return why ? [{ p, why }] : [];
        }),
    [planting, placed.role, library],
  );
  if (refused.length === 0) return null;
  return (
    <details className="pt-2 text-[0.86rem]">
      <summary className="cursor-pointer text-quiet">Why are {refused.length} others ruled out?</summary>
      <ul className="pt-1">
        {refused.slice(0, 120).map(({ p, why }) => (
          <li key={p.id} className="hair py-1">
            <span className="font-semibold">{plantName(p)}.</span> {why.why}
          </li>
        ))}
      </ul>
    </details>
  );
}

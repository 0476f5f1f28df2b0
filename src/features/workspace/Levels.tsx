'use client';
import { useEffect, useState } from 'react';
import { BANDS } from '@/core/balance/bands';
import { LEVELS, type Finding, type Remedy, type Report } from '@/core/balance/finding';
import type { Mine } from '@/core/stock/shelf';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { Level } from '@/ui/Level';
import { Mark } from '@/ui/Mark';
import { along, bandOf, CHECK_NAME, ENDS, figureOf } from '../shell/figures';
import { weighWorker } from '../shell/workers';
import { useWorkspace } from '../shell/store';
import { useUnits } from '../shell/units';

/** Remedies for what is not good, weighed in the background after each change. */
function useRemedies(planting: Planting, report: Report, mine: Mine): Map<string, Remedy[]> {
  const [found, setFound] = useState<{ planting: Planting; map: Map<string, Remedy[]> } | null>(null);
  const idle = report.findings.every((f) => f.severity === 'good');
  useEffect(() => {
    if (idle) return;
    let stale = false;
    void weighWorker(mine)
      .remedies(planting)
      .then((r) => !stale && setFound({ planting, map: new Map(r.findings.map((f) => [f.check, f.remedies])) }));
    return () => {
      stale = true;
    };
  }, [planting, idle, mine]);
  return found?.planting === planting ? found.map : new Map<string, Remedy[]>();
}

/** The instruments: five levels, then everything else that is judged, what is not good first. */
export function Levels({ planting, report, mine }: { planting: Planting; report: Report; mine: Mine }) {
  const remedies = useRemedies(planting, report, mine);
  const weighed = useWorkspace((s) => s.weighed);
  const levels = LEVELS.flatMap((id) => report.findings.filter((f) => f.check === id));
  const rest = report.findings
    .filter((f) => !(LEVELS as readonly string[]).includes(f.check))
    .sort((a, b) => rank(b) - rank(a));
  const troubled = rest.filter((f) => f.severity !== 'good');
  const fine = rest.filter((f) => f.severity === 'good');
  return (
    <div className="flex flex-col">
      <header className="hair flex items-baseline justify-between pb-1.5">
        <h2 className="text-[0.95rem]">Levels in week {report.week}</h2>
        <span className="text-[0.88rem] text-quiet">{BANDS[planting.brief.school].label.toLowerCase()}</span>
      </header>
      <ul>
        {levels.map((f) => (
          <LevelRow
            key={f.check}
            finding={f}
            ghost={weighed?.effects.find((e) => e.check === f.check)?.after ?? null}
            remedies={remedies.get(f.check) ?? []}
          />
        ))}
      </ul>
      {troubled.length > 0 && (
        <ul>
          {troubled.map((f) => (
            <CheckRow key={f.check} finding={f} remedies={remedies.get(f.check) ?? []} />
          ))}
        </ul>
      )}
      <details className="pt-2 text-[0.88rem]">
        <summary className="cursor-pointer text-quiet">
          <span className="ml-1">{fine.length} other checks are good</span>
        </summary>
        <ul className="pt-1">
          {fine.map((f) => (
            <CheckRow key={f.check} finding={f} remedies={[]} />
          ))}
        </ul>
      </details>
    </div>
  );
}

const rank = (f: Finding): number => ({ good: 0, watch: 1, wrong: 2 })[f.severity];

function LevelRow({ finding: f, ghost, remedies }: { finding: Finding; ghost: number | null; remedies: Remedy[] }) {
  const show = useWorkspace((s) => s.show);
  const units = useUnits((u) => u.units);
  const [low, high] = ENDS[f.check] ?? ['', ''];
  return (
    <li className="py-1.5" onPointerEnter={() => show({ lit: f.culprits })} onPointerLeave={() => show({ lit: null })}>
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-[0.95rem]">
          <span className="mr-1.5">{CHECK_NAME[f.check]}</span>
          {f.severity !== 'good' && <Mark severity={f.severity} />}
        </h3>
        <span className="text-[0.84rem] text-quiet">{figureOf(f, units)}</span>
      </div>
      <Level
        name={CHECK_NAME[f.check]}
        severity={f.severity}
        at={along(f.measured, f.scale)}
        ghost={ghost === null ? null : along(ghost, f.scale)}
        band={[along(f.band[0], f.scale), along(f.band[1], f.scale)]}
        value={figureOf(f, units)}
        low={low}
        high={high}
        text={f.message}
      />
      <Why finding={f} />
      <Remedies list={remedies} />
    </li>
  );
}

function CheckRow({ finding: f, remedies }: { finding: Finding; remedies: Remedy[] }) {
  const show = useWorkspace((s) => s.show);
  const units = useUnits((u) => u.units);
  return (
    <li
      className="border-t border-line py-1.5"
      onPointerEnter={() => f.severity !== 'good' && show({ lit: f.culprits })}
      onPointerLeave={() => show({ lit: null })}
    >
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-[0.92rem]">
          <Mark severity={f.severity} /> <span className="ml-1">{CHECK_NAME[f.check]}</span>
        </h3>
        <span className="text-[0.84rem] text-quiet">{figureOf(f, units)}</span>
      </div>
      <Why finding={f} />
      <Remedies list={remedies} />
    </li>
  );
}

/** The sentence; opened, the numbers, the rule and whose it is. */
function Why({ finding: f }: { finding: Finding }) {
  const units = useUnits((u) => u.units);
  const band = bandOf(f, units);
  return (
    <details className="group text-[0.86rem] leading-snug">
      <summary className="cursor-pointer list-none text-quiet group-open:text-ink hover:text-ink">{f.message}</summary>
      <p className="border-l-2 border-line pl-2 pt-0.5 text-[0.82rem] text-quiet">
        {f.rule}. {band && `Band: ${band}. `}From {f.source}.
      </p>
    </details>
  );
}

function Remedies({ list }: { list: Remedy[] }) {
  const { run, show, weighed } = useWorkspace();
  if (list.length === 0) return null;
  return (
    <ul className="flex flex-col items-start gap-1 pt-1">
      {list.slice(0, 2).map((r) => {
        const on = weighed === r;
        return (
          <li key={r.label} className="w-full">
            <Button
              className="w-full justify-between text-[0.86rem]! min-h-8!"
              onPointerEnter={() => show({ weighed: r })}
              onPointerLeave={() => show({ weighed: null })}
              onFocus={() => show({ weighed: r })}
              onBlur={() => show({ weighed: null })}
              onClick={() => run(r.label, ...r.commands)}
            >
              <span>{r.label}</span>
              <span className="whitespace-nowrap text-quiet">
                {r.scoreChange > 0 ? '+' : r.scoreChange < 0 ? '−' : '±'}
                {Math.abs(r.scoreChange).toFixed(1)}
              </span>
            </Button>
            <p className={on ? 'pt-0.5 text-[0.8rem] text-quiet' : 'sr-only'}>{effectsOf(r)}</p>
          </li>
        );
      })}
    </ul>
  );
}

/** What pressing would do to the rest, in words. */
function effectsOf(r: Remedy): string {
  const told = r.effects.map(
    (e) =>
      `${CHECK_NAME[e.check]} ${e.from === e.to ? `stays ${e.to}` : `${e.from} to ${e.to}`}, ${figureOf({ check: e.check, measured: e.after, unit: '' })}`,
  );
  return told.length > 0 ? told.join('; ') : 'Nothing else moves.';
}

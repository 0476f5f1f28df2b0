'use client';
import { checkOf, isLevel, LEVELS } from '@/core/balance';
import { bandOf, type Finding, figureOf, type Remedy, type Report } from '@/core/balance/finding';
import { RANK, SEVERITY_WORDS } from '@/core/balance/severity';
import { schoolOf } from '@/core/schools';
import type { Mine } from '@/core/stock/shelf';
import type { Planting } from '@/core/plantings/schema';
import { addDays, daysBetween, formatDay } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { Level } from '@/ui/Level';
import { Mark } from '@/ui/Mark';
import { along } from '@/ui/along';
import { useExplained } from './explained';
import { Failed } from '../shell/Failed';
import { point, usePointing } from '../shell/pointing';
import { useWorkspace } from '../shell/store';
import { type Answer, useAsk } from '../shell/useAsk';
import { weigh } from '../shell/workers';
import { useUnits } from '../shell/units';

/** Remedies for what is not good, weighed in the background after each change. */
function useRemedies(planting: Planting, report: Report, mine: Mine): Answer<Map<string, Remedy[]>> {
  const idle = report.findings.every((f) => f.severity === 'good');
  const ask = async () => {
    const { findings } = await weigh(mine, (api) => api.remedies(planting));
    return new Map<string, Remedy[]>(findings.map((f) => [f.check, f.remedies]));
  };
  return useAsk(idle ? null : ask, [planting, mine]);
}

/** Whether it is judged in the week it is to be at its best in. */
const judgedAtBest = ({ startDate, brief }: Planting, { week }: Report): boolean =>
  brief.bestOn !== null && Math.floor(daysBetween(startDate, brief.bestOn) / 7) === week;

/** The instruments: five levels, then everything else that is judged, what is not good first. */
export function Levels({ planting, report, mine }: { planting: Planting; report: Report; mine: Mine }) {
  const asked = useRemedies(planting, report, mine);
  const remedies = asked.value ?? new Map<string, Remedy[]>();
  const weighed = usePointing((p) => p.weighed);
  const { explained, explain } = useExplained();
  const levels = LEVELS.flatMap((id) => report.findings.filter((f) => f.check === id));
  const rest = report.findings.filter((f) => !isLevel(f.check)).sort((a, b) => RANK[b.severity] - RANK[a.severity]);
  const troubled = rest.filter((f) => f.severity !== 'good');
  const fine = rest.filter((f) => f.severity === 'good');
  return (
    <div className="flex flex-col">
      <header className="hair flex items-baseline justify-between pb-1.5">
        <h2 className="text-[0.95rem]">Checks</h2>
        <span className="text-[0.88rem] text-quiet">{schoolOf(planting.brief).label.toLowerCase()}</span>
      </header>
      <p className="pt-1.5 text-[0.84rem] leading-snug text-quiet">
        As it will look on {formatDay(addDays(planting.startDate, report.week * 7))}, week {report.week}:{' '}
        {judgedAtBest(planting, report) ? 'when it should be at its best' : 'grown in, two thirds through the season'}.
      </p>
      <div>
        <Button kind="bare" className="px-0! text-[0.84rem]!" aria-expanded={explained} onClick={explain}>
          {explained ? 'Hide what each one looks for' : 'What each one looks for'}
        </Button>
      </div>
      {asked.error && <Failed what="Could not work out remedies." error={asked.error} again={asked.again} />}
      <ul>
        {levels.map((f) => (
          <LevelRow
            key={f.check}
            finding={f}
            explained={explained}
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
          <span className="ml-1">{fine.length} other checks are fine</span>
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

function LevelRow({
  finding: f,
  explained,
  ghost,
  remedies,
}: {
  finding: Finding;
  explained: boolean;
  ghost: number | null;
  remedies: Remedy[];
}) {
  const units = useUnits((u) => u.units);
  const { name, ends: [low, high] = ['', ''] } = checkOf(f.check);
  return (
    <li
      className="py-1.5"
      onPointerEnter={() => point({ lit: f.culprits })}
      onPointerLeave={() => point({ lit: null })}
    >
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-[0.95rem]">
          <span className="mr-1.5">{name}</span>
          {f.severity !== 'good' && <Mark severity={f.severity} />}
        </h3>
        <span className="text-[0.84rem] text-quiet">{figureOf(f, units)}</span>
      </div>
      <Level
        name={name}
        severity={f.severity}
        at={along(f.measured, f.scale)}
        ghost={ghost === null ? null : along(ghost, f.scale)}
        band={[along(f.band[0], f.scale), along(f.band[1], f.scale)]}
        value={figureOf(f, units)}
        low={low}
        high={high}
        text={f.message}
      />
      {explained && <p className="text-[0.84rem] leading-snug">{f.rule}.</p>}
      <Why finding={f} />
      <Remedies list={remedies} />
    </li>
  );
}

function CheckRow({ finding: f, remedies }: { finding: Finding; remedies: Remedy[] }) {
  const units = useUnits((u) => u.units);
  return (
    <li
      className="border-t border-line py-1.5"
      onPointerEnter={() => f.severity !== 'good' && point({ lit: f.culprits })}
      onPointerLeave={() => point({ lit: null })}
    >
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-[0.92rem]">
          <Mark severity={f.severity} /> <span className="ml-1">{checkOf(f.check).name}</span>
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
        {f.rule}. {band && `Target: ${band}. `}Source: {f.source}.
      </p>
    </details>
  );
}

function Remedies({ list }: { list: Remedy[] }) {
  const run = useWorkspace((s) => s.run);
  const weighed = usePointing((p) => p.weighed);
  if (list.length === 0) return null;
  return (
    <ul className="flex flex-col items-start gap-1 pt-1">
      {list.slice(0, 2).map((r) => {
        const on = weighed === r;
        return (
          <li key={r.label} className="w-full">
            <Button
              className="w-full justify-between text-[0.86rem]! min-h-8!"
              onPointerEnter={() => point({ weighed: r })}
              onPointerLeave={() => point({ weighed: null })}
              onFocus={() => point({ weighed: r })}
              onBlur={() => point({ weighed: null })}
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
      `${checkOf(e.check).name} ${e.from === e.to ? `stays ${SEVERITY_WORDS[e.to]}` : `${SEVERITY_WORDS[e.from]} to ${SEVERITY_WORDS[e.to]}`}, ${figureOf({ check: e.check, measured: e.after, unit: '' })}`,
  );
  return told.length > 0 ? told.join('; ') : 'No other checks change.';
}

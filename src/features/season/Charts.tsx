'use client';
import { csvOf } from '@/core/formats/csv';
import { useMemo, useState } from 'react';
import {
  type ChartFigures as Figures,
  coverByWeek,
  flowerByMonth,
  heightsByWeek,
  lightKept,
} from '@/core/growth/series';
import type { Season } from '@/core/growth/grown';
import type { Container } from '@/core/containers/schema';
import { MONTH_NAMES } from '@/core/units/date';
import { formatLength, formatLengthSpan, type UnitSystem } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { Chart } from '@/ui/Chart';
import { Choose } from '@/ui/Field';
import type { StationProps } from '../shell/panels';
import { download, fileName } from '../shell/download';

interface Sheet {
  label: string;
  about: string;
  kind: 'line' | 'bar';
  along: string;
  of: (season: Season, container: Container) => Figures;
  written: (units: UnitSystem) => (value: number) => string;
}

const percent = () => (v: number) => `${Math.round(v * 100)}%`;

/** The charts there are. */
const SHEETS = {
  height: {
    label: 'Height',
    about: 'above the soil, by week',
    kind: 'line',
    along: 'week',
    of: heightsByWeek,
    written: (units) => (v) => formatLength(v, units),
  },
  light: {
    label: 'Light received',
    about: 'as a share of what each needs, by week',
    kind: 'line',
    along: 'week',
    of: lightKept,
    written: percent,
  },
  flower: {
    label: 'Flower',
    about: 'as a share of what you see, by month',
    kind: 'bar',
    along: 'month',
    of: flowerByMonth,
    written: percent,
  },
  cover: {
    label: 'Cover',
    about: 'soil covered by leaves, by week',
    kind: 'line',
    along: 'week',
    of: coverByWeek,
    written: percent,
  },
} satisfies Record<string, Sheet>;
type SheetId = keyof typeof SHEETS;
const SHEET_IDS = Object.keys(SHEETS) as SheetId[];

/** “2026-07” as July. */
const stepName = (step: string): string => MONTH_NAMES[Number(step.slice(5)) - 1] ?? step;

/** Plain charts of the season, each with its table and a file of its figures. */
export function Charts({ planting, season, week, units }: StationProps) {
  const [id, setId] = useState<SheetId>('height');
  const sheet: Sheet = SHEETS[id];
  const figures = useMemo(() => sheet.of(season, planting.container), [sheet, season, planting.container]);
  const written = useMemo(() => sheet.written(units), [sheet, units]);
  const steps = useMemo(
    () => (sheet.along === 'month' ? figures.steps.map(stepName) : figures.steps),
    [figures, sheet.along],
  );
  const csv = () =>
    download(
      fileName(planting.name, `${id}.csv`),
      csvOf(
        [sheet.along, ...figures.series.map((s) => s.name)],
        figures.steps.map((step, k) => [step, ...figures.series.map((s) => s.values[k] ?? '')]),
      ),
      'text/csv',
    );
  return (
    <section aria-label="Charts" className="flex flex-col gap-2">
      <Choose
        label="Chart"
        value={id}
        options={SHEET_IDS.map((value) => ({ value, text: `${SHEETS[value].label}, ${SHEETS[value].about}` }))}
        onChange={setId}
      />
      <Chart
        label={`${sheet.label} ${sheet.about}; the figures are in the table under it`}
        steps={steps}
        lines={figures.series}
        kind={sheet.kind}
        written={written}
        along={sheet.along}
        at={sheet.along === 'week' ? week : undefined}
      />
      <ul className="flex flex-wrap gap-x-3 gap-y-1 text-[0.86rem]">
        {figures.series.map((s) => (
          <li key={s.id} className="flex items-center gap-1.5">
            <span aria-hidden className="inline-block h-2.5 w-4 border border-ink/30" style={{ background: s.hex }} />
            {s.name}
          </li>
        ))}
      </ul>
      <details className="text-[0.86rem]">
        <summary className="cursor-pointer text-quiet">
          <span className="ml-1">Show as a table</span>
        </summary>
        <div className="max-h-64 overflow-auto" tabIndex={0} role="region" aria-label={`${sheet.label}, table`}>
          <table className="w-full border-collapse tabular-nums">
            <thead>
              <tr>
                <th scope="col" className="text-left font-normal text-quiet">
                  {sheet.along}
                </th>
                {figures.series.map((s) => (
                  <th key={s.id} scope="col" className="px-1 text-right font-normal text-quiet">
                    {s.name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {steps.map((step, k) => (
                <tr key={step} className="border-t border-line">
                  <th scope="row" className="text-left font-normal">
                    {step}
                  </th>
                  {figures.series.map((s) => (
                    <td key={s.id} className="px-1 text-right">
                      {s.spans?.[k]
                        ? formatLengthSpan(s.spans[k], units)
                        : s.values[k] === null || s.values[k] === undefined
                          ? '–'
                          : written(s.values[k])}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
      <Button kind="bare" className="self-start" onClick={csv}>
        Save as CSV
      </Button>
    </section>
  );
}

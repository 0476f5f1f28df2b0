'use client';
import { useMemo } from 'react';
import { faresIn } from '@/core/growth/fares';
import type { YearId } from '@/core/growth/years';
import { Mark } from '@/ui/Mark';
import type { StationProps } from '../shell/panels';

function said(against: number): string {
  const by = Math.round((against - 1) * 100);
  return by === 0 ? 'as usual' : by > 0 ? `${by}% more` : `${-by}% less`;
}

/** Who carries another year, and who does not. */
export function Fares({ planting, year }: Pick<StationProps, 'planting'> & { year: YearId }) {
  const fares = useMemo(() => faresIn(planting, year), [planting, year]);
  return (
    <ul className="self-stretch">
      {fares.map((f) => (
        <li key={f.id} className="flex justify-between gap-2">
          <span>
            {f.lost && <Mark severity="wrong" />} {f.name}
          </span>
          <span className="whitespace-nowrap text-quiet">{f.lost ? 'does not survive' : said(f.against)}</span>
        </li>
      ))}
    </ul>
  );
}

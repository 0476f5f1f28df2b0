'use client';
import { MONTH_NAMES } from '@/core/units/date';
import { Several } from './Segments';

/** The months of the year by their first letters, to be pressed. 1 is January. */
export function Months({
  label,
  months,
  onChange,
}: {
  label: string;
  months: readonly number[];
  onChange: (months: number[]) => void;
}) {
  return (
    <Several
      label={label}
      values={months.map(String)}
      options={MONTH_NAMES.map((name, i) => ({ value: String(i + 1), text: name.slice(0, 1), full: name }))}
      onChange={(v) => onChange(v.map(Number).sort((a, b) => a - b))}
    />
  );
}

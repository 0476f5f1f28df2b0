'use client';
import { useId, type ReactNode } from 'react';
import { FIRST_YEAR, isDay, LAST_YEAR } from '@/core/units/date';
import { formatLength, parseLength, parseOffset, type UnitSystem } from '@/core/units/length';
import { type Understood, useTyped } from './useTyped';

/** A label over a control. */
export function Field({
  label,
  children,
  hint,
  id,
}: {
  label: string;
  children: ReactNode;
  hint?: string;
  id?: string;
}) {
  return (
    <div className="flex flex-col gap-1 min-w-0">
      <label htmlFor={id} className="label">
        {label}
      </label>
      {children}
      {hint && <p className="text-[0.82rem] text-quiet">{hint}</p>}
    </div>
  );
}

interface Typed<T> {
  label: string;
  /** Shown while nothing is typed. */
  hint?: string;
  shown: string;
  read: (text: string) => Understood<T>;
  onChange: (value: T) => void;
  inputMode?: 'decimal' | 'text';
  type?: 'text' | 'date';
}

/** A field of text that is understood when it is left. */
export function TypedField<T>({ label, hint, shown, read, onChange, inputMode, type = 'text' }: Typed<T>) {
  const { field, problem, said } = useTyped({ name: label, shown, read, keep: onChange });
  return (
    <Field label={label} id={field.id}>
      <input
        {...field}
        type={type}
        className="field w-full"
        placeholder={hint}
        inputMode={inputMode}
        autoComplete="off"
      />
      {(problem ?? said) && (
        <p
          id={`${field.id}-e`}
          role={problem ? 'alert' : 'status'}
          className={`text-[0.82rem] ${problem ? 'text-wrong' : 'text-quiet'}`}
        >
          {problem ?? said}
        </p>
      )}
    </Field>
  );
}

/** A value inside its ends, with what is said when it was outside. */
function within(value: number, min: number, max: number, written: (n: number) => string): Understood<number> {
  if (value < min) return { ok: true, value: min, said: `Minimum ${written(min)}.` };
  if (value > max) return { ok: true, value: max, said: `Maximum ${written(max)}.` };
  return { ok: true, value };
}

/** A length in any unit a gardener writes. */
export function LengthField({
  label,
  mm,
  units,
  min,
  max,
  onChange,
}: {
  label: string;
  mm: number;
  units: UnitSystem;
  min: number;
  max: number;
  onChange: (mm: number) => void;
}) {
  const read = (t: string): Understood<number> => {
    const v = min < 0 ? parseOffset(t, units) : parseLength(t, units);
    if (v === null) return { ok: false, say: 'Enter a length, such as 35 cm, 14 in or 1\' 2".' };
    return within(Math.round(v), min, max, (n) => formatLength(n, units));
  };
  return <TypedField label={label} shown={formatLength(mm, units)} read={read} onChange={onChange} />;
}

interface Numbered {
  label: string;
  min: number;
  max: number;
}

const numberIn = (t: string): number => Number(t.replace('−', '-').replace(',', '.'));

/** A plain number with its unit in the label. */
export function NumberField({
  label,
  value,
  min,
  max,
  whole = false,
  onChange,
}: Numbered & { value: number; whole?: boolean; onChange: (n: number) => void }) {
  const read = (t: string): Understood<number> => {
    const n = t.trim() === '' ? NaN : numberIn(t);
    if (!Number.isFinite(n)) return { ok: false, say: `Enter a number from ${min} to ${max}.` };
    if (whole && !Number.isInteger(n)) return { ok: false, say: `Enter a whole number from ${min} to ${max}.` };
    return within(n, min, max, String);
  };
  return <TypedField label={label} inputMode="decimal" shown={String(value)} read={read} onChange={onChange} />;
}

/** A plain number that may be left empty. */
export function OptionalNumberField({
  label,
  value,
  min,
  max,
  onChange,
}: Numbered & { value: number | null; onChange: (n: number | null) => void }) {
  const read = (t: string): Understood<number | null> => {
    if (t.trim() === '') return { ok: true, value: null };
    const n = numberIn(t);
    if (!Number.isFinite(n)) return { ok: false, say: `Enter a number from ${min} to ${max}, or leave it empty.` };
    return within(n, min, max, String);
  };
  return (
    <TypedField
      label={label}
      inputMode="decimal"
      shown={value === null ? '' : String(value)}
      read={read}
      onChange={onChange}
    />
  );
}

/** A line of text; it must not be empty unless it is optional. */
export function TextField({
  label,
  value,
  max,
  optional = false,
  onChange,
}: {
  label: string;
  value: string;
  max: number;
  optional?: boolean;
  onChange: (text: string) => void;
}) {
  const read = (t: string): Understood<string> => {
    const text = t.trim();
    if (!optional && text.length === 0) return { ok: false, say: 'Enter a name.' };
    return text.length <= max ? { ok: true, value: text } : { ok: false, say: `Use at most ${max} characters.` };
  };
  return <TypedField label={label} shown={value} read={read} onChange={onChange} />;
}

/** A day of the calendar, kept when it is whole and makes sense. */
export function DateField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (iso: string) => void;
}) {
  const read = (t: string): Understood<string> =>
    isDay(t) ? { ok: true, value: t } : { ok: false, say: `Choose a date between ${FIRST_YEAR} and ${LAST_YEAR}.` };
  return <TypedField label={label} type="date" shown={value} read={read} onChange={onChange} />;
}

/** A day that may be left open: emptied, it is none. */
export function OptionalDateField({
  label,
  value,
  after,
  onChange,
}: {
  label: string;
  value: string | null;
  /** It lies after this day. */
  after: string;
  onChange: (iso: string | null) => void;
}) {
  const read = (t: string): Understood<string | null> => {
    if (t === '') return { ok: true, value: null };
    return isDay(t) && t > after ? { ok: true, value: t } : { ok: false, say: 'Choose a date after planting.' };
  };
  return <TypedField label={label} type="date" shown={value ?? ''} read={read} onChange={onChange} />;
}

/** A choice from a short list. */
export function Choose<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly { value: T; text: string }[];
  onChange: (value: T) => void;
}) {
  const id = useId();
  return (
    <Field label={label} id={id}>
      <select id={id} className="field w-full" value={value} onChange={(e) => onChange(e.target.value as T)}>
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.text}
          </option>
        ))}
      </select>
    </Field>
  );
}

export function ColourField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (hex: string) => void;
}) {
  const id = useId();
  return (
    <Field label={label} id={id}>
      <input
        id={id}
        type="color"
        className="h-[2.1rem] w-full rounded-[3px] border border-line bg-paper p-0.5"
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </Field>
  );
}

'use client';
import { useId, useState, type ReactNode } from 'react';
import { formatLength, parseLength, type UnitSystem } from '@/core/units/length';

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

/** A field of text that is read as it is typed. */
interface Typed {
  label: string;
  /** Shown while nothing is typed. */
  hint?: string;
  text: string;
  /** The value, or null with what to do about it. */
  read: (text: string) => { ok: true } | { ok: false; say: string };
  onEnd: () => void;
  onType: (text: string) => void;
  inputMode?: 'decimal' | 'text';
}

export function TypedField({ label, hint, text, read, onEnd, onType, inputMode = 'text' }: Typed) {
  const id = useId();
  const r = read(text);
  return (
    <Field label={label} id={id}>
      <input
        id={id}
        className="field w-full"
        value={text}
        placeholder={hint}
        inputMode={inputMode}
        autoComplete="off"
        aria-invalid={!r.ok}
        aria-describedby={r.ok ? undefined : `${id}-e`}
        onChange={(e) => onType(e.target.value)}
        onBlur={onEnd}
        onKeyDown={(e) => e.key === 'Enter' && onEnd()}
      />
      {!r.ok && (
        <p id={`${id}-e`} role="alert" className="text-[0.82rem] text-wrong">
          {r.say}
        </p>
      )}
    </Field>
  );
}

/** A length in any unit a gardener writes; the change is told as soon as it can be read. */
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
  const [text, setText] = useState<string | null>(null);
  const read = (t: string) => {
    const v = parseLength(t, units);
    if (v === null) return { ok: false as const, say: 'Write a length, such as 35 cm, 14 in or 1\' 2".' };
    if (v < min || v > max)
      return { ok: false as const, say: `From ${formatLength(min, units)} to ${formatLength(max, units)}.` };
    return { ok: true as const };
  };
  return (
    <TypedField
      label={label}
      text={text ?? formatLength(mm, units)}
      read={read}
      onType={(t) => {
        setText(t);
        const v = parseLength(t, units);
        if (v !== null && v >= min && v <= max && Math.abs(v - mm) > 0.5) onChange(Math.round(v));
      }}
      onEnd={() => text !== null && read(text).ok && setText(null)}
    />
  );
}

/** A plain number with its unit in the label. Empty gives null where that is allowed. */
export function NumberField({
  label,
  value,
  min,
  max,
  optional = false,
  onChange,
}: {
  label: string;
  value: number | null;
  min: number;
  max: number;
  optional?: boolean;
  onChange: (n: number | null) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const toNumber = (t: string) => (t.trim() === '' ? null : Number(t.replace('−', '-').replace(',', '.')));
  const read = (t: string) => {
    const n = toNumber(t);
    if (n === null) return optional ? { ok: true as const } : { ok: false as const, say: 'Write a number.' };
    return Number.isFinite(n) && n >= min && n <= max
      ? { ok: true as const }
      : { ok: false as const, say: `A number from ${min} to ${max}.` };
  };
  return (
    <TypedField
      label={label}
      inputMode="decimal"
      text={text ?? (value === null ? '' : String(value))}
      read={read}
      onType={(t) => {
        setText(t);
        if (read(t).ok && toNumber(t) !== value) onChange(toNumber(t));
      }}
      onEnd={() => text !== null && read(text).ok && setText(null)}
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
  const [text, setText] = useState<string | null>(null);
  const read = (t: string) =>
    (optional || t.trim().length > 0) && t.length <= max
      ? { ok: true as const }
      : { ok: false as const, say: t.trim() ? `At most ${max} letters.` : 'It needs a name.' };
  return (
    <TypedField
      label={label}
      text={text ?? value}
      read={read}
      onType={setText}
      onEnd={() => {
        if (text !== null && read(text).ok) {
          if (text.trim() !== value) onChange(text.trim());
          setText(null);
        }
      }}
    />
  );
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

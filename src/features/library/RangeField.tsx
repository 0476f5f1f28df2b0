'use client';
import { useState } from 'react';
import { CellError, range } from '@/core/formats/cells';
import { lengthNumber, lengthUnit, type UnitSystem } from '@/core/units/length';
import { TypedField } from '@/ui/Field';

/** From and to in one line, as a tag has it: “30–45 cm”, “12 to 18 in”. */
export function RangeField({
  label,
  value,
  units,
  onChange,
}: {
  label: string;
  value: readonly [number, number];
  units: UnitSystem;
  onChange: (range: [number, number]) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const read = (t: string): { ok: true; range: [number, number] } | { ok: false; say: string } => {
    try {
      return { ok: true, range: range(t, units) };
    } catch (e) {
      if (e instanceof CellError) return { ok: false, say: `${e.message}.` };
      throw e;
    }
  };
  return (
    <TypedField
      label={label}
      text={text ?? `${lengthNumber(value[0], units)}–${lengthNumber(value[1], units)} ${lengthUnit(units)}`}
      read={read}
      onType={(t) => {
        setText(t);
        const r = read(t);
        if (r.ok) onChange(r.range);
      }}
      onEnd={() => text !== null && read(text).ok && setText(null)}
    />
  );
}

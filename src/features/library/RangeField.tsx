'use client';
import { CellError, range } from '@/core/formats/cells';
import { lengthNumber, lengthUnit, type UnitSystem } from '@/core/units/length';
import { TypedField } from '@/ui/Field';
import type { Understood } from '@/ui/useTyped';

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
  const read = (t: string): Understood<[number, number]> => {
    try {
      return { ok: true, value: range(t, units) };
    } catch (e) {
      if (e instanceof CellError) return { ok: false, say: `${e.message}.` };
      throw e;
    }
  };
  const shown = `${lengthNumber(value[0], units)}–${lengthNumber(value[1], units)} ${lengthUnit(units)}`;
  return <TypedField label={label} shown={shown} read={read} onChange={onChange} />;
}

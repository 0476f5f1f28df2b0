'use client';
import type { Spot } from '@/core/spots/schema';
import { MONTH_NAMES } from '@/core/units/date';
import { ColourField } from '@/ui/Field';
import { Months } from '@/ui/Months';
import { Toggle } from '@/ui/Toggle';

/** A fruit tree's blossom, to begin with. */
const BLOSSOM = { colour: '#f1dfe6', months: [4, 5] };

/**
 * A tree or climber behind the container that flowers for a part of the year: what blooms then must stand
 * clear of it.
 */
export function BackdropBloom({
  bloom,
  onChange,
}: {
  bloom: Spot['backdropBloom'];
  onChange: (bloom: Spot['backdropBloom']) => void;
}) {
  return (
    <div className="flex flex-col gap-2">
      <Toggle label="A plant behind it flowers" on={bloom !== null} onChange={(on) => onChange(on ? BLOSSOM : null)} />
      {bloom && (
        <div className="grid grid-cols-[1fr_3.6rem] items-end gap-2">
          <Months label="In flower" months={bloom.months} onChange={(months) => onChange({ ...bloom, months })} />
          <ColourField label="Blossom" value={bloom.colour} onChange={(colour) => onChange({ ...bloom, colour })} />
        </div>
      )}
      {bloom && bloom.months.length === 0 && (
        <p className="text-[0.84rem] text-quiet">
          Select the months it flowers: {MONTH_NAMES[3]} and {MONTH_NAMES[4]} for most fruit trees in the northern
          hemisphere.
        </p>
      )}
    </div>
  );
}

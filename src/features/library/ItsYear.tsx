'use client';
import { factsOf } from '@/core/plants/facts';
import type { Plant } from '@/core/plants/schema';
import { DisplaySchema, type Facts } from '@/core/plants/traits';
import type { Tag } from '@/core/plants/tag';
import { MONTH_NAMES } from '@/core/units/date';
import { Choose, ColourField, NumberField } from '@/ui/Field';
import { Months } from '@/ui/Months';
import { sentence } from '@/ui/words';

interface Props {
  plant: Plant;
  set: (change: Partial<Tag>) => void;
}

type Display = NonNullable<Facts['display']>;
const NOTHING = 'nothing';
const AFTER = ([NOTHING, ...DisplaySchema.shape.what.options] as const).map((value) => ({
  value,
  text: sentence(value),
}));
/** What is shown after the flower as long as nothing else is said: red berries of autumn. */
const FIRST_SHOW: Display = {
  what: 'berries',
  hex: '#c4281e',
  sizeMm: 8,
  show: 0.15,
  months: [0, 0, 0, 0, 0, 0, 0, 0, 0.9, 0.9, 0.9, 0],
};

/**
 * Months from the first in which a top stands to the last, and back: a run, round the end of the year where
 * need be.
 */
const monthsOf = ([from, to]: Facts['top']): number[] =>
  MONTH_NAMES.flatMap((_, i) => ((i + 1 - from + 12) % 12 <= (to - from + 12) % 12 ? [i + 1] : []));
function topOf(months: readonly number[]): Facts['top'] {
  const has = (m: number) => months.includes(((m + 11) % 12) + 1);
  const from = months.find((m) => !has(m - 1)) ?? 1;
  let to = from;
  while (has(to + 1) && to - from < 11) to += 1;
  return [from, ((to + 11) % 12) + 1];
}

/** The months in which something of it is to be seen above the soil. */
export function TopStands({ plant, set }: Props) {
  return (
    <div className="col-span-2 sm:col-span-3">
      <Months
        label="Growth above ground"
        months={monthsOf(factsOf(plant).top)}
        onChange={(months) => months.length > 0 && set({ facts: { ...plant.facts, top: topOf(months) } })}
      />
    </div>
  );
}

/** What it shows when its flower is over, in which colour and when. */
export function AfterFlower({ plant, set }: Props) {
  const { display } = factsOf(plant);
  const change = (next: Partial<Display>) =>
    set({ facts: { ...plant.facts, display: { ...FIRST_SHOW, ...display, ...next } } });
  return (
    <>
      <Choose
        label="After flowering"
        value={display?.what ?? NOTHING}
        options={AFTER}
        onChange={(what) => {
          if (what === NOTHING) set({ facts: { ...plant.facts, display: undefined } });
          else change({ what });
        }}
      />
      {display && (
        <>
          <ColourField label="Colour then" value={display.hex} onChange={(hex) => change({ hex })} />
          <NumberField
            label="Size, mm"
            value={display.sizeMm}
            min={1}
            max={300}
            onChange={(sizeMm) => change({ sizeMm })}
          />
          <div className="col-span-2 sm:col-span-3">
            <Months
              label="Shown in"
              months={display.months.flatMap((x, m) => (x > 0.2 ? [m + 1] : []))}
              onChange={(months) =>
                change({ months: MONTH_NAMES.map((_, m) => (months.includes(m + 1) ? display.months[m] || 0.9 : 0)) })
              }
            />
          </div>
        </>
      )}
    </>
  );
}

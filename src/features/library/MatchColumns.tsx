'use client';
import { PLANT_COLUMNS } from '@/core/formats/plant-columns';
import type { Mapping } from '@/core/formats/plants-csv';
import type { UnitSystem } from '@/core/units/length';
import type { OpenedSheet } from '@/workers/plants';
import { Button } from '@/ui/Button';
import { Segments } from '@/ui/Segments';

/** Which of their columns is which of ours, with what stands under it. */
export function MatchColumns({
  opened,
  mapping,
  units,
  onMapping,
  onUnits,
  onRead,
}: {
  opened: Extract<OpenedSheet, { ok: true }>;
  mapping: Mapping;
  units: UnitSystem;
  onMapping: (m: Mapping) => void;
  onUnits: (u: UnitSystem) => void;
  onRead: () => void;
}) {
  const of = (i: number) => PLANT_COLUMNS.find((c) => mapping[c.key] === i)?.key ?? '';
  const assign = (i: number, key: string) => {
    const next = Object.fromEntries(Object.entries(mapping).filter(([k, at]) => at !== i && k !== key));
    onMapping(key ? { ...next, [key]: i } : next);
  };
  const used = Object.keys(mapping).length;
  return (
    <>
      <p className="text-[0.93rem]">
        {opened.rows.toLocaleString('en-GB')} rows. Choose what each column means. Columns you skip are ignored; missing
        details are filled in from related plants.
      </p>
      <div className="min-h-0 flex-1 overflow-y-auto">
        <table className="w-full text-[0.9rem]">
          <thead>
            <tr className="text-left text-quiet [&>th]:border-b [&>th]:border-ink [&>th]:pb-1 [&>th]:font-normal">
              <th scope="col">Column in the file</th>
              <th scope="col">Meaning</th>
              <th scope="col" className="max-sm:hidden">
                Example
              </th>
            </tr>
          </thead>
          <tbody>
            {opened.headings.map((h, i) => (
              <tr key={`${h}${i}`} className="[&>td]:border-b [&>td]:border-line [&>td]:py-1 [&>td]:pr-3">
                <td className="font-semibold">{h || `(column ${i + 1})`}</td>
                <td>
                  <select
                    className="field w-full"
                    aria-label={`Meaning of ${h || `column ${i + 1}`}`}
                    value={of(i)}
                    onChange={(e) => assign(i, e.target.value)}
                  >
                    <option value="">ignore</option>
                    <optgroup label="Usually on the label">
                      {PLANT_COLUMNS.filter((c) => c.common).map((c) => (
                        <option key={c.key} value={c.key}>
                          {c.label}
                        </option>
                      ))}
                    </optgroup>
                    <optgroup label="Everything else">
                      {PLANT_COLUMNS.filter((c) => !c.common).map((c) => (
                        <option key={c.key} value={c.key}>
                          {c.label}
                        </option>
                      ))}
                    </optgroup>
                  </select>
                </td>
                <td className="max-w-64 truncate text-quiet max-sm:hidden">
                  {opened.sample
                    .map((r) => r[i])
                    .filter(Boolean)
                    .slice(0, 3)
                    .join(', ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <Segments
          label="Numbers without a unit are in"
          value={units}
          options={[
            { value: 'metric', text: 'cm' },
            { value: 'imperial', text: 'inches' },
          ]}
          onChange={onUnits}
        />
        <span className="flex items-center gap-3">
          {mapping.common === undefined && (
            <span className="text-[0.9rem] text-watchink">One column must be the common name.</span>
          )}
          <Button kind="deep" disabled={mapping.common === undefined} onClick={onRead}>
            Read {used} {used === 1 ? 'column' : 'columns'}
          </Button>
        </span>
      </div>
    </>
  );
}

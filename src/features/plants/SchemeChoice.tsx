'use client';
import { SCHEMES, schemeOf } from '@/core/colour/schemes';
import { type Planting, type SchemeId, SchemeIdSchema } from '@/core/plantings/schema';
import { ColourField } from '@/ui/Field';
import { Toggle } from '@/ui/Toggle';
import { FIRST_COLOURS, Palette } from './Palette';
import { SchemeSwatch } from './SchemeSwatch';

/** The colour scheme, and the colours it starts from where it does. */
export function SchemeChoice({
  planting,
  onChange: set,
}: {
  planting: Planting;
  onChange: (change: Partial<Planting['brief']>) => void;
}) {
  const { brief } = planting;
  const scheme = schemeOf(brief);
  return (
    <>
      <fieldset>
        <legend className="label pb-1">Colour scheme</legend>
        <div className="grid grid-cols-2 gap-x-2 gap-y-0.5 max-work:grid-cols-3">
          {SchemeIdSchema.options.map((id: SchemeId) => (
            <label
              key={id}
              className="flex min-h-8 cursor-pointer items-center gap-1.5 rounded-[3px] px-1 text-[0.87rem] leading-tight hyphens-auto wrap-anywhere has-checked:bg-glaze has-checked:text-onglaze has-focus-visible:outline-2 has-focus-visible:outline-glaze"
            >
              <input
                type="radio"
                name="scheme"
                className="sr-only"
                checked={brief.scheme === id}
                onChange={() =>
                  set({
                    scheme: id,
                    from: SCHEMES[id].from === 'must' ? (brief.from ?? planting.container.colour) : brief.from,
                    palette: id === 'palette' && brief.palette.length === 0 ? [...FIRST_COLOURS] : brief.palette,
                  })
                }
              />
              <SchemeSwatch scheme={id} from={brief.from} />
              {SCHEMES[id].label}
            </label>
          ))}
        </div>
        <p className="pt-1 text-[0.82rem] leading-snug text-quiet">{scheme.about}</p>
      </fieldset>
      {brief.scheme === 'palette' && <Palette colours={brief.palette} onChange={(palette) => set({ palette })} />}
      {scheme.from !== 'no' && (
        <div className="flex items-end gap-2">
          {scheme.from === 'may' && (
            <div className="flex-1">
              <Toggle
                label="Start from a colour"
                on={brief.from !== null}
                onChange={(on) => set({ from: on ? planting.container.colour : null })}
              />
            </div>
          )}
          {(scheme.from === 'must' || brief.from) && (
            <div className="w-24">
              <ColourField
                label="Colour"
                value={brief.from ?? planting.container.colour}
                onChange={(from) => set({ from })}
              />
            </div>
          )}
        </div>
      )}
    </>
  );
}

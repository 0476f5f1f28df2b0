'use client';
import type { Family } from '@/core/colour/family';
import { LIGHT_CLASSES, type Facets } from '@/core/plants/facets';
import { ROLES } from '@/core/plants/traits';
import type { Planting } from '@/core/plantings/schema';
import { parseLength, lengthNumber, lengthUnit, type UnitSystem } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { Choose, ColourField } from '@/ui/Field';
import { Several, Segments } from '@/ui/Segments';
import { Toggle } from '@/ui/Toggle';
import { ASK_NOTHING, countAsked, type LibraryAsked } from './view';

const capital = (s: string): string => `${s[0]?.toUpperCase() ?? ''}${s.slice(1)}`;

/** A dab of each family, as flowers and leaves of it look. */
const DABS: readonly [Family, string][] = [
  ['white', '#f7f6f0'],
  ['yellow', '#f3d12f'],
  ['orange', '#ee7d1e'],
  ['red', '#cf2430'],
  ['pink', '#e2689a'],
  ['wine', '#6b1c35'],
  ['violet', '#6a3aa6'],
  ['blue', '#4a62c6'],
  ['silver', '#b6c4bb'],
  ['lime', '#b5cf3f'],
  ['green', '#4f7d42'],
  ['bronze', '#7a4b2c'],
  ['black', '#2c1a24'],
];

interface Props {
  asked: LibraryAsked;
  onChange: (asked: LibraryAsked) => void;
  pots: readonly Planting[];
  pot: Planting | null;
  onPot: (id: string) => void;
  units: UnitSystem;
}

/** What plants are sorted out by. */
export function Filters({ asked, onChange, pots, pot, onPot, units }: Props) {
  const { facets: f } = asked;
  const set = (change: Partial<Facets>) => onChange({ ...asked, facets: { ...f, ...change } });
  return (
    <form className="flex flex-col gap-2.5" aria-label="What to show" onSubmit={(e) => e.preventDefault()}>
      <Choose
        label="Choosing for"
        value={pot?.id ?? ''}
        options={[
          { value: '', text: 'any container' },
          ...pots.map((p) => ({ value: p.id, text: `${p.name}, ${p.spot.name}` })),
        ]}
        onChange={onPot}
      />
      {pot && (
        <Toggle label="Only plants that suit it" on={asked.fits} onChange={(fits) => onChange({ ...asked, fits })} />
      )}
      <Several
        label="Role"
        values={f.roles}
        options={ROLES.map((r) => ({ value: r, text: capital(r) }))}
        onChange={(roles) => set({ roles })}
      />
      <Several
        label="Light"
        values={f.light}
        options={LIGHT_CLASSES.map((l) => ({ value: l, text: capital(l) }))}
        onChange={(light) => set({ light })}
      />
      <Several
        label="Water"
        values={f.water}
        options={(['dry', 'moderate', 'thirsty'] as const).map((w) => ({ value: w, text: capital(w) }))}
        onChange={(water) => set({ water })}
      />
      <Several
        label="Season"
        values={f.seasons}
        options={(['warm', 'cool', 'hardy', 'year-round'] as const).map((s) => ({ value: s, text: capital(s) }))}
        onChange={(seasons) => set({ seasons })}
      />
      <fieldset>
        <legend className="label pb-1">Colour</legend>
        <div className="grid grid-cols-[repeat(auto-fill,minmax(4.4rem,1fr))] gap-x-1 gap-y-0.5">
          {DABS.map(([name, hex]) => (
            <label
              key={name}
              className="flex min-h-7 cursor-pointer items-center gap-1.5 rounded-[3px] px-1 text-[0.86rem] has-checked:bg-glaze has-checked:text-onglaze has-focus-visible:outline-2 has-focus-visible:outline-glaze"
            >
              <input
                type="checkbox"
                className="sr-only"
                checked={f.colours.includes(name)}
                onChange={(e) =>
                  set({ colours: e.target.checked ? [...f.colours, name] : f.colours.filter((c) => c !== name) })
                }
              />
              <span
                className="size-3.5 shrink-0 rounded-full border border-ink/25"
                style={{ background: hex }}
                aria-hidden
              />
              {name}
            </label>
          ))}
        </div>
      </fieldset>
      <Near value={f.near} pot={pot} onChange={(near) => set({ near })} />
      <Heights
        key={`${f.heightMm?.join() ?? ''}${units}`}
        value={f.heightMm}
        units={units}
        onChange={(heightMm) => set({ heightMm })}
      />
      <div>
        <Toggle label="Edible" on={f.edible} onChange={(edible) => set({ edible })} />
        <Toggle label="Safe for cats and dogs" on={f.petSafe} onChange={(petSafe) => set({ petSafe })} />
        <Toggle label="Scented" on={f.scented} onChange={(scented) => set({ scented })} />
        <Toggle label="Good for bees" on={f.forBees} onChange={(forBees) => set({ forBees })} />
        <Toggle label="Evergreen" on={f.evergreen} onChange={(evergreen) => set({ evergreen })} />
        <Toggle label="My plants" on={asked.mine} onChange={(mine) => onChange({ ...asked, mine })} />
      </div>
      <Segments
        label="Sort by"
        value={asked.order}
        options={[
          { value: 'name', text: 'A to Z' },
          { value: 'tallest', text: 'Tallest first' },
          { value: 'shortest', text: 'Shortest first' },
        ]}
        onChange={(order) => onChange({ ...asked, order })}
      />
      {countAsked(asked) > 0 && (
        <p>
          <Button onClick={() => onChange({ ...ASK_NOTHING, text: asked.text, order: asked.order })}>
            Clear filters
          </Button>
        </p>
      )}
    </form>
  );
}

/** Close to a colour: the pot's, or one picked. */
function Near({
  value,
  pot,
  onChange,
}: {
  value: string | null;
  pot: Planting | null;
  onChange: (hex: string | null) => void;
}) {
  return (
    <div className="flex items-end gap-2">
      <div className="flex-1">
        <Toggle
          label={pot ? 'Close to the container’s colour' : 'Close to a colour'}
          on={value !== null}
          onChange={(on) => onChange(on ? (pot?.container.colour ?? '#c2247a') : null)}
        />
      </div>
      {value !== null && (
        <div className="w-16">
          <ColourField label="Colour" value={value} onChange={onChange} />
        </div>
      )}
    </div>
  );
}

const MOST_MM = 6000;

/** From and to, in any unit; empty asks for nothing. */
function Heights({
  value,
  units,
  onChange,
}: {
  value: readonly [number, number] | null;
  units: UnitSystem;
  onChange: (range: readonly [number, number] | null) => void;
}) {
  const text = (mm: number | undefined, nothing: number) =>
    mm === undefined || mm === nothing ? '' : lengthNumber(mm, units);
  const change = (from: string, to: string) => {
    const [low, high] = [from.trim() ? parseLength(from, units) : 0, to.trim() ? parseLength(to, units) : MOST_MM];
    if (low === null || high === null || low > high) return;
    onChange(low === 0 && high === MOST_MM ? null : [low, high]);
  };
  const end = (form: HTMLElement) => {
    const [a, b] = form.querySelectorAll('input');
    change(a?.value ?? '', b?.value ?? '');
  };
  return (
    <fieldset onBlur={(e) => end(e.currentTarget)} onKeyDown={(e) => e.key === 'Enter' && end(e.currentTarget)}>
      <legend className="label pb-1">Height when grown, {lengthUnit(units)}</legend>
      <div className="grid grid-cols-[1fr_auto_1fr] items-center gap-2">
        <input
          className="field w-full min-w-0"
          aria-label="From"
          placeholder="any"
          inputMode="decimal"
          defaultValue={text(value?.[0], 0)}
        />
        <span className="text-quiet">to</span>
        <input
          className="field w-full min-w-0"
          aria-label="To"
          placeholder="any"
          inputMode="decimal"
          defaultValue={text(value?.[1], MOST_MM)}
        />
      </div>
    </fieldset>
  );
}

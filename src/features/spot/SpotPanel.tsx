'use client';
import { SUMMERS, type Summer } from '@/core/climate/summers';
import type { Planting } from '@/core/plantings/schema';
import type { Spot } from '@/core/spots/schema';
import { ColourField, Choose, NumberField, TextField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { Several } from '@/ui/Several';
import { SunStrip } from '@/ui/SunStrip';
import { Toggle } from '@/ui/Toggle';
import { useWorkspace } from '../workspace/store';

const ABOUT = ['children', 'cats', 'dogs'] as const;

/** Reading the spot: sun by the hour, heat, wind, where it is seen from, cold, and who is about. */
export function SpotPanel({ planting }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const { spot } = planting;
  const set = (name: string, change: Partial<Spot>) => run(name, { do: 'set', change: { spot: { ...spot, ...change } } });
  return (
    <div className="flex flex-col gap-3">
      <TextField label="Place" value={spot.name} max={80} onChange={(name) => set('Name the place', { name })} />
      <div>
        <p className="label pb-1">Direct sun in the growing months: press the hours it has</p>
        <SunStrip hours={spot.light.hours} onChange={(hours) => set('Change the sun', { light: { ...spot.light, hours } })} />
        <Toggle label="Dappled, under trees" on={spot.light.dappled} onChange={(dappled) => set('Change the sun', { light: { ...spot.light, dappled } })} />
      </div>
      <Segments label="Summers" value={spot.summer} options={(['cool', 'warm', 'hot'] as Summer[]).map((value) => ({ value, text: SUMMERS[value].label.split(',')[0] ?? value }))} onChange={(summer) => set('Change the summers', { summer })} />
      <div className="grid grid-cols-[1fr_3.6rem_4.4rem] items-end gap-2">
        <Choose label="Seen" value={spot.seen} options={[{ value: 'all-round', text: 'all round' }, { value: 'wall', text: 'against a wall' }]} onChange={(seen) => set('Change where it is seen from', { seen })} />
        <ColourField label="Backdrop" value={spot.backdrop} onChange={(backdrop) => set('Change the backdrop', { backdrop })} />
        <NumberField label="Coldest °C" value={spot.coldestWinterC} min={-45} max={15} onChange={(c) => c !== null && set('Change the winter', { coldestWinterC: c })} />
      </div>
      <div className="grid grid-cols-2 gap-2">
        <MonthDay label="Last frost" value={spot.lastFrost} onChange={(lastFrost) => set('Change the last frost', { lastFrost })} />
        <MonthDay label="First frost" value={spot.firstFrost} onChange={(firstFrost) => set('Change the first frost', { firstFrost })} />
      </div>
      <Several
        label="Who is about"
        values={ABOUT.filter((who) => spot[who])}
        options={[{ value: 'children', text: 'Children' }, { value: 'cats', text: 'Cats' }, { value: 'dogs', text: 'Dogs' }]}
        onChange={(who) => set('Change who is about', { children: who.includes('children'), cats: who.includes('cats'), dogs: who.includes('dogs') })}
      />
    </div>
  );
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A day of the year to the nearest part of a month: nobody knows a frost date closer. */
function MonthDay({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  const days = ['02', '10', '20'];
  const options = MONTHS.flatMap((m, i) => days.map((d, k) => ({ value: `${String(i + 1).padStart(2, '0')}-${d}`, text: `${['early', 'mid', 'late'][k] ?? ''} ${m}` })));
  const own = { value, text: `${Number(value.slice(3))} ${MONTHS[Number(value.slice(0, 2)) - 1] ?? ''}` };
  return <Choose label={label} value={value} options={options.some((o) => o.value === value) ? options : [own, ...options]} onChange={onChange} />;
}

'use client';
import { ClimateKindSchema } from '@/core/climate/kind';
import { HABIT_NAMES, HABITS } from '@/core/plants/habits';
import { PlantSchema, type Plant } from '@/core/plants/schema';
import { factsOf } from '@/core/plants/facts';
import { FlowerFormSchema, LeafFormSchema, LeafSizeSchema, LeafSurfaceSchema, ROLES } from '@/core/plants/traits';
import { STARTS, StartSizeSchema } from '@/core/plants/starts';
import type { Tag } from '@/core/plants/tag';
import type { UnitSystem } from '@/core/units/length';
import { Choose, ColourField, NumberField, OptionalNumberField, TextField } from '@/ui/Field';
import { Months } from '@/ui/Months';
import { Segments, Several } from '@/ui/Segments';
import { FactFields } from './FactFields';
import { SUN_WORDS, sunWordOf } from './sun-words';

interface Props {
  plant: Plant;
  units: UnitSystem;
  set: (change: Partial<Tag>) => void;
}

const s = PlantSchema.shape;
const words = <T extends string>(options: readonly T[]) =>
  options.map((value) => ({ value, text: value[0]?.toUpperCase() + value.slice(1) }));

/** A share of flower for months pressed and not: a month at either end of a run is just beginning or ending. */
const bloomOf = (months: readonly number[], p: Plant): number[] =>
  Array.from({ length: 12 }, (_, i) =>
    months.includes(i + 1) ? (p.bloom[i] && p.bloom[i] > 0.2 ? p.bloom[i] : 0.9) : 0,
  );

/** What a nursery’s tag says, in the order it says it. */
export function TagFields({ plant, set, ranges }: Props & { ranges: React.ReactNode }) {
  const start = plant.starts[0] ?? { size: 'p9' as const, price: 3 };
  const priced = (change: Partial<typeof start>) =>
    set({
      starts: [{ ...start, ...change }, ...plant.starts.slice(1).filter((x) => x.size !== (change.size ?? start.size))],
    });
  const hex = (part: 'leaf' | 'flower') => plant.colours.find((c) => c.part === part)?.hex;
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
      <Choose
        label="Habit"
        value={plant.habit}
        options={HABIT_NAMES.map((value) => ({ value, text: HABITS[value].label }))}
        onChange={(habit) => set({ habit })}
      />
      {ranges}
      <Choose
        label="Sun"
        value={sunWordOf(plant.sunHours)}
        options={SUN_WORDS.map((w) => ({ value: w.value, text: w.text }))}
        onChange={(v) => set({ sunHours: SUN_WORDS.find((w) => w.value === v)?.hours ?? plant.sunHours })}
      />
      <Choose label="Water" value={plant.water} options={words(s.water.options)} onChange={(water) => set({ water })} />
      {plant.flower.form !== 'none' && (
        <ColourField
          label="Flower colour"
          value={hex('flower') ?? '#d94f86'}
          onChange={(flowerHex) => set({ flowerHex })}
        />
      )}
      <ColourField label="Leaf colour" value={hex('leaf') ?? '#557d42'} onChange={(leafHex) => set({ leafHex })} />
      <Choose
        label="Sold as"
        value={start.size}
        options={StartSizeSchema.options.map((value) => ({ value, text: STARTS[value].label }))}
        onChange={(size) => priced({ size })}
      />
      <NumberField
        label="Price, £"
        value={start.price}
        min={0.01}
        max={500}
        onChange={(price) => price && priced({ price })}
      />
      <NumberField
        label="Hardy to, °C"
        value={plant.coldestWinterC}
        min={-50}
        max={20}
        onChange={(n) => set({ coldestWinterC: n, coldestNightC: Math.max(n, plant.coldestNightC) })}
      />
      <Choose
        label="Season"
        value={plant.season}
        options={words(s.season.options)}
        onChange={(season) => set({ season })}
      />
      {plant.flower.form !== 'none' && (
        <div className="col-span-2 sm:col-span-3">
          <Months
            label="In flower"
            months={plant.bloom.flatMap((b, m) => (b > 0.2 ? [m + 1] : []))}
            onChange={(months) => set({ bloom: bloomOf(months, plant) })}
          />
        </div>
      )}
    </div>
  );
}

/** All the rest of a record. */
export function RestFields({ plant, set }: Omit<Props, 'units'>) {
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2 pt-2 sm:grid-cols-3">
      <div className="col-span-2 sm:col-span-3">
        <Several
          label="Roles"
          values={plant.roles}
          options={words(ROLES)}
          onChange={(roles) => roles.length > 0 && set({ roles })}
        />
      </div>
      <Choose
        label="Leaf size"
        value={plant.leaf.size}
        options={words(LeafSizeSchema.options)}
        onChange={(size) => set({ leaf: { ...plant.leaf, size } })}
      />
      <Choose
        label="Leaf form"
        value={plant.leaf.form}
        options={words(LeafFormSchema.options)}
        onChange={(form) => set({ leaf: { ...plant.leaf, form } })}
      />
      <Choose
        label="Leaf surface"
        value={plant.leaf.surface}
        options={words(LeafSurfaceSchema.options)}
        onChange={(surface) => set({ leaf: { ...plant.leaf, surface } })}
      />
      <NumberField
        label="Leaf length, mm"
        value={plant.leaf.lengthMm}
        min={1}
        max={1200}
        onChange={(n) => n && set({ leaf: { ...plant.leaf, lengthMm: n } })}
      />
      <Choose
        label="Flower form"
        value={plant.flower.form}
        options={words(FlowerFormSchema.options)}
        onChange={(form) =>
          set({ flower: { form, sizeMm: plant.flower.sizeMm || 30, show: plant.flower.show || 0.35 } })
        }
      />
      {plant.flower.form !== 'none' && (
        <NumberField
          label="Flower size, mm"
          value={plant.flower.sizeMm}
          min={1}
          max={300}
          onChange={(n) => n && set({ flower: { ...plant.flower, sizeMm: n } })}
        />
      )}
      <Choose label="Group" value={plant.group} options={words(s.group.options)} onChange={(group) => set({ group })} />
      <Choose label="Feed" value={plant.feed} options={words(s.feed.options)} onChange={(feed) => set({ feed })} />
      <NumberField
        label="Vigour, 1–5"
        value={plant.vigour}
        min={1}
        max={5}
        whole
        onChange={(vigour) => set({ vigour })}
      />
      <NumberField
        label="Coldest night, °C"
        value={plant.coldestNightC}
        min={-50}
        max={20}
        onChange={(n) => set({ coldestNightC: n })}
      />
      <OptionalNumberField
        label="Scorches above, hours after 13:00"
        value={plant.scorchAfternoonH}
        min={0}
        max={8}
        onChange={(scorchAfternoonH) => set({ scorchAfternoonH })}
      />
      <Choose
        label="Deadhead"
        value={plant.deadhead}
        options={words(s.deadhead.options)}
        onChange={(deadhead) => set({ deadhead })}
      />
      <Choose label="Pinch" value={plant.pinch} options={words(s.pinch.options)} onChange={(pinch) => set({ pinch })} />
      <Choose
        label="Edible"
        value={plant.edible}
        options={words(s.edible.options)}
        onChange={(edible) => set({ edible })}
      />
      <FactFields plant={plant} set={set} />
      {(['people', 'cats', 'dogs'] as const).map((who) => (
        <Choose
          key={who}
          label={`Poison, ${who}`}
          value={plant.poison[who]}
          options={words(s.poison.shape[who].options)}
          onChange={(v) => set({ poison: { ...plant.poison, [who]: v } })}
        />
      ))}
      <TextField
        label="Which part"
        value={plant.poisonPart}
        max={60}
        optional
        onChange={(poisonPart) => set({ poisonPart })}
      />
      <Choose
        label="Irritant sap"
        value={plant.irritantSap}
        options={words(s.irritantSap.options)}
        onChange={(irritantSap) => set({ irritantSap })}
      />
      <div className="col-span-2">
        <Segments
          label="May spread from gardens"
          value={plant.spreadRisk}
          options={s.spreadRisk.options.map((value) => ({
            value,
            text: value === 'none known' ? 'None known' : 'Check local list',
          }))}
          onChange={(spreadRisk) => set({ spreadRisk })}
        />
      </div>
      <div className="col-span-2 sm:col-span-3">
        <Several
          label="Has spread in these climates"
          values={factsOf(plant).runsWild}
          options={words(ClimateKindSchema.options)}
          onChange={(runsWild) => set({ facts: { ...plant.facts, runsWild } })}
        />
      </div>
    </div>
  );
}

'use client';
import { factsOf } from '@/core/plants/facts';
import type { Plant } from '@/core/plants/schema';
import type { Tag } from '@/core/plants/tag';
import {
  FACT_CHOICES,
  FACT_FIGURES,
  type FactChoice,
  type FactFigure,
  type FactsSaid,
  PestSchema,
  WORLDS,
} from '@/core/plants/traits';
import { Choose, NumberField, OptionalNumberField } from '@/ui/Field';
import { Several } from '@/ui/Segments';
import { sentence } from '@/ui/words';
import { AfterFlower, TopStands } from './ItsYear';

interface Props {
  plant: Plant;
  set: (change: Partial<Tag>) => void;
}

const options = (words: readonly string[]) => words.map((value) => ({ value, text: sentence(value) }));

/** “Least mix, L”: a figure's label with its unit. */
const labelOf = ({ label, unit }: (typeof FACT_FIGURES)[FactFigure]): string =>
  unit === 'seasons' || unit === 'month' ? label : `${label}, ${unit}`;

/** Every fact that is seldom on a tag: the words, the figures, and the rest. */
export function FactFields({ plant, set }: Props) {
  const facts = factsOf(plant);
  const say = (said: FactsSaid) => set({ facts: { ...plant.facts, ...said } });
  return (
    <>
      {(Object.keys(FACT_CHOICES) as FactChoice[]).map((key) => (
        <Choose
          key={key}
          label={FACT_CHOICES[key].label}
          value={facts[key] as string}
          options={options(FACT_CHOICES[key].options)}
          onChange={(v) => say({ [key]: v })}
        />
      ))}
      {(Object.keys(FACT_FIGURES) as FactFigure[]).map((key) => {
        const { least, most, ...figure } = FACT_FIGURES[key];
        const given = { key, label: labelOf(FACT_FIGURES[key]), min: least, max: most };
        return 'none' in figure ? (
          <OptionalNumberField {...given} key={key} value={facts[key]} onChange={(n) => say({ [key]: n })} />
        ) : (
          <NumberField
            {...given}
            key={key}
            value={facts[key] ?? least}
            whole={figure.unit === 'seasons' || figure.unit === 'month'}
            onChange={(n) => say({ [key]: n })}
          />
        );
      })}
      <OptionalNumberField
        label="Weeks of cold needed"
        value={facts.chill?.weeks ?? null}
        min={1}
        max={26}
        onChange={(weeks) =>
          say({ chill: weeks === null ? null : { belowC: facts.chill?.belowC ?? USUAL_CHILL_C, weeks } })
        }
      />
      {facts.chill && (
        <NumberField
          label="Below, °C"
          value={facts.chill.belowC}
          min={-20}
          max={20}
          onChange={(belowC) => say({ chill: { weeks: facts.chill?.weeks ?? 1, belowC } })}
        />
      )}
      <AfterFlower plant={plant} set={set} />
      <TopStands plant={plant} set={set} />
      <div className="col-span-2 sm:col-span-3">
        <Several
          label="Type of planting"
          values={facts.worlds}
          options={WORLDS.map((value) => ({ value, text: sentence(value) }))}
          onChange={(worlds) => worlds.length > 0 && say({ worlds })}
        />
      </div>
      <div className="col-span-2 sm:col-span-3">
        <Several
          label="Pests"
          values={facts.pests}
          options={PestSchema.options.map((value) => ({ value, text: sentence(value) }))}
          onChange={(pests) => say({ pests })}
        />
      </div>
    </>
  );
}

/** Where a plant is said to need cold and nobody says how cold, °C: what most that need it ask. */
const USUAL_CHILL_C = 7;

'use client';
import { echoesOf, leadingLeaves, surprisesFor } from '@/core/compose/echoes';
import { leafColours, type LeafColour } from '@/core/plants/leaf-colours';
import { plantName, type Plant } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { Choose } from '@/ui/Field';

type Brief = Planting['brief'];

const WHERE: Record<LeafColour['part'], string> = { edge: 'edge', vein: 'vein', stem: 'stem', leaf: 'leaf itself' };
const ANY = '';
/** Most plants a brief may ask for. */
const MOST = 5;

/**
 * Which leaf leads, the colours hidden in it, who repeats one of them, and one surprise. What is pressed must be in;
 * with nothing pressed Rillbank chooses.
 */
export function LeafLed({
  planting,
  library,
  onChange,
}: {
  planting: Planting;
  library: readonly Plant[];
  onChange: (change: Partial<Brief>) => void;
}) {
  const { brief } = planting;
  const leaves = leadingLeaves(planting, library);
  const lead = leaves.find((p) => brief.must.includes(p.id)) ?? null;
  const others = brief.must.filter((id) => leaves.every((l) => l.id !== id));
  const colours = lead ? leafColours(lead) : [];
  const chosen = brief.scheme === 'from-colour' ? colours.find((c) => c.hex === brief.from) : undefined;
  const hex = (chosen ?? colours[0])?.hex;
  const echoes = lead && hex ? echoesOf(lead, hex, planting, library) : [];
  const surprises = lead ? surprisesFor(lead, planting, library) : [];
  const toggle = (p: Plant) =>
    onChange({
      must: brief.must.includes(p.id) ? brief.must.filter((id) => id !== p.id) : [...brief.must, p.id].slice(0, MOST),
    });
  return (
    <fieldset className="flex flex-col gap-2 border-l-2 border-glaze pl-2.5">
      <legend className="sr-only">Star leaf</legend>
      <Choose
        label="The leaf"
        value={lead?.id ?? ANY}
        options={[{ value: ANY, text: 'Choose for me' }, ...leaves.map((p) => ({ value: p.id, text: plantName(p) }))]}
        onChange={(id) => {
          const first = leaves.filter((p) => p.id === id).flatMap(leafColours)[0];
          onChange({
            must: id === ANY ? others : [id, ...others].slice(0, MOST),
            ...(first ? { scheme: 'from-colour', from: first.hex } : {}),
          });
        }}
      />
      {lead && (
        <>
          <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="Colours in the leaf">
            <PlantGlyph plant={lead} size={30} />
            {colours.map((c) => (
              <Button
                key={c.part + c.hex}
                aria-pressed={c === chosen}
                className="min-h-8! gap-1.5 text-[0.84rem]!"
                onClick={() => onChange({ scheme: 'from-colour', from: c.hex })}
              >
                <span aria-hidden className="size-4 rounded-full border border-line" style={{ background: c.hex }} />
                {WHERE[c.part]}
              </Button>
            ))}
          </div>
          <Offers
            label={`Colour to repeat: the ${WHERE[(chosen ?? colours[0])?.part ?? 'leaf']}`}
            plants={echoes}
            brief={brief}
            onPress={toggle}
          />
          <Offers label="One contrasting plant" plants={surprises} brief={brief} onPress={toggle} />
        </>
      )}
    </fieldset>
  );
}

function Offers({
  label,
  plants,
  brief,
  onPress,
}: {
  label: string;
  plants: readonly Plant[];
  brief: Brief;
  onPress: (p: Plant) => void;
}) {
  if (plants.length === 0) return null;
  return (
    <div>
      <span className="label">{label}</span>
      <div className="flex flex-wrap gap-1 pt-0.5" role="group" aria-label={label}>
        {plants.map((p) => (
          <Button
            key={p.id}
            className="min-h-8! gap-1 px-1.5! text-[0.82rem]!"
            aria-pressed={brief.must.includes(p.id)}
            onClick={() => onPress(p)}
          >
            <PlantGlyph plant={p} size={18} />
            {plantName(p)}
          </Button>
        ))}
      </div>
    </div>
  );
}

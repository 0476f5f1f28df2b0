'use client';
import { Button } from '@/ui/Button';
import { ColourField } from '@/ui/Field';

const MOST = 5;
/** What a palette of one's own begins with: a pink and a deep violet, to be changed. */
export const FIRST_COLOURS = ['#e5629a', '#5a2a9c'] as const;
/** What a further colour begins as. */
const NEXT = '#f4f2ea';

/** The gardener's own colours, one to five. */
export function Palette({ colours, onChange }: { colours: readonly string[]; onChange: (colours: string[]) => void }) {
  return (
    <fieldset>
      <legend className="label pb-1">My colours</legend>
      <div className="flex flex-wrap items-end gap-2">
        {colours.map((hex, i) => (
          <div key={i} className="w-[4.6rem]">
            <ColourField
              label={`Colour ${i + 1}`}
              value={hex}
              onChange={(to) => onChange(colours.map((c, k) => (k === i ? to : c)))}
            />
          </div>
        ))}
        {colours.length < MOST && <Button onClick={() => onChange([...colours, NEXT])}>Add a colour</Button>}
        {colours.length > 1 && <Button onClick={() => onChange(colours.slice(0, -1))}>Remove the last colour</Button>}
      </div>
    </fieldset>
  );
}

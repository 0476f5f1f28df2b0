'use client';
import type { Proposal, Said } from '@/core/compose/compose';
import { changed, WISH_IDS, WISHES } from '@/core/compose/wishes';
import type { Planting } from '@/core/plantings/schema';
import { SCHOOL_IDS, type SchoolId, SCHOOLS } from '@/core/schools';
import { Button } from '@/ui/Button';
import { useNarrow } from '@/ui/useNarrow';
import type { OtherArrangement } from './composing';

/**
 * What can be asked of the proposals: in a row above them, and folded where the picture would be pushed off a
 * phone.
 */
export function Asking({ children }: { children: React.ReactNode }) {
  const row = <div className="flex flex-wrap items-center gap-x-5 gap-y-1.5 border-t border-line py-2">{children}</div>;
  if (!useNarrow()) return row;
  return (
    <details className="border-t border-line py-1">
      <summary className="cursor-pointer py-2 text-[0.93rem]">Try others</summary>
      {row}
    </details>
  );
}

const NONE = '';

/** Another arrangement of the same brief, to be looked at beside it. */
export function BesideIt({
  planting,
  beside,
  onBeside,
}: {
  planting: Planting;
  beside: OtherArrangement | null;
  onBeside: (school: SchoolId | null) => void;
}) {
  const others = SCHOOL_IDS.filter((id) => id !== planting.brief.school);
  return (
    <label className="flex items-center gap-2 text-[0.86rem] text-quiet">
      {beside && !beside.composed
        ? 'Composing the other arrangement…'
        : beside?.composed?.proposals.length === 0
          ? 'Nothing fits in that arrangement'
          : 'Compare with'}
      <select
        className="field w-auto! min-h-8!"
        value={beside?.school ?? NONE}
        onChange={(e) => onBeside(others.find((id) => id === e.target.value) ?? null)}
      >
        <option value={NONE}>no other arrangement</option>
        {others.map((id) => (
          <option key={id} value={id}>
            {SCHOOLS[id].label}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What can be said of them, so that the next ones differ; and what the last thing said has changed. */
export function Wishes({ first, said, onSay }: { first: Proposal; said: Said | null; onSay: (said: Said) => void }) {
  return (
    <div className="flex flex-wrap items-center gap-1.5 text-[0.86rem]" role="group" aria-label="Try others">
      <span className="text-quiet">Make it</span>
      {WISH_IDS.map((wish) => (
        <Button key={wish} aria-pressed={said?.wish === wish} onClick={() => onSay({ wish, of: first.planting })}>
          {WISHES[wish].label.toLowerCase()}
        </Button>
      ))}
      {said && (
        <span role="status" className="text-quiet">
          {said.wish === 'more like this'
            ? 'More like the one you chose.'
            : `${changed(said.wish, said.of, first.planting)}.`}
        </span>
      )}
    </div>
  );
}

'use client';
import type { Proposal } from '@/core/compose/compose';
import { reasonParts } from '@/core/compose/reason';
import { plantName } from '@/core/plants/schema';
import { resolve } from '@/core/plantings/resolve';
import { schoolOf } from '@/core/schools';
import { PriceAndScore } from './ProposalFacts';
import { PotPicture } from '../pictures/PotPicture';
import type { ProposalDrawing } from './drawing';

/** The kind a proposal is known by: its thriller, or what there is most of. */
export function knownFor({ planting }: Proposal): string {
  const placed = resolve(planting);
  const lead = placed.find((p) => p.role === 'thriller') ?? placed[0];
  return lead ? plantName(lead.plant) : '';
}

/** A picture in the strip is no larger than this, px. */
const SMALL = { width: 108, height: 100 };

/** All proposals, small, one of them chosen: a click or an arrow key looks at another. */
export function ProposalStrip({
  list,
  chosen,
  schools,
  drawing,
  onChoose,
}: {
  list: readonly Proposal[];
  chosen: number;
  /** They are of more than one arrangement, which is said of each. */
  schools: boolean;
  drawing: ProposalDrawing;
  onChoose: (i: number) => void;
}) {
  return (
    <fieldset className="min-h-0 work:overflow-y-auto work:py-2">
      <legend className="sr-only">Proposals</legend>
      <div className="flex gap-1.5 max-work:overflow-x-auto work:flex-col">
        {list.map((p, i) => (
          <label
            key={p.planting.placements.map((x) => String(x.plant)).join() + i}
            className="grid cursor-pointer items-end gap-2.5 rounded-[3px] border border-transparent p-1.5 hover:bg-paper has-checked:border-glaze has-checked:bg-paper has-focus-visible:outline-2 has-focus-visible:outline-glaze max-work:w-31 max-work:shrink-0 work:grid-cols-[108px_1fr]"
          >
            <input
              type="radio"
              name="proposal"
              className="sr-only"
              checked={i === chosen}
              aria-label={`Proposal ${i + 1}: ${reasonParts(p.reason).what}`}
              onChange={() => onChoose(i)}
            />
            <span className="flex items-end justify-center" style={SMALL}>
              <PotPicture planting={p.planting} {...drawing.at(i, SMALL)} decorative />
            </span>
            <span className="flex flex-col gap-0.5 self-center text-[0.86rem] leading-tight">
              {schools && <span className="text-quiet">{schoolOf(p.planting.brief).label}</span>}
              <span className="font-semibold">{knownFor(p)}</span>
              <PriceAndScore of={p} />
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

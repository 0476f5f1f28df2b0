'use client';
import type { Proposal } from '@/core/compose/compose';
import { useNarrow } from '@/ui/useNarrow';
import { useSize } from '@/ui/useSize';
import { PotPicture } from '../pictures/PotPicture';
import type { ProposalDrawing } from './drawing';
import { knownFor } from './ProposalStrip';

/** Said until a picture is there. */
const FOLLOWS = 'Drawing the picture…';
/** Before it is measured, px. */
const USUAL = { width: 600, height: 480 };
/** In the hand, and where two are compared, a picture is this tall, px. */
const HAND = 340;
const HALF = 230;
const HALF_WIDE = 400;

/** A proposal as large as there is room for. */
export function ProposalPlace({
  list,
  at,
  drawing,
  half = false,
}: {
  list: readonly Proposal[];
  at: number;
  drawing: ProposalDrawing;
  half?: boolean;
}) {
  const [box, size] = useSize(USUAL);
  const narrow = useNarrow();
  const tall = narrow ? (half ? HALF : HAND) : half ? HALF_WIDE : undefined;
  const p = list[at];
  if (!p) return null;
  return (
    <div ref={box} className="flex min-h-0 min-w-0 shrink-0 items-end justify-center" style={{ height: tall }}>
      <PotPicture
        planting={p.planting}
        {...drawing.at(at, { ...size, height: tall ?? size.height })}
        waiting={FOLLOWS}
      />
    </div>
  );
}

/** Which of them stands on a side where two are compared. */
export function Which({
  list,
  at,
  side,
  onChoose,
}: {
  list: readonly Proposal[];
  at: number;
  side: number;
  onChoose: (i: number) => void;
}) {
  return (
    <select
      className="field min-h-8!"
      aria-label={side === 0 ? 'On the left' : 'On the right'}
      value={at}
      onChange={(e) => onChoose(Number(e.target.value))}
    >
      {list.map((p, i) => (
        <option key={i} value={i}>
          {i + 1}. {knownFor(p)}
        </option>
      ))}
    </select>
  );
}

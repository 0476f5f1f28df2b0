'use client';
import { SCALE } from './scale';

/** The rest of the shelf, with the outline of a pot that might stand there. */
export function RoomForOne({ place, onStart }: { place: string; onStart: () => void }) {
  const [w, h] = [400 * SCALE, 360 * SCALE];
  return (
    <li className="flex min-w-[210px] flex-1 flex-col">
      <div className="flex flex-1 items-end border-b-[3px] border-ink px-6">
        <button
          type="button"
          onClick={onStart}
          className="group flex flex-col items-center text-quiet hover:text-glaze"
          aria-label={`Add another container at ${place}`}
        >
          <span className="pb-2 text-[0.9rem] group-hover:underline">Add another here</span>
          <svg width={w} height={h} viewBox={`0 0 ${w} ${h}`} aria-hidden>
            <path
              d={`M3 3H${w - 3}V22H${w - 10}L${w * 0.84} ${h - 1}H${w * 0.16}L10 22H3Z`}
              fill="none"
              stroke="currentColor"
              strokeWidth="1.3"
              strokeDasharray="5 5"
            />
          </svg>
        </button>
      </div>
      {/* As deep as what is written under the pots beside it, so that the shelf is one line. */}
      <div className="h-[7.35rem]" aria-hidden />
    </li>
  );
}

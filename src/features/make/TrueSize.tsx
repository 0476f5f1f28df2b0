'use client';
import { useState } from 'react';
import type { PaperDrawing } from '@/core/papers/drawing';
import { svgOf } from '@/core/papers/svg';
import { MM_PER_INCH } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { keepMaking } from './keep';

/** A bank card, mm (ISO/IEC 7810, ID-1). */
const CARD_WIDE = 85.6;
const CARD_HIGH = 53.98;
/** What browsers take a millimetre for, where nobody has measured: 96 to the inch. */
const GUESS = 96 / MM_PER_INCH;

/** Room for all of it, px. */
const SMALL = { wide: 330, high: 300 };

/** A drawing on the screen at true size, once a bank card has been held to it. */
export function TrueSize({ drawing, pxPerMm }: { drawing: PaperDrawing; pxPerMm: number | null }) {
  const [held, setHeld] = useState<number | null>(null);
  const scale = held ?? pxPerMm ?? GUESS;
  const [true_, setTrue] = useState(false);
  const small = Math.min(SMALL.wide / drawing.wide, SMALL.high / drawing.high);
  const k = true_ ? scale : small;
  return (
    <div className="flex flex-col items-start gap-2">
      <div
        className="max-h-80 max-w-full overflow-auto border border-line bg-white"
        tabIndex={0}
        role="region"
        aria-label={true_ ? 'Template at actual size' : 'Template, small'}
      >
        {/* Drawn by our own code from checked data: nothing of it is typed markup. */}
        <div
          style={{ width: drawing.wide * k, height: drawing.high * k }}
          className="mx-auto [&>svg]:block [&>svg]:h-full [&>svg]:w-full"
          dangerouslySetInnerHTML={{ __html: svgOf(drawing) }}
        />
      </div>
      <p className="flex flex-wrap gap-2">
        <Button aria-pressed={true_} onClick={() => setTrue(!true_)}>
          {true_ ? 'Fit to screen' : 'Show actual size'}
        </Button>
        {held === null && (
          <Button onClick={() => setHeld(scale)}>
            {pxPerMm ? 'Calibrate the screen again' : 'Calibrate the screen'}
          </Button>
        )}
      </p>
      {held !== null && (
        <div className="flex flex-col gap-2">
          <p>Hold a bank card against the screen and drag the frame to match.</p>
          <div
            className="rounded-[10px] border-2 border-ink bg-paper"
            style={{ width: CARD_WIDE * held, height: CARD_HIGH * held }}
            aria-hidden
          />
          <label className="flex max-w-md flex-col gap-1">
            <span className="label">Width of the frame</span>
            <input
              type="range"
              min={GUESS / 2}
              max={GUESS * 3}
              step={0.005}
              value={held}
              onChange={(e) => setHeld(Number(e.target.value))}
              aria-valuetext={`${Math.round(CARD_WIDE * held)} pixels`}
            />
          </label>
          <p className="flex gap-2">
            <Button
              kind="deep"
              onClick={() => {
                keepMaking({ pxPerMm: held });
                setHeld(null);
                setTrue(true);
              }}
            >
              It matches
            </Button>
            <Button onClick={() => setHeld(null)}>Cancel</Button>
          </p>
        </div>
      )}
    </div>
  );
}

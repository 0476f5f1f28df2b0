'use client';
import { type KeyboardEvent, useState } from 'react';

const FROM = 5;
const TO = 20;
const NOON = 12;
/** Hours in a row: the morning’s, and from 13:00 the afternoon’s. */
const ROW = 8;

/** The hours of a day as two strips of sky, morning and afternoon: press the hours that have direct sun. */
export function SunStrip({ hours, onChange }: { hours: readonly number[]; onChange: (hours: number[]) => void }) {
  const list = Array.from({ length: TO - FROM + 1 }, (_, i) => FROM + i);
  const flip = (h: number) =>
    onChange(hours.includes(h) ? hours.filter((x) => x !== h) : [...hours, h].sort((a, b) => a - b));
  /** The hour that the Tab key comes to; arrows go on from it. */
  const [here, setHere] = useState(NOON);
  const onKey = (e: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -ROW, ArrowDown: ROW }[e.key];
    const next = here + (by ?? 0);
    if (by === undefined || !list.includes(next)) return;
    e.preventDefault();
    setHere(next);
    e.currentTarget.querySelectorAll('button')[next - FROM]?.focus();
  };
  return (
    <div
      role="group"
      aria-label="Hours of direct sun: arrow keys move between hours, Space switches an hour on or off"
      onKeyDown={onKey}
      className="grid grid-cols-8 gap-px"
    >
      {list.map((h) => {
        const on = hours.includes(h);
        const height = 38 + 62 * Math.sin(((h + 0.5 - FROM) / (TO - FROM + 1)) * Math.PI);
        return (
          <button
            key={h}
            type="button"
            tabIndex={h === here ? 0 : -1}
            onFocus={() => setHere(h)}
            aria-pressed={on}
            aria-label={`${h} to ${h + 1} o’clock`}
            onClick={() => flip(h)}
            className="flex h-[60px] flex-col items-center justify-end text-[0.75rem] text-quiet work:h-[52px]"
          >
            <span
              className="block w-full border-t-2"
              style={{
                height: `${height}%`,
                background: on
                  ? 'linear-gradient(to top, color-mix(in oklab, var(--watch) 25%, var(--paper)), color-mix(in oklab, var(--watch) 85%, white))'
                  : 'color-mix(in oklab, var(--stream) 88%, var(--ink))',
                borderColor: on ? 'var(--watch-ink)' : 'var(--line)',
              }}
            />
            <span>{h}</span>
          </button>
        );
      })}
    </div>
  );
}

'use client';

const FROM = 5;
const TO = 20;

/** The hours of a day as a strip of sky: press the hours that have direct sun. The line at 13 parts morning from afternoon. */
export function SunStrip({ hours, onChange }: { hours: readonly number[]; onChange: (hours: number[]) => void }) {
  const list = Array.from({ length: TO - FROM + 1 }, (_, i) => FROM + i);
  const flip = (h: number) =>
    onChange(hours.includes(h) ? hours.filter((x) => x !== h) : [...hours, h].sort((a, b) => a - b));
  return (
    <div>
      <div role="group" aria-label="Hours of direct sun" className="relative flex h-16 items-end gap-px">
        {list.map((h) => {
          const on = hours.includes(h);
          const height = 38 + 62 * Math.sin(((h + 0.5 - FROM) / (TO - FROM + 1)) * Math.PI);
          return (
            <button
              key={h}
              type="button"
              aria-pressed={on}
              aria-label={`${h} to ${h + 1} o’clock`}
              onClick={() => flip(h)}
              className="group relative flex h-full flex-1 items-end"
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
            </button>
          );
        })}
        <span
          aria-hidden
          className="pointer-events-none absolute bottom-0 top-0 w-px bg-ink"
          style={{ left: `${((13 - FROM) / (TO - FROM + 1)) * 100}%` }}
        />
      </div>
      <div className="flex justify-between pt-0.5 text-[0.75rem] text-quiet" aria-hidden>
        <span>{FROM}:00</span>
        <span>9</span>
        <span className="text-ink">13</span>
        <span>17</span>
        <span>{TO + 1}:00</span>
      </div>
    </div>
  );
}

'use client';
import { useId } from 'react';

/** The first and last hour that is shown, and how it steps: solar time. */
const FROM = 5;
const TO = 21;
const STEP = 0.5;

export const hourText = (hour: number): string =>
  `${String(Math.floor(hour)).padStart(2, '0')}:${hour % 1 === 0 ? '00' : '30'}`;

/** The hour of the sun, to be slid. */
export function Hour({ hour, says, onChange }: { hour: number; says: string; onChange: (hour: number) => void }) {
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="label">
        Sun at {hourText(hour)} <span className="font-normal">{says}</span>
      </label>
      <input
        id={id}
        type="range"
        min={FROM}
        max={TO}
        step={STEP}
        value={hour}
        aria-valuetext={`${hourText(hour)} solar time, ${says}`}
        className="h-9 w-full accent-[var(--marigold,#c98a1b)] pointer-coarse:h-[44px]"
        onChange={(e) => onChange(Number(e.target.value))}
      />
    </div>
  );
}

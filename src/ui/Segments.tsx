'use client';
import { ToggleGroup } from 'radix-ui';
import { useId } from 'react';

/** Two to four choices side by side. */
export function Segments<T extends string>({ label, value, options, onChange }: { label: string; value: T; options: readonly { value: T; text: string }[]; onChange: (value: T) => void }) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <span id={id} className="label">
        {label}
      </span>
      <ToggleGroup.Root type="single" value={value} aria-labelledby={id} onValueChange={(v) => v && onChange(v as T)} className="flex rounded-[3px] border border-line bg-paper">
        {options.map((o) => (
          <ToggleGroup.Item key={o.value} value={o.value} className="flex-1 min-h-9 px-1.5 text-[0.87rem] leading-tight border-line not-first:border-l data-[state=on]:bg-glaze data-[state=on]:text-onglaze data-[state=on]:font-semibold">
            {o.text}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}

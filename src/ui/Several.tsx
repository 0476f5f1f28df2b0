'use client';
import { ToggleGroup } from 'radix-ui';
import { useId } from 'react';

/** Any of a few, side by side. */
export function Several<T extends string>({ label, values, options, onChange }: { label: string; values: readonly T[]; options: readonly { value: T; text: string }[]; onChange: (values: T[]) => void }) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <span id={id} className="label">
        {label}
      </span>
      <ToggleGroup.Root type="multiple" value={[...values]} aria-labelledby={id} onValueChange={(v) => onChange(v as T[])} className="flex rounded-[3px] border border-line bg-paper">
        {options.map((o) => (
          <ToggleGroup.Item key={o.value} value={o.value} className="min-h-9 flex-1 border-line px-1.5 text-[0.87rem] not-first:border-l data-[state=on]:bg-glaze data-[state=on]:font-semibold data-[state=on]:text-onglaze">
            {o.text}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}

'use client';
import { Switch } from 'radix-ui';
import { useId } from 'react';

export function Toggle({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  const id = useId();
  return (
    <div className="flex min-h-9 pointer-coarse:min-h-[44px] items-center justify-between gap-1.5">
      <label htmlFor={id} className="flex min-h-[inherit] flex-1 items-center">
        {label}
      </label>
      <Switch.Root
        id={id}
        checked={on}
        onCheckedChange={onChange}
        className="relative h-5 w-9 shrink-0 before:absolute before:-inset-2.5 rounded-full border border-line bg-paper data-[state=checked]:bg-glaze data-[state=checked]:border-glaze"
      >
        <Switch.Thumb className="block size-3.5 translate-x-0.5 rounded-full bg-quiet transition-transform data-[state=checked]:translate-x-[17px] data-[state=checked]:bg-onglaze" />
      </Switch.Root>
    </div>
  );
}

'use client';
import { ToggleGroup } from 'radix-ui';
import { type ReactNode, useId } from 'react';

export interface Option<T extends string> {
  value: T;
  text: string;
  /** Said in place of the text where that is only a letter. */
  full?: string;
}

const ROW = 'flex rounded-[3px] border border-line bg-paper';

function Labelled({ label, children }: { label: string; children: (id: string) => ReactNode }) {
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <span id={id} className="label">
        {label}
      </span>
      {children(id)}
    </div>
  );
}

const items = <T extends string>(options: readonly Option<T>[]): ReactNode =>
  options.map((o) => (
    <ToggleGroup.Item
      key={o.value}
      value={o.value}
      aria-label={o.full}
      className="min-h-9 pointer-coarse:min-h-[44px] min-w-min flex-auto border-line px-1 text-[0.87rem] leading-tight not-first:border-l data-[state=on]:bg-glaze data-[state=on]:font-semibold data-[state=on]:text-onglaze"
    >
      {o.text}
    </ToggleGroup.Item>
  ));

/** Two to four choices side by side. */
export function Segments<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
}) {
  return (
    <Labelled label={label}>
      {(id) => (
        <ToggleGroup.Root
          type="single"
          value={value}
          aria-labelledby={id}
          onValueChange={(v) => v && onChange(v as T)}
          className={ROW}
        >
          {items(options)}
        </ToggleGroup.Root>
      )}
    </Labelled>
  );
}

/** Any of a few, side by side. */
export function Several<T extends string>({
  label,
  values,
  options,
  onChange,
}: {
  label: string;
  values: readonly T[];
  options: readonly Option<T>[];
  onChange: (values: T[]) => void;
}) {
  return (
    <Labelled label={label}>
      {(id) => (
        <ToggleGroup.Root
          type="multiple"
          value={[...values]}
          aria-labelledby={id}
          onValueChange={(v) => onChange(v as T[])}
          className={ROW}
        >
          {items(options)}
        </ToggleGroup.Root>
      )}
    </Labelled>
  );
}

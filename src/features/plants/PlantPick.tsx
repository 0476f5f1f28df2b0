'use client';
import { Command } from 'cmdk';
import { Popover } from 'radix-ui';
import { useMemo, useState } from 'react';
import { plantName, type Plant } from '@/core/plants/schema';
import { finderOf } from '@/core/plants/search';
import { Button } from '@/ui/Button';
import { PlantGlyph } from '@/ui/PlantGlyph';

/** Plants listed at once. */
const SHOWN = 40;

/** A button that opens a search of the library, and gives back the plant picked. */
export function PlantPick({
  label,
  text,
  library,
  disabled,
  onPick,
}: {
  label: string;
  text: string;
  library: readonly Plant[];
  disabled?: boolean;
  onPick: (plant: Plant) => void;
}) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const find = useMemo(() => finderOf(open ? library : []), [open, library]);
  const found = open ? find(typed) : [];
  const list = typed.trim() ? found : [...found].sort((a, b) => plantName(a).localeCompare(plantName(b)));
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button className="w-full justify-between! font-normal" aria-label={label} disabled={disabled}>
          {text}
          <span aria-hidden className="text-quiet">
            search
          </span>
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="z-30 w-[min(22rem,94vw)] rounded-[4px] border border-line bg-ground"
          aria-label={label}
        >
          <Command label={label} shouldFilter={false} className="flex max-h-[46vh] flex-col">
            <Command.Input
              value={typed}
              onValueChange={setTyped}
              placeholder="Common or botanical name"
              className="border-b border-line bg-transparent px-3 py-2 outline-none"
            />
            <Command.List className="overflow-y-auto p-1">
              <Command.Empty className="p-2 text-quiet">No plants match.</Command.Empty>
              {list.slice(0, SHOWN).map((p) => (
                <Command.Item
                  key={p.id}
                  value={p.id}
                  className="flex cursor-pointer items-center gap-2 rounded-[3px] px-2 py-1 data-[selected=true]:bg-stream"
                  onSelect={() => {
                    setOpen(false);
                    setTyped('');
                    onPick(p);
                  }}
                >
                  <PlantGlyph plant={p} size={22} />
                  {plantName(p)}
                </Command.Item>
              ))}
              {list.length > SHOWN && (
                <p className="px-2 py-1 text-[0.84rem] text-quiet">
                  {list.length - SHOWN} more. Type part of a name to narrow the list.
                </p>
              )}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

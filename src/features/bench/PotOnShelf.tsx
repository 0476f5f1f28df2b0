'use client';
import { DropdownMenu } from 'radix-ui';
import Link from 'next/link';
import { useState } from 'react';
import type { PotState } from '@/core/jobs/state';
import type { Planting } from '@/core/plantings/schema';
import { describe } from '@/core/containers/describe';
import { Button } from '@/ui/Button';
import { Mark } from '@/ui/Mark';
import { PotPicture, pictureSize } from '../pictures/PotPicture';
import { stationPath } from '../shell/stations';
import { useUnits } from '../shell/units';

interface Props {
  planting: Planting;
  scale: number;
  /** Nothing until it is known. */
  state: PotState | undefined;
  onCopy: () => void;
  onDelete: () => void;
  onArchive: () => void;
  onRename: (name: string) => void;
}

export function PotOnShelf({ planting, scale, state, onCopy, onDelete, onArchive, onRename }: Props) {
  const units = useUnits((u) => u.units);
  const [naming, setNaming] = useState(false);
  const { w } = pictureSize(planting, scale);
  const acts = [
    { text: 'Rename', act: () => setNaming(true) },
    { text: 'Copy', act: onCopy },
    { text: 'Put away', act: onArchive },
    { text: 'Delete', act: onDelete },
  ];
  return (
    <li className="flex max-w-full flex-col" style={{ width: Math.max(w + 20, 184) }}>
      <Link href={stationPath(planting.id, 'plants')} className="group flex flex-1 flex-col">
        <span className="flex flex-1 items-end justify-center border-b-[3px] border-ink">
          {/* The picture's own ground lies a little above its foot: the pot stands on the shelf. */}
          <PotPicture
            planting={planting}
            scale={scale}
            className={planting.container.mount === 'ground' ? '-mb-[3%]' : 'mb-3'}
          />
        </span>
        <span className="truncate px-3 pt-2 text-[1.05rem] font-semibold leading-tight group-hover:underline">
          {planting.name}
        </span>
      </Link>
      <div className="h-[5.6rem] px-3">
        <p className="text-[0.88rem] text-quiet">
          {describe(planting.container, units)}
          {planting.container.count > 1 ? ` (${planting.container.count} identical)` : ''}
          {planting.spot.corner && `, ${planting.spot.corner}`}
        </p>
        <p className="flex items-baseline gap-1.5 text-[0.9rem]">
          {state && (
            <>
              <Mark severity={state.severity} />
              <span className="line-clamp-2">{state.text}</span>
            </>
          )}
        </p>
        {naming ? (
          <form
            className="flex gap-1 pt-1"
            onSubmit={(e) => {
              e.preventDefault();
              const name = String(new FormData(e.currentTarget).get('name')).trim();
              if (name) onRename(name.slice(0, 80));
              setNaming(false);
            }}
          >
            <input
              name="name"
              defaultValue={planting.name}
              maxLength={80}
              required
              aria-label={`New name for ${planting.name}`}
              className="field min-w-0 flex-1"
              autoFocus
              onKeyDown={(e) => e.key === 'Escape' && setNaming(false)}
            />
            <Button type="submit">Rename</Button>
          </form>
        ) : (
          <DropdownMenu.Root modal={false}>
            <DropdownMenu.Trigger asChild>
              <Button kind="bare" className="-ml-1" aria-label={`More for ${planting.name}`}>
                More
              </Button>
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
              <DropdownMenu.Content
                align="start"
                className="z-20 min-w-40 rounded-[4px] border border-line bg-ground py-1"
                onCloseAutoFocus={(e) => naming && e.preventDefault()}
              >
                {acts.map(({ text, act }) => (
                  <DropdownMenu.Item
                    key={text}
                    className="cursor-pointer px-3 py-1.5 outline-none data-[highlighted]:bg-glaze data-[highlighted]:text-onglaze"
                    onSelect={act}
                  >
                    {text}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Content>
            </DropdownMenu.Portal>
          </DropdownMenu.Root>
        )}
      </div>
    </li>
  );
}

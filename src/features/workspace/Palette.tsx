'use client';
import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Season } from '@/core/growth/grown';
import { pressTurn, turned } from '@/core/layout/turn';
import { plantName } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { useComposing, useDesk } from '../plants/composing';
import { nameOfLast } from '../shell/history';
import type { Known } from '../shell/known';
import { point } from '../shell/pointing';
import { STATION_IDS, stationPath, STATIONS } from '../shell/stations';
import { useWorkspace } from '../shell/store';
import { useUnits } from '../shell/units';

interface Act {
  text: string;
  key?: string;
  run: () => void;
}

/** Everything that can be done here, by name. Ctrl K. */
export function Palette({ planting, season, known }: { planting: Planting; season: Season; known: Known }) {
  const [open, setOpen] = useState(false);
  const router = useRouter();
  const { run, undo, redo, show } = useWorkspace.getState();
  const back = useWorkspace((s) => nameOfLast(s.history?.past ?? []));
  const forward = useWorkspace((s) => nameOfLast(s.history?.future ?? []));
  const by = season.placed.length > 0 ? pressTurn(planting.container.shape) : null;
  const turn = (degrees: number) => run('Rotate the planting', ...(turned(planting, degrees) ?? []));
  const atPlants = (what: () => void) => () => {
    router.push(stationPath(planting.id, 'plants'));
    what();
  };
  const { units, set } = useUnits();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k') {
        e.preventDefault();
        setOpen((o) => !o);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const acts: Act[] = [
    { text: 'Compose', run: atPlants(() => useComposing.getState().start(planting, known.mine)) },
    { text: 'Add a plant', run: () => useDesk.getState().set({ adding: true }) },
    ...STATION_IDS.map((s) => ({
      text: `Go to ${STATIONS[s].name}`,
      run: () => router.push(stationPath(planting.id, s)),
    })),
    { text: 'Go to the library', run: () => router.push(`/library?for=${planting.id}`) },
    { text: 'Go to the bench', run: () => router.push('/') },
    ...season.placed.map((p) => ({
      text: `Select ${plantName(p.plant)} (${p.role} ${p.id})`,
      run: () => point({ chosen: p.id, lit: [p.id] }),
    })),
    ...(back ? [{ text: `Undo ${back}`, key: 'Ctrl Z', run: undo }] : []),
    ...(forward ? [{ text: `Redo ${forward}`, key: 'Ctrl Shift Z', run: redo }] : []),
    ...(by === null
      ? []
      : [
          { text: 'Rotate the planting left', run: () => turn(-by) },
          { text: 'Rotate the planting right', run: () => turn(by) },
        ]),
    { text: 'Show planting day', run: () => show(0) },
    { text: 'Show the peak', run: () => show(null) },
    {
      text: units === 'metric' ? 'Use inches and quarts' : 'Use centimetres and litres',
      run: () => set(units === 'metric' ? 'imperial' : 'metric'),
    },
  ];
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-2 top-[12vh] z-50 mx-auto max-w-lg rounded-[4px] border border-line bg-ground"
        >
          <Dialog.Title className="sr-only">Commands</Dialog.Title>
          <Command label="Commands" className="flex max-h-[60vh] flex-col">
            <Command.Input
              placeholder="What would you like to do?"
              className="border-b border-line bg-transparent px-4 py-3 text-lg outline-none"
            />
            <Command.List className="overflow-y-auto p-1.5">
              <Command.Empty className="p-3 text-quiet">No matches. Try “compose” or a plant name.</Command.Empty>
              {acts.map((a) => (
                <Command.Item
                  key={a.text}
                  value={a.text}
                  className="flex cursor-pointer justify-between rounded-[3px] px-2.5 py-1.5 data-[selected=true]:bg-glaze data-[selected=true]:text-onglaze"
                  onSelect={() => {
                    setOpen(false);
                    a.run();
                  }}
                >
                  {a.text}
                  {a.key && <kbd className="font-sans text-[0.82rem] opacity-80">{a.key}</kbd>}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

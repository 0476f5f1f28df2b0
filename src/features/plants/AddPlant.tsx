'use client';
import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import { whyNot } from '@/core/compose/filter';
import { roomFor } from '@/core/layout/room-for';
import { finderOf } from '@/core/plants/search';
import { plantName, type Plant } from '@/core/plants/schema';
import { ROLES, type Role } from '@/core/plants/traits';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { Segments } from '@/ui/Segments';
import { useWorkspace } from '../shell/store';

/** Plants listed at once. */
const SHOWN = 80;

/** Search the library and put one more plant in; those that cannot live here say why. */
export function AddPlant({
  planting,
  library,
  wanted = null,
  open,
  onClose,
}: {
  planting: Planting;
  library: readonly Plant[];
  /** A plant to begin with. */ wanted?: Plant | null;
  open: boolean;
  onClose: () => void;
}) {
  const run = useWorkspace((s) => s.run);
  const [text, setText] = useState(wanted ? plantName(wanted) : '');
  const [role, setRole] = useState<Role>(wanted?.roles[0] ?? 'filler');
  const [full, setFull] = useState<string | null>(null);
  const find = useMemo(() => finderOf(open ? library : []), [open, library]);
  const list = useMemo(() => {
    if (!open) return [];
    return (wanted && text === plantName(wanted) ? [wanted] : find(text))
      .filter((p) => p.roles.includes(role))
      .map((p) => ({ p, why: whyNot(p, planting)[0] }))
      .sort((a, b) => Number(Boolean(a.why)) - Number(Boolean(b.why)));
  }, [open, wanted, find, text, role, planting]);
  const add = (p: Plant) => {
    const placements = roomFor(planting, p, role);
    if (!placements)
      return setFull(
        `${plantName(p)} does not fit: there is no space between the root balls. Remove a plant or choose a smaller size to buy.`,
      );
    run(`Add ${plantName(p)}`, { do: 'plant', placements });
    onClose();
  };
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/35" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-2 top-[6vh] z-30 mx-auto flex max-h-[86vh] max-w-xl flex-col gap-3 rounded-[4px] border border-line bg-ground p-4"
        >
          <div className="flex items-center justify-between">
            <Dialog.Title className="text-lg">Add a plant</Dialog.Title>
            <Dialog.Close asChild>
              <Button kind="bare">Close</Button>
            </Dialog.Close>
          </div>
          <Segments
            label="Role"
            value={role}
            options={ROLES.map((r) => ({ value: r, text: r[0]?.toUpperCase() + r.slice(1) }))}
            onChange={setRole}
          />
          <label className="flex flex-col gap-1">
            <span className="label">Name</span>
            <input
              className="field"
              value={text}
              onChange={(e) => setText(e.target.value)}
              placeholder="common or botanical"
            />
          </label>
          {full && (
            <p role="alert" className="text-wrong">
              {full}
            </p>
          )}
          <ul className="min-h-0 flex-1 overflow-y-auto" aria-label="Plants">
            {list.slice(0, SHOWN).map(({ p, why }) => (
              <li key={p.id} className="hair grid grid-cols-[34px_1fr_auto] items-center gap-2 py-1">
                <PlantGlyph plant={p} size={28} />
                <span>
                  {plantName(p)} <span className="text-[0.85rem] italic text-quiet">{p.botanical}</span>
                  {why && <span className="block text-[0.84rem] text-quiet">Not suitable: {why.why}</span>}
                </span>
                <Button onClick={() => add(p)} aria-label={`Add ${plantName(p)}`}>
                  {why ? 'Add anyway' : 'Add'}
                </Button>
              </li>
            ))}
            {list.length > SHOWN && (
              <li className="py-2 text-[0.88rem] text-quiet">
                {list.length - SHOWN} more. Type part of a name to narrow the list.
              </li>
            )}
            {list.length === 0 && <li className="py-3">No {role} matches. Try part of the name or another role.</li>}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

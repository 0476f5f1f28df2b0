import { create } from 'zustand';
import type { Shift } from '@/core/groups/check';
import type { Group } from '@/core/groups/schema';
import { moved } from '@/core/groups';
import { saveGroup } from '@/storage/groups';
import { told } from '../shell/doing';
import type { GroupSight } from './eyes';

/** Steps back that are kept. */
const MOST_STEPS = 100;

interface Arranging {
  group: Group | null;
  past: readonly { name: string; group: Group }[];
  /** The one that is in the hand; null for none. */
  chosen: string | null;
  view: GroupSight;
  open: (group: Group) => void;
  choose: (id: string | null) => void;
  look: (view: GroupSight) => void;
  /** Changes the group, keeps it, and remembers the way back. */
  change: (name: string, group: Group) => void;
  /** Moves containers. Of a drag, or keys pressed in a run, all of one name in a row is one step. */
  move: (name: string, shifts: readonly Shift[], inRun?: boolean) => void;
  undo: () => void;
}

/** How the containers of a place are being set out. */
export const useArranging = create<Arranging>((set, get) => {
  const change = (name: string, group: Group, inRun = false) => {
    const { group: was, past } = get();
    if (!was) return;
    const same = inRun && past.at(-1)?.name === name;
    set({ group, past: same ? past : [...past, { name, group: was }].slice(-MOST_STEPS) });
    told(saveGroup(group));
  };
  return {
    group: null,
    past: [],
    chosen: null,
    view: 'front',
    open: (group) => set({ group, past: [], chosen: null }),
    choose: (chosen) => set({ chosen }),
    look: (view) => set({ view }),
    change: (name, group) => change(name, group),
    move: (name, shifts, inRun) => {
      const { group } = get();
      if (group && shifts.length > 0) change(name, moved(group, shifts), inRun);
    },
    undo: () => {
      const { past } = get();
      const last = past.at(-1);
      if (!last) return;
      set({ group: last.group, past: past.slice(0, -1) });
      told(saveGroup(last.group));
    },
  };
});

import type { Deed } from './deeds';
import { counted } from './ids';
import type { Placement, Planting } from './schema';

/** Every edit of a planting: a small named thing that makes a new planting. Undo, remedies and tests all use these. */
export type Command =
  | { do: 'move'; id: string; xMm: number; yMm: number }
  | { do: 'swap'; id: string; plant: Placement['plant']; start: Placement['start'] }
  | { do: 'start'; id: string; start: Placement['start'] }
  | { do: 'remove'; id: string }
  | { do: 'add'; placement: Placement }
  | { do: 'lock'; id: string; locked: boolean }
  | { do: 'plant'; placements: Placement[] }
  /** Set out on another day than the rest; null with them. */
  | { do: 'begin'; id: string; on: string | null }
  /** Taken out of the soil on a day: it keeps its past. */
  | { do: 'lift'; id: string; on: string | null }
  /** Something is to be done, or was. */
  | { do: 'plan'; deed: Deed }
  | { do: 'done'; id: string; on: string | null }
  | { do: 'unplan'; id: string }
  | {
      do: 'set';
      change: Partial<Pick<Planting, 'name' | 'spot' | 'container' | 'brief' | 'startDate' | 'learned' | 'drinksBy'>>;
    };

const edit = (p: Planting, id: string, change: Partial<Placement>): Planting => ({
  ...p,
  placements: p.placements.map((pl) => (pl.id === id ? { ...pl, ...change } : pl)),
});

/** The planting without deeds to placements that it no longer has. */
function withoutOrphans(p: Planting): Planting {
  const here = new Set(p.placements.map((pl) => pl.id));
  const deeds = p.deeds.filter((d) => d.to === null || here.has(d.to));
  return deeds.length === p.deeds.length ? p : { ...p, deeds };
}

function changed(p: Planting, c: Command): Planting {
  switch (c.do) {
    case 'move':
      return edit(p, c.id, { xMm: c.xMm, yMm: c.yMm });
    case 'swap':
      return edit(p, c.id, { plant: c.plant, start: c.start });
    case 'start':
      return edit(p, c.id, { start: c.start });
    case 'remove':
      return withoutOrphans({ ...p, placements: p.placements.filter((pl) => pl.id !== c.id) });
    case 'add':
      return { ...p, placements: [...p.placements, c.placement] };
    case 'lock':
      return edit(p, c.id, { locked: c.locked });
    case 'plant':
      return withoutOrphans({ ...p, placements: c.placements });
    case 'begin':
      return edit(p, c.id, { from: c.on });
    case 'lift':
      return edit(p, c.id, { until: c.on });
    case 'plan':
      return { ...p, deeds: [...p.deeds, c.deed] };
    case 'done':
      return { ...p, deeds: p.deeds.map((d) => (d.id === c.id ? { ...d, done: c.on } : d)) };
    case 'unplan':
      return { ...p, deeds: p.deeds.filter((d) => d.id !== c.id) };
    case 'set':
      return { ...p, ...c.change };
  }
}

/**
 * The planting after a command. Never changes its input; an id that is not there changes nothing; the number the next
 * id gets never falls.
 */
export const apply = (p: Planting, c: Command): Planting => counted(changed(p, c), p.nextId);

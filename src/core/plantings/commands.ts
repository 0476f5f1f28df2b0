import type { Placement, Planting } from './schema';

/** Every edit of a planting: a small named thing that makes a new planting. Undo, remedies and tests all use these. */
export type Command =
  | { do: 'move'; id: string; xMm: number; yMm: number }
  | { do: 'swap'; id: string; plant: Placement['plant']; start: Placement['start'] }
  | { do: 'start'; id: string; start: Placement['start'] }
  | { do: 'remove'; id: string }
  | { do: 'add'; placement: Placement }
  | { do: 'lock'; id: string; locked: boolean }
  | { do: 'turn'; degrees: number }
  | { do: 'plant'; placements: Placement[] }
  | { do: 'set'; change: Partial<Pick<Planting, 'name' | 'spot' | 'container' | 'brief' | 'startDate'>> };

const edit = (p: Planting, id: string, change: Partial<Placement>): Planting => ({
  ...p,
  placements: p.placements.map((pl) => (pl.id === id ? { ...pl, ...change } : pl)),
});

/** The planting after a command. Never changes its input; a placement id that is not there changes nothing. */
export function apply(p: Planting, c: Command): Planting {
  switch (c.do) {
    case 'move':
      return edit(p, c.id, { xMm: c.xMm, yMm: c.yMm });
    case 'swap':
      return edit(p, c.id, { plant: c.plant, start: c.start });
    case 'start':
      return edit(p, c.id, { start: c.start });
    case 'remove':
      return { ...p, placements: p.placements.filter((pl) => pl.id !== c.id) };
    case 'add':
      return { ...p, placements: [...p.placements, c.placement] };
    case 'lock':
      return edit(p, c.id, { locked: c.locked });
    case 'turn': {
      const a = (c.degrees * Math.PI) / 180;
      const [cos, sin] = [Math.cos(a), Math.sin(a)];
      return {
        ...p,
        placements: p.placements.map((pl) => ({
          ...pl,
          xMm: pl.xMm * cos - pl.yMm * sin,
          yMm: pl.xMm * sin + pl.yMm * cos,
        })),
      };
    }
    case 'plant':
      return { ...p, placements: c.placements };
    case 'set':
      return { ...p, ...c.change };
  }
}

/** The first of `p1`, `p2` … that no placement uses. */
export function freeId(placements: readonly Placement[]): string {
  const used = new Set(placements.map((p) => p.id));
  let n = 1;
  while (used.has(`p${n}`)) n += 1;
  return `p${n}`;
}

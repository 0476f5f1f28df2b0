import { roomFor } from '../../layout/room-for';
import { startOf } from '../../layout/start-for';
import { referTo } from '../../plants';
import { plantName } from '../../plants/schema';
import type { Role } from '../../plants/traits';
import type { Command } from '../../plantings/commands';
import type { Placement } from '../../plantings/schema';
import { type RemedyGround, kindsOf, type Try } from './ground';
import { alternativesIn } from './swaps';

/** Newcomers weighed. Working figure: time against choice. */
const WEIGHED = 5;

/** What puts one more in, and moves those that make room for it. */
function comingIn({ planting }: RemedyGround, all: Placement[] | null, part: string | null): Command[] {
  const before = new Map(planting.placements.map((p) => [p.id, p]));
  return (all ?? []).flatMap((p): Command[] => {
    const was = before.get(p.id);
    if (!was) return [{ do: 'add', placement: { ...p, part } }];
    return was.xMm === p.xMm && was.yMm === p.yMm ? [] : [{ do: 'move', id: p.id, xMm: p.xMm, yMm: p.yMm }];
  });
}

/** One more of a kind that is there, where there is room. */
export function oneMore(g: RemedyGround): Try[] {
  const kinds = kindsOf(g.placed.filter((p) => p.role !== 'thriller'));
  return kinds.flatMap(({ plant, role, part }): Try[] => {
    const commands = comingIn(g, roomFor(g.planting, plant, role), part);
    return commands.length > 0 ? [{ label: `One more ${plantName(plant)}`, commands }] : [];
  });
}

const newcomer =
  (role: Role) =>
  (g: RemedyGround): Try[] => {
    const here = new Set(g.placed.map((p) => p.plant.botanical));
    return alternativesIn(g.planting, role, g.library)
      .filter((p) => !here.has(p.botanical))
      .slice(0, WEIGHED)
      .flatMap((plant): Try[] => {
        const commands = comingIn(g, roomFor(g.planting, plant, role), null);
        return commands.length > 0 ? [{ label: `Add ${plantName(plant)}`, commands }] : [];
      });
  };

/** Somebody tall to lead, and something to hang over the rim. */
export const aLead = newcomer('thriller');
export const aTrailer = newcomer('spiller');

/** Fewer kinds: one that stands alone becomes one more of a kind that is there. */
export function sameAgain({ planting, placed, targets }: RemedyGround): Try[] {
  const kinds = kindsOf(placed.filter((p) => p.role !== 'thriller'));
  return targets
    .filter((t) => t.role !== 'thriller')
    .flatMap((t) =>
      kinds
        .filter((k) => k.plant.id !== t.plant.id && k.plant.roles.includes(t.role))
        .flatMap(({ plant }): Try[] => {
          const start = startOf(plant, t.role, planting);
          if (!start) return [];
          return [
            {
              label: `Replace ${plantName(t.plant)} with another ${plantName(plant)}`,
              commands: [{ do: 'swap', id: t.id, plant: referTo(plant), start }],
            },
          ];
        }),
    );
}

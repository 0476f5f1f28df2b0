import type { RemedyKind } from '../../balance/check';
import type { Finding } from '../../balance/finding';
import { settle } from '../../layout/packing';
import { startOf } from '../../layout/start-for';
import { turned } from '../../layout/turn';
import { referTo } from '../../plants';
import { plantName, type Plant } from '../../plants/schema';
import type { Command } from '../../plantings/commands';
import { newPlacement } from '../../plantings/fresh';
import { freeId } from '../../plantings/ids';
import { plantIdOf, resolve, type Placed } from '../../plantings/resolve';
import type { Planting } from '../../plantings/schema';
import { addDays } from '../../units/date';
import { tenth } from '../../units/number';
import { type RemedyGround, kindsOf, type Try } from './ground';
import { aLead, aTrailer, oneMore, sameAgain } from './newcomers';
import { cheaperThroughout, swapThemAll } from './together';
import { biggerStarts, cutBack, kindSmaller, pinched, smallerStarts } from './size';
import { alternatives } from './swaps';

/** Alternatives weighed for each target, and targets. Working figures: time against choice. */
const WEIGHED = 7;
const TARGETS = 4;
/** A planting of so few is not thinned for its looks. */
const FEW = 3;
const LATER_WEEKS = [1, 2, 3, 4, 6] as const;
const NUDGES_MM = [20, 40, 60] as const;
const FORWARD_MM = [40, 80, 120] as const;
const TURNS = [40, 80, 120, 180, 240, 280, 320] as const;
/** Nearer to the middle than this a plant is not at the rim, mm. */
const MIDDLE_MM = 30;

const swapsFor = ({ planting, library }: RemedyGround, targets: readonly Placed[]): Try[] =>
  kindsOf(targets)
    .slice(0, TARGETS)
    .flatMap((t) =>
      alternatives(planting, t.id, library)
        .filter((p) => !planting.placements.some((o) => plantIdOf(o) === p.id))
        .slice(0, WEIGHED)
        .flatMap((p): Try[] => {
          const start = startOf(p, t.role, planting);
          if (!start) return [];
          const all = planting.placements.filter((o) => plantIdOf(o) === t.plant.id && !o.locked);
          return [
            {
              label: `Replace ${plantName(t.plant)} with ${plantName(p)}`,
              commands: all.map((o) => ({ do: 'swap', id: o.id, plant: referTo(p), start })),
            },
          ];
        }),
    );

/** Taking one out; never the thriller, which the rest is built round. */
const removals = (targets: readonly Placed[]): Try[] =>
  kindsOf(targets.filter((t) => t.role !== 'thriller'))
    .slice(0, TARGETS)
    .map((t) => ({
      label: `Remove one ${plantName(t.plant)}`,
      commands: [{ do: 'remove', id: t.id }],
    }));

function rearranged({ planting }: RemedyGround): Try[] {
  const balls = planting.placements.map((p) => ({ ...p, fixed: p.locked }));
  const settled = settle(planting.container, balls);
  if (!settled) return [];
  const free = settled.filter((p) => !p.fixed);
  const commands = free.map((p): Command => ({ do: 'move', id: p.id, xMm: tenth(p.xMm), yMm: tenth(p.yMm) }));
  return [{ label: 'Move root balls until they fit', commands }];
}

/** The crowded one a little away from the crowder, or the other way, by a thumb's width or two. */
function nudges({ placed, finding }: RemedyGround): Try[] {
  const [weak, bully] = finding.culprits.map((id) => placed.find((p) => p.id === id));
  if (!weak || !bully) return [];
  const d = Math.hypot(weak.xMm - bully.xMm, weak.yMm - bully.yMm) || 1;
  const away = (who: Placed, by: number): Command => {
    const far = ((who === weak ? 1 : -1) * by) / d;
    return {
      do: 'move',
      id: who.id,
      xMm: who.xMm + far * (weak.xMm - bully.xMm),
      yMm: who.yMm + far * (weak.yMm - bully.yMm),
    };
  };
  return NUDGES_MM.flatMap((by) =>
    [weak, bully]
      .filter((who) => !who.locked)
      .map((who) => ({
        label: `Move ${plantName(who.plant)} ${by / 10} cm away`,
        commands: [away(who, by)],
      })),
  );
}

/** Toward the viewer, out from behind what hides it; or back, out of the way. */
const moved = ({ targets }: RemedyGround): Try[] =>
  targets.flatMap((t) =>
    FORWARD_MM.flatMap((by) => [by, -by]).map((by) => ({
      label: `Move ${plantName(t.plant)} ${Math.abs(by) / 10} cm ${by > 0 ? 'forward' : 'back'}`,
      commands: [{ do: 'move', id: t.id, xMm: t.xMm, yMm: t.yMm + by }],
    })),
  );

/** Too bare a rim: a filler near it gives way to a spiller already there. Too full: the other way. */
function tradedRoles({ planting, placed, finding }: RemedyGround): Try[] {
  const bare = finding.measured < finding.band[0];
  const [from, to] = bare ? (['filler', 'spiller'] as const) : (['spiller', 'filler'] as const);
  const givers = placed.filter((p) => p.role === from && !p.locked && Math.hypot(p.xMm, p.yMm) > MIDDLE_MM);
  const kinds = new Map(placed.filter((p) => p.role === to).map((p) => [p.plant.id, p]));
  return givers.flatMap((g) =>
    [...kinds.values()].flatMap(({ plant, part }): Try[] => {
      const start = startOf(plant, to, planting);
      if (!start) return [];
      const { xMm, yMm } = g;
      const placement = newPlacement(freeId(planting), { plant: referTo(plant), start, role: to, part, xMm, yMm });
      return [
        {
          label: `Replace one ${plantName(g.plant)} with ${plantName(plant)}`,
          commands: [
            { do: 'remove', id: g.id },
            { do: 'add', placement },
          ],
        },
      ];
    }),
  );
}

/** What each idea comes to in one planting. A new one is a line here and a word in `Idea`. */
const IDEAS: Record<RemedyKind, (g: RemedyGround) => Try[]> = {
  drill: ({ planting }) => [
    {
      label: 'Drill holes in the base',
      commands: [{ do: 'set', change: { container: { ...planting.container, drains: true } } }],
    },
  ],
  'plant later': ({ planting }) =>
    LATER_WEEKS.map((weeks) => ({
      label: `Plant ${weeks} ${weeks === 1 ? 'week' : 'weeks'} later`,
      commands: [{ do: 'set', change: { startDate: addDays(planting.startDate, weeks * 7) } }],
    })),
  rearrange: rearranged,
  'smaller starts': smallerStarts,
  'bigger starts': biggerStarts,
  pinch: pinched,
  'cut back': cutBack,
  'forward or back': moved,
  'one more': oneMore,
  'a lead': aLead,
  'a trailer': aTrailer,
  'same again': sameAgain,
  'swap them all': swapThemAll,
  'a kind smaller': kindSmaller,
  'cheaper throughout': cheaperThroughout,
  'take one out': ({ targets }) => removals(targets),
  'take one of many out': ({ placed, targets }) => (placed.length > FEW ? removals(targets) : []),
  'take any but the lead out': ({ free }) => removals(free),
  turn: ({ planting }) =>
    TURNS.flatMap((degrees) => {
      const commands = turned(planting, degrees);
      return commands ? [{ label: `Turn the planting ${degrees}°`, commands }] : [];
    }),
  'trade roles': tradedRoles,
  'nudge apart': nudges,
  swap: (g) => swapsFor(g, g.targets),
  'swap the body': (g) =>
    swapsFor(
      g,
      g.free.filter((p) => p.role !== 'thriller'),
    ),
};

/** Everything worth trying for a finding, in the order its check names it. */
export function triesFor(
  planting: Planting,
  finding: Finding,
  ideas: readonly RemedyKind[],
  library: readonly Plant[],
): Try[] {
  const placed = resolve(planting);
  const free = placed.filter((p) => !p.locked);
  const culprits = free.filter((p) => finding.culprits.includes(p.id));
  const targets = culprits.length > 0 ? culprits : free;
  return ideas.flatMap((idea) => IDEAS[idea]({ planting, finding, placed, free, targets, library }));
}

import { monthPosition } from '../units/date';
import type { Planting } from '../plantings/schema';
import type { Grown, Season } from './grown';
import { mostTakenBy } from './light';
import { grow } from './season';
import { flowerInShade, STANDS_STILL } from './shaded';
import { skyOf } from './sky';
import { HOPELESS, SMOTHERED_WEEKS } from './smother';

/** One plant over another: who, from which week, how little light is left, and what it costs. */
export interface Covering {
  under: string;
  by: string;
  /** The first week in which it is short of light. */
  week: number;
  date: string;
  /** Least share of its light that is left to it. */
  least: number;
  /** It is in the dark for weeks, and flowers less; otherwise it only grows less. */
  smothered: boolean;
  /** Share of its flower it keeps at the worst. */
  blooms: number;
  /** It will not live so. */
  dies: boolean;
  /** By how much of its spread it falls behind, at the worst, of what it would be without that neighbour. */
  lost: number;
  /** The week in which it is furthest behind. */
  worstWeek: number;
}

/** Less of its light than this, and it shows. Working figure. */
const SHORT = 0.55;
/** Under so much of its spread lost nobody sees it. Working figure. */
const SEEN = 0.04;

/** Every covering ahead, the worst first; of plants of one kind under plants of another the worst stands for all. */
export function coverings(planting: Planting, season: Season = grow(planting)): Covering[] {
  const kind = (id: string) => season.placed.find((p) => p.id === id)?.plant.id;
  const told = new Set<string>();
  return everyCovering(planting, season).filter(({ under, by }) => {
    const pair = `${kind(under)} shaded by ${kind(by)}`;
    return told.has(pair) ? false : Boolean(told.add(pair));
  });
}

/** Every covering ahead of each single plant, the worst first. */
export function everyCovering(planting: Planting, season: Season = grow(planting)): Covering[] {
  return season.placed
    .flatMap(({ id: under }, i): Covering[] => {
      const of = (k: number) => season.weeks[k]?.plants[i];
      const short = season.weeks.findIndex((w) => w.plants[i]?.alive && w.plants[i].light < SHORT);
      const worst = season.weeks.reduce(
        (a, w) => ((w.plants[i]?.alive ? w.plants[i].light : 1) < (of(a)?.light ?? 1) ? w.week : a),
        Math.max(0, short),
      );
      const week = season.weeks[worst];
      const by = week
        ? mostTakenBy(season.placed, week.plants, i, skyOf(planting.spot, monthPosition(week.date)))
        : null;
      const culprit = by === null ? undefined : season.placed[by];
      if (short < 0 || !culprit) return [];
      const without = grow({ ...planting, placements: planting.placements.filter((p) => p.id !== culprit.id) });
      const alone = without.placed.findIndex((p) => p.id === under);
      const behind = season.weeks.map(({ plants }, k) => {
        if (k < short) return 0;
        const could = without.weeks[k]?.plants[alone]?.spreadMm ?? 0;
        return plants[i]?.alive && could > 0 ? 1 - plants[i].spreadMm / could : 0;
      });
      const lost = Math.max(0, ...behind);
      const dark = season.weeks.filter((w) => w.plants[i]?.alive && w.plants[i].light < STANDS_STILL).length;
      const smothered = dark >= SMOTHERED_WEEKS;
      if (!smothered && lost < SEEN) return [];
      const date = season.weeks[short]?.date ?? planting.startDate;
      return [
        {
          under,
          by: culprit.id,
          week: short,
          date,
          least: of(worst)?.light ?? 0,
          smothered,
          blooms: flowerInShade(of(worst)?.light ?? 0),
          dies: smothered && (of(worst)?.light ?? 0) < HOPELESS,
          lost,
          worstWeek: behind.indexOf(Math.max(...behind)),
        },
      ];
    })
    .sort((a, b) => Number(b.smothered) - Number(a.smothered) || b.lost - a.lost);
}

/** What a covered plant would be in a week without the one that stands over it; null where it would not stand then. */
export function unhindered(
  planting: Planting,
  { under, by }: Pick<Covering, 'under' | 'by'>,
  week: number,
): Grown | null {
  const without = grow({ ...planting, placements: planting.placements.filter((p) => p.id !== by) });
  const at = without.placed.findIndex((p) => p.id === under);
  const grown = without.weeks[Math.min(week, without.weeks.length - 1)]?.plants[at];
  return grown?.alive ? grown : null;
}

import { HOPELESS, smothered } from '../growth/smother';
import { comesAgain } from '../plants/cutting';
import { factsOf } from '../plants/facts';
import { plantName } from '../plants/schema';
import type { Season } from '../growth/grown';
import { addDays, formatDay } from '../units/date';
import { maxBy } from '../units/number';
import type { JobKind } from './job';

/**
 * A full pot stands close and lives: one is told of where what stands over it is so much stronger, or leaves
 * it no light at all. Working figure, in steps of vigour.
 */
const STRONGER = 2;

/** The strongest of those whose leaves reach a plant in a week. */
function neighbourOf({ placed, weeks }: Season, index: number, week: number) {
  const at = weeks[Math.min(week, weeks.length - 1)];
  const me = placed[index];
  return maxBy(
    placed.filter((p, i) => {
      const g = at?.plants[i];
      return me && g && i !== index && Math.hypot(p.xMm - me.xMm, p.yMm - me.yMm) < g.spreadMm;
    }),
    (p) => p.plant.vigour,
  );
}

/** A plant is smothered: its neighbour is cut back where it grows again, else taken out. */
export const rescue: JobKind = {
  matters: 'suffers',
  withinDays: 10,
  stone: 'bad',
  of: ({ planting, season }) => {
    const lost = smothered(season)
      .map((s) => ({ ...s, who: season.placed[s.index], bully: neighbourOf(season, s.index, s.week) }))
      .find(
        ({ who, bully, least }) =>
          least < HOPELESS || (bully?.plant.vigour ?? 0) - (who?.plant.vigour ?? 0) >= STRONGER,
      );
    if (!lost?.who) return [];
    const { who, bully } = lost;
    const again = bully !== undefined && comesAgain(factsOf(bully.plant));
    const does = `${again ? 'cut back' : 'thin out'} ${bully ? bully.plant.common.toLowerCase() : 'its neighbour'}`;
    const cut = { what: 'cut-back' as const, to: bully?.id ?? null, leave: 0.5 };
    return [
      {
        on: addDays(planting.startDate, lost.week * 7),
        text: `${plantName(who.plant)} is being smothered`,
        does,
        ...(again && { done: [cut] }),
      },
    ];
  },
  why: 'In this little light it stops flowering and dwindles. Cut its neighbour back to a joint, or remove one.',
  says: ({ on, text, does }) => `${text}, about ${formatDay(on)}: ${does ?? 'cut back its neighbour'}`,
};

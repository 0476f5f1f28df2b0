import { plantName } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { STARTS } from '../plants/starts';
import { smothered, type Season } from './season';

/** Something that happens in the season, by week. `bad` is something to act on. */
interface SeasonEvent {
  kind: 'frost' | 'smothered' | 'pinch';
  week: number;
  text: string;
  bad: boolean;
}

/** Trailers and bushy plants set out small are pinched once they have settled. Practice: two to three weeks in. */
const PINCH_WEEK = 3;

/** The stones in the rill, in order of week. */
export function seasonEvents(planting: Planting, season: Season): SeasonEvent[] {
  const out: SeasonEvent[] = [];
  if (planting.placements.length === 0) return out;
  const pinched = season.placed.find((p) => p.plant.pinch === 'helps' && STARTS[p.start].litres < 0.9);
  if (pinched && season.peak > PINCH_WEEK + 2)
    out.push({ kind: 'pinch', week: PINCH_WEEK, text: `pinch ${pinched.plant.common.toLowerCase()}`, bad: false });
  if (season.frostWeek !== null) out.push({ kind: 'frost', week: season.frostWeek, text: 'first frost', bad: false });
  const lost = smothered(season)[0];
  const who = lost ? season.placed[lost.index] : undefined;
  if (lost && who)
    out.push({ kind: 'smothered', week: lost.week, text: `${plantName(who.plant)} smothered`, bad: true });
  return out.sort((a, b) => a.week - b.week);
}

import { factsOf } from '../plants/facts';
import { isPinched } from '../plants/hand';
import { plantName } from '../plants/schema';
import { type Placed, resolve } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { sunReading } from '../spots/light';
import { FEEDS, type FeedId } from '../materials/feeds';
import { grow } from '../growth/season';
import { addDays, formatDay } from '../units/date';

const kindsOf = (placed: readonly Placed[]) => [...new Map(placed.map((p) => [p.plant.id, p.plant])).values()];

/** Hours of direct sun in a gardener’s words. The bounds are the trade’s own. */
export function sunWords({ spot, startDate }: Pick<Planting, 'spot' | 'startDate'>): string {
  const { hours } = sunReading(spot, startDate);
  if (spot.light.kind === 'noted' && spot.light.dappled) return 'dappled shade';
  if (hours >= 6) return 'full sun';
  if (hours >= 4) return 'part sun';
  return hours >= 2 ? 'part shade' : 'shade';
}

/** When to water, by the thirstiest and the driest of it. */
export function waterWords(placed: readonly Placed[]): string {
  const kinds = kindsOf(placed);
  if (kinds.length > 0 && kinds.every((p) => p.water === 'dry')) return 'Let it dry out between waterings.';
  if (kinds.some((p) => p.water === 'thirsty' || factsOf(p).rhythm === 'evenly moist'))
    return 'Keep it moist. In hot weather check daily and water until it runs from the base.';
  return 'Water when the top 3 cm is dry, until it runs from the base.';
}

/** So many names and no more. */
function named(names: readonly string[], most = 4): string {
  // One more is no longer than “and 1 more”.
  const shown = names.length === most + 1 ? most + 1 : most;
  const [all, rest] = [names.slice(0, shown), names.length - shown];
  return rest > 0 ? `${all.join(', ')} and ${rest} more` : all.join(', ');
}

/** Six lines of care, or fewer where there is less to say. Throws UnknownPlantError. */
export function careLines(planting: Planting, feed: FeedId = 'slow'): string[] {
  const placed = resolve(planting);
  const kinds = kindsOf(placed);
  if (kinds.length === 0) return [];
  const season = grow(planting);
  const spent = kinds.filter((p) => p.deadhead === 'needed').map((p) => p.common.toLowerCase());
  const tips = kinds.filter(isPinched).map((p) => p.common.toLowerCase());
  const tender = kinds.filter((p) => p.coldestNightC > -2);
  const frost = season.frostWeek === null ? null : addDays(planting.startDate, season.frostWeek * 7);
  const unsafe = kinds.filter((p) => p.poison.people !== 'none').map((p) => plantName(p));
  return [
    waterWords(placed),
    `${FEEDS[feed].label}: ${FEEDS[feed].how}. Follow the label.`,
    spent.length > 0 ? `Deadhead ${named([...new Set(spent)])} weekly.` : null,
    tips.length > 0 ? `Pinch out ${named([...new Set(tips)])} when they get leggy.` : null,
    frost && tender.length > 0
      ? `Before the first frost (around ${formatDay(frost)}), cover tender plants with fleece or bring them in.`
      : 'It can stay out all winter; wrap the container in hard frost.',
    unsafe.length > 0
      ? `Do not eat ${named(unsafe)}. Wash your hands after touching them.`
      : 'Pick off dead leaves as you pass.',
  ].filter((l) => l !== null);
}

import type { Spot } from './schema';

/** Afternoon begins here for scorch, solar hours. */
export const AFTERNOON_FROM = 13;

/** Light under trees counts as this many hours when nobody noted more. Middle of the usual 2–4. */
const DAPPLED_HOURS = 3;

interface SunReading {
  hours: number;
  morning: number;
  afternoon: number;
  label: 'full sun' | 'part sun' | 'part shade' | 'shade' | 'dappled shade';
}

/** Direct sun of a spot, hours a day, and the class gardeners call it: full sun ≥ 6, part sun 4–6, part shade 2–4, shade under 2. */
export function sunReading({ light }: Spot): SunReading {
  const afternoon = light.hours.filter((h) => h >= AFTERNOON_FROM).length;
  const morning = light.hours.length - afternoon;
  const direct = light.hours.length;
  if (light.dappled) return { hours: Math.max(DAPPLED_HOURS, Math.min(4, direct)), morning, afternoon: 0, label: 'dappled shade' };
  const label = direct >= 6 ? 'full sun' : direct >= 4 ? 'part sun' : direct >= 2 ? 'part shade' : 'shade';
  return { hours: direct, morning, afternoon, label };
}

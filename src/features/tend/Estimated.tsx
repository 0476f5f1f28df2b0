import type { KnownDay } from '@/core/climate/days';
import { likeOn, ownSince } from '@/core/climate/estimate';
import { formatDayFrom } from '@/core/units/date';

/**
 * What litres and days rest on: one’s own weather and since when, a year like an earlier one, or a forecast
 * that is simulated.
 */
export function Estimated({
  weather,
  today,
  where = 'under Today',
}: {
  weather: readonly KnownDay[];
  today: string;
  /** Where one adds one’s own. */
  where?: string;
}) {
  const since = ownSince(weather, today);
  const like = likeOn(weather, today);
  const text =
    since !== null
      ? `From your own weather since ${formatDayFrom(since, today)}; the days ahead are an estimate.`
      : like !== null
        ? `Estimate, based on your own weather of ${like}. Add this year’s ${where}.`
        : `Estimate, based on a simulated forecast. Add your own weather ${where}.`;
  return <p className="text-[0.84rem] text-quiet">{text}</p>;
}

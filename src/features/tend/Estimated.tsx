import type { KnownDay } from '@/core/climate/days';
import { ownSince } from '@/core/climate/estimate';
import { formatDayFrom } from '@/core/units/date';

/** What litres and days rest on: one’s own weather and since when, or a forecast that is simulated. */
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
  return (
    <p className="text-[0.84rem] text-quiet">
      {since === null
        ? `Estimate, based on a simulated forecast. Add your own weather ${where}.`
        : `From your own weather since ${formatDayFrom(since, today)}; the days ahead are an estimate.`}
    </p>
  );
}

import { GALE_MS, type KnownDay } from '@/core/climate/days';
import { formatRain, formatTemperature } from '@/core/units/quantity';
import type { UnitSystem } from '@/core/units/length';
import { formatDay } from '@/core/units/date';
import { shortDay } from '@/core/water/words';

/** Rain that fills a glass to the brim, mm; and its height, px. */
const BRIM_MM = 12;
const GLASS_PX = 26;
/** From so warm a day is hot, °C, and under this a night is cold. Working figures. */
const HOT_C = 28;
const COLD_C = 2;

const bare = (c: number, units: UnitSystem): string => formatTemperature(c, units).replace(/[CF]$/, '');

const isGale = ({ gustMs = 0 }: KnownDay): boolean => gustMs >= GALE_MS;

/** How a day is known, where it is neither forecast nor one’s own. */
function knownBy({ known, asIn }: KnownDay): string {
  if (asIn) return ` (as in ${asIn})`;
  return known === 'ordinary' ? ' (seasonal average)' : '';
}

function spoken(d: KnownDay, units: UnitSystem): string {
  const [high, low] = [formatTemperature(d.highC, units), formatTemperature(d.lowC, units)];
  const rain = `${formatRain(d.rainMm, units)} of rain${isGale(d) ? ', gale' : ''}`;
  return `${formatDay(d.date)}: ${high} by day, ${low} by night, ${rain}${knownBy(d)}`;
}

/** Some days of weather side by side: high, low, and rain in a glass. */
export function WeatherWeek({ days, today, units }: { days: readonly KnownDay[]; today: string; units: UnitSystem }) {
  return (
    <ol aria-label="Weather" className="flex overflow-x-auto border-y border-line">
      {days.map((d) => (
        <li
          key={d.date}
          className={`flex min-w-[2.1rem] flex-1 flex-col items-center border-line py-1 text-[0.86rem] not-first:border-l ${knownBy(d) && 'text-quiet'}`}
          aria-label={spoken(d, units)}
        >
          <span className={d.date === today ? 'font-bold' : 'text-quiet'}>{shortDay(d.date)}</span>
          <span className={d.highC >= HOT_C ? 'font-semibold text-watchink' : 'font-semibold'}>
            {bare(d.highC, units)}
          </span>
          <span className={d.lowC <= COLD_C ? 'font-semibold text-wrong' : 'text-quiet'}>{bare(d.lowC, units)}</span>
          {isGale(d) && <span className="text-[0.76rem] font-semibold text-wrong">gale</span>}
          <span
            aria-hidden
            className="relative mt-1 w-3.5 rounded-b-[3px] border border-t-0 border-line"
            style={{ height: GLASS_PX }}
          >
            <span
              className="absolute inset-x-0 bottom-0 rounded-b-[2px] bg-glaze/60"
              style={{ height: `${Math.min(1, d.rainMm / BRIM_MM) * 100}%` }}
            />
          </span>
        </li>
      ))}
    </ol>
  );
}

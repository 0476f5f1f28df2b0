'use client';
import { useCallback, useMemo } from 'react';
import { knownDays, type KnownDay, type WeatherPlace } from '@/core/climate/days';
import { NO_WEATHER, type WrittenWeather } from '@/core/climate/written';
import type { Around } from '@/core/jobs/job';
import { foundIn } from '@/core/log/found';
import type { LogEntry } from '@/core/log/schema';
import { PLAIN_MAKING } from '@/core/buying/making';
import type { Planting } from '@/core/plantings/schema';
import { addDays } from '@/core/units/date';
import { LOOK_BACK } from '@/core/water/ahead';
import { PLAIN_TENDING, type Tending } from '@/core/water/tending';
import { simulatedWeather } from '@/standins/weather';
import { readLog } from '@/storage/log';
import { readMaking } from '@/storage/making';
import { readTending } from '@/storage/tending';
import { useStored } from '@/storage/useStored';
import { readWeather } from '@/storage/weather';
import { useToday } from './diary';
import { useAsk } from './useAsk';
import { useLast } from './useLast';
import { useMoves } from './moves';

/** Weather is looked at so far ahead, days. */
export const AHEAD_DAYS = 21;
const NO_LOG: readonly LogEntry[] = [];
const NO_DAYS: readonly KnownDay[] = [];

/** All that is known round some containers: weather, what was logged, how they are watered and fed. */
export interface Surround {
  ready: boolean;
  log: readonly LogEntry[];
  tending: Tending;
  /** Where the weather is from. */
  weatherFrom: string;
  of: (planting: Planting) => Around;
}

/** What of a spot weather hangs on. */
const placeKey = ({ spot }: Planting): string =>
  JSON.stringify([
    spot.summer,
    spot.climate,
    spot.lastFrost,
    spot.light.kind === 'clock' ? Math.sign(spot.light.latitude) : 1,
  ]);
const placeOf = ({ spot }: Planting): WeatherPlace => spot;

/** Where the weather is from, best known first. */
function sourceOf({ name, days, like }: WrittenWeather): string {
  if (days.length === 0) return simulatedWeather.name;
  const others = like === null ? '' : `; days without a record as in ${like}`;
  return `${name}${others}; other days from ${simulatedWeather.name}`;
}

/** What is known round containers today; follows other tabs. */
export function useAround(plantings: readonly Planting[]): Surround {
  const today = useToday();
  const log = useStored(() => readLog().catch(() => []));
  const tending = useStored(readTending) ?? PLAIN_TENDING;
  const { feed } = useStored(readMaking) ?? PLAIN_MAKING;
  const written = useStored(readWeather);
  const places = new Map(plantings.map((p) => [placeKey(p), p]));
  const key = [...places.keys()].sort().join('|');
  const asked = useAsk(
    written === undefined
      ? null
      : async () =>
          new Map(
            await Promise.all(
              [...places].map(async ([k, p]): Promise<[string, KnownDay[]]> => [
                k,
                await knownDays(
                  placeOf(p),
                  { from: addDays(today, -LOOK_BACK), to: addDays(today, AHEAD_DAYS), today },
                  simulatedWeather,
                  written,
                ),
              ]),
            ),
          ),
    [key, today, written],
  );
  // What was known stays until more is: what one has just typed into is not taken away under one's hands.
  const weather = useLast(asked.value);
  const byPot = useMemo(() => {
    const out = new Map<string, LogEntry[]>();
    for (const e of log ?? NO_LOG) out.set(e.of, [...(out.get(e.of) ?? []), e]);
    return out;
  }, [log]);
  const movesOf = useMoves(today);
  const of = useCallback(
    (p: Planting): Around => ({
      weather: weather?.get(placeKey(p)) ?? NO_DAYS,
      found: foundIn(byPot.get(p.id) ?? []),
      dripL: tending.drip[p.id] ?? 0,
      feed,
      moves: movesOf(p),
    }),
    [weather, byPot, tending, feed, movesOf],
  );
  return {
    ready: log !== undefined && weather !== null && [...places.keys()].every((k) => weather.has(k)),
    log: log ?? NO_LOG,
    tending,
    weatherFrom: sourceOf(written ?? NO_WEATHER),
    of,
  };
}

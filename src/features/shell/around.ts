'use client';
import { useCallback, useMemo } from 'react';
import { knownDays, type KnownDay, type WeatherPlace } from '@/core/climate/days';
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

/** What is known round containers today; follows other tabs. */
export function useAround(plantings: readonly Planting[]): Surround {
  const today = useToday();
  const log = useStored(() => readLog().catch(() => []));
  const tending = useStored(readTending) ?? PLAIN_TENDING;
  const { feed } = useStored(readMaking) ?? PLAIN_MAKING;
  const written = useStored(readWeather);
  const places = new Map(plantings.map((p) => [placeKey(p), p]));
  const key = [...places.keys()].sort().join('|');
  const weather = useAsk(
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
                  written.days,
                ),
              ]),
            ),
          ),
    [key, today, written],
  );
  const byPot = useMemo(() => {
    const out = new Map<string, LogEntry[]>();
    for (const e of log ?? NO_LOG) out.set(e.of, [...(out.get(e.of) ?? []), e]);
    return out;
  }, [log]);
  const movesOf = useMoves(today);
  const of = useCallback(
    (p: Planting): Around => ({
      weather: weather.value?.get(placeKey(p)) ?? NO_DAYS,
      found: foundIn(byPot.get(p.id) ?? []),
      dripL: tending.drip[p.id] ?? 0,
      feed,
      moves: movesOf(p),
    }),
    [weather.value, byPot, tending, feed, movesOf],
  );
  return {
    ready: log !== undefined && weather.value !== null,
    log: log ?? NO_LOG,
    tending,
    weatherFrom:
      written && written.days.length > 0
        ? `${written.name}; other days from ${simulatedWeather.name}`
        : simulatedWeather.name,
    of,
  };
}

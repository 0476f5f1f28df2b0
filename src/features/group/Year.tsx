'use client';
import { useMemo } from 'react';
import { type YearMove, movesOfYear } from '@/core/groups/year';
import type { Group } from '@/core/groups/schema';
import type { Planting } from '@/core/plantings/schema';
import { addDays, formatDayFrom } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { sentence } from '@/ui/words';
import { useArranging } from './arranging';

const YEAR = 365;

/** Who comes to the front, who goes behind and what goes under cover through the year; each is a job on its day. */
export function Year({
  group,
  plantings,
  today,
  onDay,
}: {
  group: Group;
  plantings: readonly Planting[];
  today: string;
  onDay: (date: string) => void;
}) {
  const move = useArranging((a) => a.move);
  const moves = useMemo(() => movesOfYear(group, plantings, today, addDays(today, YEAR)), [group, plantings, today]);
  const name = (of: string): string => plantings.find((p) => p.id === of)?.name ?? '';
  const doNow = (m: YearMove) => move(`${name(m.of)}: ${m.text}`, m.stands);
  return (
    <section aria-label="Through the year" className="flex flex-col gap-1 text-[0.93rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">What to move, and when</h2>
      {moves.length === 0 ? (
        <p className="pt-2">
          Nothing needs moving in the year ahead: no faded container hides a better one, and none will crack in frost.
        </p>
      ) : (
        <ul>
          {moves.map((m) => (
            <li key={`${m.of}-${m.on}-${m.text}`} className="flex flex-col gap-1 border-b border-line py-2">
              <span className="flex justify-between gap-2">
                <span className="font-semibold">{name(m.of)}</span>
                <Button kind="bare" className="min-h-6!" onClick={() => onDay(m.on)} title="Show that day">
                  {formatDayFrom(m.on, today)}
                </Button>
              </span>
              <span>{sentence(m.text)}.</span>
              {m.stands.length > 0 && (
                <Button className="self-start" onClick={() => doNow(m)}>
                  Move {m.stands.length > 1 ? `them now (${m.stands.length} containers)` : 'it now'}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      <p className="text-quiet">
        Each move appears as a job under Today and in the calendar. Full containers are heavy: use two people or a hand
        truck.
      </p>
    </section>
  );
}

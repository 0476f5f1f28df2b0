'use client';
import { useMemo } from 'react';
import { withoutTurn } from '@/core/compose/turns/change-over';
import { GOES, type Goes, type Sorted } from '@/core/compose/turns/sort-out';
import { turnDays, type TurnName } from '@/core/compose/turns/year';
import { changeOvers } from '@/core/growth/turn';
import { addDays, formatDayFrom } from '@/core/units/date';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/Field';
import { useWorkspace } from '../shell/store';
import { Rebuild } from './Rebuild';
import type { TendProps } from './props';
import { sortedFor, TURN_NAMES, useTurning } from './turning';

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** What a day is called. */
const WORDS: Record<TurnName | 'today', string> = { today: 'Today', ...TURN_NAMES };

/** Kinds that fare alike, in one line. */
function grouped(sorted: readonly Sorted[]): Sorted[][] {
  const groups = new Map<string, Sorted[]>();
  for (const s of sorted) {
    const key = `${s.plant}|${s.goes}|${s.why}`;
    groups.set(key, [...(groups.get(key) ?? []), s]);
  }
  return [...groups.values()].sort((a, b) => Number(a[0]?.goes !== null) - Number(b[0]?.goes !== null));
}

/** What lasts stays, what is over is lifted, and the gaps are filled for the next season. */
export function ChangeOver({ planting, known, today, surround: { log } }: TendProps) {
  const turning = useTurning();
  const { of, on, moved, state, begin, move, fill, stop } = turning;
  const mine = of === planting.id;
  const sorted = useMemo(() => sortedFor(planting, { of, on, moved }, log), [planting, of, on, moved, log]);
  const days = turnDays(planting, today);
  const run = useWorkspace((s) => s.run);
  const planned = changeOvers(planting).filter((d) => d > today);
  const first = planting.startDate < today ? today : addDays(planting.startDate, 7);
  return (
    <section aria-label="Replant" className="flex flex-col gap-3 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Replant</h2>
      {planned.map((day) => (
        <p key={day}>
          Replanting is planned for {formatDayFrom(day, today)}.{' '}
          <Button
            kind="bare"
            onClick={() => run(`Cancel the replanting on ${formatDayFrom(day, today)}`, ...withoutTurn(planting, day))}
          >
            Cancel replanting
          </Button>
        </p>
      ))}
      <DateField
        label="On"
        value={(mine && on) || first}
        onChange={(day) => begin(planting, day < first ? first : day)}
      />
      <p className="flex flex-wrap gap-1.5">
        {[{ name: 'today' as const, on: first }, ...days].map((d) => (
          <Button key={d.name} onClick={() => begin(planting, d.on)} kind={mine && on === d.on ? 'deep' : 'plain'}>
            {WORDS[d.name]}
            {d.name === 'today' ? '' : `, ${formatDayFrom(d.on, today)}`}
          </Button>
        ))}
      </p>
      {mine && on !== null && (
        <>
          <ul aria-label="What to keep and what to lift">
            {grouped(sorted).map((group) => {
              const [s] = group;
              return s ? (
                <Line
                  key={`${s.id}`}
                  s={s}
                  count={group.length}
                  onMove={(goes) => group.forEach((g) => move(g.id, goes))}
                />
              ) : null;
            })}
          </ul>
          <p className="flex flex-wrap gap-2">
            {state === 'composing' ? (
              <Button onClick={stop}>Stop</Button>
            ) : (
              <Button kind="deep" onClick={() => fill(planting, known.mine, log)}>
                Fill the gaps
              </Button>
            )}
          </p>
          <Rebuild planting={planting} log={log} on={on} />
        </>
      )}
    </section>
  );
}

/** A kind that stays or goes, and the other way about at a press. */
function Line({ s, count, onMove }: { s: Sorted; count: number; onMove: (goes: Goes | null) => void }) {
  return (
    <li className="flex items-start justify-between gap-2 border-t border-line py-1.5">
      <span>
        <span className={s.goes === null ? 'font-semibold' : ''}>
          {s.name}
          {count > 1 && ` × ${count}`}
        </span>
        <span className="block text-[0.9rem] text-quiet">
          {s.goes === null ? 'Keep' : capital(GOES[s.goes])}: {s.why}
        </span>
      </span>
      <Button
        className="shrink-0"
        aria-label={s.goes === null ? `Lift ${s.name}` : `Keep ${s.name}`}
        onClick={() => onMove(s.goes === null ? 'compost' : null)}
      >
        {s.goes === null ? 'Lift' : 'Keep'}
      </Button>
    </li>
  );
}

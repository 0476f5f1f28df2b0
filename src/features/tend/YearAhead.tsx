'use client';
import { actorsOf } from '@/core/compose/turns/actors';
import { type PlannedYear, type YearTurn, yearCommands } from '@/core/compose/turns/year';
import type { Planting } from '@/core/plantings/schema';
import { addDays, daysBetween, formatDayFrom } from '@/core/units/date';
import { formatMoney } from '@/core/units/quantity';
import { Button } from '@/ui/Button';
import { PotPicture, pictureSize } from '../pictures/PotPicture';
import { useWorkspace } from '../shell/store';
import type { TendProps } from './props';
import { TURN_NAMES, useTurning } from './turning';

/** The picture of a turn is no larger than this, px. */
const PICTURE = { w: 240, h: 200 } as const;

/** The last turn is shown so many days after it. */
const LAST_SHOWN_DAYS = 63;

/** Up to three turns of a year, each seen half-way through it, with what it costs. */
export function YearAhead({ planting, known, today, surround: { log } }: TendProps) {
  const { of, state, done, year, plan, stop } = useTurning();
  const mine = of === planting.id;
  return (
    <section aria-label="Replanting through the year" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Replanting through the year</h2>
      {mine && state === 'planning' ? (
        <>
          <progress max={1} value={done} className="bar h-1.5 w-full" aria-label="Planning the year" />
          <Button className="self-start" onClick={stop}>
            Stop
          </Button>
        </>
      ) : (
        <Button className="self-start" onClick={() => plan(planting, known.mine, log, today)}>
          Plan the year ahead
        </Button>
      )}
      {mine && year && <Planned planting={planting} year={year} today={today} />}
    </section>
  );
}

function Planned({ planting, year, today }: { planting: Planting; year: PlannedYear; today: string }) {
  const run = useWorkspace((s) => s.run);
  const stop = useTurning((t) => t.stop);
  const { count } = planting.container;
  return (
    <>
      <ol>
        {year.turns.map((turn, i) => (
          <Turn key={turn.on} turn={turn} next={year.turns[i + 1]?.on ?? null} year={year} today={today} />
        ))}
      </ol>
      <p className="border-t border-line pt-1.5">
        Total {formatMoney(year.cost)}
        {count > 1 ? ` each, or ${formatMoney(year.cost * count)} for ${count}` : ''}.
      </p>
      <Button
        kind="deep"
        className="self-start"
        disabled={year.turns.every((t) => t.fresh.length === 0)}
        onClick={() => {
          run('Plan the year’s replanting', ...yearCommands(planting, year));
          stop();
        }}
      >
        Use the whole plan
      </Button>
    </>
  );
}

interface TurnProps {
  turn: YearTurn;
  /** The day of the turn after it. */
  next: string | null;
  year: PlannedYear;
  today: string;
}

function Turn({ turn: { name, on, fresh, sorted, cost, problem }, next, year: { planting }, today }: TurnProps) {
  const { comes, stays, goes } = actorsOf(planting, fresh, sorted);
  const shown = addDays(on, next ? Math.round(daysBetween(on, next) / 2) : LAST_SHOWN_DAYS);
  const { w, h } = pictureSize(planting, 1);
  return (
    <li className="flex flex-wrap items-start justify-between gap-x-3 gap-y-1 border-t border-line py-2">
      <div className="flex min-w-52 flex-1 flex-col gap-0.5">
        <h3 className="flex justify-between gap-2 text-[0.95rem] font-semibold">
          {TURN_NAMES[name]}, {formatDayFrom(on, today)}
          {fresh.length > 0 && <span className="font-normal">{formatMoney(cost)}</span>}
        </h3>
        {problem ? (
          <p className="text-[0.9rem] text-quiet">{problem}</p>
        ) : (
          <>
            <p>{comes}</p>
            {stays && <p className="text-[0.9rem] text-quiet">Keep {stays}.</p>}
            {goes && <p className="text-[0.9rem] text-quiet">Lift {goes}.</p>}
          </>
        )}
      </div>
      <figure className="flex flex-col items-center">
        <PotPicture
          planting={planting}
          week={Math.ceil(daysBetween(planting.startDate, shown) / 7)}
          scale={Math.min(PICTURE.w / w, PICTURE.h / h)}
        />
        <figcaption className="text-[0.84rem] text-quiet">{formatDayFrom(shown, today)}</figcaption>
      </figure>
    </li>
  );
}

'use client';
import { takeOver } from '@/core/compose/turns/change-over';
import { turnCost, yearCommands } from '@/core/compose/turns/year';
import { apply } from '@/core/plantings/commands';
import { plantName } from '@/core/plants/schema';
import { resolve } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { daysBetween, formatDayFrom } from '@/core/units/date';
import { formatMoney } from '@/core/units/quantity';
import { Button } from '@/ui/Button';
import { PotPicture, pictureSize } from '../pictures/PotPicture';
import { useWorkspace } from '../shell/store';
import type { TendProps } from './props';
import { sortedFor, useTurning } from './turning';

/** Pictures of proposals are no larger than this, px. */
const PICTURE = { w: 210, h: 150 } as const;

/** “2 violas, ivy”: what of a planting is set out new. */
function newWords(planting: Planting, ids: ReadonlySet<string>): string {
  const kinds = new Map<string, number>();
  for (const p of resolve(planting))
    if (ids.has(p.id)) kinds.set(plantName(p.plant), (kinds.get(plantName(p.plant)) ?? 0) + 1);
  return [...kinds].map(([name, n]) => (n > 1 ? `${n} × ${name}` : name)).join('; ');
}

/** What the gaps may be filled with, and a year of turns with what it costs. */
export function Turns(at: TendProps) {
  return (
    <>
      <Fillings {...at} />
      <Year {...at} />
    </>
  );
}

function Fillings({ planting, today, surround }: TendProps) {
  const turning = useTurning();
  const run = useWorkspace((s) => s.run);
  const show = useWorkspace((s) => s.show);
  const { of, on, state, done, proposals, problem, stop } = turning;
  if (of !== planting.id || on === null || (state !== 'composing' && proposals === null)) return null;
  const sorted = sortedFor(planting, turning, surround.log);
  const ways = (proposals ?? []).flatMap((p) => {
    const commands = takeOver(planting, on, sorted, p.planting.placements);
    const after = commands.reduce(apply, planting);
    const fresh = new Set(after.placements.filter((x) => x.from === on).map((x) => x.id));
    return fresh.size > 0 ? [{ p, commands, after, fresh }] : [];
  });
  return (
    <section aria-label="To fill the gaps" className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]" role="status">
        {state === 'composing' ? 'Composing…' : `Plants to fill the gaps on ${formatDayFrom(on, today)}`}
      </h2>
      {state === 'composing' && <progress max={1} value={done} className="bar h-1.5 w-full" aria-label="Composing" />}
      {problem && <p>{problem}</p>}
      {proposals && !problem && ways.length === 0 && <p>There is no space left. Lift something first.</p>}
      <ol className="flex flex-col gap-3">
        {ways.map(({ p, commands, after, fresh }, i) => {
          const { w, h } = pictureSize(p.planting, 1);
          return (
            <li key={i} className="flex flex-col gap-1 border-t border-line pt-2 first:border-t-0">
              <span className="flex justify-center">
                <PotPicture planting={p.planting} scale={Math.min(PICTURE.w / w, PICTURE.h / h)} />
              </span>
              <p>{newWords(after, fresh)}</p>
              <p className="text-[0.9rem] text-quiet">
                {formatMoney(turnCost(after, on))} in plants, mix and feed
                {planting.container.count > 1 ? ', each' : ''}.
              </p>
              <Button
                kind={i === 0 ? 'deep' : 'plain'}
                className="self-start"
                onClick={() => {
                  run(`Replant on ${formatDayFrom(on, today)}`, ...commands);
                  show(Math.ceil(daysBetween(planting.startDate, on) / 7) + 1);
                  stop();
                }}
              >
                Use this plan
              </Button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** Up to four turns of a year, with what each costs. */
function Year({ planting, known, today }: TendProps) {
  const { of, state, done, year, plan, stop } = useTurning();
  const run = useWorkspace((s) => s.run);
  const mine = of === planting.id;
  const { count } = planting.container;
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
        <Button className="self-start" onClick={() => plan(planting, known.mine, today)}>
          Plan the year ahead
        </Button>
      )}
      {mine && year && (
        <>
          <ol>
            {year.turns.map((t) => (
              <li key={t.on} className="border-t border-line py-1.5">
                <p className="flex justify-between gap-2">
                  <span className="font-semibold">
                    {t.name.charAt(0).toUpperCase() + t.name.slice(1)}, {formatDayFrom(t.on, today)}
                  </span>
                  <span>{t.fresh.length > 0 ? formatMoney(t.cost) : '–'}</span>
                </p>
                <p className="text-[0.9rem] text-quiet">
                  {t.problem ??
                    `${newWords(year.planting, new Set(t.fresh))}. ${t.sorted.filter((s) => s.goes === null).length} stay.`}
                </p>
              </li>
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
      )}
    </section>
  );
}

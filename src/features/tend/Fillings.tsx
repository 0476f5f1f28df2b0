'use client';
import { actorsOf } from '@/core/compose/turns/actors';
import { takeOver } from '@/core/compose/turns/change-over';
import { turnCost } from '@/core/materials/turn';
import { apply } from '@/core/plantings/commands';
import { daysBetween, formatDayFrom } from '@/core/units/date';
import { formatMoney } from '@/core/units/quantity';
import { Button } from '@/ui/Button';
import { PotPicture, pictureSize } from '../pictures/PotPicture';
import { useWorkspace } from '../shell/store';
import type { TendProps } from './props';
import { sortedFor, useTurning } from './turning';

/** Pictures of proposals are no larger than this, px. */
const PICTURE = { w: 210, h: 150 } as const;

/** What the gaps may be filled with. */
export function Fillings({ planting, today, surround }: TendProps) {
  const turning = useTurning();
  const run = useWorkspace((s) => s.run);
  const show = useWorkspace((s) => s.show);
  const { of, on, state, done, proposals, problem, stop } = turning;
  if (of !== planting.id || on === null || (state !== 'composing' && proposals === null)) return null;
  const sorted = sortedFor(planting, turning, surround.log);
  const ways = (proposals ?? []).flatMap((p) => {
    const commands = takeOver(planting, on, sorted, p.planting.placements);
    const after = commands.reduce(apply, planting);
    const fresh = after.placements.filter((x) => x.from === on).map((x) => x.id);
    return fresh.length > 0 ? [{ p, commands, after, fresh }] : [];
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
              <p>{actorsOf(after, fresh).comes}</p>
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

import type { Act } from '@/core/compose/turns/act';
import { actorsOf } from '@/core/compose/turns/actors';
import { secondActOn } from '@/core/compose/turns/second-act';
import type { Planting } from '@/core/plantings/schema';
import { formatDay } from '@/core/units/date';
import { formatMoney } from '@/core/units/quantity';
import { Button } from '@/ui/Button';

interface Props {
  planting: Planting;
  number: number;
  /** What follows it; null where nothing does, undefined while it is looked for. */
  act: Act | null | undefined;
  onTake: (act: Act) => void;
}

/** What follows a proposal for spring or for the winter, on its day, with its cost; and both taken at once. */
export function Then({ planting, number, act, onTake }: Props) {
  const on = act?.on ?? secondActOn(planting);
  if (on === null || act === null) return null;
  if (!act) return <p className="text-[0.84rem] text-quiet">Looking for a planting to follow on {formatDay(on)}</p>;
  const { comes, stays } = actorsOf(act.after, act.fresh, act.sorted);
  return (
    <section className="flex flex-col gap-1.5 border-t border-line pt-2 text-[0.84rem] leading-snug">
      <h4 className="flex justify-between text-[0.87rem]">
        Then, from {formatDay(on)}
        <span>{formatMoney(act.cost)}</span>
      </h4>
      <p className="text-quiet">
        {comes}
        {stays ? `; ${stays} ${stays.includes(' and ') ? 'stay' : 'stays'}` : ''}.
      </p>
      <div>
        <Button
          className="px-2! text-[0.86rem]!"
          onClick={() => onTake(act)}
          aria-label={`Use both, number ${number} and what follows from ${formatDay(on)}`}
        >
          Use both
        </Button>
      </div>
    </section>
  );
}

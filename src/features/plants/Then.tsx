import { secondActOn, type SecondAct } from '@/core/compose/turns/second-act';
import { called } from '@/core/plants/called';
import { resolve } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { formatDay } from '@/core/units/date';
import { listed } from '@/core/units/listed';
import { formatMoney } from '@/core/units/quantity';
import { Button } from '@/ui/Button';

interface Props {
  planting: Planting;
  number: number;
  /** What follows it; null where nothing does, undefined while it is looked for. */
  act: SecondAct | null | undefined;
  onTake: (act: SecondAct) => void;
}

/** The kinds that are set out, with how many, and those that stay. */
function actors(planting: Planting, { placements, fresh, sorted }: SecondAct): { comes: string; stays: string } {
  const placed = resolve({ ...planting, placements }).filter((p) => fresh.includes(p.id));
  const kinds = [...new Map(placed.map((p) => [p.plant.id, p.plant])).values()];
  const many = (id: string) => placed.filter((p) => p.plant.id === id).length;
  return {
    comes: listed(kinds.map((k) => `${many(k.id)} ${called(k, many(k.id) > 1)}`)),
    stays: listed([...new Set(sorted.filter((s) => s.goes === null).map((s) => s.name))]),
  };
}

/** What follows a proposal for spring or for the winter, on its day, with its cost; and both taken at once. */
export function Then({ planting, number, act, onTake }: Props) {
  const on = act?.on ?? secondActOn(planting);
  if (on === null || act === null) return null;
  if (!act) return <p className="text-[0.84rem] text-quiet">Looking for a planting to follow on {formatDay(on)}</p>;
  const { comes, stays } = actors(planting, act);
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

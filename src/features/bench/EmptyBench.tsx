'use client';
import { lido, LIDO_DAY } from '@/demo/lido';
import { savePlantings } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { useDiary } from '../shell/diary';
import { tell } from '../shell/tell';

/** A bench with nothing on it: what to do first. */
export function EmptyBench({ onStart }: { onStart: () => void }) {
  return (
    <section className="m-auto flex max-w-[30rem] flex-col items-start gap-4 py-10">
      <h2 className="text-2xl leading-tight">An empty bench</h2>
      <p>
        Start a container: say how much sun its spot has and how big it is. Rillbank composes plantings that fit, grows
        them week by week, and writes the shopping list. It takes about two minutes.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" onClick={onStart}>
          Start a container
        </Button>
        <Button
          onClick={() =>
            void savePlantings(lido)
              .then(() => useDiary.getState().openOn(LIDO_DAY))
              .catch((e: unknown) => tell.notKept(e))
          }
        >
          Set out the lido’s pots to look at
        </Button>
      </div>
    </section>
  );
}

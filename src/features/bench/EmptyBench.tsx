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
      <h2 className="text-2xl leading-tight">Your bench is empty</h2>
      <p>
        Add a container: tell Rillbank how big it is and how much sun it gets. It composes plantings that fit, shows
        them growing week by week and writes your shopping list. It takes about two minutes.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="deep" onClick={onStart}>
          Add a container
        </Button>
        <Button
          onClick={() =>
            void savePlantings(lido)
              .then(() => useDiary.getState().openOn(LIDO_DAY))
              .catch((e: unknown) => tell.notKept(e))
          }
        >
          Explore with sample containers
        </Button>
      </div>
    </section>
  );
}

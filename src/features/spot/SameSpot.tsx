'use client';
import { useStored } from '@/storage/useStored';
import type { Planting } from '@/core/plantings/schema';
import { movedTo } from '@/core/plantings/start-day';
import { diaryToday } from '../shell/diary';
import { spotName } from '@/core/spots/schema';
import { same } from '@/core/units/same';
import { editStored, readShelf } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { Choose } from '@/ui/Field';
import { useWorkspace } from '../shell/store';
import { tell } from '../shell/tell';

/** One spot read once: take the reading of another container's spot, or give this one to all that stand in it. */
export function SameSpot({ planting }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const shelf = useStored(readShelf);
  const others = (shelf?.pots ?? []).map((p) => p.planting).filter((p) => p.id !== planting.id);
  const name = spotName(planting.spot);
  const here = others.filter((p) => spotName(p.spot) === name && !same(p.spot, planting.spot));
  const known = [...new Map(others.filter((p) => spotName(p.spot) !== name).map((p) => [spotName(p.spot), p.spot]))];
  const giveIt = async () => {
    const before = here;
    const give = (spotOf: (p: Planting) => Planting['spot']) =>
      editStored(new Map(before.map((p) => [p.id, [{ do: 'set', change: { spot: spotOf(p) } }]])));
    try {
      await give(() => planting.spot);
      tell.done(
        `${before.map((p) => p.name).join(', ')}: conditions as set here`,
        () => void give((p) => p.spot).catch((e: unknown) => tell.notKept(e)),
      );
    } catch (e) {
      tell.notKept(e);
    }
  };
  return (
    <>
      {known.length > 0 && (
        <Choose
          label="Same conditions as"
          value=""
          options={[{ value: '', text: 'none (set them here)' }, ...known.map(([text]) => ({ value: text, text }))]}
          onChange={(v) => {
            const spot = known.find(([text]) => text === v)?.[1];
            if (spot) run('Move to another spot', { do: 'set', change: movedTo(planting, spot, diaryToday()) });
          }}
        />
      )}
      {here.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-2 text-[0.84rem] text-quiet">
          {here.length === 1
            ? `${here[0]?.name ?? ''} is also here, with different settings.`
            : `${here.length} others here have different settings.`}
          <Button kind="bare" onClick={() => void giveIt()}>
            Use these settings for {here.length === 1 ? 'it' : 'them'}
          </Button>
        </p>
      )}
    </>
  );
}

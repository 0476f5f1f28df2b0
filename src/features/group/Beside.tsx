'use client';
import { neighbourPot } from '@/core/groups/pots';
import { joinedBy } from '@/core/groups/guests';
import { freshGroup } from '@/core/groups/arrange';
import { type Scene, sceneOf } from '@/core/groups/scene';
import type { Planting } from '@/core/plantings/schema';
import { savePlanting } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { newId } from '../shell/ids';
import { useKnown } from '../shell/known';
import { tell } from '../shell/tell';
import { useOnce } from '../shell/useOnce';
import { startComposer } from '../shell/workers';
import { useArranging } from './arranging';

/**
 * A neighbour composed from a container’s own recipe: a smaller pot of its family, the same colours, one kind
 * in common.
 */
export function Beside({ scene, planting }: { scene: Scene; planting: Planting }) {
  const change = useArranging((a) => a.change);
  const known = useKnown();
  const { busy, once } = useOnce();
  const make = async () => {
    const composer = startComposer();
    try {
      const found = await composer.ask((api) =>
        api.neighbour(planting, neighbourPot(planting.container), 1, known.mine),
      );
      if (!found)
        return tell.problem(
          'No neighbour was found',
          'Nothing in these colours suits a smaller container here. Relax the brief, or compose a group.',
        );
      const made = { ...found, id: newId(), name: `${planting.name}, neighbour`.slice(0, 80) };
      await savePlanting(made);
      const guest = sceneOf(freshGroup(scene.group.place, [made], scene.date), [made], scene.date);
      const nearMm = scene.bodies.find((b) => b.of === planting.id)?.xMm;
      change('Add a neighbour', joinedBy(scene, guest, { nearMm }).group);
      tell.done(`${made.name} added next to it`);
    } finally {
      composer.stop();
    }
  };
  if (planting.placements.length === 0) return null;
  return (
    <Button className="self-start" disabled={busy || !known.ready} onClick={() => once(make)}>
      {busy ? 'Composing its neighbour…' : 'Compose a neighbour'}
    </Button>
  );
}

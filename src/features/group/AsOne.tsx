'use client';
import { useMemo } from 'react';
import { type GroupFinding, GROUP_CHECKS, judgeGroup } from '@/core/groups';
import type { Change } from '@/core/groups/check';
import type { Scene } from '@/core/groups/scene';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { Level } from '@/ui/Level';
import { Mark } from '@/ui/Mark';
import { useKnown } from '../shell/known';
import { tell } from '../shell/tell';
import { useOnce } from '../shell/useOnce';
import { startComposer } from '../shell/workers';
import { useArranging } from './arranging';
import { keepChanged } from './changing';

const share = (x: number, [low, high]: readonly [number, number]): number => (x - low) / (high - low);

/** How many containers a remedy touches, where it is more than one. */
const touches = (n: number): string => (n > 1 ? ` (touches ${n})` : '');

/** Whether they read as one: a level each, and what would better it. */
export function AsOne({ scene, plantings }: { scene: Scene; plantings: readonly Planting[] }) {
  const move = useArranging((a) => a.move);
  const findings: readonly GroupFinding[] = useMemo(() => judgeGroup(scene), [scene]);
  return (
    <section aria-label="Do they work together">
      <h2 className="hair pb-1.5 text-[0.95rem]">Do they work together?</h2>
      <ul>
        {findings.map((f) => (
          <li key={f.check} className="flex flex-col gap-1 border-b border-line py-2 text-[0.93rem]">
            <span className="flex items-baseline justify-between gap-2">
              <span className="font-semibold" title={`${GROUP_CHECKS[f.check].rule} (${GROUP_CHECKS[f.check].source})`}>
                {f.name}
              </span>
              <span className="text-quiet">{f.figure}</span>
            </span>
            <Level
              name={f.name}
              severity={f.severity}
              at={share(f.measured, f.scale)}
              band={[share(f.band[0], f.scale), share(f.band[1], f.scale)]}
              value={f.figure}
              low=""
              high=""
              text={f.message}
              small
            />
            <p>
              <Mark severity={f.severity} /> {f.message}
            </p>
            {f.moves.map((m) => (
              <Button key={m.label} className="self-start" onClick={() => move(m.label, m.stands)}>
                {m.label}
                {touches(m.stands.length)}
              </Button>
            ))}
            {f.changes?.map((c) => (
              <ChangeButton key={c.label} change={c} plantings={plantings} />
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A remedy that changes containers themselves: their colour, or what grows in one. */
function ChangeButton({ change, plantings }: { change: Change; plantings: readonly Planting[] }) {
  const known = useKnown();
  const { busy, once } = useOnce();
  const repaint = async (of: readonly string[], colour: string) => {
    const was = plantings.filter((p) => of.includes(p.id));
    await keepChanged(
      was,
      was.map((p) => ({ ...p, container: { ...p.container, colour } })),
      `${was.map((p) => p.name).join(' and ')} painted`,
    );
  };
  const recast = async (of: string, plant: string) => {
    const was = plantings.find((p) => p.id === of);
    if (!was) return;
    const composer = startComposer();
    try {
      const made = await composer.ask((api) => api.sharing(was, plant, 1, known.mine));
      if (!made)
        return tell.problem(
          'No planting found with that plant',
          `That plant does not suit the light or brief of ${was.name}. Choose another container to share a plant, or relax the brief.`,
        );
      await keepChanged([was], [made], `${was.name} recomposed`);
    } finally {
      composer.stop();
    }
  };
  const act = () =>
    once(() => (change.kind === 'repaint' ? repaint(change.of, change.colour) : recast(change.of, change.plant)));
  return (
    <Button className="self-start" disabled={busy} onClick={act}>
      {busy ? 'Working…' : change.label}
      {change.kind === 'repaint' && touches(change.of.length)}
    </Button>
  );
}

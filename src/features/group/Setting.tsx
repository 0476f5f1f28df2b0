'use client';
import { lookoutsOf } from '@/core/groups/eyes';
import type { Scene } from '@/core/groups/scene';
import type { Group, Ledge, Opening } from '@/core/groups/schema';
import { MOST_MM } from '@/core/groups/schema';
import type { UnitSystem } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { LengthField } from '@/ui/Field';
import { useArranging } from './arranging';
import { Built, SunSide } from './Wall';

/** Ordinary sizes to begin with, mm. Working figures. */
const DOOR: Opening = { kind: 'door', xMm: 0, widthMm: 900, heightMm: 2000, sillMm: 0 };
const WINDOW: Opening = { kind: 'window', xMm: 0, widthMm: 1200, heightMm: 1100, sillMm: 900 };
const STEP = { xMm: 0, yMm: 0, widthMm: 1800, deepMm: 350, heightMm: 170 };
const WAY = { xMm: 0, widthMm: 1000 };

const openingName = (o: Opening): string => (o.kind === 'door' ? 'Door' : 'Window');

/** What they stand before and on: doors, windows, steps, and the way that is kept clear. */
export function Setting({ scene, units }: { scene: Scene; units: UnitSystem }) {
  const { group } = scene;
  const looks = lookoutsOf(scene);
  const change = useArranging((a) => a.change);
  const set = (name: string, part: Partial<Group>) => change(name, { ...group, ...part });
  const opening = (i: number, part: Partial<Opening>) =>
    set('Change an opening', { openings: group.openings.map((o, k) => (k === i ? { ...o, ...part } : o)) });
  const ledge = (i: number, part: Partial<Ledge>) =>
    set('Change a step', { ledges: group.ledges.map((l, k) => (k === i ? { ...l, ...part } : l)) });
  const length = (label: string, mm: number, onChange: (mm: number) => void, min = 0) => (
    <LengthField key={label} label={label} mm={mm} units={units} min={min} max={MOST_MM} onChange={onChange} />
  );
  const nextId = `l${group.ledges.length + 1}-${group.ledges.reduce((s, l) => s + l.id.length, 0)}`;
  return (
    <details className="text-[0.93rem]">
      <summary className="cursor-pointer text-quiet pointer-coarse:py-2">Wall, door, windows, steps and path</summary>
      <div className="flex flex-col gap-3 pt-2">
        <p className="flex flex-wrap gap-2">
          <Button onClick={() => set('Add a door', { openings: [...group.openings, DOOR] })}>Add a door</Button>
          <Button onClick={() => set('Add a window', { openings: [...group.openings, WINDOW] })}>Add a window</Button>
          <Button onClick={() => set('Add a step', { ledges: [...group.ledges, { ...STEP, id: nextId }] })}>
            Add a step or sill
          </Button>
          <Button onClick={() => set('Keep a path clear', { path: group.path ? null : WAY })}>
            {group.path ? 'No path' : 'Keep a path clear'}
          </Button>
        </p>
        <Built group={group} />
        <SunSide scene={scene} />
        {group.openings.map((o, i) => (
          <fieldset key={i} className="flex flex-wrap items-end gap-2">
            <legend className="label">
              {openingName(o)} {i + 1}
            </legend>
            {length('From middle', o.xMm, (xMm) => opening(i, { xMm }), -MOST_MM)}
            {length(
              'Wide',
              o.widthMm,
              (widthMm) => opening(i, { widthMm: Math.max(300, Math.min(6000, widthMm)) }),
              300,
            )}
            {length(
              'High',
              o.heightMm,
              (heightMm) => opening(i, { heightMm: Math.max(300, Math.min(4000, heightMm)) }),
              300,
            )}
            {o.kind === 'window' &&
              length('Sill', o.sillMm, (sillMm) => opening(i, { sillMm: Math.min(3000, sillMm) }))}
            <Button
              aria-label={`Take ${openingName(o).toLowerCase()} ${i + 1}`}
              onClick={() => set('Remove an opening', { openings: group.openings.filter((_, k) => k !== i) })}
            >
              Remove
            </Button>
          </fieldset>
        ))}
        {group.ledges.map((l, i) => (
          <fieldset key={l.id} className="flex flex-wrap items-end gap-2">
            <legend className="label">Step {i + 1}</legend>
            {length('From middle', l.xMm, (xMm) => ledge(i, { xMm }), -MOST_MM)}
            {length('From the wall', l.yMm, (yMm) => ledge(i, { yMm }))}
            {length('Wide', l.widthMm, (widthMm) => ledge(i, { widthMm }), 100)}
            {length('Deep', l.deepMm, (deepMm) => ledge(i, { deepMm }), 50)}
            {length('High', l.heightMm, (heightMm) => ledge(i, { heightMm: Math.min(5000, heightMm) }), 20)}
            <Button
              aria-label={`Remove step ${i + 1}`}
              onClick={() => set('Remove a step', { ledges: group.ledges.filter((_, k) => k !== i) })}
            >
              Remove
            </Button>
          </fieldset>
        ))}
        {group.path && (
          <fieldset className="flex flex-wrap items-end gap-2">
            <legend className="label">Path</legend>
            {length(
              'From middle',
              group.path.xMm,
              (xMm) => group.path && set('Move the path', { path: { ...group.path, xMm } }),
              -MOST_MM,
            )}
            {length(
              'Wide',
              group.path.widthMm,
              (widthMm) =>
                group.path &&
                set('Widen the path', { path: { ...group.path, widthMm: Math.max(300, Math.min(6000, widthMm)) } }),
              300,
            )}
          </fieldset>
        )}
        {(['gate', 'chair'] as const).map((who) => (
          <fieldset key={who} className="flex flex-wrap items-end gap-2">
            <legend className="label">{who === 'gate' ? 'Entrance' : 'Seat'}</legend>
            {length(
              'From middle',
              looks[who].xMm,
              (xMm) => set('Move a viewpoint', { [who]: { ...looks[who], xMm } }),
              -MOST_MM,
            )}
            {length(
              'From the wall',
              looks[who].yMm,
              (yMm) => set('Move a viewpoint', { [who]: { ...looks[who], yMm: Math.max(200, yMm) } }),
              200,
            )}
            {length(
              'Eye height',
              looks[who].eyeMm,
              (eyeMm) =>
                set('Move a viewpoint', { [who]: { ...looks[who], eyeMm: Math.max(600, Math.min(2200, eyeMm)) } }),
              600,
            )}
          </fieldset>
        ))}
      </div>
    </details>
  );
}

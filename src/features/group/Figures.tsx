'use client';
import { nameOf, type Scene } from '@/core/groups/scene';
import { MOST_MM } from '@/core/groups/schema';
import { lengthsOf } from './lengths';
import type { UnitSystem } from '@/core/units/length';
import { Choose, LengthField } from '@/ui/Field';
import { useArranging } from './arranging';

/** Where the chosen container stands, in figures. */
export function Figures({ scene, units }: { scene: Scene; units: UnitSystem }) {
  const { chosen, choose, move } = useArranging();
  const body = scene.bodies.find((b) => b.id === chosen) ?? scene.bodies[0];
  if (!body) return null;
  const name = `Move ${nameOf(body)}`;
  return (
    <section aria-label="Where it stands" className="flex flex-col gap-2">
      <Choose
        label="Container"
        value={body.id}
        options={scene.bodies.map((b) => ({ value: b.id, text: nameOf(b) }))}
        onChange={choose}
      />
      <div className="grid grid-cols-3 items-end gap-2">
        {lengthsOf(body).map(({ label, key, mm, min }) => (
          <LengthField
            key={key}
            label={label}
            mm={mm}
            units={units}
            min={min}
            max={MOST_MM}
            onChange={(to) => move(name, [{ id: body.id, [key]: to }])}
          />
        ))}
      </div>
    </section>
  );
}

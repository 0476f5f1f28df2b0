'use client';
import { nameOf, type Scene } from '@/core/groups/scene';
import { MOST_MM } from '@/core/groups/schema';
import { lengthsOf } from './lengths';
import type { UnitSystem } from '@/core/units/length';
import { Choose, LengthField, NumberField } from '@/ui/Field';
import { Beside } from './Beside';
import { RowOf } from './RowOf';
import { useArranging } from './arranging';

/** Where the chosen container stands, in figures. */
export function Figures({ scene, units, today }: { scene: Scene; units: UnitSystem; today: string }) {
  const { chosen, choose, move } = useArranging();
  const body = scene.bodies.find((b) => b.id === chosen) ?? scene.bodies[0];
  if (!body) return null;
  const name = `Move ${nameOf(body)}`;
  return (
    <section aria-label="Position" className="flex flex-col gap-2">
      <Choose
        label="Container"
        value={body.id}
        options={scene.bodies.map((b) => ({ value: b.id, text: nameOf(b) }))}
        onChange={choose}
      />
      <div className="grid grid-cols-2 items-end gap-2">
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
        <NumberField
          label="Rotation, °"
          value={body.turnDeg}
          min={-360}
          max={360}
          whole
          onChange={(turnDeg) => move(name, [{ id: body.id, turnDeg }])}
        />
      </div>
      <Beside scene={scene} planting={body.planting} />
      <RowOf key={body.of} scene={scene} planting={body.planting} today={today} />
    </section>
  );
}

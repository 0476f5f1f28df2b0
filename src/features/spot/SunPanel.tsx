'use client';
import { useState } from 'react';
import type { ClockLight } from '@/core/spots/schema';
import { altitudeOf, raised } from '@/core/spots/sun-clock';
import type { UnitSystem } from '@/core/units/length';
import { Button } from '@/ui/Button';
import { Choose, LengthField, NumberField, OptionalNumberField } from '@/ui/Field';
import { Toggle } from '@/ui/Toggle';

const WAYS = [
  ['0', 'north'],
  ['45', 'north-east'],
  ['90', 'east'],
  ['135', 'south-east'],
  ['180', 'south'],
  ['225', 'south-west'],
  ['270', 'west'],
  ['315', 'north-west'],
].map(([value, text]) => ({ value: value ?? '0', text: text ?? '' }));
/** Broad-leaved trees carry leaves in these months. */
const IN_LEAF = { north: [4, 5, 6, 7, 8, 9, 10], south: [10, 11, 12, 1, 2, 3, 4] };
/** A free field of sky all round. */
const OPEN = Array<number>(36).fill(0);

/** What the sun clock is reckoned from: where, which way, what stands in the way. */
export function SunPanel({
  light,
  units,
  onChange,
}: {
  light: ClockLight;
  units: UnitSystem;
  onChange: (light: ClockLight) => void;
}) {
  const [thing, setThing] = useState({ kind: 'wall', heightMm: 3000, distanceMm: 4000, way: '180', wide: 60 });
  const facing = String((Math.round(light.facing / 45) * 45) % 360);
  const add = () => {
    const [from, to] = [(Number(thing.way) - thing.wide / 2 + 360) % 360, (Number(thing.way) + thing.wide / 2) % 360];
    const altitude = Math.round(altitudeOf(thing.heightMm, thing.distanceMm));
    if (thing.kind === 'tree')
      onChange({
        ...light,
        trees: [
          ...light.trees,
          {
            fromDeg: from,
            toDeg: to,
            altitudeDeg: altitude,
            leafMonths: light.latitude < 0 ? IN_LEAF.south : IN_LEAF.north,
          },
        ].slice(-6),
      });
    else onChange({ ...light, skyline: raised(light.skyline, from, to, altitude) });
  };
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Latitude, °"
          value={light.latitude}
          min={-66}
          max={66}
          onChange={(n) => onChange({ ...light, latitude: n })}
        />
        <Choose
          label="Faces"
          value={facing}
          options={WAYS}
          onChange={(v) => onChange({ ...light, facing: Number(v) })}
        />
      </div>
      <Toggle label="A wall behind it" on={light.wall} onChange={(wall) => onChange({ ...light, wall })} />
      <p className="text-[0.82rem] text-quiet">
        Use a minus sign for the southern hemisphere. Drag the skyline, or add walls, buildings and trees below.
      </p>
      <OptionalNumberField
        label="Roof edge overhead, ° above horizontal"
        value={light.roofDeg}
        min={10}
        max={90}
        onChange={(roofDeg) => onChange({ ...light, roofDeg })}
      />
      <details className="border-t border-line pt-1">
        <summary className="cursor-pointer py-1 text-[0.9rem]">Add a wall, building or tree</summary>
        <div className="grid grid-cols-2 gap-2 pb-2">
          <Choose
            label="What"
            value={thing.kind}
            options={[
              { value: 'wall', text: 'wall or building' },
              { value: 'tree', text: 'tree, bare in winter' },
            ]}
            onChange={(kind) => setThing({ ...thing, kind })}
          />
          <Choose label="Direction" value={thing.way} options={WAYS} onChange={(way) => setThing({ ...thing, way })} />
          <LengthField
            label="Height above the soil"
            mm={thing.heightMm}
            units={units}
            min={100}
            max={60000}
            onChange={(heightMm) => setThing({ ...thing, heightMm })}
          />
          <LengthField
            label="Distance"
            mm={thing.distanceMm}
            units={units}
            min={100}
            max={200000}
            onChange={(distanceMm) => setThing({ ...thing, distanceMm })}
          />
          <NumberField
            label="Width, °"
            value={thing.wide}
            min={10}
            max={180}
            onChange={(n) => setThing({ ...thing, wide: n })}
          />
          <div className="self-end">
            <Button onClick={add}>Add it</Button>
          </div>
        </div>
      </details>
      {(light.trees.length > 0 || light.skyline.some((a) => a > 0)) && (
        <div className="flex gap-2">
          {light.trees.length > 0 && (
            <Button kind="bare" onClick={() => onChange({ ...light, trees: light.trees.slice(0, -1) })}>
              Remove the last tree
            </Button>
          )}
          <Button kind="bare" onClick={() => onChange({ ...light, skyline: OPEN, trees: [] })}>
            Clear the skyline
          </Button>
        </div>
      )}
    </div>
  );
}

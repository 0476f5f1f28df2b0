'use client';
import type { Scene } from '@/core/groups/scene';
import type { Group } from '@/core/groups/schema';
import { Choose, ColourField, NumberField } from '@/ui/Field';
import { GROUND_OPTIONS, WALL_OPTIONS } from '../shell/surfaces';
import { useArranging } from './arranging';

const SIDES = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'].map(
  (text, i) => ({ value: String(i * 45), text }),
);

/** What the wall is built of and its colour, and what lies on the ground. */
export function Built({ group }: { group: Group }) {
  const change = useArranging((a) => a.change);
  return (
    <div className="grid max-w-[34rem] grid-cols-[1fr_1fr_5rem] items-end gap-2">
      <Choose
        label="Wall"
        value={group.build}
        options={WALL_OPTIONS}
        onChange={(build) => change('Change the wall', { ...group, build })}
      />
      <Choose
        label="Ground"
        value={group.ground}
        options={GROUND_OPTIONS}
        onChange={(ground) => change('Change the ground', { ...group, ground })}
      />
      <ColourField
        label="Wall colour"
        value={group.wall}
        onChange={(wall) => change('Change the wall colour', { ...group, wall })}
      />
    </div>
  );
}

/** A mild middle latitude to begin with. Working figure. */
const LATITUDE = 52;

/** Which way the wall faces, where no spot has a sun clock. */
export function SunSide({ scene: { group, bodies } }: { scene: Scene }) {
  const change = useArranging((a) => a.change);
  if (bodies.some((b) => b.planting.spot.light.kind === 'clock')) return null;
  const { sun } = group;
  const set = (part: Partial<NonNullable<Group['sun']>>) =>
    change('Change which way the wall faces', { ...group, sun: { facing: 180, latitude: LATITUDE, ...sun, ...part } });
  return (
    <div className="grid max-w-[24rem] grid-cols-2 items-end gap-2">
      <Choose
        label="The wall faces"
        value={sun ? String(sun.facing) : ''}
        options={[{ value: '', text: 'Not known' }, ...SIDES]}
        onChange={(v) =>
          v === '' ? change('Change which way the wall faces', { ...group, sun: null }) : set({ facing: Number(v) })
        }
      />
      {sun && (
        <NumberField
          label="Latitude, °"
          value={sun.latitude}
          min={-66}
          max={66}
          onChange={(latitude) => set({ latitude })}
        />
      )}
    </div>
  );
}

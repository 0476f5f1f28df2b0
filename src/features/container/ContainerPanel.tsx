'use client';
import { MATERIALS, MaterialSchema, type Material } from '@/core/containers/materials';
import { rimOf } from '@/core/containers/outline';
import type { Container, Shape } from '@/core/containers/schema';
import { MOUNT_LABEL, mountsFor } from '@/core/containers/mounts';
import { SHAPE_LABELS } from '@/core/containers/shapes';
import { FREE_NAMES, SOLD, takeShape } from '@/core/containers/sold';
import type { Planting } from '@/core/plantings/schema';
import { usualSchool } from '@/core/schools';
import { same } from '@/core/units/same';
import { formatLength, MM_PER_INCH, type UnitSystem } from '@/core/units/length';
import { ColourField, Choose, LengthField, NumberField, TextField } from '@/ui/Field';
import { Toggle } from '@/ui/Toggle';
import { useWorkspace } from '../shell/store';
import { useUnits } from '../shell/units';
import { Dimensions } from './Dimensions';
import { OutlineEditor } from './OutlineEditor';

const REFILLS: { value: Container['refill']; text: string }[] = [
  { value: 'all', text: 'all new mix' },
  { value: 'top third', text: 'last year’s mix, top third renewed' },
  { value: 'top up', text: 'last autumn’s mix, topped up' },
];

function soldName(shape: Shape, i: number, units: UnitSystem): string {
  if (shape.kind === 'free') return FREE_NAMES[i] ?? 'outline';
  const wide = rimOf(shape).wide;
  const size = units === 'metric' ? `${Math.round(wide / 10)} cm` : `${Math.round(wide / MM_PER_INCH)} in`;
  return `${size}${shape.kind === 'round' && shape.topMm === shape.baseMm ? ', straight' : `, ${formatLength(shape.depthMm, units)} deep`}`;
}

/** Measuring the container. */
export function ContainerPanel({ planting }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const units = useUnits((u) => u.units);
  const { container } = planting;
  const { shape } = container;
  const put = (name: string, next: Container) => run(name, { do: 'set', change: { container: next } });
  const set = (name: string, change: Partial<Container>) => put(name, { ...container, ...change });
  const list = SOLD[shape.kind];
  const sold = list.findIndex((s) => same(s, shape));
  const mounts = mountsFor(shape);
  return (
    <div className="flex flex-col gap-3">
      <TextField
        label="Name"
        value={planting.name}
        max={80}
        onChange={(name) => run('Rename', { do: 'set', change: { name } })}
      />
      <div className="grid grid-cols-[1.15fr_1fr] gap-2">
        <Choose
          label="Shape"
          value={shape.kind}
          options={Object.entries(SHAPE_LABELS).map(([value, text]) => ({ value: value as Shape['kind'], text }))}
          onChange={(kind) => {
            const next = takeShape(container, kind);
            // The arrangement follows the shape while nobody chose another, and nothing is planted.
            const follows = planting.placements.length === 0 && planting.brief.school === usualSchool(shape);
            const brief = follows ? { brief: { ...planting.brief, school: usualSchool(next.shape) } } : {};
            run('Change the shape', { do: 'set', change: { container: next, ...brief } });
          }}
        />
        <Choose
          label="Standard size"
          value={String(sold)}
          options={[
            ...(sold < 0 ? [{ value: '-1', text: 'measured' }] : []),
            ...list.map((s, i) => ({ value: String(i), text: soldName(s, i, units) })),
          ]}
          onChange={(v) => {
            const s = list[Number(v)];
            if (s) set('Resize the container', { shape: s });
          }}
        />
      </div>
      <Dimensions shape={shape} units={units} onChange={(s) => set('Resize the container', { shape: s })} />
      {shape.kind === 'free' && (
        <OutlineEditor shape={shape} units={units} onChange={(s) => set('Move a corner', { shape: s })} />
      )}
      <p className="text-[0.82rem] text-quiet">
        Inside measurements. Enter 35 cm, 14 in or 1&apos; 2&quot;, or drag the cross-section.
      </p>
      <div className="grid grid-cols-[1fr_3.6rem] items-end gap-2">
        <Choose
          label="Material"
          value={container.material}
          options={MaterialSchema.options.map((m: Material) => ({ value: m, text: MATERIALS[m].label }))}
          onChange={(material) =>
            set('Change the material', {
              material,
              colour:
                container.colour === MATERIALS[container.material].colour
                  ? MATERIALS[material].colour
                  : container.colour,
            })
          }
        />
        <ColourField
          label="Colour"
          value={container.colour}
          onChange={(colour) => set('Change the colour', { colour })}
        />
      </div>
      {mounts.length > 1 && (
        <Choose
          label="Position"
          value={container.mount}
          options={[...new Set([container.mount, ...mounts])].map((value) => ({ value, text: MOUNT_LABEL[value] }))}
          onChange={(mount) => set('Change the position', { mount })}
        />
      )}
      {container.mount !== 'ground' && (
        <LengthField
          label="Height of rim above the ground"
          mm={container.rimHeightMm ?? 1000}
          units={units}
          min={0}
          max={6000}
          onChange={(rimHeightMm) => set('Change the height of the rim', { rimHeightMm })}
        />
      )}
      {container.mount === 'ground' && shape.kind === 'free' && (
        <Toggle
          label="It is a wheelbarrow"
          on={container.wheels}
          onChange={(wheels) => set('Change the wheel', { wheels })}
        />
      )}
      {container.mount === 'ground' && !container.wheels && (
        <Toggle label="On pot feet" on={container.feet} onChange={(feet) => set('Change the feet', { feet })} />
      )}
      <Toggle
        label="Drainage holes"
        on={container.drains}
        onChange={(drains) => set('Change the drainage', { drains })}
      />
      <Toggle
        label="Crocks over the drainage holes"
        on={container.base === 'crocks'}
        onChange={(on) => set('Change the base', { base: on ? 'crocks' : 'mesh' })}
      />
      <Toggle label="Lined" on={container.liner} onChange={(liner) => set('Change the liner', { liner })} />
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Reservoir, L"
          value={container.reservoirL}
          min={0}
          max={60}
          onChange={(reservoirL) => set('Change the reservoir', { reservoirL })}
        />
        <NumberField
          label="How many like this"
          value={container.count}
          min={1}
          max={500}
          whole
          onChange={(count) => set('Change how many', { count })}
        />
      </div>
      <Choose
        label="Mix"
        value={container.refill}
        options={REFILLS}
        onChange={(refill) => set('Change the mix', { refill })}
      />
    </div>
  );
}

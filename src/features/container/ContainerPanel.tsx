'use client';
import { MATERIALS, MaterialSchema, type Material } from '@/core/containers/materials';
import type { Container, Shape } from '@/core/containers/schema';
import type { Planting } from '@/core/plantings/schema';
import { ColourField, Choose, LengthField, NumberField, TextField } from '@/ui/Field';
import { Toggle } from '@/ui/Toggle';
import { useWorkspace } from '../workspace/store';
import { useUnits } from '../workspace/units';

/** Pots as the trade sells them: rim, base and depth inside, mm. Working figures from ordinary ranges. */
const SOLD: readonly (readonly [number, number, number])[] = [[200, 140, 180], [250, 180, 230], [300, 215, 280], [350, 250, 320], [400, 290, 360], [450, 325, 400], [500, 360, 450], [600, 440, 520]];

/** Measuring the container. */
export function ContainerPanel({ planting }: { planting: Planting }) {
  const run = useWorkspace((s) => s.run);
  const units = useUnits((u) => u.units);
  const { container } = planting;
  const set = (name: string, change: Partial<Container>) => run(name, { do: 'set', change: { container: { ...container, ...change } } });
  const size = (change: Partial<Shape>) => set('Resize the pot', { shape: { ...container.shape, ...change } });
  const { shape } = container;
  const sold = SOLD.findIndex(([t, b, d]) => t === shape.topMm && b === shape.baseMm && d === shape.depthMm);
  const inches = (mm: number) => Math.round(mm / 25.4);
  return (
    <div className="flex flex-col gap-3">
      <TextField label="Name" value={planting.name} max={80} onChange={(name) => run('Rename', { do: 'set', change: { name } })} />
      <Choose
        label="Size as sold"
        value={String(sold)}
        options={[...(sold < 0 ? [{ value: '-1', text: 'measured' }] : []), ...SOLD.map(([t, , d], i) => ({ value: String(i), text: units === 'metric' ? `${t / 10} cm pot, ${d / 10} deep` : `${inches(t)} in pot, ${inches(d)} deep` }))]}
        onChange={(v) => {
          const s = SOLD[Number(v)];
          if (s) size({ topMm: s[0], baseMm: s[1], depthMm: s[2] });
        }}
      />
      <div className="grid grid-cols-3 gap-2">
        <LengthField label="Rim" mm={shape.topMm} units={units} min={100} max={1500} onChange={(topMm) => size({ topMm, baseMm: Math.min(shape.baseMm, topMm * 1.5) })} />
        <LengthField label="Base" mm={shape.baseMm} units={units} min={60} max={Math.min(1500, shape.topMm * 1.5)} onChange={(baseMm) => size({ baseMm })} />
        <LengthField label="Depth" mm={shape.depthMm} units={units} min={80} max={1500} onChange={(depthMm) => size({ depthMm })} />
      </div>
      <p className="text-[0.82rem] text-quiet">Inside. Write 35 cm, 14 in or 1&apos; 2&quot;.</p>
      <div className="grid grid-cols-[1fr_5rem] items-end gap-2">
        <Choose label="Material" value={container.material} options={MaterialSchema.options.map((m: Material) => ({ value: m, text: MATERIALS[m].label }))} onChange={(material) => set('Change the material', { material, colour: container.colour === MATERIALS[container.material].colour ? MATERIALS[material].colour : container.colour })} />
        <ColourField label="Colour" value={container.colour} onChange={(colour) => set('Change the colour', { colour })} />
      </div>
      <Toggle label="Holes in the base" on={container.drains} onChange={(drains) => set('Change the drainage', { drains })} />
      <NumberField label="How many the same" value={container.count} min={1} max={500} onChange={(n) => n !== null && Number.isInteger(n) && set('Change how many', { count: n })} />
    </div>
  );
}

'use client';
import { reshaped } from '@/core/containers/resize';
import type { Shape } from '@/core/containers/schema';
import type { UnitSystem } from '@/core/units/length';
import { LengthField, NumberField } from '@/ui/Field';

interface Measure {
  key: string;
  label: string;
  min: number;
}

/** The inside measures each shape is typed in by. */
const MEASURES: Record<Exclude<Shape['kind'], 'free'>, readonly Measure[]> = {
  round: [
    { key: 'topMm', label: 'Rim', min: 60 },
    { key: 'baseMm', label: 'Base', min: 60 },
    { key: 'depthMm', label: 'Depth', min: 60 },
  ],
  square: [
    { key: 'topMm', label: 'Rim', min: 60 },
    { key: 'baseMm', label: 'Base', min: 60 },
    { key: 'depthMm', label: 'Depth', min: 60 },
  ],
  box: [
    { key: 'lengthMm', label: 'Length', min: 150 },
    { key: 'widthMm', label: 'Width', min: 80 },
    { key: 'depthMm', label: 'Depth', min: 60 },
    { key: 'baseLengthMm', label: 'Base length', min: 100 },
    { key: 'baseWidthMm', label: 'Base width', min: 60 },
  ],
  bowl: [
    { key: 'topMm', label: 'Rim', min: 60 },
    { key: 'depthMm', label: 'Depth', min: 60 },
  ],
  basket: [
    { key: 'topMm', label: 'Rim', min: 60 },
    { key: 'depthMm', label: 'Depth', min: 60 },
  ],
  'wall-basket': [
    { key: 'widthMm', label: 'Width', min: 150 },
    { key: 'projectionMm', label: 'Depth from the wall', min: 80 },
    { key: 'depthMm', label: 'Depth', min: 60 },
  ],
  oval: [
    { key: 'lengthMm', label: 'Length', min: 150 },
    { key: 'widthMm', label: 'Width', min: 100 },
    { key: 'depthMm', label: 'Depth', min: 60 },
  ],
};

/** Measures of a shape, typed. */
export function Dimensions({
  shape,
  units,
  onChange,
}: {
  shape: Shape;
  units: UnitSystem;
  onChange: (shape: Shape) => void;
}) {
  if (shape.kind === 'free')
    return (
      <LengthField
        label="Depth"
        mm={shape.depthMm}
        units={units}
        min={60}
        max={2000}
        onChange={(depthMm) => onChange(reshaped(shape, { depthMm }))}
      />
    );
  const values: Record<string, unknown> = shape;
  return (
    <div className="grid grid-cols-3 gap-2">
      {MEASURES[shape.kind].map(({ key, label, min }) => (
        <LengthField
          key={key}
          label={label}
          mm={Number(values[key])}
          units={units}
          min={min}
          max={key === 'depthMm' || shape.kind === 'round' || shape.kind === 'square' ? 2000 : 3000}
          onChange={(mm) =>
            onChange(
              reshaped(
                shape,
                key === 'topMm' && 'baseMm' in shape
                  ? { topMm: mm, baseMm: Math.min(shape.baseMm, mm * 1.5) }
                  : { [key]: mm },
              ),
            )
          }
        />
      ))}
      {shape.kind === 'oval' && (
        <NumberField
          label="Base width, % of rim"
          value={Math.round(shape.baseShare * 100)}
          min={40}
          max={120}
          onChange={(n) => onChange(reshaped(shape, { baseShare: n / 100 }))}
        />
      )}
    </div>
  );
}

'use client';
import type { Sight } from '@/core/spots/schema';
import { Button } from '@/ui/Button';
import { LengthField, TextField } from '@/ui/Field';
import type { UnitSystem } from '@/core/units/length';

/** Who looks out, and the measures taken with a tape: eyes, sill, soil. */
export function SightPanel({
  sight,
  units,
  onChange,
}: {
  sight: Sight;
  units: UnitSystem;
  onChange: (sight: Sight) => void;
}) {
  return (
    <div className="flex flex-col gap-2">
      {sight.viewers.map((v, i) => (
        <div key={i} className="grid grid-cols-2 gap-2">
          <TextField
            label="Viewer"
            value={v.name}
            max={30}
            onChange={(name) =>
              onChange({ ...sight, viewers: sight.viewers.map((o, k) => (k === i ? { ...o, name } : o)) })
            }
          />
          <LengthField
            label="Eye height"
            mm={v.eyeMm}
            units={units}
            min={600}
            max={2200}
            onChange={(eyeMm) =>
              onChange({ ...sight, viewers: sight.viewers.map((o, k) => (k === i ? { ...o, eyeMm } : o)) })
            }
          />
        </div>
      ))}
      <div className="flex gap-2">
        {sight.viewers.length < 4 && (
          <Button
            kind="bare"
            onClick={() => onChange({ ...sight, viewers: [...sight.viewers, { name: 'seated', eyeMm: 1150 }] })}
          >
            Add a viewer
          </Button>
        )}
        {sight.viewers.length > 1 && (
          <Button kind="bare" onClick={() => onChange({ ...sight, viewers: sight.viewers.slice(0, -1) })}>
            Remove the last viewer
          </Button>
        )}
      </div>
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Distance from eye to sill"
          mm={sight.distanceMm}
          units={units}
          min={200}
          max={8000}
          onChange={(distanceMm) => onChange({ ...sight, distanceMm })}
        />
        <LengthField
          label="Sill height"
          mm={sight.sillMm}
          units={units}
          min={0}
          max={2000}
          onChange={(sillMm) => onChange({ ...sight, sillMm })}
        />
        <LengthField
          label="Distance from sill to middle of box"
          mm={sight.beyondMm}
          units={units}
          min={0}
          max={3000}
          onChange={(beyondMm) => onChange({ ...sight, beyondMm })}
        />
        <LengthField
          label="Soil height (above the floor)"
          mm={sight.soilMm}
          units={units}
          min={-2000}
          max={2000}
          onChange={(soilMm) => onChange({ ...sight, soilMm })}
        />
      </div>
    </div>
  );
}

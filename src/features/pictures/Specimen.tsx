'use client';
import { specimenOf } from '@/core/canopy/specimen';
import { plantName, type Plant } from '@/core/plants/schema';
import { formatLength, lengthNumber } from '@/core/units/length';
import { type Frame, sizeOf } from '@/portrait/lens';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { useStill } from './darkroom';
import { frameOf } from './frame';
import { useUnits } from '../shell/units';

/** The room a plant by itself takes, mm from its rim, and how tall it stands. */
export function specimenFrame(plant: Plant): Frame & { heightMm: number; hangs: boolean } {
  const { planting, season } = specimenOf(plant);
  const g = season.weeks[0]?.plants[0];
  return { ...frameOf(planting, season), heightMm: g?.heightMm ?? 0, hangs: planting.container.mount !== 'ground' };
}

/** Room under the foot of the pot in its picture, mm at the picture's scale. */
export const underMm = (f: Frame): number => (f.top + f.bottom) * 0.085;

/** Pixels for a millimetre at which plants fit in a box together. */
export function fitting(plants: readonly Plant[], wide: number, tall: number): number {
  const sizes = plants.map((p) => sizeOf(specimenFrame(p), 1));
  return Math.min(wide / Math.max(1, ...sizes.map((s) => s.w)), tall / Math.max(1, ...sizes.map((s) => s.h)));
}

/** What of a plant shows in its picture. */
const keyOf = (p: Plant, scale: number): string =>
  JSON.stringify([
    'specimen',
    p.id,
    p.habit,
    p.heightMm,
    p.spreadMm,
    p.trailMm,
    p.leaf,
    p.flower,
    p.colours,
    p.starts.map((s) => s.size),
    scale.toFixed(4),
  ]);

/**
 * One plant at its peak in the pot it is sold in, at true scale, with its height beside it. Its glyph stands
 * in until it is drawn.
 */
export function Specimen({ plant, scale, measured = true }: { plant: Plant; scale: number; measured?: boolean }) {
  const units = useUnits((u) => u.units);
  const frame = specimenFrame(plant);
  const { w, h } = sizeOf(frame, scale);
  const src = useStill(keyOf(plant, scale), { w, h, sitting: () => ({ sitter: { plant }, frame }) });
  const rim = h / 2 + ((frame.top - frame.bottom) / 2) * scale;
  const top = rim - frame.heightMm * scale;
  return (
    <span className="relative inline-block shrink-0" style={{ width: w, height: h }}>
      {src ? (
        // eslint-disable-next-line @next/next/no-img-element -- drawn here, not fetched
        <img
          src={src}
          width={w}
          height={h}
          draggable={false}
          alt={`${plantName(plant)}, ${formatLength(frame.heightMm, units)} tall at its peak`}
        />
      ) : (
        <span
          className="grid h-full w-full place-items-center opacity-60"
          role="img"
          aria-label={`${plantName(plant)} ${src === null ? 'could not be drawn' : 'is being drawn'}`}
        >
          <PlantGlyph plant={plant} size={44} />
        </span>
      )}
      {measured && (
        <svg
          className="pointer-events-none absolute inset-y-0 -left-[14px] overflow-visible"
          width="12"
          height={h}
          aria-hidden
        >
          <path d={`M2 ${rim}H10M6 ${rim}V${top}M2 ${top}H10`} fill="none" stroke="var(--quiet)" strokeWidth="1" />
          <text x="6" y={top - 4} textAnchor="middle" fontSize="10.5" fill="var(--quiet)">
            {lengthNumber(frame.heightMm, units)}
          </text>
        </svg>
      )}
    </span>
  );
}

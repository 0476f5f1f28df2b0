import { grow } from '../../growth/season';
import type { Grown } from '../../growth/grown';
import type { Deed } from '../../plantings/deeds';
import { newPlacement } from '../../plantings/fresh';
import type { Planting } from '../../plantings/schema';
import { addDays } from '../../units/date';
import { clamp } from '../../units/number';
import { pot, roundPot } from '../pots';
import { type GrowerMeasured, MEASURED_WEEKS } from './measured';
import { spotIn } from './places';

/** One figure of the model beside what growers measure. */
export interface GrowerPoint {
  kind: string;
  plant: string;
  week: number;
  what: 'high' | 'wide' | 'hangs' | 'bloom';
  is: number;
  span: readonly [number, number];
}

const AROUND: Record<Exclude<GrowerPoint['what'], 'bloom'>, keyof Pick<Grown, 'heightMm' | 'spreadMm' | 'trailMm'>> = {
  high: 'heightMm',
  wide: 'spreadMm',
  hangs: 'trailMm',
};
/** A span is never narrower than this either way, mm; trails differ by twice what the plant does. Working figures. */
const LEAST_MM = { high: 8, wide: 8, hangs: 12 } as const;
const TRAILS_WITHIN = 0.28;
/** Flower differs by a third of itself, within these. Working figures. */
const BLOOM_WITHIN = 0.3;
const BLOOM_LEAST = 0.06;
const BLOOM_MOST = 0.13;
const HUNDREDTHS = 100;

/** The planting that was measured: the plant first. */
export function measuredPlanting(m: GrowerMeasured): Planting {
  const potMm = m.crowd?.potMm ?? 400;
  const { of = 1 } = m.crowd ?? {};
  const out = potMm * 0.3;
  const placements = Array.from({ length: of }, (_, i) =>
    newPlacement(`p${i}`, {
      plant: m.plant,
      role: 'filler',
      start: m.start,
      xMm: out * Math.cos((2 * Math.PI * i) / of),
      yMm: out * Math.sin((2 * Math.PI * i) / of),
    }),
  );
  const deeds = m.done
    ? [
        {
          id: 'd',
          what: m.done.what,
          to: 'p0',
          on: addDays(m.on, m.done.week * 7),
          done: null,
          leave: m.done.leave,
        } satisfies Deed,
      ]
    : [];
  return pot({
    startDate: m.on,
    spot: spotIn(m.place, m.hours),
    container: roundPot(potMm, Math.round(potMm * 0.72), Math.round(potMm * 0.9)),
    placements,
    deeds,
  });
}

function spanOf(middle: number, what: GrowerPoint['what'], within: number): readonly [number, number] {
  if (what === 'bloom') {
    const mid = middle / HUNDREDTHS;
    const by = clamp(mid * BLOOM_WITHIN, BLOOM_LEAST, BLOOM_MOST);
    return [Math.max(0, mid - by), Math.min(1, mid + by)];
  }
  const by = Math.max(LEAST_MM[what], middle * (what === 'hangs' ? TRAILS_WITHIN : within));
  return [Math.max(0, middle - by), middle + by];
}

/** Every figure that was measured of a plant, beside the model’s. Throws UnknownPlantError. */
export function readMeasured(m: GrowerMeasured): GrowerPoint[] {
  const last = MEASURED_WEEKS[m.high.length - 1] ?? 0;
  const { weeks } = grow(measuredPlanting(m), last + 1, m.care ?? null);
  return (['high', 'wide', 'hangs', 'bloom'] as const).flatMap((what) =>
    (m[what] ?? []).flatMap((middle, i): GrowerPoint[] => {
      const week = MEASURED_WEEKS[i] ?? 0;
      const g = weeks[week]?.plants[0];
      if (!g) return [];
      const is = what === 'bloom' ? (g.alive ? g.bloom : 0) : g[AROUND[what]];
      return [{ kind: m.kind, plant: m.plant, week, what, is, span: spanOf(middle, what, m.within) }];
    }),
  );
}

/** By what share a figure is outside its span; 0 inside. */
export const missBy = (is: number, [low, high]: readonly [number, number]): number =>
  is < low ? is / low - 1 : is > high ? is / high - 1 : 0;

/** Whether a grower would believe a figure. */
export const believed = ({ is, span: [low, high], what }: GrowerPoint): boolean => {
  const slack = what === 'bloom' ? 0.005 : 0.5;
  return is >= low - slack && is <= high + slack;
};

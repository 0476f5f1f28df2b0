import { headspaceMm } from '@/core/containers';
import type { Planting } from '@/core/plantings/schema';
import { ABOVE, type Frame, FRONT, LEVEL, type View } from '@/portrait/lens';

/** Where the portrait is looked at from: its name, its key, and the view. */
export interface PortraitSight {
  name: string;
  key: string;
  view: View;
}

const SIGHTS: readonly PortraitSight[] = [
  { name: 'Front', key: '1', view: FRONT },
  { name: 'Eye level', key: '2', view: LEVEL },
  { name: 'Above', key: '3', view: ABOVE },
];

/** As near as one bends to a flower, mm. Working figure: the length of an arm, less the reading distance. */
const ARM_MM = 420;

/** Where most flowers are, as a share of the height over the rim. Working figure. */
const NEAR_UP = 0.36;

/** The usual views, and through the window the eye of each who looks out. */
export function sightsOf({ spot, container }: Planting, frame: Frame): PortraitSight[] {
  const { seen, sight } = spot;
  const near = { name: 'Close-up', key: '0', view: { ...FRONT, near: { awayMm: ARM_MM, upMm: frame.top * NEAR_UP } } };
  if (seen !== 'inside' || !sight) return [...SIGHTS, near];
  // The portrait's heights count from the rim, the tape's from the floor.
  const up = (overFloor: number) => overFloor - sight.soilMm - headspaceMm(container);
  return [
    ...SIGHTS,
    near,
    ...sight.viewers.map((v, i) => ({
      name: `From the ${v.name} viewer’s eye level`,
      key: String(i + 4),
      view: {
        azimuth: 0,
        elevation: Math.max(0.001, Math.atan2(v.eyeMm - sight.soilMm, sight.distanceMm + sight.beyondMm)),
        zoom: 1,
        window: {
          eyeUp: up(v.eyeMm),
          eyeOut: sight.distanceMm + sight.beyondMm,
          sillUp: up(sight.sillMm),
          sillOut: sight.beyondMm,
        },
      },
    })),
  ];
}

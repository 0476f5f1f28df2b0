import { plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import type { Context } from './context';
import type { Reading } from './finding';

/** Roots in pots count two zones colder: 20 °F, 11 °C. Working figure, widely used. */
export const POT_COLDER_C = 11;

/** Whether a year-round planting lives through the spot's coldest winter. Absent for one season's plantings. */
export function winter({ planting, placed }: Context): Reading[] {
  if (!planting.brief.lasting || placed.length === 0) return [];
  const coldest = planting.spot.coldestWinterC;
  const worst = maxBy(placed, (p) => p.plant.coldestWinterC);
  if (!worst) return [];
  const takes = worst.plant.coldestWinterC;
  const severity = takes > coldest ? 'wrong' : takes > coldest - POT_COLDER_C ? 'watch' : 'good';
  return [
    {
      check: 'winter',
      severity,
      measured: takes,
      band: [-50, coldest - POT_COLDER_C],
      unit: '°C in winter',
      scale: [-45, 10],
      culprits:
        severity === 'good'
          ? []
          : placed
              .filter((p) => p.plant.coldestWinterC > (severity === 'wrong' ? coldest : coldest - POT_COLDER_C))
              .map((p) => p.id),
      says: severity === 'wrong' ? 'winter.dies' : severity === 'watch' ? 'winter.wrap' : 'winter.good',
      facts: { plant: plantName(worst.plant), takes, coldest },
      rule: 'Year-round: takes the coldest winter here, and 11 °C more because roots in pots freeze through',
      source: 'practice, roots in pots count two zones colder; working figure',
      quality: severity === 'good' ? 1 : severity === 'watch' ? 0.65 : 0,
    },
  ];
}

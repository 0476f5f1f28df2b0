import { plantName } from '../plants/schema';
import { sunReading } from '../spots/light';
import { maxBy } from '../units/number';
import { check, hoursFigure } from './check';
import { hours } from './speak';
import { sunFit } from './suits';

/** Under this share of its light a plant does poorly. Working figure. */
const POORLY = 0.6;
/** What a plant is worth in the least light it lives in. Working figure. */
const LEAST_WORTH = 0.3;

/** Direct sun against each plant's window. */
export const light = check({
  name: 'Light',
  facet: 'gate',
  weight: 8,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    const sun = sunReading(planting.spot, planting.startDate);
    const fits = plants.map((p) => ({ p, fit: sunFit(p.plant, planting) }));
    const worst = maxBy(fits, (x) => -x.fit);
    if (!worst) return [];
    const [least, low, high, most] = worst.p.plant.sunHours;
    const dead = worst.fit <= 0;
    const poor = worst.fit < POORLY;
    const shared: [number, number] = [
      Math.max(...plants.map((p) => p.plant.sunHours[0])),
      Math.min(...plants.map((p) => p.plant.sunHours[3])),
    ];
    return [
      {
        severity: dead ? 'wrong' : poor ? 'watch' : 'good',
        measured: sun.hours,
        band: poor ? [low, high] : shared,
        unit: 'h sun',
        scale: [0, 14],
        culprits: fits.filter((x) => x.fit < POORLY).map((x) => x.p.id),
        says: !poor ? 'good' : sun.hours < low ? 'low' : 'high',
        facts: { plant: plantName(worst.p.plant), hours: sun.hours, least, low, high, most, spot: sun.label },
        rule: 'The spot’s hours of sun suit each plant',
        source: 'each plant’s record',
        quality: dead ? 0 : LEAST_WORTH + (1 - LEAST_WORTH) * worst.fit,
      },
    ];
  },
  words: {
    good: (f) => `${hours(f.num('hours'))} of sun suits every plant.`,
    low: (f) =>
      `${f.text('plant')} does best in ${f.num('low')} to ${f.num('high')} hours of sun and needs at least ${f.num('least')}; this spot gets ${f.num('hours')}.`,
    high: (f) => `${f.text('plant')} needs at most ${f.num('high')} hours of sun; this spot gets ${f.num('hours')}.`,
  },
  figure: hoursFigure,
  ideas: ['swap', 'swap them all', 'take one of many out'],
});

import { plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import { check, temperature } from './check';
import { factsOf } from '../plants/facts';
import { firstNights, nightsSuit, stopsAtC } from './suits';

const SEVERITY = { good: 'good', cold: 'watch', frost: 'wrong' } as const;
/** Working figures. */
const QUALITY = { good: 1, cold: 0.6, frost: 0 } as const;
/** Where frost can come, a night is at least this cold. */
const FROST_C = -1;

/** Tender plants set out before nights are warm enough for them. */
export const nights = check({
  name: 'Cold nights',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    const met = firstNights(planting);
    const worst = maxBy(plants, (p) => (met.frosty ? p.plant.coldestNightC : stopsAtC(p.plant)));
    if (!worst) return [];
    const need = stopsAtC(worst.plant);
    const verdict = nightsSuit(worst.plant, met);
    return [
      {
        severity: SEVERITY[verdict],
        measured: met.frosty ? Math.min(met.nightC, FROST_C) : met.nightC,
        band: [need, 40],
        unit: '°C at night',
        scale: [-10, 20],
        culprits: verdict === 'good' ? [] : plants.filter((p) => nightsSuit(p.plant, met) !== 'good').map((p) => p.id),
        says: verdict,
        facts: {
          plant: plantName(worst.plant),
          need,
          best: factsOf(worst.plant).outFromC,
          night: met.nightC,
          fifth: met.oneInFiveC,
          lastFrost: met.lastFrost,
        },
        rule: 'Planted out when ordinary nights are above those in which each plant stops growing, and after the last frost',
        source: 'each plant’s record; spot’s frost dates',
        quality: QUALITY[verdict],
      },
    ];
  },
  words: {
    good: (f) =>
      `Nights of ${f.temp('night')}, one in five near ${f.temp('fifth')}, suit every plant when you set out.`,
    cold: (f) =>
      `${f.text('plant')} stands still in nights under ${f.temp('need')}; expect ${f.temp('night')}, and ${f.temp('fifth')} one night in five. Plant it when nights reach ${f.temp('best')}, or fleece it.`,
    frost: (f) =>
      `Frost can still come on this date, and it kills ${f.text('plant')}. Plant out after ${f.day('lastFrost')}.`,
  },
  figure: temperature,
  ideas: ['plant later', 'swap', 'swap them all'],
});

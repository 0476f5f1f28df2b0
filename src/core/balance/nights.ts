import { plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import { check, temperature } from './check';
import { factsOf } from '../plants/facts';
import { firstNights, nightsSuit, stopsAtC } from './suits';

const SEVERITY = { good: 'good', cold: 'watch', few: 'watch', hard: 'wrong', frost: 'wrong' } as const;
/** Working figures. */
const QUALITY = { good: 1, cold: 0.6, few: 0.5, hard: 0, frost: 0 } as const;
/** Where hard frost takes no more than this share of the plants, the rest is a planting still. Working figure. */
const A_FEW = 0.34;
/** The worst first, where several suffer. */
const SUFFERS = ['good', 'cold', 'hard frost', 'frost'] as const;
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
    const told = plants.map((p) => nightsSuit(p.plant, met));
    const most = maxBy(told, (t) => SUFFERS.indexOf(t)) ?? 'good';
    const share = told.filter((t) => t === 'hard frost').length / plants.length;
    const verdict = most === 'hard frost' ? (share > A_FEW ? 'hard' : 'few') : most;
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
        rule: 'Planted out once average nights are warm enough for each plant to grow, and after the last frost',
        source: 'each plant’s record; spot’s frost dates',
        quality: QUALITY[verdict],
      },
    ];
  },
  words: {
    good: (f) =>
      `Nights of ${f.temp('night')} at planting time, one in five near ${f.temp('fifth')}, suit every plant.`,
    cold: (f) =>
      `${f.text('plant')} needs nights above ${f.temp('need')}; expect ${f.temp('night')}, and ${f.temp('fifth')} one night in five. Plant it once nights reach ${f.temp('best')}, or cover it with fleece.`,
    few: (f) =>
      `${f.text('plant')} is soft from the greenhouse, and hard frosts are still possible. Plant it after ${f.day('lastFrost')}, or choose a hardier plant.`,
    hard: (f) =>
      `Hard frosts are still possible on this date, and ${f.text('plant')} is soft from the greenhouse. Plant it after ${f.day('lastFrost')}.`,
    frost: (f) =>
      `Frost is still possible on this date and kills ${f.text('plant')}. Plant it after ${f.day('lastFrost')}.`,
  },
  figure: temperature,
  ideas: ['plant later', 'swap', 'swap them all'],
});

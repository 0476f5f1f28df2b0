import { misfits } from '../layout/packing';
import { plantName } from '../plants/schema';
import { check, lengthOver } from './check';

const SAYS = { overlap: 'overlap', outside: 'outside', 'too deep': 'deep' } as const;

/** Do all root balls stand in the soil without sharing a place? */
export const fit = check({
  name: 'Fit',
  facet: 'gate',
  weight: 6,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    if (plants.length === 0) return [];
    const found = misfits(planting.container, plants);
    const worst = found[0];
    const names = (worst?.ids ?? []).map((id) => plants.find((p) => p.id === id)).map((p) => p && plantName(p.plant));
    return [
      {
        severity: !worst ? 'good' : worst.teased ? 'watch' : 'wrong',
        measured: worst?.byMm ?? 0,
        band: [0, 0],
        unit: 'mm over',
        scale: [0, 60],
        culprits: [...new Set(found.flatMap((f) => f.ids))],
        says: !worst ? 'good' : worst.teased ? 'tease' : SAYS[worst.kind],
        facts: { count: plants.length, plant: names[0] ?? '', other: names[1] ?? '', byMm: worst?.byMm ?? 0 },
        rule: 'Root balls fit inside the mix, 5 mm apart and 30 mm above the base',
        source: 'common practice, root-ball fit',
        quality: !worst ? 1 : worst.teased ? 0.8 : 0,
      },
    ];
  },
  words: {
    good: (f) => `All ${f.num('count')} root balls fit.`,
    tease: (f) => `${f.len('byMm')} too tight: gently squeeze the root ball of ${f.text('plant')} to get it in.`,
    overlap: (f) => `The root balls of ${f.text('plant')} and ${f.text('other')} overlap by ${f.len('byMm')}.`,
    outside: (f) => `${f.text('plant')} is ${f.len('byMm')} too wide for that position.`,
    deep: (f) => `The root ball of ${f.text('plant')} is ${f.len('byMm')} too deep for this container.`,
  },
  figure: lengthOver,
  bandless: true,
  ideas: ['rearrange', 'smaller starts', 'take one out'],
});

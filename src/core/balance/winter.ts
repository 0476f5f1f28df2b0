import { plantName } from '../plants/schema';
import { maxBy } from '../units/number';
import { check, temperature } from './check';
import { bearsInPotC, setOutForWinter, winterSuits } from './suits';

const SEVERITY = { lives: 'good', wrap: 'watch', dies: 'wrong' } as const;
/** Working figures. */
const QUALITY = { lives: 1, wrap: 0.65, dies: 0 } as const;
/** What dies in its first winter has stood for some weeks. Working figure. */
const FOR_A_WHILE = 0.6;

/** Whether what stands through a winter lives through the spot's coldest. Absent for one summer’s plantings. */
export const winter = check({
  name: 'Winter',
  facet: 'gate',
  weight: 5,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    const { brief, spot } = planting;
    const worst = maxBy(plants, (p) => bearsInPotC(p.plant, planting));
    if (!(brief.lasting || setOutForWinter(planting)) || !worst) return [];
    const takes = bearsInPotC(worst.plant, planting);
    const verdict = winterSuits(worst.plant, planting);
    const suffer = plants.filter((p) => {
      const own = winterSuits(p.plant, planting);
      return own === 'dies' || (own === 'wrap' && verdict === 'wrap');
    });
    return [
      {
        severity: verdict === 'dies' && !brief.lasting ? 'watch' : SEVERITY[verdict],
        measured: takes,
        band: [-50, spot.coldestWinterC],
        unit: '°C in winter',
        scale: [-45, 10],
        culprits: suffer.map((p) => p.id),
        says: verdict,
        facts: { plant: plantName(worst.plant), takes, coldest: spot.coldestWinterC },
        rule: 'Through a winter outdoors: survives the coldest winter here in a container, where roots freeze through',
        source:
          'growers’ figures: 3°C more than in open ground where −5 is the coldest, 5 to −10, 8 beyond, a degree more in what hangs or is narrow and one less in 100 L and more; known roots by what they bear',
        quality:
          verdict === 'dies' && !brief.lasting ? FOR_A_WHILE * (1 - suffer.length / plants.length) : QUALITY[verdict],
      },
    ];
  },
  words: {
    lives: (f) => `Every plant survives ${f.temp('coldest')} in a container.`,
    wrap: (f) =>
      `${f.text('plant')} survives ${f.temp('takes')} in a container. Wrap it or move it against the house when ${f.temp('coldest')} is forecast.`,
    dies: (f) =>
      `${f.text('plant')} dies in a container below ${f.temp('takes')}; winters here reach ${f.temp('coldest')}.`,
  },
  figure: temperature,
  ideas: ['swap', 'swap them all', 'take one of many out'],
});

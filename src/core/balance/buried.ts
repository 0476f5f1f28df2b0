import { SHADE_KIND_H } from '../growth/sun-share';
import { plantName } from '../plants/schema';
import { clamp01, maxBy, median } from '../units/number';
import { check, percent } from './check';
import type { Standing } from './standing';

/** The weeks in which a planting closes: what is overtopped then is paid for and not seen. Growers’ figures. */
const FROM_WEEK = 6;
const TO_WEEK = 14;
/**
 * Light that its neighbours leave a plant, a share of what it wants: under this it thins and hardly flowers,
 * what lives by the sky's light under a little less. Growers' figures.
 */
const LEAST = 0.45;
const LEAST_IN_SHADE = 0.38;
/** From here up nothing is lost. Working figure. */
const ENOUGH = 0.66;
/** What a planting is worth here with a plant at its least, and with one in the dark. Working figures. */
const AT_LEAST = 0.55;
const IN_THE_DARK = 0.22;

/** Light left to each plant that stands, its middle over the weeks in which a planting closes. */
function lightOf(standing: Standing): { index: number; light: number; least: number }[] {
  const last = Math.min(TO_WEEK, standing.weeks - 1);
  const first = Math.min(FROM_WEEK, last);
  const looked = Array.from({ length: last - first + 1 }, (_, k) => standing.in(first + k));
  return standing.placed.flatMap(({ plant }, index) => {
    const light = looked.flatMap((plants) => {
      const g = plants[index];
      // What died for want of light had too little; what died of something else is told elsewhere.
      return g && (g.alive || g.gone === 'dark') ? [g.light] : [];
    });
    const least = plant.sunHours[1] <= SHADE_KIND_H ? LEAST_IN_SHADE : LEAST;
    return light.length > 0 ? [{ index, light: median(light), least }] : [];
  });
}

/** Every plant keeps light enough among its neighbours to be seen. */
export const buried = check({
  name: 'Room',
  facet: 'fullness',
  weight: 5,
  at: 'plants',
  of: (standing) => {
    const { plants } = standing;
    if (plants.length < 2) return [];
    const lit = lightOf(standing);
    const worst = maxBy(lit, (x) => -x.light / x.least);
    if (!worst) return [];
    const who = plants[worst.index];
    const under = lit.filter((x) => x.light < x.least);
    const { light, least } = worst;
    return [
      {
        severity: under.length > 0 ? 'watch' : 'good',
        measured: light,
        band: [least, 1],
        unit: 'of its light',
        scale: [0, 1],
        culprits: under.flatMap((x) => plants[x.index]?.id ?? []),
        says: under.length > 0 ? 'buried' : 'good',
        facts: { plant: who ? plantName(who.plant) : '', share: light, kinds: under.length },
        rule: 'From week 6 to week 14 each plant keeps nearly half of its light from its neighbours',
        source: 'growers’ figures: under half a plant slows, under a third it stands still with half its flower',
        quality:
          light >= least
            ? AT_LEAST + (1 - AT_LEAST) * clamp01((light - least) / (ENOUGH - least))
            : IN_THE_DARK + (AT_LEAST - IN_THE_DARK) * (light / least),
      },
    ];
  },
  words: {
    good: (f) => `Its neighbours leave ${f.text('plant')} ${f.pct('share')} of its light, and no plant has less.`,
    buried: (f) =>
      `${f.text('plant')} gets only ${f.pct('share')} of its light and is hardly seen: its neighbours cover it. Remove one of them.`,
  },
  figure: percent,
  ideas: ['take one of many out', 'nudge apart', 'smaller starts', 'swap'],
});

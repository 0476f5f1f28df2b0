import { type Calendar, calendarOf } from '../growth/calendar';
import { factsOf } from '../plants/facts';
import { tooHot } from '../plants/heat';
import { plantName } from '../plants/schema';
import { HeatSchema } from '../plants/traits';
import { keptBy } from '../units/keep';
import { maxBy } from '../units/number';
import { check, percent } from './check';

/**
 * A plant may be tired by heat in so much of its season. Working figures: a hot fortnight passes; past a
 * third it is over.
 */
const MOST = 0.2;
const WRONG_OVER = 0.45;

/** Share of the weeks that are too hot for what bears so much heat to flower, by how much it bears. */
const hotShares = keptBy(({ weeks }: Calendar) =>
  Object.fromEntries(
    HeatSchema.options.map((heat) => [
      heat,
      weeks.filter((w) => tooHot(heat, w.highC)).length / Math.max(1, weeks.length),
    ]),
  ),
);

/** Plants kept into afternoons too hot for them. Absent where none minds heat. */
export const heat = check({
  name: 'Heat',
  facet: 'gate',
  weight: 3,
  at: 'plants',
  of: ({ planting, span, placed: plants }) => {
    const minds = plants.filter((p) => factsOf(p.plant).heat !== 'thrives');
    const hot = hotShares(calendarOf(planting.spot, planting.startDate, span));
    const shares = minds.map((p) => ({ p, share: hot[factsOf(p.plant).heat] ?? 0 }));
    const worst = maxBy(shares, (x) => x.share);
    if (!worst) return [];
    const dies = worst.share > WRONG_OVER && factsOf(worst.p.plant).heat === 'stops';
    return [
      {
        severity: dies ? 'wrong' : worst.share > MOST ? 'watch' : 'good',
        measured: worst.share,
        band: [0, MOST],
        unit: 'of the weeks too hot',
        scale: [0, 1],
        culprits: shares.filter((x) => x.share > MOST).map((x) => x.p.id),
        says: dies ? 'over' : worst.share > MOST ? 'tires' : 'good',
        facts: { plant: plantName(worst.p.plant), share: worst.share },
        rule: 'Afternoons no hotter than each flowers in, for four weeks in five',
        source: 'each plant’s record; our own estimate',
        quality: Math.max(0, 1 - worst.share),
      },
    ];
  },
  words: {
    good: () => 'Every plant copes with summer heat here.',
    tires: (f) =>
      `${f.text('plant')} flowers little in ${f.pct('share')} of the weeks: the afternoons are too hot for it.`,
    over: (f) =>
      `${f.text('plant')} is a cool-season plant: it finishes when hot weather arrives. Plant it in autumn, or replace it by then.`,
  },
  figure: percent,
  ideas: ['swap', 'take one of many out'],
});

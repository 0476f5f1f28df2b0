import { plantName } from '../plants/schema';
import { AFTERNOON_FROM, sunReading } from '../spots/light';
import { maxBy } from '../units/number';
import { check, hoursFigure } from './check';
import { hours } from './speak';
import { scorchLimitH } from './suits';

/** So many hours over its limit a leaf burns, and sooner in a hot summer. Practice. */
const BURNS = { cool: 2, warm: 2, hot: 1 } as const;
/** What a leaf is worth at its limit, and what each hour over it costs. Working figures. */
const AT_LIMIT = 0.6;
const HOUR_COSTS = 0.15;

/** Afternoon sun against leaves that scorch. Absent where none do. */
export const scorch = check({
  name: 'Scorch',
  facet: 'gate',
  weight: 4,
  at: 'plants',
  of: ({ planting, placed: plants }) => {
    const { afternoon } = sunReading(planting.spot, planting.startDate);
    const limited = plants.flatMap((p) => {
      const limit = scorchLimitH(p.plant, planting.spot);
      return limit === null ? [] : [{ p, limit }];
    });
    const worst = maxBy(limited, (x) => -x.limit);
    if (!worst) return [];
    const over = afternoon - worst.limit;
    return [
      {
        severity: over >= BURNS[planting.spot.summer] ? 'wrong' : over > 0 ? 'watch' : 'good',
        measured: afternoon,
        band: [0, worst.limit],
        unit: 'h after 13:00',
        scale: [0, 8],
        culprits: limited.filter((x) => afternoon > x.limit).map((x) => x.p.id),
        says: over > 0 ? 'high' : 'good',
        facts: {
          plant: plantName(worst.p.plant),
          hours: afternoon,
          limit: worst.limit,
          from: AFTERNOON_FROM,
          summer: planting.spot.summer,
        },
        rule: 'Afternoon sun under the leaf’s limit, less in hot summers',
        source: 'each plant’s record',
        quality: over > 0 ? Math.max(0, AT_LIMIT - over * HOUR_COSTS) : 1,
      },
    ];
  },
  words: {
    good: () => 'No leaves will scorch in this much afternoon sun.',
    high: (f) =>
      `${f.text('plant')} will scorch: it gets ${hours(f.num('hours'))} of sun after ${f.num('from')}:00 and copes with ${f.num('limit')} in a ${f.text('summer')} summer.`,
  },
  figure: hoursFigure,
  ideas: ['swap', 'swap them all', 'take one of many out'],
});

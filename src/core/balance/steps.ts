import { plantName } from '../plants/schema';
import { schoolOf } from '../schools';
import type { Band } from '../schools/school';
import { maxBy, median } from '../units/number';
import { check, times } from './check';
import { HABITS } from '../plants/habits';
import type { Standing } from './standing';

/** The star stands so much over the tops round it; an open one as far as it likes. Practice. */
const CLEAR = 1.3;
const SOLID_MOST = 3.2;
const OPEN_MOST = 6;
/** A star under this much solidity is open: grass, spike, paddle. Working figure. */
const OPEN_UNDER = 0.6;
/** An edge plant is no part of the layers. */
const BAND: Band = [CLEAR, SOLID_MOST];

/** The star stands clear of the tops round it; a star that was asked for is there. */
export const steps = check({
  name: 'Height steps',
  facet: 'form',
  weight: 6,
  at: 'plants',
  of: (standing: Standing) => {
    const school = schoolOf(standing.planting.brief);
    const plants = standing.moments[2].plants.filter((p) => p.grown.alive);
    if (!school.star || school.steps === null || plants.length < 2) return [];
    const star = maxBy(
      plants.filter((p) => p.role === 'thriller'),
      (p) => p.grown.heightMm,
    );
    const rest = plants.filter((p) => p.role !== 'thriller');
    if (!star)
      return [
        {
          severity: 'watch',
          measured: 1,
          band: BAND,
          unit: '× the rest',
          scale: [0, 5],
          culprits: plants.map((p) => p.id),
          says: 'none',
          facts: { school: school.label },
          rule: 'There is a centrepiece where the arrangement needs one',
          source: 'common practice, thriller, filler, spiller',
          quality: 0.12,
        },
      ];
    if (rest.length === 0) return [];
    const around = maxBy(rest, (p) => p.grown.heightMm) ?? star;
    const tall = star.grown.heightMm;
    const ratio = tall / Math.max(1, around.grown.heightMm);
    const most = HABITS[star.plant.habit].solid < OPEN_UNDER ? OPEN_MOST : SOLID_MOST;
    const low = ratio < CLEAR * 0.97;
    const high = tall / Math.max(1, median(rest.map((p) => p.grown.heightMm))) > most * 3;
    const rivals = rest.filter((p) => p.grown.heightMm > tall / CLEAR).map((p) => p.id);
    return [
      {
        severity: low || high ? 'watch' : 'good',
        measured: ratio,
        band: [CLEAR, most],
        unit: '× the rest',
        scale: [0, 5],
        culprits: low ? [star.id, ...rivals] : [star.id],
        says: low ? 'low' : high ? 'high' : 'good',
        facts: {
          plant: plantName(star.plant),
          other: plantName(around.plant),
          tallMm: tall,
          midMm: around.grown.heightMm,
          ratio,
        },
        rule: 'The centrepiece is at least 1.3 times as tall as the plants around it',
        source: 'common practice; measured on plantings that experts praise',
        quality: low
          ? Math.max(0.15, 0.55 * (ratio / CLEAR) ** 3)
          : high
            ? 0.5
            : Math.min(1, 0.88 + (ratio - CLEAR) * 0.4),
      },
    ];
  },
  words: {
    good: (f) => `${f.text('plant')} rises well above the rest: ${f.len('tallMm')} against ${f.len('midMm')}.`,
    low: (f) =>
      `${f.text('plant')} is barely taller than ${f.text('other')}: ${f.len('tallMm')} against ${f.len('midMm')}.`,
    high: (f) => `${f.text('plant')} towers over the rest: ${f.len('tallMm')} against ${f.len('midMm')}.`,
    none: (f) => `No centrepiece: ${f.text('school').toLowerCase()} needs one, but everything is the same height.`,
  },
  figure: times,
  ideas: ['swap', 'a lead', 'bigger starts', 'pinch', 'cut back', 'take one of many out'],
});

import { plantName } from '../plants/schema';
import type { StartSize } from '../plants/starts';
import { schoolOf } from '../schools';
import { maxBy, sum } from '../units/number';
import { check, percent } from './check';

/**
 * So much of the upper half of the star is in view, and it is there by form or colour in so many of the
 * weeks. Practice.
 */
const IN_VIEW = 0.7;
const THERE = 0.75;
/** A star out of a pack stands no higher than the rest for weeks. Practice: it is bought in a pot. */
const CELLS: ReadonlySet<StartSize> = new Set(['seed', 'plug', 'pack6']);
const FROM_A_CELL = 0.35;
/** Just under is not spoken of. Working figure. */
const NEARLY = 0.93;

/** The star: seen, and there from planting till frost. Absent where a school has none. */
export const centrepiece = check({
  name: 'Centrepiece',
  facet: 'form',
  weight: 8,
  at: 'plants',
  of: ({ planting, moments, course, plants: placed }) => {
    const school = schoolOf(planting.brief);
    const plants = moments[2].plants;
    if (!school.star || school.steps === null) return [];
    const stars = plants.filter((p) => p.role === 'thriller');
    const best = maxBy(stars, (p) => p.grown.heightMm);
    if (!best) return [];
    const kin = moments[2].plants.filter((p) => p.role === 'thriller' && p.plant.botanical === best.plant.botanical);
    const whole = sum(kin.map((p) => p.seen.crownWholeMm2));
    const view = whole > 0 ? sum(kin.map((p) => p.seen.crownMm2)) / whole : 0;
    const i = placed.findIndex((p) => p.id === best.id);
    const there = course.carries[i] ?? 0;
    const structure = best.plant.flower.show < 0.2 && best.plant.season !== 'cool' && best.plant.group !== 'bulb';
    const summer = planting.brief.changeOver === null;
    const gone = summer && there < THERE * NEARLY && !structure;
    const hidden = view < IN_VIEW * NEARLY;
    const cell = CELLS.has(best.start) && !planting.brief.lasting;
    const taller = maxBy(
      plants.filter((p) => p.role !== 'thriller' && p.grown.alive),
      (p) => p.grown.heightMm,
    );
    return [
      {
        severity: hidden || gone || cell ? 'watch' : 'good',
        measured: view,
        band: [IN_VIEW, 1],
        unit: 'of its upper half in view',
        scale: [0, 1],
        culprits: hidden && taller ? [taller.id, best.id] : hidden || gone || cell ? [best.id] : [],
        says: gone ? 'gone' : hidden ? 'hidden' : cell ? 'cell' : 'good',
        facts: {
          plant: plantName(best.plant),
          other: taller ? plantName(taller.plant) : '',
          share: view,
          weeks: Math.round(there * course.weeks.length),
          of: course.weeks.length,
        },
        rule: 'At least 70% of the centrepiece’s upper half shows, and it stands out in three weeks out of four',
        source: 'common practice',
        quality: hidden
          ? Math.max(0.15, 0.5 * (view / IN_VIEW) ** 2)
          : gone
            ? Math.max(0.1, 0.5 * there)
            : cell
              ? FROM_A_CELL
              : 0.9 + 0.1 * view,
      },
    ];
  },
  words: {
    good: (f) => `${f.text('plant')} is a clear centrepiece.`,
    hidden: (f) => `${f.text('other')} hides ${f.text('plant')}: only ${f.pct('share')} of its upper half shows.`,
    cell: (f) =>
      `${f.text('plant')} is the centrepiece but is bought as a small plug, so the middle is empty for weeks. Buy it larger.`,
    gone: (f) =>
      `${f.text('plant')} looks good for ${f.num('weeks')} of ${f.num('of')} weeks, then leaves a gap in the middle.`,
  },
  figure: percent,
  ideas: ['a lead', 'bigger starts', 'forward or back', 'swap', 'take one of many out', 'take any but the lead out'],
});

import { dying as dyingIn } from '../growth/smother';
import { groundOf, sharedEdges } from '../layout/neighbours';
import { plantName } from '../plants/schema';
import type { Band } from '../schools/school';
import { maxBy } from '../units/number';
import { check } from './check';
import type { StandingPlant } from './standing';

/** Steps of appetite between neighbours that go well together. */
const BAND: Band = [0, 1];
/** The strongest sold goes with nothing under the second strongest; that one with nothing low and weak. Practice. */
const STRONGEST = 5;
const STRONG = 4;
const WEAK = 2;
/**
 * Low: under so much of the other's height, or of a hand's breadth; eaten by what is so much wider. Working
 * figures.
 */
const LOW = 0.75;
const LOW_MM = 120;
const WIDER = 1.6;

/** Whether one eats the other. A star is meant to be large; what stands as tall is not eaten. */
function eats(a: StandingPlant, b: StandingPlant): boolean {
  if (a.role === 'thriller' || b.role === 'thriller') return false;
  if (a.plant.vigour >= STRONGEST) return b.plant.vigour < STRONG;
  const low = b.grown.heightMm < a.grown.heightMm * LOW || b.grown.heightMm < LOW_MM;
  return a.plant.vigour === STRONG && b.plant.vigour <= WEAK && low && a.grown.spreadMm > WIDER * b.grown.spreadMm;
}

/** Appetites of those that touch. */
export const vigour = check({
  name: 'Vigour',
  facet: 'form',
  weight: 6,
  at: 'plants',
  ends: ['well matched', 'one smothers the rest'],
  of: ({ planting, season, weeks, moments }) => {
    const plants = moments[2].plants;
    if (plants.length < 2) return [];
    const pairs = sharedEdges(plants, groundOf(planting.container)).flatMap(({ i, j }) => {
      const [a, b] = [plants[i], plants[j]];
      return a && b && a.plant.id !== b.plant.id ? [a.plant.vigour >= b.plant.vigour ? { a, b } : { a: b, b: a }] : [];
    });
    const gap = ({ a, b }: { a: StandingPlant; b: StandingPlant }) => a.plant.vigour - b.plant.vigour;
    const worst =
      maxBy(
        pairs.filter(({ a, b }) => eats(a, b)),
        gap,
      ) ?? maxBy(pairs, gap);
    if (!worst) return [];
    const [lost] = dyingIn(season, weeks);
    const dying = lost ? plants[lost.index] : undefined;
    const bullied = eats(worst.a, worst.b);
    const bad = bullied || dying !== undefined;
    const victims = pairs.filter(({ a, b }) => a.plant.id === worst.a.plant.id && eats(a, b));
    return [
      {
        severity: bad ? 'watch' : 'good',
        measured: gap(worst),
        band: BAND,
        unit: 'steps of vigour',
        scale: [0, 4],
        culprits: bad ? [...new Set([worst.a.id, ...(dying ? [dying.id] : victims.map((v) => v.b.id))])] : [],
        says: bullied ? 'eats' : dying ? 'smothered' : 'good',
        facts: { plant: plantName((dying ?? worst.b).plant), bully: plantName(worst.a.plant), week: lost?.week ?? 0 },
        rule: 'Vigorous plants grow next to other vigorous plants',
        source: 'common practice, match appetites',
        quality: bullied
          ? Math.max(0.12, 0.3 - victims.length * 0.03)
          : dying
            ? 0.4
            : 1 - 0.06 * Math.max(0, gap(worst) - 1),
      },
    ];
  },
  words: {
    good: () => 'They grow at a similar pace.',
    eats: (f) =>
      `${f.text('bully')} will smother ${f.text('plant')}: by August little else is left. Choose a less vigorous relative.`,
    smothered: (f) => `${f.text('plant')} is smothered from week ${f.num('week')}.`,
  },
  figure: ({ measured }) => `${measured} ${measured === 1 ? 'step' : 'steps'} apart`,
  ideas: ['swap', 'cut back', 'nudge apart', 'take one out'],
});
